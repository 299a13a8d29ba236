<script lang="ts">
	import { Button, ComboBox } from 'carbon-components-svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import { colourName, colourWords, mostColours, paletteOf, type Provenance, type Swatch } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		palette: Swatch[];
		provenance: Provenance;
		onchange: (palette: Swatch[]) => void;
	}
	let { palette, provenance, onchange }: Props = $props();

	const items = colourWords.map(({ word, hex }) => ({ id: hex, text: word }));
	const withShares = (hexes: string[]) => paletteOf(hexes.map((hex) => ({ hex, provenance })));
	const hexes = $derived(palette.map(({ hex }) => hex));
	const replace = (at: number, hex: string) =>
		onchange(withShares(hexes.map((old, i) => (i === at ? hex : old))));
</script>

<fieldset>
	<legend class="bx--label">{m.garment.colours}</legend>
	<div class="row">
		{#each palette as swatch, i (i)}
			{@const name = colourName(swatch.hex)}
			<span class="chip">
				<input
					type="color"
					value={swatch.hex}
					aria-label="{m.garment.exact}: {name}"
					onchange={(event) => replace(i, event.currentTarget.value)}
				/>
				{name}
				<Button
					kind="ghost"
					size="small"
					icon={Close}
					iconDescription={m.garment.removeColour(name)}
					on:click={() => onchange(withShares(hexes.filter((_, at) => at !== i)))}
				/>
			</span>
		{/each}
		{#if palette.length < mostColours}
			{#key palette.length}
				<div class="add">
					<ComboBox
						size="sm"
						autoHighlight="first-match"
						hideLabel
						labelText={m.garment.addColour}
						placeholder={m.garment.addColour}
						{items}
						shouldFilterItem={(item, typed) => item.text.includes(typed.toLowerCase())}
						on:select={({ detail }) => onchange(withShares([...hexes, String(detail.selectedId)]))}
						let:item
					>
						<span class="word"><i style:background={item.id}></i>{item.text}</span>
					</ComboBox>
				</div>
			{/key}
		{/if}
	</div>
</fieldset>

<style>
	.chip {
		display: inline-flex;
		align-items: center;
		gap: 0.4rem;
		border: 1px solid var(--line);
		padding-left: 0.4rem;
		font-size: var(--step-0);
	}
	input[type='color'] {
		width: 1.75rem;
		height: 1.75rem;
		padding: 0;
		border: none;
		background: none;
	}
	.add {
		width: 12rem;
	}
	.word {
		display: flex;
		align-items: center;
		gap: 0.5rem;
	}
	.word i {
		width: 1rem;
		height: 1rem;
		border-radius: 50%;
		border: 1px solid var(--line-strong);
	}
</style>
