<script lang="ts">
	import { page } from '$app/state';
	import { MultiSelect, Select, SelectItem } from 'carbon-components-svelte';
	import {
		garmentInWords,
		inOrder,
		shownParts,
		itemsAtDegree,
		onBase,
		sharedAdds,
		type DegreeId,
		type Garment,
		type OnBase,
		type Recipe
	} from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import Pending from '../frame/Pending.svelte';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import ComparedRecipe from './ComparedRecipe.svelte';
	import DegreeChoice from './DegreeChoice.svelte';
	import { allRecipes } from './recipes';

	const found = live(() => async () => ({
		recipes: await allRecipes(),
		references: (await database.references.toArray()).filter(({ elements }) => elements.length > 0),
		clients: await database.clients.toArray(),
		pieces: await database.pieces.toArray()
	}));
	let firstId = $state(page.url.searchParams.get('first') ?? '');
	let secondId = $state('');
	let degree = $state<DegreeId>('half');
	/** "reference ID", "client ID", or empty for no base. */
	let base = $state('');
	let pieceIds = $state<string[]>([]);

	const recipes = $derived(found.value?.recipes ?? []);
	const first = $derived(recipes.find(({ id }) => id === firstId) ?? recipes[0]);
	const second = $derived(
		recipes.find(({ id }) => id === secondId) ?? recipes.find((recipe) => recipe !== first)
	);
	const [baseKind, baseId] = $derived(base.split(' '));
	const rail = $derived((found.value?.pieces ?? []).filter(({ clientId }) => clientId === baseId));
	const garments = $derived.by((): { id: string; garment: Garment }[] => {
		if (baseKind === 'reference') {
			const reference = found.value?.references.find(({ id }) => id === baseId);
			return inOrder(reference?.elements ?? []).map(({ id, garment }) => ({ id, garment }));
		}
		return rail
			.filter(({ id }) => pieceIds.includes(id))
			.flatMap((piece) => shownParts(piece).map(({ id, garment }) => ({ id, garment })));
	});
	const worked = (recipe: Recipe): OnBase =>
		onBase(
			recipe,
			degree,
			garments.map(({ garment }) => garment)
		);
	const both = $derived(first && second ? { first: worked(first), second: worked(second) } : undefined);
	const sharedKeeps = $derived(
		(both?.first.keeps ?? []).filter((kept) => both?.second.keeps.some((other) => other.base === kept.base))
	);
	const shared = $derived(both ? sharedAdds(both.first, both.second) : []);
	const wordsAt = (at: number) => garmentInWords(garments[at]?.garment as Garment);
</script>

<div class="page">
	<div class="page-head"><h1>{m.recipes.compare}</h1></div>
	<Pending query={found}>
		<div class="choices">
			<Select
				labelText={m.recipes.first}
				selected={first?.id}
				on:change={(event) => (firstId = chosenIn(event))}
			>
				{#each recipes as { id, title } (id)}<SelectItem value={id} text={title} />{/each}
			</Select>
			<Select
				labelText={m.recipes.second}
				selected={second?.id}
				on:change={(event) => (secondId = chosenIn(event))}
			>
				{#each recipes as { id, title } (id)}<SelectItem value={id} text={title} />{/each}
			</Select>
			<Select labelText={m.recipes.base} bind:selected={base}>
				<SelectItem value="" text={m.recipes.baseNone} />
				{#each found.value?.references ?? [] as { id, title } (id)}
					<SelectItem value="reference {id}" text="{m.recipes.baseReference}: {title}" />
				{/each}
				{#each found.value?.clients ?? [] as { id, name } (id)}
					<SelectItem value="client {id}" text="{m.recipes.basePieces}: {name}" />
				{/each}
			</Select>
			{#if baseKind === 'client'}
				<MultiSelect
					filterable
					labelText={m.recipes.pieces}
					placeholder={m.recipes.pieces}
					items={rail.map(({ id, name }) => ({ id, text: name }))}
					bind:selectedIds={pieceIds}
				/>
			{/if}
		</div>
		<DegreeChoice bind:degree />
		{#if first && second && both}
			<div class="sides">
				<ComparedRecipe recipe={first} items={itemsAtDegree(first, degree)} onbase={both.first} {garments} />
				<section class="panel shared" aria-label={m.recipes.shared}>
					<h2>{m.recipes.shared}</h2>
					{#if sharedKeeps.length === 0 && shared.length === 0}<p class="soft">
							{m.recipes.sharedNothing}
						</p>{/if}
					{#if sharedKeeps.length > 0}
						<h3>{m.recipes.sharedKeeps}</h3>
						<ul>
							{#each sharedKeeps as { base: at } (at)}<li>{wordsAt(at)}</li>{/each}
						</ul>
					{/if}
					{#if shared.length > 0}
						<h3>{m.recipes.sharedAdds}</h3>
						<ul>
							{#each shared as [a, b] (a.id)}
								<li>
									{a.phrase}{#if b.phrase !== a.phrase}<br /><span class="soft">{b.phrase}</span>{/if}
								</li>
							{/each}
						</ul>
					{/if}
				</section>
				<ComparedRecipe
					recipe={second}
					items={itemsAtDegree(second, degree)}
					onbase={both.second}
					{garments}
				/>
			</div>
		{/if}
	</Pending>
</div>

<style>
	.choices {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(14rem, 100%), 1fr));
		gap: 1rem;
		align-items: end;
		margin-bottom: 1rem;
	}
	.sides {
		display: grid;
		grid-template-columns: 1fr minmax(11rem, 15rem) 1fr;
		gap: 1rem;
		align-items: start;
		margin-top: 1.25rem;
	}
	.shared {
		display: grid;
		gap: 0.5rem;
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
	}
	li {
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--line);
	}
	@media (max-width: 60rem) {
		.sides {
			grid-template-columns: 1fr 1fr;
		}
		.shared {
			grid-column: 1 / -1;
			grid-row: 2;
		}
	}
</style>
