<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Printer from 'carbon-icons-svelte/lib/Printer.svelte';
	import {
		bandOf,
		boughtIn,
		extrasOf,
		keyOfItem,
		moneyInWords,
		resolveItem,
		scoreEcho,
		sheetCautions,
		sheetOf,
		spendOf,
		moves,
		type Item,
		type SheetLine
	} from '$lib/core';
	import { referenceLook, wornLook } from '../fitting/table/looks';
	import type { OnTable } from '../fitting/table/table.svelte';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';

	let { onTable }: { onTable: OnTable } = $props();

	const { echo, reference, client, pieces, currency } = $derived(onTable);
	const lines = $derived(sheetOf(echo, reference, pieces));
	const extras = $derived(extrasOf(echo, pieces));
	const cautions = $derived(sheetCautions(lines));
	const cautionWords = { heels: m.lookbook.heels, hems: m.lookbook.hems, ...m.fitting.becomes.cautions };
	/** Schools that shaped the figure and the checks. */
	const score = $derived(scoreEcho(echo, reference, pieces, client).score);
	const bought = $derived(boughtIn(echo));
	const spend = $derived(spendOf(echo, currency, onTable.rates));
	const source = (item: Item) =>
		item.source === 'piece'
			? m.lookbook.owned
			: [item.shop.name, item.sizeLabel, moneyInWords(item.listing.price)].filter(Boolean).join(' · ');
	const answer = m.lookbook.states;
	/** Why it is not as in the reference, and what could be, in the client's words. */
	const why = ({ why: noted }: SheetLine) =>
		noted &&
		[m.lookbook.reasons[noted.reason], noted.instead && m.lookbook.instead(noted.instead)]
			.filter(Boolean)
			.join('; ');
</script>

<article class="page book">
	<div class="row no-print tools">
		<a href="/fitting/{echo.id}">{m.lookbook.back}</a>
		<Button size="small" icon={Printer} on:click={() => window.print()}>{m.lookbook.print}</Button>
	</div>
	<header>
		<h1>{echo.title}</h1>
		<p>{m.lookbook.for} {client.name}</p>
	</header>
	<div class="plates">
		<figure>
			<PlateFigure
				look={referenceLook(reference)}
				body={client}
				title="{m.lookbook.reference}: {reference.title}"
			/>
			<figcaption>
				{m.lookbook.reference}<br /><span class="soft"
					>{[reference.credit.who, reference.credit.source].filter(Boolean).join(', ')}</span
				>
			</figcaption>
		</figure>
		<figure>
			<PlateFigure
				look={wornLook(echo, (item) => resolveItem(item, pieces)?.garment)}
				body={client}
				title="{m.lookbook.echo}: {echo.title}"
			/>
			<figcaption>
				{m.lookbook.echo}<br /><span class="soft figures"
					>{Math.round(score)} of 100, {bandOf(score).label}</span
				>
			</figcaption>
		</figure>
		<section>
			<h2>{m.lookbook.pieces}</h2>
			<ol>
				{#each lines as line (line.elementId)}
					<li>
						<span class="soft">{line.asked}</span>
						{#each line.worn as { title, item } (keyOfItem(item))}
							<strong>{title}</strong>
							<span>{source(item)}</span>
						{:else}
							<strong>{line.state === 'items' ? answer.gap : answer[line.state]}</strong>
						{/each}
						{#if why(line)}<span>{why(line)}</span>{/if}
						{#if line.beside}<span>{m.lookbook.beside(line.beside.is, line.beside.why)}</span>{/if}
						{#if line.howToWear.length > 0}<span>{m.lookbook.howToWear}: {line.howToWear.join(', ')}</span
							>{/if}
					</li>
				{/each}
				{#each extras as { id, kind, title, item, movesDone } (id)}
					<li>
						<span class="soft">{m.lookbook.extras[kind]}</span>
						<strong>{title}</strong>
						<span>{source(item)}</span>
						{#if movesDone.length > 0}
							<span>{m.lookbook.howToWear}: {movesDone.map((move) => moves[move].label).join(', ')}</span>
						{/if}
					</li>
				{/each}
			</ol>
		</section>
	</div>
	{#if bought.length > 0}
		<section>
			<h2>{m.lookbook.toBuy}</h2>
			<table>
				<thead
					><tr
						><th scope="col">{m.lookbook.toBuy}</th><th scope="col">{m.lookbook.where}</th><th scope="col"
							>{m.lookbook.size}</th
						><th scope="col">{m.lookbook.price}</th></tr
					></thead
				>
				<tbody>
					{#each bought as { listing, shop, sizeLabel } (listing.id)}
						<tr
							><td>{listing.title}</td><td>{shop.name}</td><td>{sizeLabel ?? m.notNoted}</td><td
								class="figures">{moneyInWords(listing.price)}</td
							></tr
						>
					{/each}
				</tbody>
				<tfoot
					><tr
						><th scope="row" colspan="3">{m.lookbook.total}</th><td class="figures"
							>{moneyInWords(spend.total)}</td
						></tr
					></tfoot
				>
			</table>
			{#if bought.some(({ shop }) => shop.simulated)}<p class="soft">{m.lookbook.simulated}</p>{/if}
		</section>
	{/if}
	{#if cautions.length > 0}
		<section>
			<h2>{m.lookbook.cautions}</h2>
			{#each cautions as caution (caution)}<p>{cautionWords[caution]}</p>{/each}
		</section>
	{/if}
</article>

<style>
	.book {
		max-width: 60rem;
		display: grid;
		gap: 1.5rem;
	}
	.tools {
		justify-content: space-between;
	}
	.plates {
		display: grid;
		grid-template-columns: 14rem 14rem 1fr;
		gap: 1.5rem;
	}
	figure {
		height: 28rem;
		margin-bottom: 3rem;
	}
	ol {
		list-style: none;
		margin-top: 0.5rem;
	}
	li {
		display: grid;
		padding: 0.35rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
		break-inside: avoid;
	}
	table {
		width: 100%;
		margin-top: 0.5rem;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.35rem 0.5rem 0.35rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
	}
	th:last-child,
	td:last-child {
		text-align: right;
	}
	@media (max-width: 50rem) {
		.plates {
			grid-template-columns: 1fr 1fr;
		}
		.plates section {
			grid-column: 1 / -1;
		}
	}
</style>
