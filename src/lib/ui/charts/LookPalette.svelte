<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { stack } from 'd3-shape';
	import { m } from '../messages';

	interface Props {
		/** The look's elements that are marked, the largest first: their words, share of the look, and colours. */
		parts: readonly {
			id: string;
			words: string;
			share: number;
			colours: readonly { hex: string; share: number }[];
		}[];
	}
	let { parts }: Props = $props();

	const width = 320;
	const height = 44;
	const place = scaleLinear([0, 1], [0, width]);
	/** Each part's stretch of the whole. */
	const stretches = $derived(
		stack<Record<string, number>, string>()
			.keys(parts.map(({ id }) => id))
			.value((row, id) => row[id] ?? 0)([Object.fromEntries(parts.map(({ id, share }) => [id, share]))])
			.map((series) => series[0] ?? [0, 0])
	);
	/** The colours within a stretch, one above the other. */
	function bands(colours: Props['parts'][number]['colours']) {
		const total = colours.reduce((sum, { share }) => sum + share, 0);
		let y = 0;
		return colours.map(({ hex, share }) => {
			const tall = total > 0 ? (share / total) * height : 0;
			y += tall;
			return { hex, y: y - tall, tall };
		});
	}
</script>

<svg viewBox="0 0 {width} {height}" role="img" aria-label={m.photos.palette}>
	{#each parts as part, i (part.id)}
		{@const [from = 0, to = 0] = stretches[i] ?? []}
		<g>
			<title>{m.photos.paletteShare(part.words, Math.round(part.share * 100))}</title>
			{#each bands(part.colours) as { hex, y, tall }, k (k)}
				<rect x={place(from)} {y} width={Math.max(0, place(to) - place(from) - 1)} height={tall} fill={hex} />
			{/each}
		</g>
	{/each}
</svg>
<ul class="visually-hidden">
	{#each parts as { id, words, share } (id)}
		<li>{m.photos.paletteShare(words, Math.round(share * 100))}</li>
	{/each}
</ul>

<style>
	svg {
		display: block;
		width: 100%;
		border: 1px solid var(--line);
		forced-color-adjust: none;
	}
</style>
