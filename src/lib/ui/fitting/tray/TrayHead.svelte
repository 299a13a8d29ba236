<script lang="ts">
	import { Button, Checkbox } from 'carbon-components-svelte';
	import {
		bottomOf,
		garmentInWords,
		garmentType,
		moveFails,
		isDoneWith,
		moveIds,
		moves,
		type Element,
		type MoveId
	} from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';
	import MatchItems from './MatchItems.svelte';
	import MatchNotes from './MatchNotes.svelte';

	interface Props {
		table: FittingTable;
		element: Element;
		/** Opens every feature of the chosen match. */
		onwhy: () => void;
	}
	let { table, element, onwhy }: Props = $props();

	const match = $derived(table.matchOf(element));
	const points = $derived((table.scoreOf(element)?.points ?? 0).toFixed(1));
	const figure = $derived(Math.round((table.scoreOf(element)?.closeness?.closeness ?? 0) * 100));
	const byHand = $derived(garmentType(element.garment.type).division === 'beauty');
	/** Why a move cannot be done with what is chosen, over the bottom that is worn. */
	function whyNot(move: MoveId) {
		const [garment] = table.garmentsOf(element);
		const bottom = bottomOf(table.wornGarments);
		return garment && moveFails(move, garment, bottom === garment ? undefined : bottom);
	}
	function failing(move: MoveId): string {
		const why = whyNot(move);
		return why ? m.fitting.moveFails(why) : '';
	}
	/** Moves of its own, that the reference does not ask for: those that are done, and those that can be. */
	const ownMoves = $derived.by((): MoveId[] => {
		const [garment] = table.garmentsOf(element);
		if (match?.state !== 'items' || !garment) return [];
		const type = garmentType(garment.type);
		return moveIds.filter(
			(move) =>
				!element.moves.includes(move) &&
				(match.movesDone.includes(move) || (isDoneWith(move, type) && whyNot(move) === undefined))
		);
	});
</script>

{#snippet check(move: MoveId, note: string)}
	<!-- Without a title it is measured for one, which lays the whole page out once more. -->
	<Checkbox
		title=""
		labelText={moves[move].label + note}
		checked={match?.movesDone.includes(move) ?? false}
		on:check={({ detail }) => {
			if (detail !== match?.movesDone.includes(move)) void table.toggleMove(element, move);
		}}
	/>
{/snippet}

<h2>{garmentInWords(element.garment)}</h2>
{#if element.note}<p class="soft note">{element.note}</p>{/if}
{#if match?.state === 'items'}<MatchItems {table} {element} {match} />{/if}
<MatchNotes {table} {element} />
{#if match && match.state !== 'left-out' && element.moves.length + ownMoves.length > 0}
	<div class="row moves">
		{#if element.moves.length > 0}
			<fieldset class="row">
				<legend class="visually-hidden">{m.fitting.movesDone}</legend>
				{#each element.moves as move (move)}{@render check(move, failing(move))}{/each}
			</fieldset>
		{/if}
		{#if ownMoves.length > 0}
			<details>
				<summary
					>{m.fitting.wornOtherwise(
						ownMoves.filter((move) => match.movesDone.includes(move)).length
					)}</summary
				>
				<div class="row">
					{#each ownMoves as move (move)}{@render check(move, '')}{/each}
				</div>
			</details>
		{/if}
	</div>
{/if}
<div class="row deeds">
	{#if byHand && match?.state !== 'done'}
		<Button size="small" kind="tertiary" on:click={() => void table.markDone(element)}
			>{m.fitting.markDone}</Button
		>
	{/if}
	{#if match?.state !== 'left-out'}
		<Button size="small" kind="ghost" on:click={() => void table.leaveOut(element)}>
			{m.fitting.leaveOut}<span class="soft costs">{m.fitting.leaveOutCosts(points)}</span>
		</Button>
	{/if}
	{#if match?.state === 'items'}
		<Button size="small" kind="ghost" on:click={onwhy}>{m.fitting.why.open(figure)}</Button>
	{/if}
	{#if !byHand && match?.state !== 'items'}
		<Button size="small" kind="ghost" href="/fitting/{table.echo.id}/hunting?element={element.id}"
			>{m.hunting.open}</Button
		>
	{/if}
	{#if match}
		<Button size="small" kind="ghost" on:click={() => void table.clear(element)}>{m.fitting.clear}</Button>
		<Button size="small" kind="ghost" on:click={() => void table.togglePin(element)}
			>{match.pinned ? m.fitting.unpin : m.fitting.pin}</Button
		>
	{/if}
</div>

<style>
	h2 {
		font-size: 1.2rem;
	}
	.note,
	summary {
		font-size: var(--step-0);
	}
	summary {
		min-height: 1.75rem;
		padding: 0.2rem 0;
		cursor: pointer;
	}
	/* What can be done with the match stays in one row. */
	.deeds {
		gap: 0;
	}
	.deeds :global(.bx--btn--sm) {
		padding-inline: 0.5rem;
	}
	.costs {
		margin-left: 0.5rem;
		font-size: var(--step--1);
	}
	details[open] {
		flex-basis: 100%;
	}
	.moves {
		gap: 0 1rem;
	}
	.moves :global(.bx--checkbox-wrapper) {
		margin: 0;
	}
</style>
