<script lang="ts">
	import { InlineNotification, SkeletonText } from 'carbon-components-svelte';
	import type { Snippet } from 'svelte';
	import type { Live } from '$lib/store/live.svelte';
	import { m } from '../messages';

	/** Waits for a live query: bones while it loads, a plain sentence when the store fails, else the content. */
	let { query, children }: { query: Live<unknown>; children: Snippet } = $props();
</script>

{#if query.error}
	<InlineNotification
		lowContrast
		hideCloseButton
		kind="error"
		title={m.failed}
		subtitle="{m.storeBroken} ({query.error.message})"
	/>
{:else if query.value === undefined}
	<div class="bones" aria-busy="true">
		<span class="visually-hidden">{m.loading}</span><SkeletonText paragraph lines={4} />
	</div>
{:else}
	{@render children()}
{/if}

<style>
	.bones {
		max-width: 40rem;
		padding: 1rem 0;
	}
</style>
