<script lang="ts">
	import { Button, Checkbox } from 'carbon-components-svelte';
	import type { Photo } from '$lib/core';
	import { m } from '../messages';
	import type { Measuring } from './measuring.svelte';

	interface Props {
		state: Measuring;
		photo: Photo;
		/** Show the picture as it was taken, though its light was put right. */
		asTaken: boolean;
		/** A spot was pointed at that says nothing of the light. */
		bad: boolean;
		onputback: () => void;
	}
	let { state: measured, photo, asTaken = $bindable(), bad, onputback }: Props = $props();

	const cast = $derived(measured.opened?.cast);
</script>

<section aria-labelledby="light-title">
	<h2 id="light-title">{m.photos.light}</h2>
	{#if bad}<p role="alert" class="bad">{m.photos.badSpot}</p>{/if}
	{#if photo.known}
		<p class="soft">{m.photos.knownTones[photo.known.tone]}</p>
		<div class="row">
			<Checkbox labelText={m.photos.asTaken} bind:checked={asTaken} />
			<Button size="small" kind="ghost" on:click={onputback}>{m.photos.putBack}</Button>
		</div>
	{:else}
		<p class="soft">{cast ? m.photos.cast(m.photos.casts[cast]) : m.photos.noCast}</p>
	{/if}
</section>

<style>
	h2 {
		font-size: var(--step-1);
	}
	p {
		font-size: var(--step-0);
	}
	.bad {
		color: var(--warn);
	}
	.row {
		align-items: center;
	}
	.row :global(.bx--checkbox-wrapper) {
		margin: 0;
	}
</style>
