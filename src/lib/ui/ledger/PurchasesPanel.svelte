<script lang="ts">
	import {
		amountInWords,
		costCourse,
		dayInWords,
		moneyInWords,
		type Client,
		type Piece,
		type PieceBought,
		type Rates,
		type Wear
	} from '$lib/core';
	import { m } from '../messages';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import CostCourse from './CostCourse.svelte';
	import SaveList from './SaveList.svelte';

	interface Props {
		purchases: readonly PieceBought[];
		clients: readonly Client[];
		pieces: readonly Piece[];
		wears: readonly Wear[];
		currency: string;
		rates: Rates;
	}
	let { purchases, clients, pieces, wears, currency, rates }: Props = $props();

	const few = 12;
	let all = $state(false);
	const shown = $derived(all ? purchases : purchases.slice(0, few));
	const nameOf = (id: string) => clients.find((client) => client.id === id)?.name ?? ledgerTexts.gone;
	const pieceOf = (id: string) => pieces.find((piece) => piece.id === id);
	const rows = $derived(
		purchases.map(({ title, clientId, on, paid, boughtFor, worn, last, perWear }) => ({
			piece: title,
			client: nameOf(clientId),
			bought: on ?? '',
			paid: amountInWords(paid, currency),
			currency,
			for: boughtFor.join('; '),
			worn,
			last: last ?? '',
			'per wear': perWear ? amountInWords(perWear, currency) : ''
		}))
	);
</script>

<section class="panel" aria-labelledby="purchases-title">
	<div class="head">
		<h2 id="purchases-title">{ledgerTexts.purchases}</h2>
		<SaveList name={ledgerTexts.files.purchases} {rows} />
	</div>
	{#if purchases.length === 0}<p class="soft">{ledgerTexts.noPurchases}</p>{:else}
		<div class="scroll">
			<table>
				<thead>
					<tr>
						{#each Object.entries(ledgerTexts.columns) as [key, label] (key)}<th scope="col">{label}</th
							>{/each}
					</tr>
				</thead>
				<tbody>
					{#each shown as { pieceId, clientId, title, on, paid, boughtFor, worn, perWear, unwornDays } (pieceId)}
						{@const piece = pieceOf(pieceId)}
						{@const course = piece ? costCourse(piece, wears, currency, rates) : []}
						<tr>
							<th scope="row"><a href="/clients/{clientId}/pieces/{pieceId}">{title}</a></th>
							<td>{nameOf(clientId)}</td>
							<td class="figures">{on ? dayInWords(on) : '–'}</td>
							<td class="figures">{moneyInWords(paid)}</td>
							<td>{boughtFor.join(', ') || '–'}</td>
							<td class:unworn={worn === 0}>
								{worn > 0
									? ledgerTexts.wornTimes(worn)
									: unwornDays === undefined
										? ledgerTexts.notYet
										: ledgerTexts.never(unwornDays)}
							</td>
							<td class="figures">
								{perWear ? moneyInWords(perWear) : '–'}
								{#if course.length > 1}<CostCourse {course} said={ledgerTexts.course(title)} />{/if}
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		{#if purchases.length > few && !all}
			<button class="show-all" onclick={() => (all = true)}>{m.counts.showAll(purchases.length)}</button>
		{/if}
	{/if}
</section>

<style>
	.head {
		display: flex;
		align-items: center;
	}
	.scroll {
		overflow-x: auto;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.35rem 0.75rem 0.35rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
		font-weight: 400;
	}
	thead th {
		color: var(--ink-soft);
	}
	.unworn {
		color: var(--warn);
	}
</style>
