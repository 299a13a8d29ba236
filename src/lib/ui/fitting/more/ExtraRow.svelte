<script lang="ts">
	import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import {
		bottomOf,
		garmentType,
		moveFails,
		isDoneWith,
		moveIds,
		moves,
		type Extra,
		type Garment,
		type MoveId
	} from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** Something worn that no element asks for: how it is worn, a note, and off with it. */
	let { table, extra }: { table: FittingTable; extra: Extra & { title: string; garment: Garment } } =
		$props();

	const bottom = $derived(bottomOf(table.wornGarments));
	const ways = $derived(
		moveIds.filter(
			(move): move is MoveId =>
				extra.movesDone.includes(move) ||
				(isDoneWith(move, garmentType(extra.garment.type)) &&
					moveFails(move, extra.garment, bottom) === undefined)
		)
	);
	const done = $derived(extra.movesDone.map((move) => moves[move].label));
	const facts = $derived([
		m.lookbook.extras[extra.kind],
		extra.placed && m.fitting.somethingMore[extra.placed],
		...done
	]);
</script>

<div class="head">
	<span
		><strong>{extra.title}</strong>
		<span class="soft">{facts.filter(Boolean).join(' · ')}</span></span
	>
	<Button
		kind="ghost"
		size="small"
		icon={Close}
		iconDescription={m.fitting.takeOff(extra.title)}
		tooltipPosition="left"
		on:click={() => void table.takeOff(extra)}
	/>
</div>
<details>
	<summary>{extra.note || m.fitting.somethingMore.how}</summary>
	<div class="row moves">
		{#each ways as move (move)}
			<Checkbox
				labelText={moves[move].label}
				checked={extra.movesDone.includes(move)}
				on:check={({ detail }) => {
					if (detail !== extra.movesDone.includes(move)) void table.toggleExtraMove(extra, move);
				}}
			/>
		{/each}
	</div>
	<TextInput
		size="sm"
		labelText={m.fitting.noteOfMatch}
		value={extra.note}
		maxlength={4000}
		on:change={({ detail }) => void table.noteExtra(extra, String(detail ?? '').trim())}
	/>
</details>

<style>
	.head {
		display: flex;
		justify-content: space-between;
		align-items: center;
		border-top: 1px solid var(--line);
	}
	summary {
		padding: 0.2rem 0;
		cursor: pointer;
	}
	.moves :global(.bx--checkbox-wrapper) {
		margin: 0;
	}
</style>
