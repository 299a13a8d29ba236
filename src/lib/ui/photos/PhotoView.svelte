<script lang="ts">
	import { InlineLoading, InlineNotification } from 'carbon-components-svelte';
	import type { Spot } from '$lib/core';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import LookPalette from '../charts/LookPalette.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import { perform } from '../frame/perform';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import BodyPanel from './BodyPanel.svelte';
	import { elementsMarked } from './elements-marked.svelte';
	import { keepKnownSpot } from './light';
	import LightPanel from './LightPanel.svelte';
	import MarkElements from './MarkElements.svelte';
	import MeasuredPanel from './MeasuredPanel.svelte';
	import { measuring, type Mode, type Tool } from './measuring.svelte';
	import { photoUrl } from './photo-url.svelte';
	import PhotoStage from './PhotoStage.svelte';
	import PhotoTools from './PhotoTools.svelte';

	let { referenceId, photoId }: { referenceId: string; photoId: string } = $props();

	const found = live(() => {
		const [of, id] = [referenceId, photoId];
		return async () => ({
			reference: await database.references.get(of),
			photo: await database.photos.get(id)
		});
	});
	const reference = $derived(found.value?.reference);
	const photo = $derived(found.value?.photo);
	const shown = photoUrl(() => photo);
	const measured = measuring({
		photo: () => photo,
		bytes: () => shown.blob,
		ofBody: true,
		others: () => onPhoto.others
	});

	let tool = $state<Tool>('point');
	let mode = $state<Mode>('new');
	let zoom = $state(1);
	let takeColours = $state(true);
	let asTaken = $state(false);
	let badSpot = $state(false);

	/** The picture with its light put right, while it is to be seen so. */
	let rightUrl = $state<string | undefined>();
	$effect(() => {
		const known = photo?.known && { ...photo.known };
		if (!measured.opened || !known) return;
		let address: string | undefined;
		let left = false;
		void measured.corrected(known).then((blob) => {
			if (!blob || left) return;
			address = URL.createObjectURL(blob);
			rightUrl = address;
		});
		return () => {
			left = true;
			rightUrl = undefined;
			if (address) URL.revokeObjectURL(address);
		};
	});

	const onPhoto = elementsMarked({
		state: measured,
		reference: () => reference,
		photoId: () => photoId,
		takeColours: () => takeColours
	});
	async function know(spot: Spot, tone: 'white' | 'grey') {
		if (!measured.opened) return;
		badSpot = !(await keepKnownSpot(measured, { id: photoId }, measured.opened, spot, tone));
		if (!badSpot) tool = 'point';
	}
	const putBack = () =>
		perform(() =>
			change(m.photos.unknew, (writer) => writer.edit('photos', photoId, (draft) => void delete draft.known))
		);
</script>

<Title of={reference && `${m.photos.title}: ${reference.title}`} />
<div class="page">
	<Pending query={found}>
		{#if !reference || !photo || !reference.photos.includes(photoId)}
			<Missing back="/references/{referenceId}" label={m.photos.title} />
		{:else}
			<div class="page-head">
				<h1><a href="/references/{referenceId}">{reference.title}</a></h1>
				<span class="soft"
					>{[m.photos.nth(reference.photos.indexOf(photoId) + 1), photo.note]
						.filter(Boolean)
						.join(' · ')}</span
				>
			</div>
			<PhotoTools state={measured} bind:tool bind:mode bind:zoom />
			<div class="work">
				<div class="stage">
					{#if shown.url === null || measured.failed}
						<InlineNotification
							lowContrast
							hideCloseButton
							kind="error"
							title={m.photos.title}
							subtitle={measured.failed || m.photos.missing}
						/>
					{:else if shown.url}
						<PhotoStage
							state={measured}
							url={(!asTaken && rightUrl) || shown.url}
							{photo}
							{tool}
							{mode}
							{zoom}
							others={onPhoto.marked.map(({ region }) => region)}
							onknown={(spot, tone) => void know(spot, tone)}
						/>
						{#if !measured.opened}<InlineLoading description={m.photos.making} />{/if}
					{/if}
				</div>
				<aside>
					<MeasuredPanel reading={measured.reading} />
					<MarkElements {onPhoto} photo={photoId} reading={measured.reading} bind:takeColours />
					<BodyPanel state={measured} {photo} bind:tool />
					<LightPanel state={measured} {photo} bind:asTaken bad={badSpot} onputback={() => void putBack()} />
					<section aria-labelledby="palette-title">
						<h2 id="palette-title">{m.photos.palette}</h2>
						{#if onPhoto.parts.length > 0}<LookPalette parts={onPhoto.parts} />{:else}
							<p class="soft">{m.photos.paletteEmpty}</p>
						{/if}
					</section>
				</aside>
			</div>
		{/if}
	</Pending>
</div>

<style>
	.work {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(18rem, 24rem);
		gap: 1.25rem;
		align-items: start;
	}
	.stage {
		position: sticky;
		top: 0.5rem;
		min-width: 0;
	}
	aside {
		display: grid;
		gap: 1rem;
		min-width: 0;
	}
	h2 {
		font-size: var(--step-1);
	}
	@media (max-width: 60rem) {
		.work {
			grid-template-columns: minmax(0, 1fr);
		}
		.stage {
			position: static;
		}
	}
</style>
