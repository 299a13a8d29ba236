<script lang="ts">
	import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { untrack } from 'svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import { garmentInWords, isSet, partsOfSet, takenApart, type PiecesReading, type Reading } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import GarmentFields from '../garment/GarmentFields.svelte';
	import { m } from '../messages';
	import type { ConfigurationDraft, PartDraft } from './piece-draft';

	interface Props {
		parts: PartDraft[];
		configurations: ConfigurationDraft[];
		currency: string;
		/** Was it tried to save? What is missing is told from then on. */
		tried: boolean;
		/** What was said of the first part. */
		onsaid: (reading: Reading | PiecesReading) => void;
		onsettled: () => void;
	}
	let {
		parts = $bindable(),
		configurations = $bindable(),
		currency,
		tried,
		onsaid,
		onsettled
	}: Props = $props();

	const mostParts = 6;
	const whole = $derived(parts.find(({ of }) => of !== undefined));
	const single = $derived(parts.length === 1 ? parts[0]?.garment : undefined);
	const nameOf = ({ name, garment }: PartDraft, at: number) =>
		name || (garment ? garmentInWords(garment) : m.wardrobe.part(at + 1));

	/** The set stays, as the whole of what it comes apart into. */
	function takeApart() {
		const known = parts.flatMap(({ garment, ...part }) => (garment ? [{ ...part, garment }] : []));
		parts = takenApart({ parts: known }, newId).parts;
	}
	const addPart = () => (parts = [...parts, { id: newId(), name: '', garment: undefined }]);
	function removePart(id: string) {
		const left = parts.filter((part) => part.id !== id);
		parts = left.flatMap((part) => {
			if (!part.of) return [part];
			const of = part.of.filter((one) => one !== id);
			// Of fewer than two parts nothing is a whole.
			return of.length >= 2 ? [{ ...part, of }] : [{ ...part, of: undefined }];
		});
		configurations = configurations.filter(({ partId }) => partId !== id);
	}
	function addConfiguration() {
		const [first] = parts;
		if (first)
			configurations = [
				...configurations,
				{ id: newId(), name: '', partId: first.id, garment: first.garment }
			];
	}
	const removeConfiguration = (id: string) =>
		(configurations = configurations.filter((one) => one.id !== id));
</script>

<!-- What is known of it stands in one line, and opens: a suit has three of these. -->
{#snippet folded(one: PartDraft | ConfigurationDraft, invalid: boolean)}
	<details open={untrack(() => one.garment === undefined)}>
		<summary>{one.garment ? garmentInWords(one.garment) : m.wardrobe.notKnownYet}</summary>
		<GarmentFields bind:garment={one.garment} provenance="said" invalid={invalid && !one.garment} />
	</details>
{/snippet}

{#each parts as part, i (part.id)}
	<div class="part" role="group" aria-label={nameOf(part, i)}>
		{#if parts.length > 1}
			<div class="head">
				{#if part === whole}<h3>{m.wardrobe.whole}</h3>
				{:else}
					<TextInput
						size="sm"
						labelText={m.wardrobe.partName}
						placeholder={m.wardrobe.part(i + 1)}
						bind:value={part.name}
						maxlength={80}
					/>
				{/if}
				<Button kind="ghost" size="small" on:click={() => removePart(part.id)}
					>{m.wardrobe.removePart(nameOf(part, i))}</Button
				>
			</div>
		{/if}
		{#if i === 0}
			<GarmentFields
				bind:garment={part.garment}
				provenance="said"
				facts={currency}
				invalid={tried && !part.garment}
				{onsaid}
				{onsettled}
			/>
		{:else}
			{@render folded(part, tried)}
		{/if}
	</div>
{/each}
{#each configurations as one, i (one.id)}
	<div class="part" role="group" aria-label={one.name || m.wardrobe.otherWay(i + 1)}>
		<div class="head">
			<TextInput
				size="sm"
				labelText={m.wardrobe.wayName}
				placeholder={m.wardrobe.wayHint}
				bind:value={one.name}
				invalid={tried && one.name.trim() === ''}
				invalidText={m.wardrobe.wayNeedsName}
				maxlength={120}
			/>
			{#if parts.length > 1}
				<Select size="sm" labelText={m.wardrobe.wayOf} bind:selected={one.partId}>
					{#each parts as part, at (part.id)}<SelectItem value={part.id} text={nameOf(part, at)} />{/each}
				</Select>
			{/if}
			<Button kind="ghost" size="small" on:click={() => removeConfiguration(one.id)}
				>{m.wardrobe.removePart(one.name || m.wardrobe.otherWay(i + 1))}</Button
			>
		</div>
		{@render folded(one, tried)}
	</div>
{/each}
<div class="row">
	{#if single && isSet(single)}
		<Button kind="tertiary" size="small" on:click={takeApart}
			>{m.wardrobe.takeApart(
				partsOfSet(single)
					.map(({ name }) => name)
					.join(', ')
			)}</Button
		>
	{/if}
	{#if parts.length < mostParts}
		<Button kind="ghost" size="small" icon={Add} on:click={addPart}>{m.wardrobe.addPart}</Button>
	{/if}
	<Button kind="ghost" size="small" icon={Add} on:click={addConfiguration}>{m.wardrobe.addWay}</Button>
</div>

<style>
	.part + .part {
		margin-top: 1rem;
		padding-top: 1rem;
		border-top: 1px solid var(--line);
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1rem;
		align-items: end;
		margin-bottom: 0.75rem;
	}
	.head > :global(.bx--form-item) {
		flex: 0 1 14rem;
	}
	h3 {
		flex: 1;
	}
	summary {
		padding: 0.3rem 0;
		font-size: var(--step-0);
		cursor: pointer;
	}
</style>
