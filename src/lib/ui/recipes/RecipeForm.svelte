<script lang="ts">
	import { readRecipe, recipeText, type Recipe } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { putOver } from '../frame/put-over';
	import { m } from '../messages';
	import RecipeText from './RecipeText.svelte';

	interface Props {
		open: boolean;
		/** One's own recipe, to write anew. */
		recipe?: Recipe;
		/** What a new recipe begins with; default the form's headings. */
		given?: { from: string; text: string };
		onsaved?: (id: string) => void;
	}
	let { open = $bindable(false), recipe, given, onsaved }: Props = $props();

	const draftOf = (from: Recipe) => ({ id: from.id, rev: from.rev, text: recipeText(from) });
	const form = formDraft<{ id: string; rev: number; text: string }>({
		key: () => `recipe/${recipe?.id ?? `written ${given?.from ?? ''}`}`,
		begin: () =>
			recipe
				? draftOf($state.snapshot(recipe) as Recipe)
				: { id: newId(), rev: 0, text: given?.text ?? m.recipes.textBlank },
		from: (record) => draftOf(record as unknown as Recipe),
		label: () => m.recipes.text
	});
	const draft = $derived(form.value);
	const read = $derived(readRecipe(draft.text, { id: draft.id, ...(recipe && { was: recipe }) }));
	const wrong = $derived(read.problems.filter(({ taken }) => !taken));
	let paper = $state<RecipeText>();

	async function save() {
		const [first] = wrong;
		if (first) {
			await paper?.goTo(first.line);
			return false;
		}
		const next = $state.snapshot(read.recipe) as Recipe;
		await change(recipe ? m.did.edited(next.title) : m.did.added(next.title), (writer) =>
			recipe
				? writer.edit('recipes', recipe.id, (stored) => putOver(stored, next), draft.rev)
				: writer.create('recipes', next)
		);
		onsaved?.(next.id);
		return true;
	}
</script>

<FormDialog
	bind:open
	size="lg"
	title={recipe ? m.recipes.editText : m.recipes.write}
	draft={form}
	focus="#recipe-text"
	onsave={save}
>
	<RecipeText bind:this={paper} bind:text={draft.text} lines={read.lines} problems={read.problems} />
</FormDialog>
