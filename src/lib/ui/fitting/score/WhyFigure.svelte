<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { lossInWords, type Element } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';
	import WhyTable from './WhyTable.svelte';

	interface Props {
		open: boolean;
		table: FittingTable;
		element: Element;
	}
	let { open = $bindable(false), table, element }: Props = $props();

	const scored = $derived(table.scoreOf(element));
	const garment = $derived(scored?.garment);
	const closeness = $derived(scored?.closeness);
	const losses = $derived(table.score.losses.filter(({ elementId }) => elementId === element.id));
</script>

<Modal passiveModal hasScrollingContent bind:open modalHeading={m.fitting.why.title}>
	{#if open && garment && closeness && scored}
		{#if scored.halves}
			{#each scored.halves as half (half.side)}
				<h3 class="half">{m.fitting.why.onSide[half.side]}</h3>
				{#if half.garment && half.closeness}
					<WhyTable {element} garment={half.garment} closeness={half.closeness} of={half} />
				{:else}
					<p class="soft">{m.fitting.why.nothingThere(half.points.toFixed(1))}</p>
				{/if}
			{/each}
		{:else}
			<WhyTable {element} {garment} {closeness} of={scored} />
		{/if}
		<h3>{m.fitting.why.inTheLook}</h3>
		{#if losses.length === 0}<p class="soft">{m.fitting.why.nothingLost}</p>{/if}
		<ul>
			{#each losses as loss (`${loss.kind} ${loss.aspect ?? ''}`)}
				<li>
					<span>{lossInWords(loss, element, garment, closeness)}</span>
					<span class="figures">−{loss.points.toFixed(1)}</span>
				</li>
			{/each}
		</ul>
		<p class="soft foot">{m.fitting.why.foot}</p>
		<p><a href="/help/method#{m.help.whyChapter}">{m.help.whyThis}</a></p>
	{/if}
</Modal>

<style>
	h3 {
		font-size: var(--step-0);
	}
	.half {
		margin-top: 0.5rem;
	}
	.half::first-letter {
		text-transform: uppercase;
	}
	ul {
		list-style: none;
		font-size: var(--step-0);
	}
	li {
		display: flex;
		justify-content: space-between;
		max-width: 32rem;
	}
	.foot {
		margin-top: 0.75rem;
		font-size: var(--step--1);
	}
</style>
