<script lang="ts">
	import { amountInWords, moneyInWords, type ShopRecord, type SpentOn, type Substitution } from '$lib/core';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import SaveList from './SaveList.svelte';

	interface Props {
		substitutions: readonly Substitution[];
		shops: readonly ShopRecord[];
		spent: { clients: readonly SpentOn[]; events: readonly SpentOn[] };
		currency: string;
		nameOfClient: (id: string) => string;
		nameOfEvent: (id: string) => string;
	}
	let { substitutions, shops, spent, currency, nameOfClient, nameOfEvent }: Props = $props();

	const few = 12;
	const spendRows = $derived([
		...spent.clients.map((one) => ({
			...one,
			key: `client ${one.id}`,
			of: ledgerTexts.byClient,
			name: nameOfClient(one.id)
		})),
		...spent.events.map((one) => ({
			...one,
			key: `event ${one.id}`,
			of: ledgerTexts.byEvent,
			name: nameOfEvent(one.id)
		}))
	]);
</script>

{#snippet heads(columns: Record<string, string>)}
	<thead>
		<tr>
			{#each Object.entries(columns) as [key, label] (key)}<th scope="col">{label}</th>{/each}
		</tr>
	</thead>
{/snippet}

<section class="panel" aria-labelledby="substitutions-title">
	<div class="head">
		<h2 id="substitutions-title">{ledgerTexts.substitutions}</h2>
		<SaveList
			name={ledgerTexts.files.substitutions}
			rows={substitutions.map(({ kind, worn, asked, times, rating, above }) => ({
				kind,
				worn,
				asked,
				times,
				rating: Math.round(rating * 10) / 10,
				above: Math.round(above * 10) / 10
			}))}
		/>
	</div>
	{#if substitutions.length === 0}<p class="soft">{ledgerTexts.noSubstitutions}</p>{:else}
		<table>
			{@render heads(ledgerTexts.substitutionColumns)}
			<tbody>
				{#each substitutions.slice(0, few) as { kind, worn, asked, times, above } (`${kind} ${worn} ${asked}`)}
					<tr>
						<th scope="row">{ledgerTexts.substituted(worn, asked)}</th>
						<td>{ledgerTexts.times(times)}</td>
						<td>{ledgerTexts.above(above)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
<section class="panel" aria-labelledby="shops-title">
	<div class="head">
		<h2 id="shops-title">{ledgerTexts.shops}</h2>
		<SaveList name={ledgerTexts.files.shops} rows={shops.map((shop) => ({ ...shop }))} />
	</div>
	{#if shops.length === 0}<p class="soft">{ledgerTexts.noShops}</p>{:else}
		<table>
			{@render heads(ledgerTexts.shopColumns)}
			<tbody>
				{#each shops as { shop, ordered, kept, sentBack, tried, right } (shop)}
					<tr>
						<th scope="row">{shop}</th>
						<td class="figures">{ordered}</td>
						<td class="figures">{kept}</td>
						<td class="figures">{sentBack}</td>
						<td class="figures">{ledgerTexts.ofTried(right, tried)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
{#if spendRows.length > 0}
	<section class="panel" aria-labelledby="spend-title">
		<div class="head">
			<h2 id="spend-title">{ledgerTexts.spend}</h2>
			<SaveList
				name={ledgerTexts.files.spend}
				rows={spendRows.map(({ of, name, things, spent: money }) => ({
					of,
					name,
					things,
					spent: amountInWords(money, currency),
					currency
				}))}
			/>
		</div>
		<table>
			{@render heads(ledgerTexts.spendColumns)}
			<tbody>
				{#each spendRows as { key, name, of, things, spent: money } (key)}
					<tr>
						<th scope="row">{name} <span class="soft">{of}</span></th>
						<td class="figures">{things}</td>
						<td class="figures">{moneyInWords(money)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</section>
{/if}

<style>
	section {
		overflow-x: auto;
	}
	.head {
		display: flex;
		align-items: center;
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
	th::first-letter {
		text-transform: uppercase;
	}
	thead th {
		color: var(--ink-soft);
	}
</style>
