<script lang="ts">
	import { Checkbox, TextInput } from 'carbon-components-svelte';
	import { recipeFromReferences } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	let { open = $bindable(false), onmade }: { open: boolean; onmade: (id: string) => void } = $props();

	const references = live(
		() => async () =>
			(await database.references.toArray())
				.filter(({ elements }) => elements.length > 0)
				.sort((a, b) => a.title.localeCompare(b.title))
	);
	let title = $state('');
	let chosen = $state<string[]>([]);
	let tried = $state(false);

	function begin() {
		title = '';
		chosen = [];
		tried = false;
	}
	async function save() {
		tried = true;
		const from = (references.value ?? []).filter(({ id }) => chosen.includes(id));
		if (title.trim() === '' || from.length === 0) return;
		const recipe = recipeFromReferences(from, title.trim(), newId);
		const saved = await perform(() =>
			change(m.did.added(recipe.title), (writer) => writer.create('recipes', recipe))
		);
		if (!saved) return;
		open = false;
		onmade(recipe.id);
	}
</script>

<FormDialog
	bind:open
	title={m.recipes.make}
	saveLabel={m.recipes.makeDo}
	size="sm"
	focus="#recipe-title"
	onopen={begin}
	onsave={() => void save()}
>
	<TextInput
		id="recipe-title"
		labelText={m.recipes.name}
		bind:value={title}
		maxlength={120}
		invalid={tried && title.trim() === ''}
		invalidText={m.recipes.titleMissing}
	/>
	<fieldset>
		<legend class="bx--label">{m.recipes.fromWhich}</legend>
		{#each references.value ?? [] as reference (reference.id)}
			<Checkbox
				labelText="{reference.title} · {m.counts.elements(reference.elements.length)}"
				checked={chosen.includes(reference.id)}
				on:check={({ detail }) =>
					(chosen = detail ? [...chosen, reference.id] : chosen.filter((id) => id !== reference.id))}
			/>
		{/each}
		{#if tried && chosen.length === 0}<p role="alert" class="missing">{m.recipes.fromNone}</p>{/if}
	</fieldset>
</FormDialog>

<style>
	.missing {
		color: var(--warn);
		font-size: var(--step-0);
	}
</style>
