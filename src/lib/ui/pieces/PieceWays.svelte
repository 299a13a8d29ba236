<script lang="ts">
	import { coloursInIt, optionsOfPiece, wearable, waysOf, type Client, type Piece } from '$lib/core';
	import BecomesNote from '../fitting/tray/BecomesNote.svelte';
	import { m } from '../messages';

	/** What else a piece can be, and which of its colours the rail takes up. */
	let { piece, client, pieces }: { piece: Piece; client: Client; pieces: readonly Piece[] } = $props();

	const ways = $derived(waysOf(piece, client.measurements));
	const few = 5;
	const colours = $derived.by(() => {
		const rail = pieces.filter((other) => other.id !== piece.id && wearable(other)).flatMap(optionsOfPiece);
		return piece.parts.flatMap(({ garment, of }) => (of ? [] : coloursInIt(garment, rail)));
	});
</script>

<div class="ways no-print">
	{#if ways.length > 0}
		<details>
			<summary><h2>{m.pieces.becomes} <span class="soft figures">{ways.length}</span></h2></summary>
			<ul>
				{#each ways as way, i (i)}
					<li>
						<strong>{way.transformation.label}</strong>
						<span class="note"><BecomesNote becoming={way} /></span>
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	{#if colours.length > 0}
		<section aria-labelledby="colours-in">
			<h2 id="colours-in">{m.pieces.coloursIn}</h2>
			<p class="soft small">{m.pieces.coloursInNote}</p>
			<ul>
				{#each colours as { hex, name, takenUpBy }, i (i)}
					<li>
						<i style:background={hex}></i>
						<span>{name}:</span>
						{#each takenUpBy.slice(0, few) as option, at (at)}
							<a href="/clients/{client.id}/pieces/{option.piece.id}"
								>{option.title}{at < Math.min(few, takenUpBy.length) - 1 ? ',' : ''}</a
							>
						{:else}<span class="soft">{m.pieces.noneTakes}</span>{/each}
					</li>
				{/each}
			</ul>
		</section>
	{/if}
</div>

<style>
	.ways {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
		gap: 1rem 2rem;
		margin-bottom: 1.5rem;
	}
	summary {
		cursor: pointer;
	}
	h2 {
		display: inline;
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 0.5rem;
		align-items: center;
		padding: 0.25rem 0;
		font-size: var(--step-0);
	}
	.note {
		display: grid;
		flex-basis: 100%;
		font-size: var(--step--1);
	}
	.small {
		font-size: var(--step--1);
	}
	i {
		width: 1rem;
		height: 1rem;
		border: 1px solid var(--line);
		forced-color-adjust: none;
	}
</style>
