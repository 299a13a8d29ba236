<script lang="ts">
	import { garmentInWords, type Garment, type OnBase, type Recipe, type RecipeItem } from '$lib/core';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import ItemList from './ItemList.svelte';
	import { recipeLook } from './recipes';

	/** One of two recipes on a base: what comes of it, what it keeps, adds and takes away. */
	interface Props {
		recipe: Recipe;
		/** Its items at the chosen degree. */
		items: readonly RecipeItem[];
		onbase: OnBase;
		garments: readonly { id: string; garment: Garment }[];
	}
	let { recipe, items, onbase, garments }: Props = $props();

	const wordsAt = (at: number) => garmentInWords(garments[at]?.garment as Garment);
	/** What is kept of the base, as it is, with what the recipe adds. */
	const look = $derived({
		worn: [
			...items.flatMap((item) => {
				const kept = onbase.keeps.find((one) => one.item === item);
				const garment = kept && garments[kept.base]?.garment;
				return garment ? [{ id: item.id, garment, moves: item.moves }] : [];
			}),
			...recipeLook(recipe, onbase.adds).worn,
			...onbase.leaves.flatMap((at) => {
				const left = garments[at];
				return left ? [{ ...left, moves: [] }] : [];
			})
		]
	});
</script>

<section class="panel" aria-label={recipe.title}>
	<h2>{recipe.title}</h2>
	<figure><PlateFigure {look} title={recipe.title} /></figure>
	{#if garments.length > 0}
		<h3>{m.recipes.keeps}</h3>
		<ul>
			{#each onbase.keeps as { base, closeness, item } (base)}
				<li>
					{wordsAt(base)} <span class="soft">{item.phrase}, {Math.round(closeness * 100)}</span>
				</li>
			{:else}<li class="soft">{m.recipes.nothing}</li>{/each}
		</ul>
		<h3>{m.recipes.takesAway}</h3>
		<ul>
			{#each onbase.takesAway as { base, why, item } (base)}
				<li>
					{wordsAt(base)}
					<span class="soft">{m.recipes.because[why]}{why === 'in-the-way' ? ` ${item.phrase}` : ''}</span>
				</li>
			{:else}<li class="soft">{m.recipes.nothing}</li>{/each}
		</ul>
		{#if onbase.leaves.length > 0}
			<h3>{m.recipes.leaves}</h3>
			<ul>
				{#each onbase.leaves as at (at)}<li>{wordsAt(at)}</li>{/each}
			</ul>
		{/if}
	{/if}
	<ItemList level={3} label={m.recipes.adds} items={onbase.adds} />
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
	}
	figure {
		height: 20rem;
	}
	ul {
		list-style: none;
		font-size: var(--step-0);
	}
	li {
		padding: 0.2rem 0;
		border-bottom: 1px solid var(--line);
	}
	li .soft {
		display: block;
		font-size: var(--step--1);
	}
</style>
