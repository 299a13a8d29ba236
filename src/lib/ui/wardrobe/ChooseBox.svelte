<script lang="ts">
	import { m } from '../messages';
	import type { Selection } from './selection.svelte';

	/** Chooses one thing of many; with Shift, all from the last one on. */
	let { id, name, selection }: { id: string; name: string; selection: Selection } = $props();

	const chosen = $derived(selection.has(id));
</script>

<label>
	<input
		type="checkbox"
		checked={chosen}
		aria-label={m.wardrobe.choose(name)}
		onclick={(event) => selection.toggle(id, event.shiftKey)}
	/>
</label>

<style>
	label {
		display: grid;
		place-items: center;
		width: 2rem;
		height: 2rem;
		cursor: pointer;
	}
	input {
		width: 1.1rem;
		height: 1.1rem;
		accent-color: var(--ink);
		cursor: pointer;
	}
</style>
