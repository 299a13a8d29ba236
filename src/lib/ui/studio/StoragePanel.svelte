<script lang="ts">
	import { onMount } from 'svelte';
	import { methodVersion, schemaVersion } from '$lib/core';
	import { storageState, type StorageState } from '$lib/store/storage';
	import { m } from '../messages';

	let stored = $state.raw<StorageState | undefined>();
	onMount(async () => {
		stored = await storageState();
	});
	const megabytes = (bytes: number) =>
		(bytes / 1_000_000).toLocaleString('en-GB', { maximumFractionDigits: 1 });
</script>

<section class="panel">
	<h2>{m.studio.about}</h2>
	<p>{m.studio.aboutText}</p>
	<p><a href="/help">{m.help.open}</a></p>
	{#if stored?.used !== undefined}
		<p class="figures">
			{m.studio.space(megabytes(stored.used), stored.free === undefined ? undefined : megabytes(stored.free))}
		</p>
	{/if}
	{#if stored?.kept !== undefined}<p>{stored.kept ? m.studio.kept : m.studio.notKept}</p>{/if}
	<p class="soft figures">{m.studio.versions(String(schemaVersion), methodVersion)}</p>
</section>
