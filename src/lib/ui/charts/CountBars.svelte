<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { m } from '../messages';

	interface Props {
		/** The most first. */
		counts: readonly { value: string; label: string; ids: string[]; hex: string }[];
		/** Leads to what was counted. */
		onlead: (words: string, ids: readonly string[]) => void;
	}
	let { counts, onlead }: Props = $props();

	const width = $derived(scaleLinear([0, Math.max(1, ...counts.map(({ ids }) => ids.length))], [0, 100]));
</script>

<ul>
	{#each counts as { value, label, ids, hex } (value)}
		<li>
			<button onclick={() => onlead(label, ids)} aria-label="{label}: {m.counts.pieces(ids.length)}">
				<span>{label}</span>
				<span class="bar"><i style:width="{width(ids.length)}%" style:background={hex}></i></span>
				<span class="figures soft">{ids.length}</span>
			</button>
		</li>
	{/each}
</ul>

<style>
	ul {
		list-style: none;
	}
	button {
		display: grid;
		grid-template-columns: 5.5rem minmax(0, 1fr) 2rem;
		gap: 0.5rem;
		align-items: center;
		width: 100%;
		min-height: 1.6rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		background: var(--panel-sunk);
	}
	.bar {
		height: 0.7rem;
	}
	i {
		display: block;
		height: 100%;
		border: 1px solid var(--line);
		background: var(--ink);
		forced-color-adjust: none;
	}
	.figures {
		text-align: right;
	}
</style>
