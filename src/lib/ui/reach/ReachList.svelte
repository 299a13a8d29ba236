<script lang="ts">
	import { InlineLoading } from 'carbon-components-svelte';
	import { bands, type Client, type FitNote, type Piece, type Reach, type Reference } from '$lib/core';
	import { live } from '$lib/store/live.svelte';
	import { m } from '../messages';
	import { allRecipes, atDegrees } from '../recipes/recipes';
	import NextBand from './NextBand.svelte';
	import { reachOfRail } from './reach.svelte';

	interface Props {
		client: Client;
		pieces: readonly Piece[];
		references: readonly Reference[];
		fitNotes: readonly FitNote[];
	}
	let { client, pieces, references, fitNotes }: Props = $props();

	let open = $state(false);
	/** Read where they are asked for. */
	const recipes = live(() => {
		const wanted = open;
		return async () => (wanted ? await allRecipes() : undefined);
	});
	const ofRecipe = $derived((recipes.value ?? []).flatMap(atDegrees));
	const reach = reachOfRail(() =>
		open && recipes.value ? { client, pieces, references: [...references, ...ofRecipe] } : undefined
	);
	const reaches = $derived(reach.reaches);
	const few = 8;
	let whole = $state(false);

	interface Reached {
		one: Reach;
		title: string;
		href: string;
		reference: Reference;
	}
	/** The closest first; of a recipe the degree that comes closest. */
	const ofReferences = $derived(
		(reaches ?? []).flatMap((one): Reached[] => {
			const reference = references.find(({ id }) => id === one.referenceId);
			const href = `/fitting?client=${client.id}&reference=${one.referenceId}`;
			return reference ? [{ one, title: reference.title, href, reference }] : [];
		})
	);
	const ofRecipes = $derived.by(() => {
		const seen: string[] = [];
		return (reaches ?? []).flatMap((one): Reached[] => {
			const reference = ofRecipe.find(({ id }) => id === one.referenceId);
			const recipe = reference?.recipe?.id;
			if (!reference || !recipe || seen.includes(recipe)) return [];
			seen.push(recipe);
			return [{ one, title: reference.title, href: `/recipes/${recipe}`, reference }];
		});
	});
	const bandOf = (id: string) => bands.find((band) => band.id === id)?.label ?? '';
</script>

{#snippet list(all: readonly Reached[])}
	<ol>
		{#each whole ? all : all.slice(0, few) as { one, title, href, reference } (one.referenceId)}
			<li>
				<span class="score figures">{Math.round(one.score)}</span>
				<a {href}>{title}</a>
				<span class="soft"
					>{[bandOf(one.band), one.hero ? m.reach.hero : m.reach.noHero, m.reach.gaps(one.gaps)].join(
						' · '
					)}</span
				>
				<span class="next"><NextBand reach={one} {reference} {client} {pieces} {fitNotes} /></span>
			</li>
		{/each}
	</ol>
	{#if all.length > few && !whole}
		<button onclick={() => (whole = true)}>{m.counts.showAll(all.length)}</button>
	{/if}
{/snippet}

<details class="reach" bind:open>
	<summary><h2>{m.reach.title}</h2></summary>
	<p class="soft">{m.reach.intro}</p>
	{#if reach.failed}
		<p role="alert">{reach.failed}</p>
	{:else if !reaches}
		<InlineLoading description={m.pieces.looking} />
	{:else}
		{#if ofReferences.length === 0}
			<p class="soft">{m.reach.none} <a href="/references">{m.places.references}</a></p>
		{/if}
		{@render list(ofReferences)}
		<h3>{m.reach.recipes}</h3>
		{@render list(ofRecipes)}
	{/if}
</details>

<style>
	.reach {
		margin-bottom: 2rem;
	}
	summary {
		min-height: 2rem;
		cursor: pointer;
	}
	h2 {
		display: inline;
	}
	ol {
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 3rem minmax(0, 1fr) minmax(0, 1.4fr) minmax(0, 1.4fr);
		gap: 0.75rem;
		align-items: baseline;
		padding: 0.3rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	h3 {
		margin-top: 1rem;
	}
	.score {
		font-family: var(--display);
		font-size: var(--step-2);
	}
	button {
		min-height: 2rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 2.5rem minmax(0, 1fr);
		}
		li > .soft,
		.next {
			grid-column: 2;
		}
	}
</style>
