<script lang="ts">
	import type { Snippet } from 'svelte';
	import { WindowVirtualizer } from 'virtua/svelte';
	import type { Piece } from '$lib/core';

	/** The pieces of a rail in rows that fill its width. However many there are, only those near what is seen are built. */
	let { pieces, card }: { pieces: readonly Piece[]; card: Snippet<[piece: Piece]> } = $props();

	/** Least width of a card, in pixels, and the height of a row before it is measured. */
	const cardWidth = 168;
	const rowHeight = 206;
	/** Rows are built this far out of sight, in pixels: a small rail is there as a whole, to be found and tabbed through. */
	const smallRail = 100;
	const ahead = $derived(pieces.length <= smallRail ? 6000 : 420);

	let width = $state(0);
	const columns = $derived(Math.max(1, Math.floor(width / cardWidth)));
	const rows = $derived(
		width === 0
			? []
			: Array.from({ length: Math.ceil(pieces.length / columns) }, (_, row) =>
					pieces.slice(row * columns, (row + 1) * columns)
				)
	);
</script>

<div bind:clientWidth={width}>
	{#if rows.length > 0}
		<WindowVirtualizer data={rows} getKey={(row) => row[0]?.id ?? ''} itemSize={rowHeight} bufferSize={ahead}>
			{#snippet children(row, at)}
				<ul class="shelf" style:--columns={columns}>
					{#each row as piece, i (piece.id)}
						<li aria-setsize={pieces.length} aria-posinset={at * columns + i + 1}>{@render card(piece)}</li>
					{/each}
				</ul>
			{/snippet}
		</WindowVirtualizer>
	{/if}
</div>

<style>
	div {
		padding: 1px;
	}
	.shelf {
		display: grid;
		grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
		gap: 1px;
		padding-bottom: 1px;
		list-style: none;
		/* The virtual rows take no press while they scroll; a hand that stops the wheel and presses at once means it. */
		pointer-events: auto;
	}
	li {
		background: var(--panel);
		box-shadow: 0 0 0 1px var(--line);
	}
</style>
