<script lang="ts">
	import { Button, ProgressBar } from 'carbon-components-svelte';
	import { momentInWords } from '$lib/core';
	import { live } from '$lib/store/live.svelte';
	import { backUpStudio, lastBackup, noteBackup } from '$lib/store/studio';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import { download } from './download';

	let packed = $state<number | undefined>();
	let calledOff: AbortController | undefined;
	const last = live(() => async () => ({ at: await lastBackup() }));

	async function backUp() {
		packed = 0;
		calledOff = new AbortController();
		await perform(async () => {
			const { blob, name } = await backUpStudio((share) => (packed = share), calledOff?.signal);
			download(blob, name);
			await noteBackup();
			notices.show({ kind: 'info', title: m.studio.packed(name) });
		});
		packed = undefined;
	}
</script>

<section class="panel">
	<h2>{m.studio.backup}</h2>
	<p>{m.studio.backupText}</p>
	<p class="soft">
		{last.value?.at ? m.studio.lastBackup(momentInWords(last.value.at)) : m.studio.noBackup}
	</p>
	{#if packed !== undefined}
		<ProgressBar size="sm" labelText={m.studio.packing} value={packed} max={1} />
		<Button size="small" kind="ghost" on:click={() => calledOff?.abort()}>{m.cancel}</Button>
	{:else}
		<Button size="small" on:click={backUp}>{m.studio.makeBackup}</Button>
	{/if}
</section>
