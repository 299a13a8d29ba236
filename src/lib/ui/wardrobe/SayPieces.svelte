<script lang="ts">
	import { garmentInWords, type Client, type Element, type Piece, type Reading } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { perform } from '../frame/perform';
	import SayLine from '../garment/SayLine.svelte';
	import { m } from '../messages';

	let { client }: { client: Client } = $props();

	let text = $state('');

	const pieceOf = ({ garment, note }: Element): Piece => {
		const words = garmentInWords(garment);
		return {
			id: newId(),
			rev: 0,
			clientId: client.id,
			name: (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 120),
			parts: [{ id: newId(), name: '', garment }],
			configurations: [],
			acquired: { how: 'unknown' },
			sizeLabel: '',
			measuresCm: {},
			photos: [],
			state: 'ready',
			place: '',
			note
		};
	};

	/** Hangs every thing that was said on the rail, as one change. */
	async function add({ elements }: Reading) {
		const pieces = elements.map(pieceOf);
		const [first] = pieces;
		if (!first) return;
		const what = pieces.length === 1 ? first.name : m.counts.pieces(pieces.length);
		const saved = await perform(() =>
			change(m.did.added(what), async (writer) => {
				for (const piece of pieces) await writer.create('pieces', piece);
			})
		);
		if (saved) text = '';
	}
</script>

<SayLine
	bind:text
	label={m.say.pieces}
	provenance="said"
	skin={client.figure.skin}
	onenter={(reading) => void add(reading)}
/>
