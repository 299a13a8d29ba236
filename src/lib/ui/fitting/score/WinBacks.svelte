<script lang="ts">
	import { garmentType, moneyInWords, moves, type WinBack } from '$lib/core';
	import { turn } from '../../frame/turns.svelte';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	let { table }: { table: FittingTable } = $props();
	/** The score can be read before its points are looked for. */
	const sought = turn();
	const cheapest = $derived(sought.come ? table.cheapest : undefined);
	/** As many as stand beside the losses. */
	const shown = 5;

	const nameOf = ({ elementId }: WinBack) => {
		const element = table.elements.find(({ id }) => id === elementId);
		return element ? garmentType(element.garment.type).singular : '';
	};
	const howOf = ({ change }: WinBack) =>
		change.kind === 'moves'
			? m.fitting.winMoves(change.moves.map((move) => moves[move].label).join(', '))
			: change.offer.title;
	const costOf = ({ change }: WinBack) =>
		change.kind === 'item' ? (change.offer.cost ? moneyInWords(change.offer.cost) : m.fitting.winFree) : '';
</script>

<h3>{m.fitting.cheapest}</h3>
{#if cheapest === undefined}<p class="soft" aria-busy="true">{m.fitting.lookingForPoints}</p>{/if}
{#if cheapest?.length === 0}<p class="soft">{m.fitting.nothingToWin}</p>{/if}
<ul>
	{#each cheapest?.slice(0, shown) ?? [] as one (`${one.elementId} ${one.change.kind} ${costOf(one)}`)}
		<li>
			<button class="points-row" onclick={() => void table.winBack(one)}>
				<span class="figures points">{m.fitting.winPoints(one.points.toFixed(1))}</span>
				<span class="what" title="{nameOf(one)}: {howOf(one)}"
					><strong>{nameOf(one)}</strong> {howOf(one)}</span
				>
				<span class="figures">{costOf(one)}</span>
			</button>
		</li>
	{/each}
</ul>

<style>
	h3 {
		font-size: var(--step-0);
		margin-bottom: 0.25rem;
	}
	ul {
		list-style: none;
	}
</style>
