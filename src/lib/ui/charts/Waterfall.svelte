<script lang="ts" module>
	/** One loss of a waterfall. */
	export interface Fall {
		id: string;
		/** What is lost here. */
		name: string;
		words: string;
		points: number;
	}
</script>

<script lang="ts">
	import { scaleLinear } from 'd3-scale';

	interface Props {
		/** Largest first. */
		falls: readonly Fall[];
		/** What the smaller falls that are not listed take together, and how they are called. */
		rest?: { points: number; words: string };
		/** Where the falls lead from 100. */
		score: number;
		title: string;
		onpick: (fall: Fall) => void;
		/** Shows the smaller ones too. */
		onrest: () => void;
	}
	let { falls, rest, score, title, onpick, onrest }: Props = $props();

	const x = $derived(scaleLinear([100, Math.min(score, 99)], [0, 100]));
	/** Each bar begins where the one before ended. */
	const steps = $derived(
		falls.map((fall, i) => {
			const from = 100 - falls.slice(0, i).reduce((sum, { points }) => sum + points, 0);
			return { fall, left: x(from), width: x(from - fall.points) - x(from) };
		})
	);
	const restLeft = $derived(x(score + (rest?.points ?? 0)));
</script>

<ol aria-label={title}>
	{#each steps as { fall, left, width } (fall.id)}
		<li>
			<button class="points-row" onclick={() => onpick(fall)}>
				<span class="figures points">−{fall.points.toFixed(1)}</span>
				<span class="what" title={fall.words}><strong>{fall.name}</strong> {fall.words}</span>
				<span class="way" aria-hidden="true"
					><i data-bar style:left="{left}%" style:width="max(2px, {width}%)"></i></span
				>
			</button>
		</li>
	{/each}
	{#if rest && rest.points > 0}
		<li>
			<button class="points-row rest" onclick={onrest}>
				<span class="figures points">−{rest.points.toFixed(1)}</span>
				<span class="what soft">{rest.words}</span>
				<span class="way" aria-hidden="true"
					><i data-bar style:left="{restLeft}%" style:width="max(2px, {100 - restLeft}%)"></i></span
				>
			</button>
		</li>
	{/if}
</ol>

<style>
	ol {
		list-style: none;
	}
	.points-row {
		grid-template-columns: 2.4rem minmax(0, 1fr) 6.5rem;
	}
	.way {
		position: relative;
		align-self: stretch;
		border-left: 1px solid var(--line);
		border-right: 1px solid var(--line);
	}
	i {
		position: absolute;
		top: 0.35rem;
		bottom: 0.35rem;
		background: var(--ink);
	}
	.rest i {
		background: var(--line-strong);
	}
</style>
