<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import {
		canSendBack,
		garmentInWords,
		garmentType,
		moneyInWords,
		nextStates,
		sizesForAll,
		withDuty,
		type Client,
		type Echo,
		type FitNote,
		type Order,
		type OrderLine
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { chosenIn } from '../frame/chosen';
	import { focusOn } from '../frame/focus';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import { orderDeeds } from './deeds';

	/** One thing of an order, and what can be done with it now. */
	interface Props {
		order: Order;
		line: OrderLine;
		/** Whose rail it is for. */
		client?: Client;
		/** The looks that it is for. */
		looks: readonly Echo[];
	}
	let { order, line, client, looks }: Props = $props();

	const { garment, title } = $derived(line.listing);
	const next = $derived(nextStates(line));
	const hasSize = $derived(line.sizeLabel !== '' && !sizesForAll.includes(line.sizeLabel));
	let verdict = $state<FitNote['verdict']>('right');
	const verdicts = ['right', 'small', 'large'] as const;
	const facts = $derived(
		[
			moneyInWords(withDuty(line.listing.price, order.shop)),
			hasSize && m.orders.size(line.sizeLabel),
			client && m.orders.forClient(client.name),
			m.orders.states[line.state]
		].filter(Boolean)
	);
	/** The line stays where it is or moves with its order: what was done last is there to be read. */
	async function done(work: Promise<boolean>) {
		if (await work) await focusOn(`[data-line="${line.id}"]`);
	}
</script>

<li data-line={line.id} tabindex="-1">
	<span class="drawing">
		<PlateFigure
			look={{ worn: [{ id: 'piece', garment, moves: [] }] }}
			body={{ measurements: client?.measurements ?? {}, figure: 'form' }}
			slot={garmentType(garment.type).slot}
			title={garmentInWords(garment)}
		/>
	</span>
	<span class="what">
		<strong
			>{#if line.pieceId && client}<a href="/clients/{client.id}/pieces/{line.pieceId}">{title}</a
				>{:else}{title}{/if}</strong
		>
		<span class="soft">{facts.join(' · ')}</span>
		{#each looks as { id, title: look } (id)}<a class="look" href="/fitting/{id}">{look}</a>{/each}
	</span>
	<span class="acts">
		{#if line.state === 'here' && hasSize}
			<Select
				size="sm"
				hideLabel
				labelText={m.orders.fits(title)}
				selected={verdict}
				on:change={(event) => (verdict = chosenIn(event) as FitNote['verdict'])}
			>
				{#each verdicts as value (value)}<SelectItem {value} text={m.orders.fitsHow[value]} />{/each}
			</Select>
		{/if}
		{#if next.includes('kept')}
			<Button
				size="small"
				aria-label="{m.orders.act.kept}: {title}"
				on:click={() => void done(orderDeeds.keep(order, line, verdict))}>{m.orders.act.kept}</Button
			>
		{/if}
		{#if canSendBack(order, line, today())}
			<Button
				size="small"
				kind="tertiary"
				aria-label="{m.orders.act['sent-back']}: {title}"
				on:click={() => void done(orderDeeds.sendBack(order, line, verdict))}
				>{m.orders.act['sent-back']}</Button
			>
		{/if}
		{#if next.includes('refunded')}
			<Button
				size="small"
				aria-label="{m.orders.act.refunded}: {title}"
				on:click={() => void done(orderDeeds.refunded(order, line))}>{m.orders.act.refunded}</Button
			>
		{/if}
		{#if next.includes('cancelled')}
			<Button
				size="small"
				kind="ghost"
				aria-label="{m.orders.act.cancelled}: {title}"
				on:click={() => void done(orderDeeds.cancel(order, line))}>{m.orders.act.cancelled}</Button
			>
		{/if}
	</span>
</li>

<style>
	li {
		display: grid;
		grid-template-columns: 3.5rem minmax(0, 1fr) auto;
		gap: 0.75rem;
		align-items: center;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.drawing {
		height: 3.5rem;
	}
	.what {
		display: flex;
		flex-wrap: wrap;
		gap: 0.1rem 0.75rem;
		align-items: baseline;
	}
	strong {
		flex-basis: 100%;
		font-weight: 560;
	}
	.look {
		font-size: var(--step--1);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem;
		align-items: center;
		justify-content: flex-end;
	}
	.acts :global(.bx--select) {
		width: 8rem;
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 3rem minmax(0, 1fr);
		}
		.acts {
			grid-column: 1 / -1;
			justify-content: flex-start;
		}
	}
</style>
