<script lang="ts">
	import { goto } from '$app/navigation';
	import { InlineNotification, Loading } from 'carbon-components-svelte';
	import { onMount } from 'svelte';
	import { database } from '$lib/store/database';
	import { restoreDemo } from '$lib/store/studio';
	import type { Read, StudioDocument } from '$lib/core';
	import { m } from '../messages';

	/** The demo as it is being read. */
	let { reading }: { reading: Promise<Read<StudioDocument>> } = $props();
	let failure = $state('');
	let occupied = $state(false);

	// A studio of one's own is never overwritten from here; Studio asks before it does.
	onMount(async () => {
		try {
			const settings = await database.settings.toCollection().first();
			if (settings && !settings.demo) {
				occupied = true;
				return;
			}
			if (!settings) {
				const read = await reading;
				if (!read.ok) {
					failure = [read.message, ...read.problems].join(' ');
					return;
				}
				await restoreDemo(read.value);
			}
			await goto('/', { replaceState: true });
		} catch (error) {
			failure = `${m.storeBroken} (${(error as Error).message})`;
		}
	});
</script>

<div class="page">
	{#if failure}
		<InlineNotification lowContrast hideCloseButton kind="error" title={m.failed} subtitle={failure} />
	{:else if occupied}
		<p class="panel">
			{m.desk.demoOccupied} <a href="/">{m.places.desk}</a> · <a href="/studio">{m.places.studio}</a>
		</p>
	{:else}
		<Loading withOverlay={false} description={m.welcome.opening} />
	{/if}
</div>
