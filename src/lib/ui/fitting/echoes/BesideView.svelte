<script lang="ts">
	import {
		bandOf,
		garmentName,
		inOrder,
		matchOf,
		moneyInWords,
		resolveItem,
		scoreEcho,
		spendOf,
		type Echo,
		type Element
	} from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import Pending from '../../frame/Pending.svelte';
	import { m } from '../../messages';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import { referenceLook, wornLook } from '../table/looks';
	import type { OnTable } from '../table/table.svelte';

	let { onTable }: { onTable: OnTable } = $props();

	const echoes = live(() => {
		const { clientId, referenceId } = onTable.echo;
		return async () =>
			(await database.echoes.where('clientId').equals(clientId).toArray())
				.filter((echo) => echo.referenceId === referenceId)
				.sort((a, b) => a.createdOn.localeCompare(b.createdOn) || a.title.localeCompare(b.title));
	});
	const elements = $derived(inOrder(onTable.reference.elements));
	const scoreOf = (echo: Echo) => scoreEcho(echo, onTable.reference, onTable.pieces, onTable.client);
	const lookOf = (echo: Echo) => wornLook(echo, (item) => resolveItem(item, onTable.pieces)?.garment);

	function answerOf(echo: Echo, element: Element): string {
		const match = matchOf(echo, element.id);
		if (!match) return m.fitting.gap;
		if (match.state === 'done') return m.fitting.done;
		if (match.state === 'left-out') return m.fitting.leftOut;
		return match.items.map((item) => resolveItem(item, onTable.pieces)?.title ?? '').join(', ');
	}
	/** Do the echoes answer an element in different ways? */
	const differs = (all: readonly Echo[], element: Element) =>
		new Set(all.map((echo) => answerOf(echo, element))).size > 1;
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.fitting.besideTitle(onTable.reference.title, onTable.client.name)}</h1>
		<a href="/fitting/{onTable.echo.id}">{m.fitting.backToTable}</a>
	</div>
	<Pending query={echoes}>
		{@const all = echoes.value ?? []}
		{#if all.length < 2}<p class="soft">{m.fitting.besideOne}</p>{/if}
		<div class="scroll" role="region" aria-label={m.fitting.beside} tabindex="-1">
			<table>
				<thead>
					<tr>
						<td></td>
						<th scope="col">
							<span class="plate"
								><PlateFigure look={referenceLook(onTable.reference)} body={onTable.client} title="" /></span
							>
							{m.fitting.referencePlate}
						</th>
						{#each all as echo (echo.id)}
							<th scope="col">
								<span class="plate"><PlateFigure look={lookOf(echo)} body={onTable.client} title="" /></span>
								<a href="/fitting/{echo.id}">{echo.title}</a>
							</th>
						{/each}
					</tr>
				</thead>
				<tbody>
					<tr class="sum">
						<th scope="row">{m.fitting.score}</th>
						<td></td>
						{#each all as echo (echo.id)}
							{@const score = scoreOf(echo)}
							<td
								><span class="number figures">{Math.round(score.score)}</span>
								<span class="soft">{bandOf(score.score).label}</span></td
							>
						{/each}
					</tr>
					<tr>
						<th scope="row">{m.fitting.spend}</th>
						<td></td>
						{#each all as echo (echo.id)}
							{@const { total } = spendOf(echo, onTable.currency)}
							<td class="figures">{total.amountMinor === 0 ? m.fitting.nothingToBuy : moneyInWords(total)}</td
							>
						{/each}
					</tr>
					{#each elements as element (element.id)}
						{@const apart = differs(all, element)}
						<tr>
							<th scope="row">{element.rank}</th>
							<td>{garmentName(element.garment)}</td>
							{#each all as echo (echo.id)}
								<td class:apart>{answerOf(echo, element)}</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</Pending>
</div>

<style>
	.scroll {
		overflow-x: auto;
	}
	table {
		border-collapse: collapse;
		background: var(--panel);
		font-size: var(--step-0);
	}
	th,
	td {
		min-width: 9rem;
		max-width: 16rem;
		padding: 0.4rem 0.9rem;
		border-bottom: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		font-weight: 420;
	}
	tr > :first-child {
		min-width: 4rem;
		color: var(--ink-soft);
	}
	thead th {
		font-weight: 640;
	}
	.plate {
		display: block;
		width: 11rem;
		height: 21rem;
		margin-bottom: 0.5rem;
	}
	.number {
		font-family: var(--display);
		font-size: var(--step-3);
		line-height: 1;
	}
	.apart {
		font-weight: 640;
	}
</style>
