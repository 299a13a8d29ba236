<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { untrack } from 'svelte';
	import {
		aspectWeightOf,
		facetOf,
		garmentType,
		lengthInWords,
		metalIds,
		printScales,
		prints,
		saidOver,
		typeHasFacet,
		type FacetId,
		type Garment,
		type MetalId,
		type PiecesReading,
		type PrintId,
		type PrintScale,
		type Provenance,
		type Reading,
		type TypeId
	} from '$lib/core';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import ColourFields from './ColourFields.svelte';
	import SayLine from './SayLine.svelte';
	import TypeField from './TypeField.svelte';

	interface Props {
		/** Undefined until a type is chosen. */
		garment: Garment | undefined;
		/** How the stylist comes by what is entered here. */
		provenance: Provenance;
		invalid?: boolean;
		/** What was said in the line, each time it changes. */
		onsaid?: (reading: Reading | PiecesReading) => void;
		/** Something was changed by hand: what the line said belongs to the form now, and the line begins anew. */
		onsettled?: () => void;
		/** The studio's currency, where facts of a piece may be said too. */
		facts?: string;
	}
	let { garment = $bindable(), provenance, invalid = false, onsaid, onsettled, facts }: Props = $props();

	let said = $state('');
	/** The garment before the line was begun: what is said is laid over it. */
	let before = $state.raw(untrack(() => garment));

	function take(reading: Reading | PiecesReading) {
		garment = saidOver(before, 'rest' in reading ? reading.rest : reading.text, {
			words: settings.value?.words,
			taught: settings.value?.taught,
			provenance
		}).garment;
		onsaid?.(reading);
	}
	/** Changed by hand: what was said is part of the garment now. */
	function change(next: Garment) {
		garment = next;
		before = next;
		said = '';
		onsettled?.();
	}

	const settings = studioSettings();
	let more = $state(false);
	/** The facets that count most are asked first. */
	const firstFew = 5;
	const facets = $derived(
		garment === undefined
			? []
			: [...garmentType(garment.type).facets].sort((a, b) => aspectWeightOf(b) - aspectWeightOf(a))
	);
	const shown = $derived(facets.filter((id, i) => more || i < firstFew || garment?.facets[id] !== undefined));

	function setType(type: TypeId) {
		const facets = Object.fromEntries(
			Object.entries(garment?.facets ?? {}).filter(([id]) => typeHasFacet(type, id as FacetId))
		);
		change({ palette: [], ...garment, type, facets });
	}
	function setFacet(id: FacetId, value: string) {
		if (!garment) return;
		const { [id]: _old, ...others } = garment.facets;
		change({ ...garment, facets: value ? { ...others, [id]: { value, provenance } } : others });
	}
	function setPrint(family: PrintId | '', scale?: PrintScale | '') {
		if (!garment) return;
		const print = family
			? { family: { value: family, provenance }, scale: scale ? { value: scale, provenance } : undefined }
			: undefined;
		change({ ...garment, print });
	}
	function setMetal(value: MetalId | '') {
		if (garment) change({ ...garment, metal: value ? { value, provenance } : undefined });
	}
</script>

{#snippet choice<I extends string>(
	label: string,
	value: string | undefined,
	options: readonly { id: I; label: string }[],
	set: (value: I | '') => void
)}
	<!-- The change event of the field itself: a choice by hand, never what the line beside it says. -->
	<Select
		size="sm"
		labelText={label}
		selected={value ?? ''}
		on:change={(event) => set(chosenIn(event) as I | '')}
	>
		<SelectItem value="" text={m.notNoted} />
		{#each options as option (option.id)}<SelectItem value={option.id} text={option.label} />{/each}
	</Select>
{/snippet}

<div class="stack">
	<SayLine bind:text={said} label={m.say.piece} {provenance} {facts} onread={take} />
	<TypeField type={garment?.type} {invalid} onchange={setType} />

	{#if garment}
		{@const { palette, print, metal } = garment}
		<ColourFields
			{palette}
			{provenance}
			onchange={(next) => {
				if (garment) change({ ...garment, palette: next });
			}}
		/>
		<div class="fields">
			{#each shown as id (id)}
				{@const facet = facetOf(id)}
				{@const { value, cm } = garment.facets[id] ?? {}}
				<!-- Choosing a word by hand takes the place of a figure that was said. -->
				{@render choice(
					cm === undefined
						? facet.label
						: `${facet.label}, ${lengthInWords(cm, settings.value?.units ?? 'cm')}`,
					value,
					facet.values,
					(chosen) => setFacet(id, chosen)
				)}
			{/each}
			{@render choice(m.garment.print, print?.family.value, prints, (value) =>
				setPrint(value, print?.scale?.value)
			)}
			{#if print && print.family.value !== 'plain'}
				{@render choice(
					m.garment.scale,
					print.scale?.value,
					printScales.map((id) => ({ id, label: id })),
					(value) => setPrint(print.family.value, value)
				)}
			{/if}
			{#if more || metal || ['jewellery', 'bags', 'accessories'].includes(garmentType(garment.type).division)}
				{@render choice(
					m.garment.metal,
					metal?.value,
					metalIds.map((id) => ({ id, label: id.replace(/-/g, ' ') })),
					setMetal
				)}
			{/if}
		</div>
		{#if facets.length > firstFew}
			<Button kind="ghost" size="small" aria-expanded={more} on:click={() => (more = !more)}>
				{more ? m.garment.fewerDetails : m.garment.moreDetails}
			</Button>
		{/if}
	{/if}
</div>

<style>
	/* What each field says of itself stands apart from the field before it. */
	.stack > :global(* + *) {
		margin-top: 0.75rem;
	}
</style>
