<script lang="ts">
	import {
		bandOf,
		resolveItem,
		scoreEcho,
		type Client,
		type Echo,
		type Piece,
		type Reference
	} from '$lib/core';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import { wornLook } from './looks';

	interface Props {
		echo: Echo;
		client: Client;
		pieces: readonly Piece[];
		reference: Reference | undefined;
	}
	let { echo, client, pieces, reference }: Props = $props();

	const judgement = $derived(echo.judgements.at(-1));
	const score = $derived(
		judgement?.score ?? (reference ? scoreEcho(echo, reference, pieces, client).score : 0)
	);
	const look = $derived(wornLook(echo, (item) => resolveItem(item, pieces)?.garment));
</script>

<a class="panel panel-link" href="/fitting/{echo.id}">
	<span class="plate"><PlateFigure {look} body={client} title="" /></span>
	<span>
		<strong>{echo.title}</strong>
		<span class="soft">{client.name}</span>
		<span class="score figures">{Math.round(score)}</span>
		<span class="soft">{bandOf(score).label}</span>
		{#if judgement}<span class="soft figures">{m.fitting.byYou(judgement.verdict.ownRating)}</span>{/if}
	</span>
</a>

<style>
	.plate {
		width: 5.5rem;
		height: 11rem;
		flex: none;
	}
	span {
		display: block;
	}
	.score {
		margin-top: 1rem;
		font-family: var(--display);
		font-size: var(--step-3);
		line-height: 1;
	}
</style>
