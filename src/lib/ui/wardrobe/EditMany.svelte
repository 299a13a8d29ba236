<script lang="ts">
	import { Modal, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import type { Piece } from '$lib/core';
	import { m } from '../messages';
	import ManyBar from './ManyBar.svelte';
	import { manyAtOnce } from './many.svelte';

	/** Changes of several pieces at once: what is left alone stays with each as it is. */
	let { open = $bindable(false), pieces }: { open: boolean; pieces: readonly Piece[] } = $props();

	const states = ['ready', 'needs-care', 'away', 'retired'] as const;
	const ways = ['new', 'pre-owned', 'vintage', 'thrifted', 'made', 'gift', 'unknown'] as const;
	const nothing = { state: '', how: '', sizeLabel: '', place: '' };
	let draft = $state({ ...nothing });
	const many = manyAtOnce();
	const changes = $derived(Object.values(draft).some((value) => value.trim() !== ''));
	$effect(() => {
		if (open) draft = { ...nothing };
	});

	async function save() {
		if (!changes) return;
		const { state, how, sizeLabel, place } = $state.snapshot(draft);
		const label = m.did.edited(m.counts.pieces(pieces.length));
		const saved = await many.run(label, pieces, (writer, id) =>
			writer.edit('pieces', id, (piece) => {
				if (state) piece.state = state as Piece['state'];
				if (how) piece.acquired.how = how as Piece['acquired']['how'];
				if (sizeLabel.trim()) piece.sizeLabel = sizeLabel.trim();
				if (place.trim()) piece.place = place.trim();
			})
		);
		if (saved) open = false;
	}
</script>

<Modal
	bind:open
	size="sm"
	modalHeading={m.wardrobe.editing(pieces.length)}
	primaryButtonText={m.save}
	primaryButtonDisabled={!changes || many.busy}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus="select"
	on:click:button--secondary={() => (open = false)}
	on:submit={() => void save()}
>
	<div class="fields">
		<Select size="sm" labelText={m.wardrobe.state} bind:selected={draft.state}>
			<SelectItem value="" text={m.wardrobe.asIs} />
			{#each states as state (state)}<SelectItem value={state} text={m.wardrobe.states[state]} />{/each}
		</Select>
		<Select size="sm" labelText={m.wardrobe.acquired} bind:selected={draft.how}>
			<SelectItem value="" text={m.wardrobe.asIs} />
			{#each ways as way (way)}<SelectItem value={way} text={way === 'unknown' ? m.notNoted : way} />{/each}
		</Select>
		<TextInput
			size="sm"
			labelText={m.wardrobe.place}
			helperText={m.wardrobe.asIsHint}
			bind:value={draft.place}
			maxlength={80}
		/>
		<TextInput
			size="sm"
			labelText={m.wardrobe.size}
			helperText={m.wardrobe.asIsHint}
			bind:value={draft.sizeLabel}
			maxlength={30}
		/>
	</div>
	<ManyBar {many} />
</Modal>
