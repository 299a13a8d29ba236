<script lang="ts">
	import { ComboBox } from 'carbon-components-svelte';
	import { garmentTypes, type TypeId } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		type: TypeId | undefined;
		invalid?: boolean;
		onchange: (type: TypeId) => void;
	}
	let { type, invalid = false, onchange }: Props = $props();

	let field = $state<HTMLElement>();
	/** The combo box tells of every change of its choice, also of one that was said in the line: only the hand's count. */
	function choose(id: TypeId) {
		if (id !== type && field?.contains(document.activeElement)) onchange(id);
	}
	/** Clearing the field does not undo the choice: it shows what is chosen again. */
	let revision = $state(0);
	const items = garmentTypes.map(({ id, singular, familyLabel }) => ({
		id,
		text: `${singular} · ${familyLabel}`
	}));
	const wordsOf = new Map(
		garmentTypes.map((entry) => [
			entry.id,
			[entry.singular, entry.plural, entry.familyLabel, ...entry.words.map(({ word }) => word)]
				.join(' ')
				.toLowerCase()
		])
	);
	const matches = (item: { id: TypeId }, typed: string) =>
		typed
			.toLowerCase()
			.split(/[\s·]+/)
			.every((word) => (wordsOf.get(item.id) ?? '').includes(word));
</script>

<div bind:this={field}>
	{#key revision}
		<ComboBox
			autoHighlight="first-match"
			labelText={m.garment.type}
			placeholder={m.garment.typePlaceholder}
			{items}
			selectedId={type}
			shouldFilterItem={matches}
			{invalid}
			invalidText={m.garment.typeMissing}
			on:select={({ detail }) => choose(detail.selectedId)}
			on:clear={() => revision++}
		/>
	{/key}
</div>
