<script lang="ts">
	import {
		bandOf,
		resolveItem,
		wornLook,
		type Client,
		type Echo,
		type Piece,
		type Reference
	} from '$lib/core';
	import { afterPaint } from '../../frame/after-paint';
	import { turn } from '../../frame/turns.svelte';
	import { m } from '../../messages';
	import { figures } from '../../plate/apart.svelte';

	interface Props {
		echo: Echo;
		client: Client;
		pieces: readonly Piece[];
		reference: Reference | undefined;
	}
	let { echo, client, pieces, reference }: Props = $props();

	const judgement = $derived(echo.judgements.at(-1));
	/** What scores an echo comes after the card. */
	const score = $derived.by(async () => {
		if (judgement) return judgement.score;
		if (!reference) return 0;
		// Read before the wait, so that a change of them is seen.
		const judged = [echo, reference, pieces, client] as const;
		await afterPaint();
		const { scoreEcho } = await import('./live-score');
		return scoreEcho(...judged).score;
	});
	const drawn = turn();
	$effect(() => void afterPaint().then(figures.ask));
	const look = $derived(wornLook(echo, (item) => resolveItem(item, pieces)?.garment));
</script>

<a class="panel panel-link" href="/fitting/{echo.id}">
	<span class="plate">
		{#if figures.now && drawn.come}<figures.now.default {look} body={client} title="" />{/if}
	</span>
	<span>
		<strong>{echo.title}</strong>
		<span class="soft">{client.name}</span>
		{#await score}
			<span class="score figures">&nbsp;</span>
			<span class="soft">&nbsp;</span>
		{:then score}
			<span class="score figures">{Math.round(score)}</span>
			<span class="soft">{bandOf(score).label}</span>
		{/await}
		{#if judgement}<span class="soft figures">{m.fitting.byYou(judgement.verdict.ownRating)}</span>{/if}
	</span>
</a>

<style>
	.plate {
		width: 5.5rem;
		height: 11rem;
		flex: none;
		background: var(--plate-ground);
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
