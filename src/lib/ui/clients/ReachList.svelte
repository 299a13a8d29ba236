<script lang="ts">
	import { InlineLoading } from 'carbon-components-svelte';
	import { bands, type Client, type Piece, type Reference } from '$lib/core';
	import { m } from '../messages';
	import { reachOfRail } from '../pieces/reach.svelte';

	interface Props {
		client: Client;
		pieces: readonly Piece[];
		references: readonly Reference[];
	}
	let { client, pieces, references }: Props = $props();

	let open = $state(false);
	const reach = reachOfRail(() => (open ? { client, pieces, references } : undefined));
	const reaches = $derived(reach.reaches);
	const few = 8;
	let all = $state(false);
	const titleOf = (id: string) => references.find((one) => one.id === id)?.title ?? '';
	const bandOf = (id: string) => bands.find((band) => band.id === id)?.label ?? '';
</script>

<details class="reach" bind:open>
	<summary><h2>{m.reach.title}</h2></summary>
	<p class="soft">{m.reach.intro}</p>
	{#if reach.failed}
		<p role="alert">{reach.failed}</p>
	{:else if !reaches}
		<InlineLoading description={m.pieces.looking} />
	{:else if reaches.length === 0}
		<p class="soft">{m.reach.none} <a href="/references">{m.places.references}</a></p>
	{:else}
		<ol>
			{#each all ? reaches : reaches.slice(0, few) as { referenceId, score, band, hero, gaps } (referenceId)}
				<li>
					<span class="score figures">{Math.round(score)}</span>
					<a href="/fitting?client={client.id}&reference={referenceId}">{titleOf(referenceId)}</a>
					<span class="soft"
						>{[bandOf(band), hero ? m.reach.hero : m.reach.noHero, m.reach.gaps(gaps)].join(' · ')}</span
					>
				</li>
			{/each}
		</ol>
		{#if reaches.length > few && !all}
			<button onclick={() => (all = true)}>{m.fitting.showAll(reaches.length)}</button>
		{/if}
	{/if}
</details>

<style>
	.reach {
		margin-bottom: 2rem;
	}
	summary {
		min-height: 2rem;
		cursor: pointer;
	}
	h2 {
		display: inline;
	}
	ol {
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 3rem minmax(0, 1fr) minmax(0, 1.4fr);
		gap: 0.75rem;
		align-items: baseline;
		padding: 0.3rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.score {
		font-family: var(--display);
		font-size: var(--step-2);
	}
	button {
		min-height: 2rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-decoration: underline;
		cursor: pointer;
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 2.5rem minmax(0, 1fr);
		}
		li .soft {
			grid-column: 2;
		}
	}
</style>
