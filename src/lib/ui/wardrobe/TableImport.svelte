<script lang="ts">
	import { Checkbox, InlineLoading, Modal } from 'carbon-components-svelte';
	import { garmentInWords, settingsId, shownParts, skinToneOf, type Client, type Piece } from '$lib/core';
	import {
		columnsToRemember,
		phraseOf,
		pieceReader,
		readRows,
		readTable,
		tableFields
	} from '$lib/core/table';
	import { newId } from '$lib/store/clock';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import ColumnChoice from '../table/ColumnChoice.svelte';
	import { readAhead } from '../table/read-ahead.svelte';
	import { tableDraft } from '../table/table-draft.svelte';
	import TableSource from '../table/TableSource.svelte';
	import RowsToMend from '../table/RowsToMend.svelte';

	interface Props {
		open: boolean;
		client: Client;
		pieces: readonly Piece[];
		currency: string;
	}
	let { open = $bindable(false), client, pieces, currency }: Props = $props();

	const settings = studioSettings();
	const draft = tableDraft(tableFields, readTable, () => settings.value?.columns ?? {});
	let skipDoubles = $state(false);
	let saving = $state(false);

	const columns = $derived(draft.columns);
	const hasName = $derived(columns.what !== undefined || columns.name !== undefined);
	const read = $derived(
		pieceReader(
			{
				words: settings.value?.words ?? 'uk',
				taught: settings.value?.taught ?? [],
				skin: skinToneOf(client)
			},
			currency
		)
	);
	const phrases = $derived(
		open && hasName ? draft.table.rows.map(({ cells }) => phraseOf(cells, columns)) : []
	);
	const ahead = readAhead(
		() => phrases,
		() => read
	);
	const rows = $derived(
		!open || !hasName || !ahead.done
			? []
			: readRows(draft.table, columns, {
					client,
					currency,
					newId,
					there: pieces,
					read
				})
	);
	const good = $derived(rows.filter((row) => row.ok));
	const bad = $derived(rows.flatMap((row) => (row.ok ? [] : row.problems)));
	const doubles = $derived(good.filter(({ double }) => double !== undefined));
	const taken = $derived(skipDoubles ? good.filter(({ double }) => double === undefined) : good);
	/** As many as are shown before it is agreed. */
	const few = 6;

	async function add() {
		if (saving || taken.length === 0) return;
		saving = true;
		const added = taken.map(({ piece }) => piece);
		const known = $state.snapshot(settings.value?.columns ?? {});
		const moved = $state.snapshot(draft.moved);
		const remembered = columnsToRemember(tableFields, draft.raw.columns, moved, known);
		const changed = JSON.stringify(remembered) !== JSON.stringify(known);
		const saved = await performTold(m.did.added(m.counts.pieces(added.length)), async (writer) => {
			if (changed) await writer.edit('settings', settingsId, (draft) => void (draft.columns = remembered));
			for (const piece of added) await writer.create('pieces', $state.snapshot(piece) as Piece);
		});
		saving = false;
		if (!saved) return;
		draft.begin('');
		open = false;
	}
</script>

<Modal
	bind:open
	size="lg"
	modalHeading={m.table.into}
	primaryButtonText={taken.length === 0 ? m.table.addNone : m.table.add(taken.length)}
	primaryButtonDisabled={taken.length === 0 || saving}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus="textarea"
	on:click:button--secondary={() => (open = false)}
	on:submit={() => void add()}
>
	<div class="import">
		<p class="soft">{m.table.intro}</p>
		<TableSource text={draft.text} accept={['.csv', '.tsv', '.txt']} onbegin={draft.begin} />
		{#each draft.raw.problems as problem, i (i)}<p class="warn">{problem}</p>{/each}
		{#if draft.raw.columns.length > 0 && draft.text.trim() !== ''}
			<ColumnChoice fields={tableFields} names={draft.raw.columns} {columns} onmove={draft.move} />
			{#if !hasName}<p class="warn">{m.table.needs}</p>{/if}
		{/if}
		{#if !ahead.done}<InlineLoading description={m.table.reading(ahead.known, phrases.length)} />{/if}
		{#if rows.length > 0}
			<p role="status"><strong>{m.table.summary(good.length, rows.length - good.length)}</strong></p>
			{#if bad.length > 0}
				<RowsToMend
					fields={tableFields}
					problems={bad}
					cellOf={draft.cellOf}
					canMend={draft.canMend}
					onmend={draft.mend}
				/>
			{/if}
			{#if doubles.length > 0}
				<section>
					<Checkbox
						labelText="{m.table.doubles(doubles.length)}: {m.table.skipDoubles}"
						bind:checked={skipDoubles}
					/>
					<p class="soft">
						{doubles
							.slice(0, 3)
							.map(({ piece, double = '' }) => m.table.doubleOf(piece.name, double))
							.join('; ')}
					</p>
				</section>
			{/if}
			{#if taken.length > 0}
				<section aria-label={m.table.preview}>
					<h3>{m.table.preview}</h3>
					<ul>
						{#each taken.slice(0, few) as { row, piece, told } (row)}
							<li>
								<span
									><strong>{piece.name}</strong>
									{shownParts(piece)
										.map(({ garment }) => garmentInWords(garment))
										.join('; ')}
									{#if told.length > 0}<span class="warn">{m.table.told(told.join(', '))}</span>{/if}</span
								>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
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
