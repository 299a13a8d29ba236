<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button, FileUploaderButton } from 'carbon-components-svelte';
	import { itemsAtDegree, textOf, type Recipe } from '$lib/core';
	import { live } from '$lib/store/live.svelte';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import { reachForClient } from '../reach/for-client.svelte';
	import ForClient from '../reach/ForClient.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import MakeRecipe from './MakeRecipe.svelte';
	import RecipeForm from './RecipeForm.svelte';
	import { allRecipes, atDegrees, isOwn, origin, recipeLook } from './recipes';

	const recipes = live(() => () => allRecipes());
	let making = $state(false);
	let writing = $state(false);
	let given = $state<{ from: string; text: string }>();
	let refusal = $state('');
	let files = $state(0);

	const mostBytes = 200 * 1024;
	async function readFile([file]: readonly File[]) {
		// The button is made anew, so that the same file can be chosen again.
		files++;
		refusal = '';
		if (!file) return;
		const text = file.size > mostBytes ? undefined : textOf(new Uint8Array(await file.arrayBuffer()));
		if (text === undefined)
			refusal = `${file.name}: ${file.size > mostBytes ? m.recipes.fileTooLarge : m.recipes.fileNoText}`;
		else write({ from: `${file.name} ${file.lastModified}`, text });
	}
	function write(text?: { from: string; text: string }) {
		given = text;
		writing = true;
	}
	const reach = reachForClient(() => (recipes.value ?? []).flatMap(atDegrees));

	const groups = $derived.by((): [string, Recipe[]][] => {
		const all = recipes.value ?? [];
		return [
			[m.recipes.own, all.filter(isOwn)],
			[m.recipes.eras, all.filter((recipe) => !isOwn(recipe) && recipe.kind === 'era')],
			[m.recipes.aesthetics, all.filter((recipe) => !isOwn(recipe) && recipe.kind === 'aesthetic')]
		];
	});
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.recipes.title}</h1>
		{#if reach.clients.length > 0}<ForClient {reach} />{/if}
		<Button kind="tertiary" on:click={() => write()}>{m.recipes.write}</Button>
		{#key files}
			<FileUploaderButton
				kind="tertiary"
				disableLabelChanges
				labelText={m.recipes.readFile}
				accept={['.txt', 'text/plain']}
				on:change={({ detail }) => void readFile(detail)}
			/>
		{/key}
		<Button kind="tertiary" on:click={() => (making = true)}>{m.recipes.make}</Button>
		<Button kind="tertiary" href="/recipes/compare">{m.recipes.compare}</Button>
	</div>
	{#if refusal}<p role="alert" class="refusal">{refusal}</p>{/if}
	<Pending query={recipes}>
		{#each groups as [label, list] (label)}
			<section aria-label={label}>
				<h2>{label}</h2>
				{#if list.length === 0}<p class="soft">{m.recipes.ownEmpty}</p>{/if}
				<ul class="grid">
					{#each list as recipe (recipe.id)}
						<li>
							<a class="panel panel-link" href="/recipes/{recipe.id}">
								<span class="plate">
									<PlateFigure look={recipeLook(recipe, itemsAtDegree(recipe, 'most'))} title="" />
								</span>
								<span>
									<h3>{recipe.title}</h3>
									<span class="soft">{recipe.silhouette.volume || origin(recipe)}</span>
									<span class="reach">
										{#each atDegrees(recipe) as { id, degree } (id)}
											{@const score = reach.of(id)?.score}
											{#if score !== undefined}
												<span><strong class="figures">{Math.round(score)}</strong> {degree}</span>
											{/if}
										{/each}
									</span>
								</span>
							</a>
						</li>
					{/each}
				</ul>
			</section>
		{/each}
	</Pending>
</div>
<RecipeForm bind:open={writing} {given} onsaved={(id) => void goto(`/recipes/${id}`)} />
<MakeRecipe bind:open={making} onmade={(id) => void goto(`/recipes/${id}`)} />

<style>
	.plate {
		width: 5rem;
		height: 10rem;
		flex: none;
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
	}
	.refusal {
		margin-bottom: 1rem;
		color: var(--warn);
	}
	section {
		margin-bottom: 1.75rem;
	}
	h2 {
		margin-bottom: 0.5rem;
	}
	.reach {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.75rem;
		margin-top: 0.4rem;
		font-size: var(--step--1);
	}
	span.soft {
		font-size: var(--step-0);
	}
</style>
