<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { dayInWords, heelWornCm, resolveItem, sheetOf, type Item } from '$lib/core';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { beginTryOn, hangPictures, rateElement, showsDetail, tryOnsOf } from '$lib/store/try-ons';
	import VerdictForm from '../fitting/score/VerdictForm.svelte';
	import type { OnTable } from '../fitting/table/table.svelte';
	import { chosenIn } from '../frame/chosen';
	import { perform, performTold } from '../frame/perform';
	import { m } from '../messages';
	import { tryOn as tryOnTexts } from '../messages/try-on';
	import { photoIntake } from '../photos/intake.svelte';
	import { measuring } from '../photos/measuring.svelte';
	import PhotoIntake from '../photos/PhotoIntake.svelte';
	import { photoUrl } from '../photos/photo-url.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import CompareStage from './CompareStage.svelte';
	import { comparedWith } from './compared.svelte';
	import PoseAdvice from './PoseAdvice.svelte';
	import RateElement from './RateElement.svelte';
	import { seenOnPicture } from './seen.svelte';
	import TryOnPictures from './TryOnPictures.svelte';

	let { onTable }: { onTable: OnTable } = $props();
	const { echo, reference, client, pieces, units } = $derived(onTable);

	const all = live(() => {
		const { id } = echo;
		return () => tryOnsOf(id);
	});
	let chosenId = $state<string | undefined>();
	const tryOn = $derived(all.value?.find(({ id }) => id === chosenId) ?? all.value?.at(-1));
	/** What was tried on: a version, or what is worn now. */
	const worn = $derived(echo.versions.find(({ id }) => id === tryOn?.versionId));
	const lines = $derived(sheetOf({ ...echo, ...worn }, reference, pieces));
	const heelCm = $derived(heelWornCm(lines.flatMap((line) => line.worn)));

	const photos = live(() => {
		const ids = [...(tryOn?.photos ?? []), ...reference.photos.slice(0, 1)];
		return async () => (await database.photos.bulkGet(ids)).filter((photo) => photo !== undefined);
	});
	let pictureId = $state<string | undefined>();
	const pictures = $derived(photos.value?.filter(({ id }) => tryOn?.photos.includes(id)) ?? []);
	const picture = $derived(pictures.find(({ id }) => id === pictureId) ?? pictures[0]);
	const original = $derived(photos.value?.find(({ id }) => id === reference.photos[0]));
	const triedUrl = photoUrl(() => picture);
	const originalUrl = photoUrl(() => original);
	const measured = measuring({ photo: () => picture, bytes: () => triedUrl.blob, ofBody: true });
	const beside = measuring({ photo: () => original, bytes: () => originalUrl.blob, ofBody: true });
	let asPlate = $state(false);

	const compared = comparedWith(() => ({
		tryOn,
		picture,
		reference,
		original,
		originalMarks: beside.marks,
		client,
		asPlate
	}));
	const detailTitle = $derived(
		lines.find(({ elementId }) => elementId === compared.detail?.elementId)?.worn[0]?.title ?? ''
	);
	const setShows = (photoId: string, of: string | undefined) =>
		perform(() => showsDetail(tryOnTexts.saidWhat, tryOn?.id ?? '', photoId, of));
	const seen = seenOnPicture(measured, () => ({ tryOn, photoId: picture?.id }));

	const intake = photoIntake(async (writer, taken) => {
		const ids = taken.map(({ id }) => id);
		chosenId = await hangPictures(writer, tryOn, echo.id, ids);
		pictureId = ids[0];
	});
	let judging = $state(false);
	const titleOf = (item: Item) => resolveItem(item, pieces)?.title ?? '';
	const begin = () => perform(async () => (chosenId = await beginTryOn(tryOnTexts.began, echo.id)));
	const setVersion = (id: string) =>
		perform(() =>
			change(m.did.edited(tryOnTexts.title), (writer) =>
				writer.edit('tryOns', tryOn?.id ?? '', (draft) => {
					if (echo.versions.some((version) => version.id === id)) draft.versionId = id;
					else delete draft.versionId;
				})
			)
		);
	/** A rating before anything was photographed begins the try-on by itself. */
	const rate = (rating: Parameters<typeof rateElement>[2], title: string) =>
		perform(async () => {
			const id = tryOn?.id ?? (await beginTryOn(tryOnTexts.began, echo.id));
			await rateElement(tryOnTexts.rated(title), id, rating);
		});
	const setBeside = (elementId: string, is: 'better' | 'same' | 'worse' | undefined) =>
		perform(() =>
			change(m.did.edited(echo.title), (writer) =>
				writer.edit('echoes', echo.id, (draft) => {
					const match = draft.matches.find(({ elementIds }) => elementIds.includes(elementId));
					if (!match) return;
					if (is) match.beside = { is, why: match.beside?.why ?? '' };
					else delete match.beside;
				})
			)
		);
