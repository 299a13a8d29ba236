<script lang="ts">
	import { amountInWords, moneyInWords, type ShopRecord, type SpentOn, type Substitution } from '$lib/core';
	import { m } from '../messages';
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
			of: m.ledger.byClient,
			name: nameOfClient(one.id)
		})),
		...spent.events.map((one) => ({
			...one,
			key: `event ${one.id}`,
			of: m.ledger.byEvent,
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
		<h2 id="substitutions-title">{m.ledger.substitutions}</h2>
		<SaveList
			name={m.ledger.files.substitutions}
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
	{#if substitutions.length === 0}<p class="soft">{m.ledger.noSubstitutions}</p>{:else}
		<table>
			{@render heads(m.ledger.substitutionColumns)}
			<tbody>
				{#each substitutions.slice(0, few) as { kind, worn, asked, times, above } (`${kind} ${worn} ${asked}`)}
					<tr>
						<th scope="row">{m.ledger.substituted(worn, asked)}</th>
						<td>{m.ledger.times(times)}</td>
						<td>{m.ledger.above(above)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
<section class="panel" aria-labelledby="shops-title">
	<div class="head">
		<h2 id="shops-title">{m.ledger.shops}</h2>
		<SaveList name={m.ledger.files.shops} rows={shops.map((shop) => ({ ...shop }))} />
	</div>
	{#if shops.length === 0}<p class="soft">{m.ledger.noShops}</p>{:else}
		<table>
			{@render heads(m.ledger.shopColumns)}
			<tbody>
				{#each shops as { shop, ordered, kept, sentBack, tried, right } (shop)}
					<tr>
						<th scope="row">{shop}</th>
						<td class="figures">{ordered}</td>
						<td class="figures">{kept}</td>
						<td class="figures">{sentBack}</td>
						<td class="figures">{m.ledger.ofTried(right, tried)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
{#if spendRows.length > 0}
	<section class="panel" aria-labelledby="spend-title">
		<div class="head">
			<h2 id="spend-title">{m.ledger.spend}</h2>
			<SaveList
				name={m.ledger.files.spend}
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
			{@render heads(m.ledger.spendColumns)}
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
