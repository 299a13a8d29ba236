<script lang="ts">
	import { InlineLoading } from 'carbon-components-svelte';
	import { addDays, type Piece, type RailTells, type RailUse } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { tellsInWorker } from '$lib/workers/rail';
	import CountBars from '../charts/CountBars.svelte';
	import CountGrid from '../charts/CountGrid.svelte';
	import { explain } from '../frame/perform';
	import { m } from '../messages';
	import type { Only } from './shown.svelte';

	interface Props {
		pieces: readonly Piece[];
		used: RailUse;
		/** Leads to pieces of the rail. */
		onlead: (only: Only) => void;
	}
	let { pieces, used, onlead }: Props = $props();

	let tells = $state.raw<RailTells | undefined>();
	let failed = $state('');
	$effect(() => {
		const asked = { pieces: $state.snapshot(pieces) as Piece[], used, longBefore: addDays(today(), -365) };
		let dropped = false;
		tellsInWorker(asked.pieces, asked).then(
			(answer) => {
				if (!dropped) [tells, failed] = [answer, ''];
			},
			(error: unknown) => {
				if (!dropped) failed = explain(error);
			}
		);
		return () => (dropped = true);
	});
	const nameOf = $derived(new Map(pieces.map(({ id, name }) => [id, name])));
	const lead = (words: string, ids: readonly string[]) => onlead({ words, ids: new Set(ids) });
	const spread = $derived(
		tells?.spread.map(({ level, label, pieces: at }) => ({ id: level, label, cells: at })) ?? []
	);
	const volume = $derived(
		tells?.volume.map(({ as, pieces: at }) => ({ id: as, label: as, cells: at })) ?? []
	);
</script>

{#snippet leads(words: string, ids: readonly string[])}
	<button onclick={() => lead(words, ids)} disabled={ids.length === 0}>{words}</button>
{/snippet}

<section class="panel tells" aria-label={m.wardrobe.tells.open}>
	{#if failed}<p role="alert">{failed}</p>
	{:else if !tells}<InlineLoading description={m.wardrobe.tells.working} />
	{:else if pieces.length === 0}<p class="soft">{m.wardrobe.tells.none}</p>
	{:else}
		<div>
			<h3>{m.wardrobe.tells.colours}</h3>
			<CountBars counts={tells.colours} onlead={lead} />
		</div>
		<div>
			<h3>{m.wardrobe.tells.spread}</h3>
			<p class="soft small">{m.wardrobe.tells.spreadNote}</p>
			<CountGrid rows={spread} name={m.wardrobe.tells.spread} onlead={lead} />
			<h3>{m.wardrobe.tells.volumes}</h3>
			<CountGrid rows={volume} name={m.wardrobe.tells.volumes} onlead={lead} />
		</div>
		<div>
			<h3>{m.wardrobe.tells.gaps}</h3>
			<ul>
				{#each tells.gaps as { words, ids } (words)}<li>{@render leads(words, ids)}</li>
				{:else}<li class="soft">{m.wardrobe.tells.noGaps}</li>{/each}
			</ul>
			<h3>{m.wardrobe.tells.doubles}</h3>
			<ul>
				{#each tells.doubles as { words, ids } (ids.join())}<li>{@render leads(words, ids)}</li>
				{:else}<li class="soft">{m.wardrobe.tells.noDoubles}</li>{/each}
			</ul>
			<h3>{m.wardrobe.tells.unworn}</h3>
			<ul>
				<li>{@render leads(m.wardrobe.tells.neverWorn(tells.neverWorn.length), tells.neverWorn)}</li>
				<li>{@render leads(m.wardrobe.tells.longUnworn(tells.longUnworn.length), tells.longUnworn)}</li>
			</ul>
			<h3>{m.wardrobe.tells.workhorses}</h3>
			<ul>
				{#each tells.workhorses as { id, times } (id)}
					<li>
						{@render leads(nameOf.get(id) ?? '', [id])}
						<span class="soft">{m.wardrobe.tells.times(times)}</span>
					</li>
				{:else}<li class="soft">{m.wardrobe.tells.noWorkhorses}</li>{/each}
			</ul>
		</div>
	{/if}
</section>

<style>
	.tells {
		display: grid;
		grid-template-columns: minmax(10rem, 2fr) minmax(20rem, 4fr) minmax(14rem, 3fr);
		gap: 1rem 2rem;
		margin-bottom: 1rem;
		font-size: var(--step-0);
	}
	h3:not(:first-child) {
		margin-top: 1rem;
	}
	ul {
		list-style: none;
	}
	button {
		min-height: 1.9rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-align: left;
		text-decoration: underline;
		cursor: pointer;
	}
	button:disabled {
		text-decoration: none;
		cursor: default;
	}
	.small {
		font-size: var(--step--1);
	}
	@media (max-width: 66rem) {
		.tells {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
