<script lang="ts">
	import { Button, InlineLoading } from 'carbon-components-svelte';
	import {
		skinToneOf,
		storedRegion,
		withMeasured,
		type Client,
		type Photo,
		type PiecesReading,
		type Spot
	} from '$lib/core';
	import { change } from '$lib/store/journal';
	import SayLine from '../garment/SayLine.svelte';
	import { perform, performTold } from '../frame/perform';
	import { m } from '../messages';
	import { piecesSaid } from '../wardrobe/pieces-said';
	import { keepKnownSpot } from './light';
	import MeasuredPanel from './MeasuredPanel.svelte';
	import { measuring, type Mode, type Tool } from './measuring.svelte';
	import { photoUrl } from './photo-url.svelte';
	import PhotoStage from './PhotoStage.svelte';
	import PhotoTools from './PhotoTools.svelte';

	interface Props {
		client: Client;
		photo: Photo;
		currency: string;
		/** It hangs, is left for later, or is gone: on to the next. */
		onnext: () => void;
	}
	let { client, photo, currency, onnext }: Props = $props();

	const shown = photoUrl(() => photo);
	const measured = measuring({ photo: () => photo, bytes: () => shown.blob, ofOneThing: true });
	let tool = $state<Tool>('point');
	let mode = $state<Mode>('new');
	let zoom = $state(1);
	let text = $state('');
	let badSpot = $state(false);

	let hanging = false;
	/** One Enter, one piece, however fast: it waits until the picture is measured. */
	async function hang({ pieces: [first] }: PiecesReading) {
		if (hanging || !first) return;
		hanging = true;
		// A picture whose bytes are gone is hung without them.
		const marked = shown.url === null ? undefined : await measured.settled();
		/** Its colours are those that were measured, unless others were said. */
		const garment =
			marked && first.garment.palette.length === 0
				? withMeasured(first.garment, marked.reading)
				: first.garment;
		const [said] = piecesSaid(client.id, { ...first, count: 1, garment });
		const kept =
			said &&
			(await perform(() =>
				change(m.photos.hung(said.name), async (writer) => {
					await writer.create('pieces', {
						...said,
						photos: [photo.id],
						...(marked && { picture: storedRegion(marked.region, photo.id, marked.size) })
					});
					await writer.edit('clients', client.id, (draft) => {
						draft.waiting = draft.waiting?.filter((id) => id !== photo.id);
					});
				})
			));
		hanging = false;
		if (kept) onnext();
	}
	async function know(spot: Spot, tone: 'white' | 'grey') {
		if (!measured.opened) return;
		badSpot = !(await keepKnownSpot(measured, photo, measured.opened, spot, tone));
		if (!badSpot) tool = 'point';
	}
	async function remove() {
		if (await performTold(m.photos.gone, (writer) => writer.remove('photos', photo.id))) onnext();
	}
</script>

<PhotoTools state={measured} bind:tool bind:mode bind:zoom />
<div class="work">
	<div>
		{#if shown.url}
			<PhotoStage
				state={measured}
				url={shown.url}
				{photo}
				{tool}
				{mode}
				{zoom}
				others={[]}
				onknown={(spot, tone) => void know(spot, tone)}
			/>
			{#if measured.failed}<p role="alert" class="bad">{measured.failed}</p>
			{:else if !measured.opened}<InlineLoading description={m.photos.making} />{/if}
		{:else if shown.url === null}<p role="alert" class="bad">{m.photos.missing}</p>
		{/if}
	</div>
	<aside>
		<SayLine
			bind:text
			label={m.photos.whatItIs}
			how={m.photos.whatItIsHow}
			provenance="said"
			skin={skinToneOf(client)}
			facts={currency}
			onenterpieces={(read) => void hang(read)}
		/>
		<div class="row">
			<Button size="small" kind="ghost" on:click={onnext}>{m.photos.later}</Button>
			<Button size="small" kind="ghost" on:click={() => void remove()}>{m.photos.removePicture}</Button>
		</div>
		{#if badSpot}<p role="alert" class="bad">{m.photos.badSpot}</p>{/if}
		<MeasuredPanel reading={measured.reading} />
	</aside>
</div>

<style>
	.work {
		--above: 21rem;
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(18rem, 24rem);
		gap: 1.25rem;
		align-items: start;
	}
	aside {
		display: grid;
		gap: 1rem;
	}
	.bad {
		color: var(--warn);
		font-size: var(--step-0);
	}
	@media (max-width: 60rem) {
		.work {
			--above: 21rem;
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
