<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import type { Piece } from '$lib/core';
	import { focusOn } from '../frame/focus';
	import { m } from '../messages';
	import EditMany from './EditMany.svelte';
	import ManyBar from './ManyBar.svelte';
	import { manyAtOnce } from './many.svelte';
	import type { Selection } from './selection.svelte';

	let { selection, shown }: { selection: Selection; shown: number } = $props();

	const states = ['ready', 'needs-care', 'away', 'retired'] as const;
	const n = $derived(selection.chosen.length);
	const many = manyAtOnce();
	let editing = $state(false);
	/** The field stands on nothing again after each move. */
	let moved = $state(0);

	async function move(event: Event) {
		const state = (event.target as HTMLSelectElement).value as Piece['state'];
		const pieces = selection.chosen;
		moved++;
		const label = m.wardrobe.asState(pieces.length, m.wardrobe.states[state] ?? state);
		await many.run(label, pieces, (writer, id) =>
			writer.edit('pieces', id, (piece) => void (piece.state = state))
		);
		await focusOn('#move-many');
	}
	async function remove() {
		const pieces = selection.chosen;
		const gone = await many.run(m.did.deleted(m.counts.pieces(pieces.length)), pieces, (writer, id) =>
			writer.remove('pieces', id)
		);
		if (!gone) return focusOn('#move-many');
		selection.none();
		await focusOn('#wardrobe-title');
	}
	async function none() {
		selection.none();
		await focusOn('#wardrobe-title');
	}
</script>

<div class="bar" role="group" aria-label={m.wardrobe.chosen(n)}>
	<strong role="status"
		>{m.wardrobe.chosen(n)}{#if selection.hidden > 0}<span class="soft">
				· {m.wardrobe.hidden(selection.hidden)}</span
			>{/if}</strong
	>
	{#if many.progress}
		<ManyBar {many} />
	{:else}
		<Button kind="tertiary" size="small" on:click={() => (editing = true)}>{m.wardrobe.editMany}</Button>
		{#key moved}
			<Select
				id="move-many"
				size="sm"
				inline
				labelText={m.wardrobe.state}
				selected=""
				on:change={(event) => void move(event)}
			>
				<SelectItem value="" text="–" disabled hidden />
				{#each states as state (state)}<SelectItem value={state} text={m.wardrobe.states[state]} />{/each}
			</Select>
		{/key}
		<Button kind="ghost" size="small" icon={TrashCan} on:click={() => void remove()}>{m.remove}</Button>
		<span class="gap"></span>
		<Button kind="ghost" size="small" on:click={selection.all}>{m.wardrobe.chooseAll(shown)}</Button>
		<Button kind="ghost" size="small" on:click={() => void none()}>{m.wardrobe.unchoose}</Button>
	{/if}
</div>
<EditMany bind:open={editing} pieces={selection.chosen} />

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		align-items: center;
		position: sticky;
		bottom: 0;
		z-index: 2;
		padding: 0.5rem 1rem;
		border: 1px solid var(--ink);
		background: var(--panel);
		font-size: var(--step-0);
	}
	.bar > :global(.bx--form-item) {
		flex: 0 0 auto;
		width: auto;
	}
	.gap {
		flex: 1;
	}
</style>
