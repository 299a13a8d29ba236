<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { contrasts, skinIds, undertones, type Client } from '$lib/core';
	import { m } from '../messages';

	/** What suits the face, and how the figure is drawn. */
	let { draft = $bindable() }: { draft: Client } = $props();

	const figureChoices = {
		hair: ['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white'],
		hairShape: ['cropped', 'bob', 'long', 'up']
	} as const;
</script>

<div class="fields">
	<Select size="sm" labelText={m.clients.skin} bind:selected={draft.figure.skin}>
		{#each skinIds as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.clients.undertone}
		selected={draft.colouring.undertone ?? ''}
		on:update={({ detail }) => {
			if (detail) draft.colouring.undertone = detail as (typeof undertones)[number];
			else delete draft.colouring.undertone;
		}}
	>
		<SelectItem value="" text={m.notNoted} />
		{#each undertones as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.clients.contrast}
		selected={draft.colouring.contrast ?? ''}
		on:update={({ detail }) => {
			if (detail) draft.colouring.contrast = detail as (typeof contrasts)[number];
			else delete draft.colouring.contrast;
		}}
	>
		<SelectItem value="" text={m.notNoted} />
		{#each contrasts as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
	<Select size="sm" labelText={m.clients.hair} bind:selected={draft.figure.hair}>
		{#each figureChoices.hair as value (value)}<SelectItem {value} text={value.replace('-', ' ')} />{/each}
	</Select>
	<Select size="sm" labelText={m.clients.hairShape} bind:selected={draft.figure.hairShape}>
		{#each figureChoices.hairShape as value (value)}<SelectItem {value} text={value} />{/each}
	</Select>
</div>