</script>

<svelte:window
	onkeydown={(event) => {
		if (event.key === 'Escape') seen.stop();
	}}
/>

{#snippet referencePicture()}
	{#if compared.showsPhoto && originalUrl.url}<img
			src={originalUrl.url}
			alt="{tryOnTexts.reference}: {reference.title}"
		/>
	{:else}<PlateFigure
			look={compared.look}
			body={client}
			title="{tryOnTexts.reference}: {reference.title}"
		/>{/if}
{/snippet}
{#snippet triedPicture()}
	{#if triedUrl.url}<img src={triedUrl.url} alt={tryOnTexts.of(echo.title)} draggable="false" />{/if}
{/snippet}

<div class="page">
	<div class="page-head">
		<h1>{tryOnTexts.of(echo.title)}</h1>
		<a href="/fitting/{echo.id}">{tryOnTexts.back}</a>
		<Button size="small" on:click={() => (judging = true)}>{tryOnTexts.judge}</Button>
	</div>
	<div class="work">
		<section class="stage" aria-label={tryOnTexts.ways.label}>
			<CompareStage
				reference={{
					picture: referencePicture,
					stood: compared.referenceStood,
					label: tryOnTexts.reference
				}}
				tried={picture && {
					picture: triedPicture,
					stood: compared.triedStood(picture, measured.marks),
					label: detailTitle ? tryOnTexts.detailOf(detailTitle) : tryOnTexts.tried
				}}
				onspot={seen.pointing && picture
					? ({ x, y }) => void seen.click({ x: x / picture.width, y: y / picture.height })
					: undefined}
			/>
			{#if seen.pointing}<p role="status">{tryOnTexts.measuring(seen.pointing.title)}</p>{/if}
		</section>
		<div class="side">
			<TryOnPictures
				{tryOn}
				{pictures}
				{picture}
				all={all.value ?? []}
				versions={echo.versions}
				{lines}
				onshows={(of) => {
					if (picture) void setShows(picture.id, of);
				}}
				onchoose={(id) => (chosenId = id)}
				onbegin={() => void begin()}
				onpicture={(id) => (pictureId = id)}
				onversion={(id) => void setVersion(id)}
				onremove={() => {
					if (tryOn) void performTold(tryOnTexts.removed, (writer) => writer.remove('tryOns', tryOn.id));
				}}
			/>
			<PhotoIntake {intake} />
			{#if compared.hasChoice}
				<Select
					size="sm"
					inline
					labelText={tryOnTexts.asPicture}
					selected={asPlate ? 'plate' : 'photo'}
					on:change={(event) => (asPlate = chosenIn(event) === 'plate')}
				>
					<SelectItem value="photo" text={tryOnTexts.shownAs.photo} />
					<SelectItem value="plate" text={tryOnTexts.shownAs.plate} />
				</Select>
			{/if}
			{#if picture && !compared.detail}<PoseAdvice {picture} {measured} {original} {beside} />{/if}
			<section aria-labelledby="rate-title">
				<h2 id="rate-title">
					{tryOn ? tryOnTexts.piecesOn(dayInWords(tryOn.on)) : tryOnTexts.pieces}
				</h2>
				<ol>
					{#each lines as line (line.elementId)}
						{@const [first] = line.worn}
						<RateElement
							{line}
							lengthCm={first && resolveItem(first.item, pieces)?.lengthCm}
							rating={tryOn?.ratings.find(({ elementId }) => elementId === line.elementId)}
							seen={tryOn?.seen.find(({ elementId }) => elementId === line.elementId)}
							{heelCm}
							{client}
							{units}
							pointing={seen.pointing?.elementId === line.elementId}
							details={compared.detailsOf(pictures, line.elementId)}
							onpicture={(id) => (pictureId = id)}
							canMeasure={picture !== undefined && measured.opened !== undefined}
							onrate={(rating) => void rate(rating, first?.title ?? line.asked)}
							onbeside={(is) => void setBeside(line.elementId, is)}
							onmeasure={() => {
								if (first) void seen.measure({ elementId: line.elementId, ...first });
							}}
						/>
					{/each}
				</ol>
			</section>
		</div>
	</div>
</div>
<VerdictForm bind:open={judging} {echo} {titleOf} {tryOn} />

<style>
	.work {
		display: grid;
		grid-template-columns: minmax(0, 1.35fr) minmax(20rem, 1fr);
		gap: 1.5rem;
		align-items: start;
	}
	.stage {
		position: sticky;
		top: 0.5rem;
		display: grid;
		gap: 0.5rem;
	}
	.side {
		display: grid;
		gap: 0.75rem;
		min-width: 0;
	}
	h2 {
		font-size: var(--step-1);
	}
	ol {
		list-style: none;
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
