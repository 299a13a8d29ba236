<script lang="ts">
	import { Button, FileUploaderButton, Modal, ProgressBar, TextInput } from 'carbon-components-svelte';
	import { mergeRows, type MergeRow } from '$lib/core';
	import {
		needsPassphrase,
		readBackup,
		readSealedBackup,
		readStudio,
		restoreBackup
	} from '$lib/store/studio';
	import type { OpenedBackup } from '$lib/workers/archive';
	import { CancelledError } from '$lib/workers/session';
	import Confirm from '../frame/Confirm.svelte';
	import { notices } from '../frame/notices.svelte';
	import { explain, perform } from '../frame/perform';
	import Refusal from '../frame/Refusal.svelte';
	import { m } from '../messages';
	import { contentsInWords } from './contents';
	import MergeDialog from './MergeDialog.svelte';

	/** What the browser holds now, in words. */
	let { here }: { here: string } = $props();

	let reading = $state(false);
	let calledOff: AbortController | undefined;
	let read = $state.raw<{ name: string; backup: OpenedBackup } | undefined>();
	let refusal = $state.raw<{ message: string; problems: string[] } | undefined>();
	let asking = $state(false);
	/** A part of a studio was chosen: it is read in beside this one, and replaces nothing unasked. */
	let part = $state.raw<{ opened: OpenedBackup; rows: MergeRow[] } | undefined>();

	/** A file that waits for its passphrase. */
	let sealed = $state.raw<File | undefined>();
	let passphrase = $state('');

	async function choose(files: readonly File[]) {
		const [file] = files;
		if (!file) return;
		refusal = undefined;
		if (await needsPassphrase(file).catch(() => false)) sealed = file;
		else await openFile(file, (signal) => readBackup(file, signal));
	}
	async function unseal() {
		const file = sealed;
		const given = passphrase;
		sealed = undefined;
		passphrase = '';
		if (file) await openFile(file, (signal) => readSealedBackup(file, given, signal));
	}
	async function openFile(file: File, open: (signal: AbortSignal) => ReturnType<typeof readBackup>) {
		reading = true;
		calledOff = new AbortController();
		try {
			const result = await open(calledOff.signal);
			if (result.ok && result.value.document.part)
				part = { opened: result.value, rows: mergeRows(await readStudio(), result.value.document) };
			else if (result.ok) {
				read = { name: file.name, backup: result.value };
				asking = true;
			} else refusal = result;
		} catch (error) {
			// A file that is moved away while it is read ends here, too.
			if (!(error instanceof CancelledError)) refusal = { message: explain(error), problems: [] };
		} finally {
			reading = false;
		}
	}
	async function close() {
		await read?.backup.close().catch(() => undefined);
		read = undefined;
	}
	const restore = () =>
		perform(async () => {
			if (!read) return;
			const { backup } = read;
			try {
				await restoreBackup(backup);
				notices.show({ kind: 'info', title: m.studio.restored(contentsInWords(backup.document)) });
			} catch (error) {
				refusal = { message: error instanceof RangeError ? error.message : explain(error), problems: [] };
			} finally {
				await close();
			}
		});
</script>

<section class="panel">
	<h2>{m.studio.restore}</h2>
	<p>{m.studio.restoreText}</p>
	{#if reading}
		<ProgressBar size="sm" labelText={m.studio.reading} />
		<Button size="small" kind="ghost" on:click={() => calledOff?.abort()}>{m.cancel}</Button>
	{:else}
		{#key [read, sealed, part]}
			<FileUploaderButton
				size="small"
				kind="tertiary"
				disableLabelChanges
				labelText={m.studio.choose}
				accept={['.zip', '.sealed']}
				on:change={({ detail }) => void choose(detail)}
			/>
		{/key}
	{/if}
	{#if refusal}
		<Refusal title={m.studio.refused} {refusal} onclose={() => (refusal = undefined)} />
	{/if}
</section>
{#if sealed}
	<Modal
		size="xs"
		open
		on:close={() => (sealed = undefined)}
		modalHeading={m.studio.sealedAsk}
		primaryButtonText={m.studio.unseal}
		primaryButtonDisabled={passphrase === ''}
		secondaryButtonText={m.cancel}
		selectorPrimaryFocus="#sealed-passphrase"
		on:click:button--secondary={() => (sealed = undefined)}
		on:submit={() => void unseal()}
	>
		<p>{m.studio.sealedText(sealed.name.slice(0, 60))}</p>
		<TextInput
			id="sealed-passphrase"
			type="password"
			autocomplete="current-password"
			labelText={m.studio.passphrase}
			bind:value={passphrase}
		/>
	</Modal>
{/if}
<Confirm
	bind:open={
		() => asking,
		(open) => {
			asking = open;
			if (!open) void close();
		}
	}
	title={m.studio.restoreAsk}
	text={read ? m.studio.restoreWhat(read.name.slice(0, 60), contentsInWords(read.backup.document), here) : ''}
	action={m.studio.restoreDo}
	onconfirm={restore}
/>
{#if part}
	<MergeDialog
		opened={part.opened}
		rows={part.rows}
		lead={m.studio.share.isPart}
		onclose={() => {
			void part?.opened.close().catch(() => undefined);
			part = undefined;
		}}
	/>
{/if}
