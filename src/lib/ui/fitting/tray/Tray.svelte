<script lang="ts">
	import {
		Button,
		Checkbox,
		InlineNotification,
		Search,
		Select,
		SelectItem,
		SkeletonText
	} from 'carbon-components-svelte';
	import { defaultSchools, garmentType, wearingOf, type Candidate as Offered, type Element } from '$lib/core';
	import { chosenIn } from '../../frame/chosen';
	import { whenNear } from '../../frame/when-near';
	import { m } from '../../messages';
	import type { TableHand } from '../hand/hand.svelte';
	import type { FittingTable } from '../table/table.svelte';
	import { trayOrders, type TrayOrder } from './tray.svelte';
	import ListingSheet from './ListingSheet.svelte';
	import TrayCard from './TrayCard.svelte';
	import TrayHead from './TrayHead.svelte';

	interface Props {
		table: FittingTable;
		hand: TableHand;
		element: Element;
		/** Opens every feature of the chosen match. */
		onwhy: () => void;
	}
	let { table, hand, element, onwhy }: Props = $props();
	const tray = $derived(table.tray);
	/** Why the shops did not answer; lists of one's own may have. */
	const refusal = $derived.by(() => {
		const { answer } = table.market;
		return answer?.ok ? answer.without : answer?.message;
	});
	const hasLists = $derived(
		table.market.answer?.ok === true && table.market.answer.answer.shops.some(({ simulated }) => !simulated)
	);

	const byHand = $derived(garmentType(element.garment.type).division === 'beauty');
	/** Where the money goes, by the school of the echo. */
	const worth = $derived.by(() => {
		const row = wearingOf(element.garment);
		const school = table.echo.schools.money ?? defaultSchools.money;
		if (school !== 'trends-cheap-staples-well') return m.fitting.listing.worth[school];
		return [
			row?.money && m.fitting.listing.worth[row.money],
			row?.preOwnedFirst && m.fitting.listing.worth.preOwned
		]
			.filter(Boolean)
			.join(' ');
	});
	/** As many as a glance takes in; the rest on demand, so many at a time as one comes near their end. */
	const few = 8;
	const atATime = 16;
	let shown = $state(few);
	const more = $derived(shown > few);
	/** Cards that do not suit are drawn once they are asked for. */
	let showsUnsuitable = $state(false);
	/** The card of which all is shown. */
	let sheetOf = $state<string | undefined>();
	let pane = $state<HTMLElement>();
	$effect(() => {
		void element.id;
		shown = few;
		// Another rung: its own head comes first, wherever the cards of the last one were left. In the frame that shows it, which
		// lays the page out in any case; before that it would be laid out twice.
		const frame = requestAnimationFrame(() => pane?.scrollTo(0, 0));
		return () => cancelAnimationFrame(frame);
	});
</script>

