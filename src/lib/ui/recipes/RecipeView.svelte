<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import {
		degrees,
		isBeauty,
		itemsAtDegree,
		recipeText,
		referenceOf,
		weighed,
		type DegreeId,
		type Recipe,
		type RecipeItem,
		type RecipePart
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import Confirm from '../frame/Confirm.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import { goToMade } from '../frame/go-to-made';
	import { perform, performTold } from '../frame/perform';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import DegreeChoice from './DegreeChoice.svelte';
	import ItemList from './ItemList.svelte';
	import Palette from './Palette.svelte';
	import { download } from '../studio/download';
	import RecipeForm from './RecipeForm.svelte';
	import { allRecipes, isOwn, origin, recipeLook } from './recipes';

	let { recipeId }: { recipeId: string } = $props();

	const recipes = live(() => () => allRecipes());
	const recipe = $derived(recipes.value?.find(({ id }) => id === recipeId));
	let degree = $state<DegreeId>('half');
	let asking = $state(false);
	let lit = $state<string | undefined>();
	/** Its own text is being written, or that of a copy. */
	let writing = $state<'itself' | 'a-copy' | undefined>();

	const items = $derived(recipe ? itemsAtDegree(recipe, degree) : []);
	const taken = $derived(new Set(items.map(({ id }) => id)));
	const weights = $derived(
		new Map((recipe ? weighed(recipe).worn : []).map(({ item, weight }) => [item.id, weight]))
	);
	const part = (id: RecipePart) =>
		(recipe?.items ?? []).filter((item) => item.part === id && !isBeauty(item));
	const beauty = $derived((recipe?.items ?? []).filter(isBeauty));

	function aside(item: RecipeItem): string {
		const weight = weights.get(item.id);
		return weight === undefined ? '' : m.recipes.share(Math.round(weight * 100));
	}
	async function makeReference() {
		if (!recipe) return;
		const reference = referenceOf(recipe, degree, newId);
		await perform(() =>
			goToMade(async () => {
				await change(m.did.added(reference.title), (writer) => writer.create('references', reference));
				return `/references/${reference.id}`;
			})
		);
	}
	const copyOf = (of: Recipe) => ({
		from: of.id,
		text: recipeText({ ...of, title: m.recipes.copyTitle(of.title) })
	});
	const saveFile = (of: Recipe) =>
		download(new Blob([recipeText(of)], { type: 'text/plain' }), `${of.title}.txt`);
	async function remove() {
		if (!recipe) return;
		const { id, title } = recipe;
		if (await performTold(m.did.deleted(title), (writer) => writer.remove('recipes', id)))
			await goto('/recipes');
	}
</script>

<Title of={recipe?.title} />
<div class="page">
	<Pending query={recipes}>
		{#if !recipe}
			<Missing back="/recipes" label={m.places.recipes} />
		{:else}
			<div class="page-head">
				<h1>{recipe.title}</h1>
				{#if isOwn(recipe)}
					<Button kind="ghost" size="small" on:click={() => (asking = true)}>{m.remove}</Button>
					<Button kind="tertiary" size="small" on:click={() => (writing = 'itself')}>
						{m.recipes.editText}
					</Button>
				{/if}
				<Button kind="tertiary" size="small" on:click={() => (writing = 'a-copy')}>{m.recipes.copy}</Button>
				<Button kind="tertiary" size="small" on:click={() => saveFile(recipe)}>{m.recipes.saveFile}</Button>
				<Button kind="tertiary" size="small" href="/recipes/compare?first={recipe.id}">
					{m.recipes.compareWith}
				</Button>
				<Button size="small" on:click={() => void makeReference()}>{m.recipes.toReference}</Button>
			</div>
			<div class="recipe">
				<figure class="panel">
					<PlateFigure
						look={recipeLook(recipe, items)}
						title={m.recipes.plate(recipe.title, degrees[degree].label)}
						lit={lit ? [lit] : []}
					/>
				</figure>
				<div class="parts">
					{#if recipe.note}<p class="note">{recipe.note}</p>{/if}
					{#if isOwn(recipe)}<p class="soft">{origin(recipe)}</p>{/if}
					<DegreeChoice bind:degree />
					<ItemList
						level={2}
						label={m.recipes.core}
						items={part('core')}
						{taken}
						{aside}
						onlight={(id) => (lit = id)}
					/>
					<ItemList
						level={2}
						label={m.recipes.optional}
						items={part('optional')}
						{taken}
						{aside}
						onlight={(id) => (lit = id)}
					/>
					<ItemList
						level={2}
						label={m.recipes.beauty}
						items={beauty}
						{taken}
						{aside}
						onlight={(id) => (lit = id)}
					/>
					<ItemList level={2} label={m.recipes.never} items={part('never')} />
				</div>
				<aside>
					{#if recipe.silhouette.volume}
						<h2>{m.recipes.silhouette}</h2>
						<dl>
							<dt>{m.recipes.volume}</dt>
							<dd>{recipe.silhouette.volume}</dd>
							<dt>{m.recipes.waist}</dt>
							<dd>{recipe.silhouette.waist}</dd>
							<dt>{m.recipes.hems}</dt>
							<dd>{recipe.silhouette.hems}</dd>
						</dl>
					{/if}
					<Palette {recipe} />
				</aside>
			</div>
		{/if}
	</Pending>
</div>
{#if recipe}
	<RecipeForm bind:open={() => writing === 'itself', () => (writing = undefined)} {recipe} />
	<RecipeForm
		bind:open={() => writing === 'a-copy', () => (writing = undefined)}
		given={copyOf(recipe)}
		onsaved={(id) => void goto(`/recipes/${id}`)}
	/>
	<Confirm
		bind:open={asking}
		title={m.recipes.removeAsk(recipe.title)}
		text={m.recipes.removeText}
		action={m.remove}
		onconfirm={remove}
	/>
{/if}

<style>
	.recipe {
		display: grid;
		grid-template-columns: minmax(13rem, 17rem) 1fr minmax(12rem, 15rem);
		gap: 1.5rem;
		align-items: start;
	}
	figure {
		height: min(36rem, calc(100vh - 10rem));
		position: sticky;
		top: 1rem;
	}
	.parts,
	aside {
		display: grid;
		min-width: 0;
		gap: 1.25rem;
	}
	.note {
		max-width: 60ch;
	}
	aside :global(h2) {
		font-family: var(--text);
		font-size: var(--step-1);
		font-weight: 640;
	}
	dl {
		font-size: var(--step-0);
	}
	dt {
		color: var(--ink-soft);
		font-size: var(--step--1);
	}
	dd {
		margin-bottom: 0.4rem;
	}
	@media (max-width: 60rem) {
		.recipe {
			grid-template-columns: minmax(11rem, 14rem) 1fr;
		}
		aside {
			grid-column: 2;
		}
	}
	@media (max-width: 40rem) {
		.recipe {
			grid-template-columns: minmax(0, 1fr);
		}
		aside {
			grid-column: 1;
		}
		figure {
			position: static;
		}
	}
</style>
