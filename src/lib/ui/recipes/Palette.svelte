<script lang="ts">
	import { facetValue, type Recipe } from '$lib/core';
	import { m } from '../messages';

	let { recipe }: { recipe: Recipe } = $props();
</script>

<section aria-label={m.recipes.colours}>
	<h2>{m.recipes.colours}</h2>
	<ul>
		{#each recipe.colours as colour (colour.word)}
			<li>
				<i style:background={colour.swatch.hex}></i>
				<span>{colour.word} <span class="soft">{colour.reason}</span></span>
			</li>
		{/each}
	</ul>
</section>
{#if recipe.cloth.length > 0}
	<section aria-label={m.recipes.cloth}>
		<h2>{m.recipes.cloth}</h2>
		<ul>
			{#each recipe.cloth as cloth (cloth.material)}
				<li>
					<span>
						{facetValue('material', cloth.material)?.label ?? cloth.material}
						<span class="soft">{cloth.reason}</span>
					</span>
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	ul {
		list-style: none;
		font-size: var(--step-0);
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.5rem;
		padding: 0.2rem 0;
	}
	li > span {
		display: grid;
	}
	.soft {
		font-size: var(--step--1);
	}
	i {
		width: 1.75rem;
		height: 1.75rem;
		flex: none;
		border: 1px solid var(--line-strong);
	}
</style>
