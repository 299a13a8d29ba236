<script lang="ts">
	import { momentInWords, type Echo } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { m } from '../../messages';
	import { tryOn as tryOnTexts } from '../../messages/try-on';
	import PhotoThumb from '../../photos/PhotoThumb.svelte';

	/** What was judged of an echo, the latest first, as it was then. */
	let { echo }: { echo: Echo } = $props();

	const judgements = $derived([...echo.judgements].reverse());
	const photos = live(() => {
		const ids = judgements.flatMap((judgement) => judgement.photos);
		return async () => (await database.photos.bulkGet(ids)).filter((photo) => photo !== undefined);
	});
</script>

<ul>
	{#each judgements as { id, judgedAt, score, weighed, verdict, version, photos: shown, findings } (id)}
		<li>
			<p>
				{momentInWords(judgedAt)}{version ? `, “${version}”` : ''}: {m.fitting.judged(
					Math.round(score),
					verdict.ownRating
				)}{weighed ? `, ${Math.round(weighed.score)} ${tryOnTexts.byYourWeights}` : ''};
				{m.fitting.wouldWearIt[verdict.wouldWear]}. {verdict.note}
			</p>
			{#if verdict.client}<p>
					{tryOnTexts.clientSaid(m.fitting.wouldWearIt[verdict.client.wouldWear] ?? '', verdict.client.word)}
				</p>{/if}
			{#if shown.length > 0}
				<div class="pictures">
					{#each photos.value?.filter((photo) => shown.includes(photo.id)) ?? [] as photo (photo.id)}
						<span><PhotoThumb {photo} alt={tryOnTexts.asItWas(momentInWords(judgedAt))} /></span>
					{/each}
				</div>
			{/if}
			{#if findings.length > 0}
				<details>
					<summary>{tryOnTexts.found} ({findings.length})</summary>
					<ul>
						{#each findings as { says }, i (i)}<li>{says}</li>{/each}
					</ul>
				</details>
			{/if}
		</li>
	{/each}
</ul>

<style>
	.pictures {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin: 0.35rem 0;
	}
	.pictures span {
		width: 4rem;
		height: 6rem;
	}
	summary {
		min-height: 1.5rem;
		cursor: pointer;
	}
</style>
