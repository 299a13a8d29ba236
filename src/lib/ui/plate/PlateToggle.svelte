<script lang="ts">
	import type { Snippet } from 'svelte';

	/** A way in which a plate is looked at, on or off. */
	let {
		on,
		hint,
		ontoggle,
		children
	}: { on: boolean; hint: string; ontoggle: () => void; children: Snippet } = $props();
</script>

<button aria-pressed={on} title={hint} onclick={ontoggle}>{@render children()}</button>

<style>
	button {
		min-height: 1.75rem;
		padding: 0 0.4rem;
		white-space: nowrap;
		border: 1px solid var(--line-strong);
		background: var(--panel);
		color: var(--ink);
		font: inherit;
		font-size: var(--step--1);
		cursor: pointer;
	}
	button::first-letter {
		text-transform: uppercase;
	}
	button[aria-pressed='true'] {
		border-color: var(--accent);
		background: var(--accent-wash);
		font-weight: 640;
	}
</style>
