<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { bodyScale, type Photo } from '$lib/core';
	import { m } from '../messages';
	import { keepMarks, missingMarks, standingMarks, withMark } from './body';
	import type { Measuring, Tool } from './measuring.svelte';

	interface Props {
		state: Measuring;
		photo: Photo;
		tool: Tool;
	}
	let { state: measured, photo, tool = $bindable() }: Props = $props();

	const { marks } = $derived(measured);
	const isAstray = $derived(marks !== undefined && bodyScale(marks, photo) === undefined);
	async function setByHand() {
		if (await keepMarks(photo, standingMarks())) tool = 'body';
	}
</script>

<section aria-labelledby="body-title">
	<h2 id="body-title">{m.photos.body}</h2>
	{#if marks}
		{#if !photo.marks}
			<p class="soft">{isAstray ? m.photos.bodyLittle : m.photos.bodyFound}</p>
		{:else if isAstray}
			<p class="astray" role="alert">{m.photos.bodyAstray}</p>
		{:else}
			<p class="soft">{m.photos.bodySet}</p>
		{/if}
		<div class="row">
			{#if tool === 'body'}
				{#each missingMarks(marks) as id (id)}
					<Button size="small" kind="ghost" on:click={() => void keepMarks(photo, withMark(marks, id))}
						>{m.photos.setMark(m.photos.bodyMarks[id])}</Button
					>
				{/each}
			{:else}
				<Button size="small" kind="ghost" on:click={() => (tool = 'body')}>{m.photos.moveMarks}</Button>
			{/if}
			{#if photo.marks}
				<Button size="small" kind="ghost" on:click={() => void keepMarks(photo, undefined)}
					>{m.photos.findMarks}</Button
				>
			{/if}
		</div>
	{:else if measured.isNobodyFound}
		<p class="soft">{m.photos.bodyNone}</p>
		<Button size="small" kind="ghost" on:click={() => void setByHand()}>{m.photos.setMarks}</Button>
	{:else}
		<p class="soft">{m.photos.bodyLooking}</p>
	{/if}
</section>

<style>
	h2 {
		font-size: var(--step-1);
	}
	p {
		font-size: var(--step-0);
	}
	.astray {
		color: var(--warn);
	}
	.row {
		gap: 0;
	}
</style>
