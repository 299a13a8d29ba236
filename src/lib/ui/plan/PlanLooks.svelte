<script lang="ts">
	import { resolveItem, wornLook, type PlannedEcho } from '$lib/core';
	import type { PlanStep } from '$lib/workers/budget';
	import PlateFigure from '../plate/PlateFigure.svelte';

	/** Each look as a step makes it, drawn on who wears it. */
	let { step, echoes }: { step: PlanStep; echoes: readonly PlannedEcho[] } = $props();

	const looks = $derived(
		echoes.map(({ echo, client, pieces }) => {
			const matches = step.matches.find(({ echoId }) => echoId === echo.id)?.matches ?? [];
			return {
				echo,
				client,
				look: wornLook({ ...echo, matches }, (item) => resolveItem(item, pieces)?.garment),
				points: step.solution.looks.find(({ id }) => id === echo.id)?.points ?? 0
			};
		})
	);
</script>

<ul>
	{#each looks as { echo, client, look, points } (echo.id)}
		<li>
			<a href="/fitting/{echo.id}">
				<span class="plate"><PlateFigure {look} body={client} title="" /></span>
				<span class="figures score">{Math.round(points)}</span>
				<span>{echo.title}</span>
			</a>
		</li>
	{/each}
</ul>

<style>
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		list-style: none;
	}
	a {
		display: grid;
		width: 7.5rem;
		color: inherit;
		font-size: var(--step-0);
		text-decoration: none;
	}
	a:hover {
		text-decoration: underline;
	}
	.plate {
		height: 12rem;
		background: var(--plate-ground);
	}
	.score {
		font-family: var(--display);
		font-size: var(--step-2);
	}
</style>
