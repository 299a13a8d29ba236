<script lang="ts">
	import { Button, FileUploaderButton, InlineNotification, ProgressBar } from 'carbon-components-svelte';
	import { readBackup, restoreBackup } from '$lib/store/studio';
	import type { OpenedBackup } from '$lib/workers/archive';
	import { CancelledError } from '$lib/workers/session';
	import Confirm from '../frame/Confirm.svelte';
	import { notices } from '../frame/notices.svelte';
	import { explain, perform } from '../frame/perform';
	import { m } from '../messages';
	import { contentsInWords } from './contents';

	/** What the browser holds now, in words. */
	let { here }: { here: string } = $props();

	let reading = $state(false);
	let calledOff: AbortController | undefined;
	let read = $state.raw<{ name: string; backup: OpenedBackup } | undefined>();
	let refusal = $state.raw<{ message: string; problems: string[] } | undefined>();
	let asking = $state(false);

	async function choose(files: readonly File[]) {
		const [file] = files;
		if (!file) return;
		refusal = undefined;
		reading = true;
		calledOff = new AbortController();
		try {
			const result = await readBackup(file, calledOff.signal);
			if (result.ok) {
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
		{#key read}
			<FileUploaderButton
				size="small"
				kind="tertiary"
				disableLabelChanges
				labelText={m.studio.choose}
				accept={['.zip']}
				on:change={({ detail }) => void choose(detail)}
			/>
		{/key}
	{/if}
	{#if refusal}
		<InlineNotification
			lowContrast
			kind="error"
			title={m.studio.refused}
			on:close={() => (refusal = undefined)}
		>
			<svelte:fragment slot="subtitleChildren">
				{refusal.message}
				{#each refusal.problems as problem, i (i)}<br />{problem}{/each}
			</svelte:fragment>
		</InlineNotification>
	{/if}
</section>
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
