<script lang="ts">
	import {
		garmentInWords,
		whyFigure,
		type Element,
		type ElementScore,
		type Garment,
		type PieceCloseness
	} from '$lib/core';
	import { m } from '../../messages';

	/** How one garment answers an element, feature by feature, and what it earns of the points there are for it. */
	interface Props {
		element: Element;
		garment: Garment;
		closeness: PieceCloseness;
		of: Pick<ElementScore, 'points' | 'earned'>;
	}
	let { element, garment, closeness, of }: Props = $props();

	const rows = $derived(whyFigure(element, garment, closeness));
	const percent = (share: number) => Math.round(share * 100);
	const most = $derived(Math.max(0.001, ...rows.map(({ lost }) => lost)));
</script>

<p class="pair">
	<strong>{garmentInWords(garment)}</strong>
	<span class="soft">{m.fitting.why.answers(garmentInWords(element.garment))}</span>
</p>
<p>
	{m.fitting.why.sum(
		percent(closeness.closeness),
		of.earned.toFixed(1),
		of.points.toFixed(1),
		percent(closeness.confidence)
	)}
</p>
<table>
	<thead>
		<tr>
			<th scope="col">{m.fitting.why.feature}</th>
			<th scope="col">{m.fitting.why.words}</th>
			<th scope="col">{m.fitting.why.alike}</th>
			<th scope="col">{m.fitting.why.weighs}</th>
			<th scope="col">{m.fitting.why.costs}</th>
		</tr>
	</thead>
	<tbody>
		{#each rows as row (row.aspect)}
			<tr>
				<th scope="row"
					>{row.aspect}{#if row.signature}<span class="soft">{m.fitting.why.signature}</span>{/if}</th
				>
				<td>
					{row.words}
					<span class="soft">{m.fitting.why.asked(row.asked, row.given || m.fitting.compare.notSaid)}</span>
				</td>
				<td class="figures">{percent(row.similarity)} %</td>
				<td class="figures">{percent(row.share)} %</td>
				<td class="figures costs">
					<span class="bar" style:width="{(row.lost / most) * 3}rem"></span>{row.lost < 0.0005
						? ''
						: (row.lost * 100).toFixed(1)}
				</td>
			</tr>
		{/each}
		{#if closeness.signatureLoss > 0.0005}
			<tr>
				<th scope="row">{m.fitting.why.signature}</th>
				<td colspan="3">{m.fitting.why.cap}</td>
				<td class="figures costs">{(closeness.signatureLoss * 100).toFixed(1)}</td>
			</tr>
		{/if}
	</tbody>
</table>

<style>
	.pair {
		display: grid;
	}
	table {
		width: 100%;
		margin-block: 0.75rem;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.3rem 0.75rem 0.3rem 0;
		border-bottom: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		font-weight: 420;
	}
	thead th {
		font-weight: 640;
	}
	td .soft,
	th .soft {
		display: block;
		font-size: var(--step--1);
	}
	.costs {
		white-space: nowrap;
	}
	.bar {
		display: inline-block;
		height: 0.6rem;
		margin-right: 0.35rem;
		background: var(--ink-soft);
	}
</style>
