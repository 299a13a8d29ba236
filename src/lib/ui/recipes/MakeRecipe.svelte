<script lang="ts">
	import { Checkbox, TextInput } from 'carbon-components-svelte';
	import { recipeFromReferences } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	let { open = $bindable(false), onmade }: { open: boolean; onmade: (id: string) => void } = $props();

	const references = live(
		() => async () =>
			(await database.references.toArray())
				.filter(({ elements }) => elements.length > 0)
				.sort((a, b) => a.title.localeCompare(b.title))
	);
	const form = formDraft<{ title: string; chosen: string[] }>({
		key: () => 'recipe/new',
		begin: () => ({ title: '', chosen: [] })
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	async function save() {
		tried = true;
		const title = draft.title.trim();
		const from = (references.value ?? []).filter(({ id }) => draft.chosen.includes(id));
		if (title === '' || from.length === 0) return false;
		const recipe = recipeFromReferences(from, title, newId);
		await change(m.did.added(recipe.title), (writer) => writer.create('recipes', recipe));
		onmade(recipe.id);
		return true;
	}
</script>

<FormDialog
	bind:open
	title={m.recipes.make}
	saveLabel={m.recipes.makeDo}
	size="sm"
	focus="#recipe-title"
	draft={form}
	onopen={() => (tried = false)}
	onsave={save}
>
	<TextInput
		id="recipe-title"
		labelText={m.recipes.name}
		bind:value={draft.title}
		maxlength={120}
		invalid={tried && draft.title.trim() === ''}
		invalidText={m.recipes.titleMissing}
	/>
	<fieldset>
		<legend class="bx--label">{m.recipes.fromWhich}</legend>
		{#each references.value ?? [] as reference (reference.id)}
			<Checkbox
				labelText="{reference.title} · {m.counts.elements(reference.elements.length)}"
				checked={draft.chosen.includes(reference.id)}
				on:check={({ detail }) =>
					(draft.chosen = detail
						? [...draft.chosen, reference.id]
						: draft.chosen.filter((id) => id !== reference.id))}
			/>
		{/each}
		{#if tried && draft.chosen.length === 0}<p role="alert" class="missing">{m.recipes.fromNone}</p>{/if}
	</fieldset>
</FormDialog>

<style>
	.missing {
		color: var(--warn);
		font-size: var(--step-0);
	}
</style>
