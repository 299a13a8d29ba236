<script lang="ts">
	import { skinToneOf, type Client, type PiecesReading } from '$lib/core';
	import { change } from '$lib/store/journal';
	import { keptLine } from '../frame/form.svelte';
	import { perform } from '../frame/perform';
	import SayLine from '../garment/SayLine.svelte';
	import { m } from '../messages';
	import { piecesSaid } from './pieces-said';

	let { client, currency }: { client: Client; currency: string } = $props();

	const said = keptLine(() => `rail/${client.id}`);

	/** Hangs every thing that was said on the rail, as one change; a line that names none stays, to be put right. */
	async function add(reading: PiecesReading) {
		const pieces = reading.pieces.flatMap((said) => piecesSaid(client.id, said));
		const [first] = pieces;
		if (!first) return;
		const line = said.text;
		const what = pieces.length === 1 ? first.name : m.counts.pieces(pieces.length);
		const saved = await perform(() =>
			change(m.did.added(what), async (writer) => {
				for (const piece of pieces) await writer.create('pieces', piece);
			})
		);
		// What was typed on meanwhile stays.
		if (saved && said.text.startsWith(line))
			said.text = [reading.left, said.text.slice(line.length).trimStart()].filter(Boolean).join('; ');
	}
</script>

<SayLine
	bind:text={said.text}
	label={m.say.pieces}
	how={m.say.howPieces}
	provenance="said"
	skin={skinToneOf(client)}
	facts={currency}
	onenterpieces={(reading) => void add(reading)}
/>
