<script lang="ts">
	import { poseAdvice, type Photo } from '$lib/core';
	import { tryOn as tryOnTexts } from '../messages/try-on';
	import type { Measuring } from '../photos/measuring.svelte';

	interface Props {
		picture: Photo;
		measured: Measuring;
		/** The reference's photograph, where there is one, and its body. */
		original: Photo | undefined;
		beside: Measuring;
	}
	let { picture, measured, original, beside }: Props = $props();

	/** What would bring the next picture nearer; undefined while the body is looked for. */
	const advice = $derived(
		measured.marks || measured.isNobodyFound
			? poseAdvice({ ...picture, marks: measured.marks }, original && { ...original, marks: beside.marks })
			: undefined
	);
</script>

<section aria-labelledby="pose-title">
	<h2 id="pose-title">{tryOnTexts.pose}</h2>
	{#if !advice}<p class="soft">{tryOnTexts.looking}</p>
	{:else if advice.length === 0}<p>{tryOnTexts.posed}</p>
	{:else}<ul>
			{#each advice as one (one)}<li>{tryOnTexts.poses[one]}</li>{/each}
		</ul>{/if}
</section>

<style>
	h2 {
		font-size: var(--step-1);
	}
	ul {
		padding-left: 1.1rem;
		font-size: var(--step-0);
	}
</style>
