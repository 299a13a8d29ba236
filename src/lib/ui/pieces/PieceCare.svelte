<script lang="ts">
	import { preparationOf, type Client, type Piece, type TaskKind } from '$lib/core';
	import { m } from '../messages';

	/** What is done to a piece before it is worn. */
	let { piece, client }: { piece: Piece; client: Client } = $props();

	/** What is done for a day and not for the piece. */
	const ofADay: TaskKind[] = ['pack', 'try-on'];
	const tasks = $derived(
		preparationOf(
			piece.parts
				.filter(({ of }) => of === undefined)
				.map(({ id, name, garment }) => ({
					key: id,
					title: name || piece.name,
					garment,
					lengthCm: piece.measuresCm.length,
					piece
				})),
			client
		).filter(({ kind }) => !ofADay.includes(kind))
	);
</script>

{#if tasks.length > 0}
	<h2>{m.pieces.care}</h2>
	<ul>
		{#each tasks as { key, how } (key)}<li>{how}</li>{/each}
	</ul>
{/if}

<style>
	h2 {
		margin-top: 0.75rem;
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	li {
		padding: 0.2rem 0;
		font-size: var(--step-0);
	}
</style>
