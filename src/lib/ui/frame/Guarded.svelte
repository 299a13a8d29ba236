<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import type { Snippet } from 'svelte';
	import { m } from '../messages';

	/** A view, or a part of one, whose fault stays its own: it is told in its place, with a way back; records are safe. */
	let { children, back = false }: { children: Snippet; back?: boolean } = $props();
</script>

<svelte:boundary onerror={(error) => console.warn(error)}>
	{@render children()}
	{#snippet failed(_error, reset)}
		<div class="panel" role="alert">
			<p><strong>{m.viewFailed}</strong></p>
			<p>{m.viewFailedText}</p>
			<p class="row">
				<Button size="small" kind="tertiary" on:click={reset}>{m.tryAgain}</Button>
				{#if back}<a href="/">{m.places.desk}</a> <a href="/studio">{m.studio.makeBackup}</a>{/if}
			</p>
		</div>
	{/snippet}
</svelte:boundary>

<style>
	.panel {
		display: grid;
		gap: 0.5rem;
		margin: 1rem;
	}
</style>
