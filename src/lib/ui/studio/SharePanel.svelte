<script lang="ts">
	import { Button, FileUploaderButton, Select, SelectItem } from 'carbon-components-svelte';
	import { mergeRows, type MergeRow, type RecordKey } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { readBackup, readStudio, shareOf } from '$lib/store/studio';
	import type { OpenedBackup } from '$lib/workers/archive';
	import { chosenIn } from '../frame/chosen';
	import { notices } from '../frame/notices.svelte';
	import { explain, perform } from '../frame/perform';
	import Refusal from '../frame/Refusal.svelte';
	import { m } from '../messages';
	import { download } from './download';
	import MergeDialog from './MergeDialog.svelte';

	const kinds = ['echoes', 'references', 'recipes', 'rail', 'clients'] as const;
	let kind = $state<(typeof kinds)[number]>('echoes');
	let chosenId = $state('');
	/** What can be shared of a kind, by name. */
	const choices = live(() => {
		const of = kind;
		return async () => {
			const named =
				of === 'rail' || of === 'clients'
					? (await database.clients.toArray()).map(({ id, name }) => ({ id, name }))
					: (await database.table<{ id: string; title?: string; name?: string }>(of).toArray()).map(
							({ id, title, name }) => ({ id, name: title ?? name ?? '' })
						);
			return named.sort((a, b) => a.name.localeCompare(b.name));
		};
	});
	const chosen = $derived(choices.value?.find(({ id }) => id === chosenId) ?? choices.value?.[0]);

	async function rootsOf(id: string): Promise<RecordKey[]> {
		if (kind !== 'rail') return [{ table: kind, id }];
		const ids = await database.pieces.where('clientId').equals(id).primaryKeys();
		return [{ table: 'clients', id }, ...ids.map((piece) => ({ table: 'pieces' as const, id: piece }))];
	}
	const save = () =>
		perform(async () => {
			if (!chosen) return;
			const blob = await shareOf(await rootsOf(chosen.id), kind === 'clients');
			const name = `prime-echo-${kind}-${today()}.zip`;
			download(blob, name);
			notices.show({ kind: 'info', title: m.studio.packed(name) });
		});

	let read = $state.raw<{ opened: OpenedBackup; rows: MergeRow[] } | undefined>();
	let refusal = $state.raw<{ message: string; problems: string[] } | undefined>();
	let taken = $state(0);
	async function choose(files: readonly File[]) {
		const [file] = files;
		taken++;
		if (!file) return;
		refusal = undefined;
		try {
			const result = await readBackup(file);
			if (result.ok)
				read = { opened: result.value, rows: mergeRows(await readStudio(), result.value.document) };
			else refusal = result;
		} catch (error) {
			refusal = { message: explain(error), problems: [] };
		}
	}
	async function close() {
		await read?.opened.close().catch(() => undefined);
		read = undefined;
	}
</script>

<section class="panel">
	<h2>{m.studio.share.title}</h2>
	<p>{m.studio.share.text}</p>
	<Select
		size="sm"
		labelText={m.studio.share.what}
		selected={kind}
		on:change={(event) => (kind = kinds.find((one) => one === chosenIn(event)) ?? 'echoes')}
	>
		{#each kinds as one (one)}<SelectItem value={one} text={m.studio.share.kinds[one]} />{/each}
	</Select>
	{#if choices.value?.length === 0}<p class="soft">{m.studio.share.nothing}</p>{:else}
		<Select
			size="sm"
			labelText={m.studio.share.which}
			selected={chosen?.id ?? ''}
			on:change={(event) => (chosenId = chosenIn(event))}
		>
			{#each choices.value ?? [] as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
		</Select>
		{#if kind !== 'references' && kind !== 'recipes'}<p class="soft">{m.studio.share.private}</p>{/if}
		<Button size="small" on:click={() => void save()}>{m.studio.share.save}</Button>
	{/if}
	{#key taken}
		<FileUploaderButton
			size="small"
			kind="tertiary"
			disableLabelChanges
			labelText={m.studio.share.read}
			accept={['.zip']}
			on:change={({ detail }) => void choose(detail)}
		/>
	{/key}
	{#if refusal}
		<Refusal title={m.lookbook.answerRefused} {refusal} onclose={() => (refusal = undefined)} />
	{/if}
</section>
{#if read}<MergeDialog opened={read.opened} rows={read.rows} onclose={() => void close()} />{/if}
