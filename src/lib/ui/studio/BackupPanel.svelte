<script lang="ts">
	import { Button, Checkbox, ProgressBar, TextInput } from 'carbon-components-svelte';
	import { momentInWords } from '$lib/core';
	import { live } from '$lib/store/live.svelte';
	import { backUpStudio, lastBackup, noteBackup } from '$lib/store/studio';
	import { leastPassphrase } from '$lib/workers/sealing';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import { download } from './download';

	let packed = $state<number | undefined>();
	let calledOff: AbortController | undefined;
	const last = live(() => async () => ({ at: await lastBackup() }));

	let isSealed = $state(false);
	let passphrase = $state('');
	let again = $state('');
	let tried = $state(false);
	const isShort = $derived(passphrase.length < leastPassphrase);

	async function backUp() {
		tried = true;
		if (isSealed && (isShort || again !== passphrase)) return;
		packed = 0;
		calledOff = new AbortController();
		await perform(async () => {
			const { blob, name } = await backUpStudio(
				(share) => (packed = share),
				calledOff?.signal,
				isSealed ? passphrase : undefined
			);
			download(blob, name);
			await noteBackup();
			notices.show({ kind: 'info', title: m.studio.packed(name) });
			// It is not kept anywhere, this page included.
			passphrase = again = '';
			tried = isSealed = false;
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
		<Checkbox labelText={m.studio.seal} bind:checked={isSealed} />
		{#if isSealed}
			<form
				onsubmit={(event) => {
					event.preventDefault();
					void backUp();
				}}
			>
				<p class="soft">{m.studio.sealText}</p>
				<TextInput
					size="sm"
					type="password"
					autocomplete="new-password"
					labelText={m.studio.passphrase}
					bind:value={passphrase}
					invalid={tried && isShort}
					invalidText={m.studio.passphraseShort(leastPassphrase)}
				/>
				<TextInput
					size="sm"
					type="password"
					autocomplete="new-password"
					labelText={m.studio.passphraseAgain}
					bind:value={again}
					invalid={tried && !isShort && again !== passphrase}
					invalidText={m.studio.passphraseDiffers}
				/>
				<button type="submit" hidden aria-hidden="true" tabindex="-1"></button>
			</form>
		{/if}
		<Button size="small" on:click={backUp}>{m.studio.makeBackup}</Button>
	{/if}
</section>

<style>
	form {
		display: grid;
		gap: 0.5rem;
	}
</style>
