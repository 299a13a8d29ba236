<script lang="ts">
	import {
		colourName,
		dayInWords,
		garmentInWords,
		garmentType,
		huntingCard,
		latestArrival,
		moneyInWords,
		type Element
	} from '$lib/core';
	import type { OnTable } from '../fitting/table/table.svelte';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';

	/** One card, as wide as a phone; printed, each stands by itself. */
	interface Props {
		onTable: OnTable;
		element: Element;
		/** What may still be spent. */
		leftMinor?: number;
	}
	let { onTable, element, leftMinor }: Props = $props();

	const { client, event, echo, currency } = $derived(onTable);
	const card = $derived(huntingCard(element, client));
	const facts = $derived(
		[
			[m.hunting.kinds, card.kinds.map((id) => garmentType(id).plural).join(', ')],
			[m.hunting.musts, card.musts.map(({ words }) => words).join(', ')],
			[
				m.hunting.size,
				card.sizes.length > 0
					? [card.sizes.join(' / '), card.isLargerFine && m.hunting.larger].filter(Boolean).join('; ')
					: card.isSized && m.hunting.noSize
			],
			[m.hunting.length, card.leastLengthCm !== undefined && m.hunting.cm(card.leastLengthCm)],
			[m.hunting.most, leftMinor !== undefined && moneyInWords({ amountMinor: leftMinor, currency })],
			[m.hunting.by, event && dayInWords(latestArrival(event.date), 'with-weekday')],
			[m.hunting.refusals, card.refusals.join('; ')]
		].filter((fact): fact is [string, string] => Boolean(fact[1]))
	);
</script>

<section aria-labelledby="hunt-{element.id}">
	<header>
		<span class="drawing"
			><PlateFigure
				look={{ worn: [{ id: 'piece', garment: element.garment, moves: [] }] }}
				body={{ measurements: client.measurements, figure: 'form' }}
				slot={garmentType(element.garment.type).slot}
				title=""
			/></span
		>
		<span>
			<h2 id="hunt-{element.id}">{garmentInWords(element.garment)}</h2>
			<span class="soft">{m.hunting.forClient(client.name, echo.title)}</span>
		</span>
	</header>
	{#if card.colours.length > 0}
		<h3>{m.hunting.colours}</h3>
		<ul>
			{#each card.colours as { hex, name, isAsked }, i (i)}
				<li class:asked={isAsked}><i style:background={hex} title={colourName(hex)}></i>{name}</li>
			{/each}
		</ul>
	{/if}
	<dl>
		{#each facts as [label, words] (label)}
			<dt>{label}</dt>
			<dd>{words}</dd>
		{/each}
	</dl>
	<p class="soft">{m.hunting.label}</p>
</section>

<style>
	section {
		width: min(22rem, 100%);
		padding: 1rem;
		border: 1px solid var(--line);
		background: var(--panel);
		break-inside: avoid;
	}
	header {
		display: grid;
		grid-template-columns: 5rem minmax(0, 1fr);
		gap: 0.75rem;
	}
	.drawing {
		height: 6rem;
	}
	h2 {
		font-size: var(--step-2);
	}
	h2::first-letter {
		text-transform: uppercase;
	}
	h3,
	dt {
		margin-top: 0.5rem;
		font-size: var(--step--1);
		font-weight: 560;
	}
	dd {
		margin: 0;
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem 0.75rem;
		list-style: none;
		font-size: var(--step-0);
	}
	li {
		display: flex;
		gap: 0.35rem;
		align-items: center;
	}
	.asked {
		font-weight: 640;
	}
	i {
		width: 1.5rem;
		height: 1.5rem;
		border: 1px solid var(--line);
		forced-color-adjust: none;
		print-color-adjust: exact;
	}
	p {
		margin-top: 0.75rem;
		font-size: var(--step--1);
	}
</style>
