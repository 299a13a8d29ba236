<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { garmentInWords, lossInWords, whyFigure, type Element } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	interface Props {
		open: boolean;
		table: FittingTable;
		element: Element;
	}
	let { open = $bindable(false), table, element }: Props = $props();

	const scored = $derived(table.scoreOf(element));
	const garment = $derived(scored?.garment);
	const closeness = $derived(scored?.closeness);
	const rows = $derived(garment && closeness ? whyFigure(element, garment, closeness) : []);
	const losses = $derived(table.score.losses.filter(({ elementId }) => elementId === element.id));
	const percent = (share: number) => Math.round(share * 100);
	const most = $derived(Math.max(0.001, ...rows.map(({ lost }) => lost)));
</script>

<Modal passiveModal hasScrollingContent bind:open modalHeading={m.fitting.why.title}>
	{#if open && garment && closeness && scored}
		<p class="pair">
			<strong>{garmentInWords(garment)}</strong>
			<span class="soft">{m.fitting.why.answers(garmentInWords(element.garment))}</span>
		</p>
		<p>
			{m.fitting.why.sum(
				percent(closeness.closeness),
				scored.earned.toFixed(1),
				scored.points.toFixed(1),
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
							<span class="soft"
								>{m.fitting.why.asked(row.asked, row.given || m.fitting.compare.notSaid)}</span
							>
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
	h3 {
		font-size: var(--step-0);
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