{#snippet card(offered: Offered)}
	{@const candidate = tray.card(offered)}
	{#if candidate}
		<TrayCard
			{candidate}
			{element}
			client={table.client}
			compared={tray.comparing.some(({ key }) => key === candidate.key)}
			onchoose={() => void table.choose(element, candidate)}
			onadd={table.canAdd(element, candidate) ? () => void table.add(element, candidate) : undefined}
			oncompare={() => tray.toggleCompared(candidate.key)}
			onsheet={candidate.listing ? () => (sheetOf = candidate.key) : undefined}
			onhold={hand.hold}
		/>
	{/if}
{/snippet}

<div class="tray" bind:this={pane}>
	<header>
		<TrayHead {table} {element} {onwhy} />
		<div class="row find">
			<Search size="sm" labelText={m.fitting.find} placeholder={m.fitting.find} bind:value={tray.search} />
			<!-- Without a title it is measured for one, which lays the whole page out once more. -->
			<Checkbox title="" labelText={m.fitting.withinLimits} bind:checked={tray.withinLimits} />
		</div>
		{#if tray.comparing.length === 1}
			<p class="soft one" role="status">{m.fitting.compare.one(tray.comparing[0]?.title ?? '')}</p>
		{/if}
	</header>

	<section aria-label={m.fitting.wardrobe}>
		<h3>{m.fitting.wardrobe} <span class="soft figures">{tray.owned.length}</span></h3>
		{#if tray.owned.length === 0}<p class="soft empty">
				{tray.narrowed ? m.fitting.nothingFound : m.fitting.wardrobeEmpty}
			</p>{/if}
		{#each tray.owned.slice(0, shown) as candidate (candidate.key)}
			{@render card(candidate)}
		{/each}
		{#if !more && tray.owned.length > few}
			<Button kind="ghost" size="small" on:click={() => (shown += atATime)}
				>{m.counts.showAll(tray.owned.length)}</Button
			>
		{:else if Math.max(tray.owned.length, tray.becoming.length) > shown}
			{#key shown}<div {@attach whenNear(() => (shown += atATime))}></div>{/key}
		{/if}
	</section>
	{#if tray.becoming.length > 0}
		<section aria-label={m.fitting.becomes.title}>
			<h3>{m.fitting.becomes.title} <span class="soft figures">{tray.becoming.length}</span></h3>
			{#each tray.becoming.slice(0, more ? shown : 3) as candidate (candidate.key)}
				{@render card(candidate)}
			{/each}
		</section>
	{/if}

	{#if !byHand}
		<section aria-label={m.fitting.substitutes}>
			<h3 class="with-order">
				<span
					>{m.fitting.substitutes}
					<span class="soft">{hasLists ? m.fitting.simulatedAndOwn : m.fitting.simulated}</span></span
				>
				<Select
					size="sm"
					inline
					labelText={m.fitting.order}
					selected={tray.order}
					on:change={(event) => (tray.order = chosenIn(event) as TrayOrder)}
				>
					{#each trayOrders as order (order)}<SelectItem
							value={order}
							text={m.fitting.orders[order]}
						/>{/each}
				</Select>
			</h3>
			{#if table.market.answer === undefined}
				<div class="empty" aria-busy="true">
					<span class="visually-hidden">{m.fitting.asking}</span><SkeletonText paragraph lines={3} />
				</div>
			{:else if refusal}
				<InlineNotification
					lowContrast
					hideCloseButton
					kind="warning"
					title={m.fitting.substitutes}
					subtitle={refusal}
				>
					<svelte:fragment slot="actions">
						<Button kind="ghost" size="small" on:click={table.market.askAgain}>{m.fitting.askAgain}</Button>
					</svelte:fragment>
				</InlineNotification>
			{:else if tray.listed.length + tray.unsuitable.length === 0}
				<p class="soft empty">{tray.narrowed ? m.fitting.nothingFound : m.fitting.substitutesEmpty}</p>
			{:else if tray.listed.length === 0}
				<p class="soft empty">{m.fitting.listing.noneSuits}</p>
			{/if}
			{#if table.market.answer?.ok && worth}<p class="soft worth">{worth}</p>{/if}
			{#each tray.listed as candidate (candidate.key)}
				{@render card(candidate)}
			{/each}
			{#if tray.unsuitable.length > 0}
				<details bind:open={showsUnsuitable}>
					<summary
						>{m.fitting.listing.unsuitable}
						<span class="soft figures">{tray.unsuitable.length}</span></summary
					>
					{#if showsUnsuitable}
						{#each tray.unsuitable as candidate (candidate.key)}
							{@render card(candidate)}
						{/each}
					{/if}
				</details>
			{/if}
		</section>
	{/if}
</div>

<ListingSheet {table} {element} of={sheetOf} onclose={() => (sheetOf = undefined)} />

<style>
	.tray {
		/* What is hidden in it from sight must not lengthen the page. */
		position: relative;
		height: 100%;
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	header {
		display: grid;
		gap: 0.15rem;
		padding: 0.6rem 0.75rem 0.25rem;
	}
	h3 {
		position: sticky;
		top: 0;
		z-index: 1;
		padding: 0.4rem 0.75rem;
		background: var(--panel);
		border-block: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.with-order {
		display: flex;
		gap: 0 0.75rem;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
	}
	h3 .soft {
		font-weight: 420;
	}
	header :global(.bx--btn--sm) {
		padding-inline: 0.5rem;
	}
	.find {
		flex-wrap: nowrap;
		align-items: center;
		padding-block: 0.2rem;
	}
	.find :global(.bx--checkbox-wrapper) {
		flex: none;
		margin: 0;
	}
	.one {
		font-size: var(--step--1);
	}
	.worth {
		padding: 0.4rem 0.75rem 0;
		font-size: var(--step--1);
	}
	summary {
		padding: 0.5rem 0.75rem;
		cursor: pointer;
		font-size: var(--step-0);
		font-weight: 560;
	}
	.empty {
		padding: 0.75rem;
	}
</style>
