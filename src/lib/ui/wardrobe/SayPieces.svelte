<script lang="ts">
	import {
		freshPiece,
		garmentInWords,
		skinToneOf,
		type Client,
		type Piece,
		type PiecesReading,
		type SaidPiece
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { perform } from '../frame/perform';
	import SayLine from '../garment/SayLine.svelte';
	import { m } from '../messages';

	let { client, currency }: { client: Client; currency: string } = $props();

	let text = $state('');

	function piecesOf({ garment, count, ...facts }: SaidPiece): Piece[] {
		const words = garmentInWords(garment);
		const name = (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 110);
		const { price, acquired, sizeLabel, state, note } = facts;
		return Array.from({ length: count }, (_, i) =>
			freshPiece({
				id: newId(),
				clientId: client.id,
				name: count > 1 ? `${name} ${i + 1}` : name,
				parts: [{ id: newId(), name: '', garment }],
				acquired: { ...acquired, ...(price && { price }) },
				sizeLabel,
				state,
				note: note.slice(0, 4000)
			})
		);
	}

	/** Hangs every thing that was said on the rail, as one change. */
	async function add(reading: PiecesReading) {
		const pieces = reading.pieces.flatMap(piecesOf);
		const [first] = pieces;
		if (!first) return;
		const line = text;
		const what = pieces.length === 1 ? first.name : m.counts.pieces(pieces.length);
		const saved = await perform(() =>
			change(m.did.added(what), async (writer) => {
				for (const piece of pieces) await writer.create('pieces', piece);
			})
		);
		// What was typed on meanwhile stays.
		if (saved && text.startsWith(line)) text = text.slice(line.length).trimStart();
	}
</script>

<SayLine
	bind:text
	label={m.say.pieces}
	how={m.say.howPieces}
	provenance="said"
	skin={skinToneOf(client)}
	facts={currency}
	onenterpieces={(reading) => void add(reading)}
/>
