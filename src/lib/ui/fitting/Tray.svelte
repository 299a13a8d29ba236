<script lang="ts">
	import {
		Button,
		Checkbox,
		InlineNotification,
		Select,
		SelectItem,
		SkeletonText
	} from 'carbon-components-svelte';
	import { garmentInWords, garmentType, matchReasons, moves, type Element } from '$lib/core';
	import { m } from '../messages';
	import type { FittingTable } from './table.svelte';
	import TrayCard from './TrayCard.svelte';

	let { table, element }: { table: FittingTable; element: Element } = $props();

	const match = $derived(table.matchOf(element));
	const points = $derived((table.scoreOf(element)?.points ?? 0).toFixed(1));
	const byHand = $derived(garmentType(element.garment.type).division === 'beauty');
	/** As many as a glance takes in; the rest on demand. */
	const few = 8;
	let more = $state(false);
	$effect(() => {
		void element.id;
		more = false;
	});
</script>

<div class="tray">
	<header>
		<h2>{garmentInWords(element.garment)}</h2>
		{#if element.note}<p class="soft note">{element.note}</p>{/if}
		<div class="row">
			{#if match?.state === 'items'}
				<Select
					size="sm"
					inline
					labelText={m.fitting.reason}
					selected={match.reason}
					on:update={({ detail }) => void table.giveReason(element, detail as (typeof matchReasons)[number])}
				>
					{#each matchReasons as reason (reason)}<SelectItem
							value={reason}
							text={m.fitting.reasons[reason] ?? reason}
						/>{/each}
				</Select>
			{/if}
			{#if match && match.state !== 'left-out' && element.moves.length > 0}
				<fieldset class="row moves">
					<legend class="visually-hidden">{m.fitting.movesDone}</legend>
					{#each element.moves as move (move)}
						<Checkbox
							labelText={moves[move].label}
							checked={match.movesDone.includes(move)}
							on:check={({ detail }) => {
								if (detail !== match.movesDone.includes(move)) void table.toggleMove(element, move);
							}}
						/>
					{/each}
				</fieldset>
			{/if}
		</div>
		<div class="row">
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
			{#if match}
				<Button size="small" kind="ghost" on:click={() => void table.clear(element)}>{m.fitting.clear}</Button
				>
			{/if}
		</div>
	</header>

	<section aria-label={m.fitting.wardrobe}>
		<h3>{m.fitting.wardrobe} <span class="soft figures">{table.owned.length}</span></h3>
		{#if table.owned.length === 0}<p class="soft empty">{m.fitting.wardrobeEmpty}</p>{/if}
		{#each table.owned.slice(0, more ? undefined : few) as candidate (candidate.key)}
			<TrayCard
				{candidate}
				{element}
				client={table.client}
				onchoose={() => void table.choose(element, candidate)}
			/>
		{/each}
		{#if !more && table.owned.length > few}
			<Button kind="ghost" size="small" on:click={() => (more = true)}
				>{m.fitting.showAll(table.owned.length)}</Button
			>
		{/if}
	</section>

	{#if !byHand}
		<section aria-label={m.fitting.substitutes}>
			<h3>{m.fitting.substitutes} <span class="soft">{m.fitting.simulated}</span></h3>
			{#if table.market === undefined}
				<div class="empty" aria-busy="true">
					<span class="visually-hidden">{m.fitting.asking}</span><SkeletonText paragraph lines={3} />
				</div>
			{:else if !table.market.ok}
				<InlineNotification
					lowContrast
					hideCloseButton
					kind="warning"
					title={m.fitting.substitutes}
					subtitle={table.market.message}
				>
					<svelte:fragment slot="actions">
						<Button kind="ghost" size="small" on:click={table.askAgain}>{m.fitting.askAgain}</Button>
					</svelte:fragment>
				</InlineNotification>
			{:else if table.listed.length === 0}
				<p class="soft empty">{m.fitting.substitutesEmpty}</p>
			{/if}
			{#each table.listed as candidate (candidate.key)}
				<TrayCard
					{candidate}
					{element}
					client={table.client}
					onchoose={(size) => void table.choose(element, candidate, size)}
				/>
			{/each}
		</section>
	{/if}
</div>

<style>
	.tray {
		height: 100%;
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	header {
		display: grid;
		gap: 0.15rem;
		padding: 0.6rem 0.75rem 0.25rem;
	}
	h2 {
		font-size: 1.2rem;
	}
	h3 {
		position: sticky;
		top: 0;
		z-index: 1;
		padding: 0.4rem 0.75rem;
		background: var(--panel);
		border-block: 1px solid var(--line);
		font-size: var(--step-0);
	}
	h3 .soft {
		font-weight: 420;
	}
	.costs {
		margin-left: 0.5rem;
		font-size: var(--step--1);
	}
	.note {
		font-size: var(--step-0);
	}
	.moves :global(.bx--checkbox-wrapper) {
		margin: 0;
	}
	.empty {
		padding: 0.75rem;
	}
</style>
