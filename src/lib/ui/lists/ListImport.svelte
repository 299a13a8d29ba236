<script lang="ts">
	import { InlineLoading, Modal } from 'carbon-components-svelte';
	import { garmentInWords, dayInWords, moneyInWords, settingsId, type StockList } from '$lib/core';
	import { columnsToRemember, listingFields } from '$lib/core/table';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import { lists as listsTexts } from '../messages/lists';
	import ColumnChoice from '../table/ColumnChoice.svelte';
	import RowsToMend from '../table/RowsToMend.svelte';
	import TableSource from '../table/TableSource.svelte';
	import { listDraft } from './list-draft.svelte';
	import ShopFields from './ShopFields.svelte';

	interface Props {
		open: boolean;
		/** The lists that are loaded: one of the same shop is replaced. */
		lists: readonly StockList[];
	}
	let { open = $bindable(false), lists }: Props = $props();

	const settings = studioSettings();
	const draft = listDraft(() => settings.value);
	const { table } = draft;
	let saving = $state(false);
	let told = $state(false);
	const before = $derived(lists.find(({ shop }) => shop.id === draft.shopId));
	/** As many as are shown before it is agreed. */
	const few = 6;

	async function load() {
		told = true;
		const made = draft.made();
		if (saving || !made) return;
		saving = true;
		const record = $state.snapshot(made) as StockList;
		const known = $state.snapshot(settings.value?.columns ?? {});
		const remembered = columnsToRemember(
			listingFields,
			table.raw.columns,
			$state.snapshot(table.moved),
			known
		);
		const changed = JSON.stringify(remembered) !== JSON.stringify(known);
		const saved = await performTold(
			m.did.added(listsTexts.loaded(record.shop.name, record.listings.length)),
			async (writer) => {
				if (changed)
					await writer.edit('settings', settingsId, (stored) => void (stored.columns = remembered));
				if (!before) return writer.create('stockLists', record);
				const { shop, loadedOn, file, listings } = record;
				await writer.edit('stockLists', before.id, (stored) =>
					Object.assign(stored, { shop, loadedOn, file, listings })
				);
			}
		);
		saving = false;
		if (!saved) return;
		table.begin('');
		told = false;
		open = false;
	}
</script>

<Modal
	bind:open
	size="lg"
	modalHeading={listsTexts.load}
	primaryButtonText={draft.taken.length === 0 ? listsTexts.addNone : listsTexts.add(draft.taken.length)}
	primaryButtonDisabled={draft.taken.length === 0 || saving}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus="textarea"
	on:click:button--secondary={() => (open = false)}
	on:submit={() => void load()}
>
	<div class="import">
		<p class="soft">{listsTexts.intro}</p>
		<TableSource text={table.text} accept={['.csv', '.tsv', '.txt', '.json']} onbegin={table.begin} />
		{#if table.text.trim() !== ''}
			{#each table.raw.problems as problem, i (i)}<p class="warn">{problem}</p>{/each}
			<ShopFields {draft} currency={settings.value?.currency ?? 'GBP'} {told} />
			{#if table.raw.columns.length > 0}
				<ColumnChoice
					fields={listingFields}
					names={table.raw.columns}
					columns={table.columns}
					onmove={table.move}
				/>
				{#if !draft.isNamed}<p class="warn">{listsTexts.needs}</p>{/if}
			{/if}
		{/if}
		{#if draft.reading}
			<InlineLoading description={m.table.reading(draft.reading.done, draft.reading.all)} />
		{/if}
		{#if draft.rows.length > 0}
			<p role="status">
				<strong>{listsTexts.ready(draft.taken.length, draft.rows.filter(({ ok }) => !ok).length)}</strong>
				{before ? listsTexts.replaces(dayInWords(before.loadedOn)) : ''}
			</p>
			{#if draft.left > 0}<p class="warn">{listsTexts.tooMany(draft.taken.length, draft.left)}</p>{/if}
			{#if draft.problems.length > 0}
				<RowsToMend
					fields={listingFields}
					problems={draft.problems}
					cellOf={table.cellOf}
					canMend={table.canMend}
					onmend={table.mend}
				/>
			{/if}
			<section aria-label={listsTexts.preview}>
				<h3>{listsTexts.preview}</h3>
				<ul>
					{#each draft.taken.slice(0, few) as { row, listing, unread } (row)}
						<li>
							<strong>{listing.title}</strong>
							{garmentInWords(listing.garment)} · {moneyInWords(listing.price)} ·
							{listing.sizes.map(({ label }) => label).join(', ')}
							{#if unread.length > 0}<span class="warn">{listsTexts.told(unread.join(', '))}</span>{/if}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
</Modal>

<style>
	.import {
		display: grid;
		gap: 1rem;
	}
	ul {
		list-style: none;
	}
	li {
		padding: 0.3rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
		overflow-wrap: anywhere;
	}
	.warn {
		color: var(--warn);
	}
</style>
