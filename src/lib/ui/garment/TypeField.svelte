<script lang="ts">
	import { ComboBox } from 'carbon-components-svelte';
	import { garmentTypes } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		type: string | undefined;
		invalid?: boolean;
		onchange: (type: string) => void;
	}
	let { type, invalid = false, onchange }: Props = $props();

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
	const matches = (item: { id: string }, typed: string) =>
		typed
			.toLowerCase()
			.split(/[\s·]+/)
			.every((word) => (wordsOf.get(item.id) ?? '').includes(word));
</script>

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
		on:select={({ detail }) => onchange(String(detail.selectedId))}
		on:clear={() => revision++}
	/>
{/key}
