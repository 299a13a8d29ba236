<script lang="ts">
	import { Button, Modal } from 'carbon-components-svelte';
	import { aspectLabel, aspectValueInWords, moneyInWords, type AspectId, type Element } from '$lib/core';
	import { m } from '../../messages';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import { garmentType } from '$lib/core';
	import type { FittingTable } from '../table/table.svelte';
	import type { Candidate } from './tray.svelte';

	let { table, element }: { table: FittingTable; element: Element } = $props();

	const pair = $derived(table.tray.comparing);
	const open = $derived(pair.length === 2);
	const percent = (share: number) => Math.round(share * 100);
	const similarity = (card: Candidate, aspect: AspectId) =>
		card.closeness.aspects.find((one) => one.aspect === aspect)?.similarity ?? 0;
	const aspects = $derived(
		[...(pair[0]?.closeness.aspects ?? [])]
			.sort((a, b) => b.share - a.share)
			.map(({ aspect, share }) => ({ aspect, share }))
	);
	const isSaid = (card: Candidate, aspect: AspectId) =>
		card.closeness.aspects.find((one) => one.aspect === aspect)?.status !== 'unstated';
	/** Is a card clearly nearer than the other in an aspect? What is not said is never nearer than what is. */
	const nearer = (card: Candidate, aspect: AspectId) =>
		isSaid(card, aspect) &&
		pair.every((other) => other === card || similarity(card, aspect) > similarity(other, aspect) + 0.005);

	function choose(card: Candidate) {
		table.tray.stopComparing();
		void table.choose(element, card);
	}
</script>

<Modal
	passiveModal
	hasScrollingContent
	{open}
	modalHeading={m.fitting.compare.title}
	on:close={table.tray.stopComparing}
>
	{#if open}
		<table>
			<thead>
				<tr>
					<th scope="col">{m.fitting.compare.feature}</th>
					<th scope="col">{m.fitting.compare.asked}</th>
					{#each pair as card (card.key)}
						<th scope="col">
							<span class="drawing"
								><PlateFigure
									look={{ worn: [{ id: 'piece', garment: card.garment, moves: [] }] }}
									body={{ measurements: table.client.measurements, figure: 'form' }}
									slot={garmentType(card.garment.type).slot}
									title=""
								/></span
							>
							{card.title}
						</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				{#each aspects as { aspect, share } (aspect)}
					<tr>
						<th scope="row">
							{aspectLabel(aspect)}
							<span class="soft figures">{m.fitting.compare.share(percent(share))}</span>
						</th>
						<td>{aspectValueInWords(element.garment, aspect) ?? ''}</td>
						{#each pair as card (card.key)}
							<td class:nearer={nearer(card, aspect)}>
								{aspectValueInWords(card.garment, aspect) ?? m.fitting.compare.notSaid}
								{#if isSaid(card, aspect)}<span class="soft figures"
										>{m.fitting.compare.same(percent(similarity(card, aspect)))}</span
									>{/if}
							</td>
						{/each}
					</tr>
				{/each}
				<tr>
					<th scope="row">{m.fitting.compare.cost}</th>
					<td></td>
					{#each pair as card (card.key)}
						<td>{card.listing ? moneyInWords(card.listing.price) : m.fitting.compare.owned}</td>
					{/each}
				</tr>
				<tr>
					<th scope="row">{m.fitting.compare.cautions}</th>
					<td></td>
					{#each pair as card (card.key)}
						<td class:caution={card.cautions.length > 0}
							>{card.cautions.join(' · ') || m.fitting.compare.none}</td
						>
					{/each}
				</tr>
				<tr class="sum">
					<th scope="row">{m.fitting.compare.closeness}</th>
					<td></td>
					{#each pair as card (card.key)}
						<td class="figures">{percent(card.closeness.closeness)}</td>
					{/each}
				</tr>
				<tr>
					<td colspan="2"></td>
					{#each pair as card (card.key)}
						<td
							><Button size="small" kind="tertiary" on:click={() => choose(card)}
								>{m.fitting.compare.choose(card.title)}</Button
							></td
						>
					{/each}
				</tr>
			</tbody>
		</table>
	{/if}
</Modal>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.35rem 0.75rem 0.35rem 0;
		border-bottom: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		font-weight: 420;
	}
	thead th {
		vertical-align: bottom;
		font-weight: 640;
	}
	th .soft,
	td .soft {
		display: block;
		font-size: var(--step--1);
	}
	.drawing {
		display: block;
		width: 5.5rem;
		height: 6rem;
		margin-bottom: 0.35rem;
	}
	.nearer {
		font-weight: 640;
	}
	.caution {
		color: var(--warn);
	}
	.sum td {
		font-family: var(--display);
		font-size: var(--step-2);
	}
</style>
