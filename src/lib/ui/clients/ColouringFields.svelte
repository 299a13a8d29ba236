<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { contrasts, skinIds, undertones, type Client } from '$lib/core';
	import MaybeSelect from '../frame/MaybeSelect.svelte';
	import { m } from '../messages';

	/** What suits the face, and how the figure is drawn. */
	let { draft = $bindable() }: { draft: Client } = $props();

	const figureChoices = {
		hair: ['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white'],
		hairShape: ['cropped', 'bob', 'long', 'up']
	} as const;
	const asOptions = <T extends string>(ids: readonly T[]) => ids.map((id) => ({ id, label: id }));
</script>

<div class="fields">
	<Select size="sm" labelText={m.clients.skin} bind:selected={draft.figure.skin}>
		{#each skinIds as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
	<MaybeSelect
		label={m.clients.undertone}
		options={asOptions(undertones)}
		chosen={draft.colouring.undertone}
		onchange={(undertone) => (draft.colouring = { ...draft.colouring, undertone })}
	/>
	<MaybeSelect
		label={m.clients.contrast}
		options={asOptions(contrasts)}
		chosen={draft.colouring.contrast}
		onchange={(contrast) => (draft.colouring = { ...draft.colouring, contrast })}
	/>
	<Select size="sm" labelText={m.clients.hair} bind:selected={draft.figure.hair}>
		{#each figureChoices.hair as value (value)}<SelectItem {value} text={value.replace('-', ' ')} />{/each}
	</Select>
	<Select size="sm" labelText={m.clients.hairShape} bind:selected={draft.figure.hairShape}>
		{#each figureChoices.hairShape as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
</div>
