<script lang="ts">
	import { Button, InlineLoading, Select, SelectItem } from 'carbon-components-svelte';
	import { onDestroy } from 'svelte';
	import {
		dayInWords,
		facetOf,
		garmentType,
		optionsOfPiece,
		slots,
		wearable,
		type Client,
		type Event,
		type Outfit,
		type Piece,
		type Wear,
		type WornOption
	} from '$lib/core';
	import { keepOutfit } from '$lib/store/echoes';
	import { outfitsInWorker, shapesInWorker } from '$lib/workers/rail';
	import { chosenIn } from '../frame/chosen';
	import { goToMade } from '../frame/go-to-made';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import OutfitCard from './OutfitCard.svelte';

	interface Props {
		piece: Piece;
		client: Client;
		pieces: readonly Piece[];
		/** From today on. */
		events: readonly Event[];
		wears: readonly Wear[];
	}
	let { piece, client, pieces, events, wears }: Props = $props();

	let eventId = $state('');
	let otherId = $state('');
	let howMany = $state(6);
	let lead = $state<'' | 'leading' | 'quiet'>('');
	const leads = ['', 'leading', 'quiet'] as const;
	let built = $state.raw<{ outfit: Outfit; caption?: string }[] | undefined>();
	/** What has a leg or a hem itself is worn across none. */
	const across = $derived(
		!piece.parts.some(({ garment }) =>
			slots[garmentType(garment.type).slot].covers.some((part) => part === 'legs')
		)
	);
	let working = $state.raw<AbortController | undefined>();
	const event = $derived(events.find(({ id }) => id === eventId));
	/** Instead of an event, a level of dressiness: from casual up. */
	const levels = facetOf('formality')
		.values.map(({ id, label }, level) => ({ id: `level ${id}`, label, level }))
		.slice(1);
	const dressiness = $derived(levels.find(({ id }) => id === eventId)?.level);
	const others = $derived(
		pieces
			.filter((other) => other.id !== piece.id && wearable(other))
			.sort((a, b) => a.name.localeCompare(b.name))
	);
	const rail = $derived(pieces.filter(wearable).flatMap(optionsOfPiece));
	const context = $derived({ client, schools: client.schools, ...(event && { event }) });

	async function build(what: 'outfits' | 'shapes') {
		working?.abort();
		const stop = new AbortController();
		working = stop;
		const worn = new Set(wears.flatMap(({ pieceIds }) => pieceIds));
		const question = {
			client: $state.snapshot(client) as Client,
			pieces: $state.snapshot(pieces) as Piece[],
			anchorIds: [piece.id, ...(otherId && what === 'outfits' ? [otherId] : [])],
			howMany,
			...(lead && { lead }),
			...(dressiness !== undefined && { dressiness }),
			unworn: pieces.filter(({ id }) => !worn.has(id)).map(({ id }) => id),
			...(event && { event: $state.snapshot(event) as Event })
		};
		await perform(async () => {
			built =
				what === 'outfits'
					? (await outfitsInWorker(question, stop.signal)).map((outfit) => ({ outfit }))
					: (await shapesInWorker(question, stop.signal)).map(({ shape, outfit }) => ({
							outfit,
							caption: shape
						}));
		});
		if (working === stop) working = undefined;
	}
	onDestroy(() => working?.abort());

	const keep = (worn: readonly WornOption[]) =>
		perform(async () => {
			const second = worn.find(({ option }) => option.piece.id !== piece.id);
			const title = m.pieces.titled(piece.name, second?.option.title ?? '');
			await goToMade(
				async () => `/fitting/${await keepOutfit(m.pieces.kept(title), worn, title, event?.id)}`
			);
		});
</script>

<section aria-labelledby="outfits-title">
	<h2 id="outfits-title">{m.pieces.outfits}</h2>
	<p class="soft no-print">{m.pieces.outfitsNote}</p>
	<div class="ask no-print">
		<Select size="sm" labelText={m.pieces.with} selected={otherId} on:change={(e) => (otherId = chosenIn(e))}>
			<SelectItem value="" text={m.pieces.noOther} />
			{#each others as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
		</Select>
		<Select
			size="sm"
			labelText={m.pieces.forEvent}
			selected={eventId}
			on:change={(e) => (eventId = chosenIn(e))}
		>
			<SelectItem value="" text={m.pieces.anyDay} />
			{#each levels as { id, label } (id)}<SelectItem value={id} text={m.pieces.anyLevel(label)} />{/each}
			{#each events as one (one.id)}<SelectItem
					value={one.id}
					text="{one.title}, {dayInWords(one.date)}"
				/>{/each}
		</Select>
		<Select
			size="sm"
			labelText={m.pieces.howMany}
			selected={howMany}
			on:change={(e) => (howMany = Number(chosenIn(e)))}
		>
			{#each [3, 6, 10] as count (count)}<SelectItem value={count} text={String(count)} />{/each}
		</Select>
		<Select
			size="sm"
			labelText={m.pieces.lead}
			selected={lead}
			on:change={(e) => (lead = chosenIn(e) as typeof lead)}
		>
			{#each leads as one (one)}<SelectItem value={one} text={m.pieces.leads[one]} />{/each}
		</Select>
		<Button size="small" disabled={working !== undefined} on:click={() => void build('outfits')}
			>{m.pieces.build}</Button
		>
		{#if across}
			<Button
				size="small"
				kind="tertiary"
				title={m.pieces.acrossNote}
				disabled={working !== undefined}
				on:click={() => void build('shapes')}>{m.pieces.across}</Button
			>
		{/if}
		{#if working}
			<InlineLoading description={m.pieces.building} />
			<Button size="small" kind="ghost" on:click={() => working?.abort()}>{m.cancel}</Button>
		{/if}
	</div>
	{#if built?.length === 0}<p class="panel" role="status">{m.pieces.none}</p>{/if}
	{#if built && built.length > 0}
		<ul class="grid" aria-label={m.pieces.outfits}>
			{#each built as { outfit, caption } (outfit.options.map(({ item }) => item.partId).join())}
				<li>
					<OutfitCard {outfit} {caption} {client} {rail} {context} onkeep={(worn) => void keep(worn)} />
				</li>
			{/each}
		</ul>
		<div class="no-print">
			<Button size="small" kind="ghost" on:click={() => window.print()}>{m.pieces.print}</Button>
		</div>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
		margin-bottom: 2rem;
	}
	.ask {
		display: flex;
		flex-wrap: wrap;
		gap: 1rem;
		align-items: end;
	}
	.ask > :global(.bx--form-item) {
		flex: 0 1 11rem;
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
	}
	@media print {
		.grid {
			grid-template-columns: repeat(3, 1fr);
		}
	}
</style>
