<script lang="ts">
	import { InlineLoading } from 'carbon-components-svelte';
	import { onDestroy } from 'svelte';
	import {
		bands,
		candidatesFor,
		cheapestToNextBand,
		moneyInWords,
		scoringOf,
		withPostage,
		wornIn,
		type Client,
		type FitNote,
		type NextBand,
		type Piece,
		type Reach,
		type Reference
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { askForLook } from '$lib/store/market';
	import { m } from '../messages';

	interface Props {
		reach: Reach;
		reference: Reference;
		client: Client;
		pieces: readonly Piece[];
		fitNotes: readonly FitNote[];
	}
	let { reach, reference, client, pieces, fitNotes }: Props = $props();

	let asking = $state(false);
	let found = $state.raw<NextBand | 'none' | undefined>();
	let failed = $state('');
	const stop = new AbortController();
	onDestroy(() => stop.abort());

	async function ask() {
		asking = true;
		failed = '';
		try {
			const asked = { client, fitNotes, schools: client.schools, on: today() };
			const result = await askForLook(reference, asked, stop.signal);
			if (result.ok) {
				const scoring = scoringOf(reference, client.schools, client);
				const { offers } = candidatesFor({
					reference,
					client,
					pieces: [],
					market: result.answer,
					fitNotes,
					scoring,
					seenOn: today()
				});
				const priced = (elementId: string) =>
					offers(elementId).map((offer) => ({ ...offer, cost: withPostage(offer, []) }));
				found = cheapestToNextBand(reference, wornIn(reach, pieces), priced, scoring) ?? 'none';
			} else failed = result.message;
		} catch {
			// Called off: the row is gone.
		}
		asking = false;
	}
	const bandOf = (id: string) => bands.find((band) => band.id === id)?.label ?? '';
</script>

{#if reach.band === bands[0].id}
	<span></span>
{:else if found === 'none'}
	<span class="soft">{m.reach.noNext}</span>
{:else if found}
	<span role="status"
		>{m.reach.next(
			bandOf(found.band),
			moneyInWords(found.cost),
			found.buys.map(({ offer: { title } }) => title).join(', ')
		)}</span
	>
{:else if asking}
	<InlineLoading description={m.reach.asking} />
{:else}
	{#if failed}<span role="alert">{failed}</span>{/if}
	<button onclick={() => void ask()}>{m.reach.askNext}</button>
{/if}

<style>
	button {
		min-height: 1.9rem;
		padding: 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
