<script lang="ts">
	import { Checkbox, FileUploaderButton, Modal, TextArea } from 'carbon-components-svelte';
	import {
		garmentInWords,
		settingsId,
		shownParts,
		skinToneOf,
		textOf,
		type Client,
		type Piece
	} from '$lib/core';
	import {
		columnsToRemember,
		guessedColumns,
		pieceReader,
		readRows,
		readTable,
		tableFields,
		type Columns,
		type TableField
	} from '$lib/core/table';
	import { newId } from '$lib/store/clock';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import ColumnChoice from '../table/ColumnChoice.svelte';
	import RowsToMend from '../table/RowsToMend.svelte';

	interface Props {
		open: boolean;
		client: Client;
		pieces: readonly Piece[];
		currency: string;
	}
	let { open = $bindable(false), client, pieces, currency }: Props = $props();

	const settings = studioSettings();
	let text = $state('');
	let failed = $state('');
	/** Cells that were mended here, by row and column. */
	let mended = $state<Record<string, string>>({});
	let moved = $state<Columns<TableField>>({});
	let skipDoubles = $state(false);
	let saving = $state(false);

	const raw = $derived(readTable(text));
	const known = $derived(settings.value?.columns ?? {});
	const columns = $derived({ ...guessedColumns(tableFields, raw.columns, known), ...moved });
	const hasName = $derived(columns.what !== undefined || columns.name !== undefined);
	const table = $derived({
		...raw,
		rows: raw.rows.map(({ number, cells }) => ({
			number,
			cells: cells.map((cell, at) => mended[`${number} ${at}`] ?? cell)
		}))
	});
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
	const rows = $derived(
		!open || !hasName || table.rows.length === 0
			? []
			: readRows(table, columns, {
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

	/** Twenty megabytes: more than any rail takes, and less than stops a page. */
	const mostBytes = 20 * 1024 * 1024;
	async function choose([file]: readonly File[]) {
		failed = '';
		if (!file) return;
		if (file.size > mostBytes) failed = m.table.tooLarge;
		else {
			const written = textOf(new Uint8Array(await file.arrayBuffer()));
			if (written === undefined) failed = m.table.unread;
			else begin(written);
		}
	}
	function begin(next: string) {
		text = next;
		mended = {};
		moved = {};
	}
	async function add() {
		if (saving || taken.length === 0) return;
		saving = true;
		const added = taken.map(({ piece }) => piece);
		const remembered = columnsToRemember(
			tableFields,
			raw.columns,
			$state.snapshot(moved),
			$state.snapshot(known)
		);
		const changed = JSON.stringify(remembered) !== JSON.stringify(known);
		const saved = await performTold(m.did.added(m.counts.pieces(added.length)), async (writer) => {
			if (changed) await writer.edit('settings', settingsId, (draft) => void (draft.columns = remembered));
			for (const piece of added) await writer.create('pieces', $state.snapshot(piece) as Piece);
		});
		saving = false;
		if (!saved) return;
		begin('');
		open = false;
	}
	const mend = (row: number, field: TableField, value: string) => {
		const at = columns[field];
		if (at !== undefined) mended = { ...mended, [`${row} ${at}`]: value };
	};
	const cellOf = (row: number, field: TableField) => {
		const at = columns[field];
		return at === undefined ? '' : (table.rows.find(({ number }) => number === row)?.cells[at] ?? '');
	};
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
		{#key text === ''}
			<FileUploaderButton
				size="small"
				kind="tertiary"
				disableLabelChanges
				labelText={m.table.choose}
				accept={['.csv', '.tsv', '.txt']}
				on:change={({ detail }) => void choose(detail)}
			/>
		{/key}
		{#if failed}<p role="alert" class="warn">{failed}</p>{/if}
		<TextArea
			rows={4}
			labelText={m.table.paste}
			value={text}
			on:input={(event) => begin((event.target as HTMLTextAreaElement).value)}
		/>
		{#each raw.problems as problem (problem)}<p class="warn">{problem}</p>{/each}
		{#if raw.columns.length > 0 && text.trim() !== ''}
			<ColumnChoice
				fields={tableFields}
				names={raw.columns}
				{columns}
				onmove={(field, at) => (moved = { ...moved, [field]: at })}
			/>
			{#if !hasName}<p class="warn">{m.table.needs}</p>{/if}
		{/if}
		{#if rows.length > 0}
			<p role="status"><strong>{m.table.summary(good.length, rows.length - good.length)}</strong></p>
			{#if bad.length > 0}
				<RowsToMend
					fields={tableFields}
					problems={bad}
					{cellOf}
					canMend={(field) => columns[field] !== undefined}
					onmend={mend}
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
