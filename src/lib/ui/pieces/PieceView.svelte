<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import {
		costPerWear,
		dayInWords,
		freshWear,
		garmentInWords,
		garmentType,
		moneyInWords,
		lengthInWords,
		shownParts,
		wantedFor
	} from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { pieceIdsIn } from '$lib/store/worn';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import PieceForm from '../wardrobe/PieceForm.svelte';
	import OutfitsFrom from './OutfitsFrom.svelte';
	import PhotoStrip from '../photos/PhotoStrip.svelte';
	import PieceCare from './PieceCare.svelte';
	import PieceWays from './PieceWays.svelte';
	import { reachOfRail } from '../reach/reach.svelte';

	let { clientId, pieceId }: { clientId: string; pieceId: string } = $props();

	const found = live(() => {
		const [client, piece] = [clientId, pieceId];
		return async () => ({
			client: await database.clients.get(client),
			piece: await database.pieces.get(piece),
			pieces: await database.pieces.where('clientId').equals(client).toArray(),
			events: (await database.events.where('clientId').equals(client).sortBy('date')).filter(
				({ date }) => date >= today()
			),
			echoes: await database.echoes.where('clientId').equals(client).toArray(),
			references: await database.references.toArray(),
			wears: await database.wears.where('clientId').equals(client).toArray(),
			settings: await database.settings.toCollection().first()
		});
	});
	const piece = $derived(found.value?.piece);
	const client = $derived(found.value?.client);
	let editing = $state(false);

	const wears = $derived(
		found.value?.wears
			.filter(({ pieceIds }) => pieceIds.includes(pieceId))
			.sort((a, b) => b.on.localeCompare(a.on)) ?? []
	);
	const echoes = $derived(found.value?.echoes.filter((echo) => pieceIdsIn([echo]).has(pieceId)) ?? []);
	const unit = $derived(found.value?.settings?.units ?? 'cm');
	const facts = $derived.by((): [string, string][] => {
		if (!piece) return [];
		const { price, how, on } = piece.acquired;
		const each = price && costPerWear(price, wears.length);
		const all: [string, string | false | undefined][] = [
			[m.pieces.worn, m.pieces.times(wears.length, wears[0] && dayInWords(wears[0].on))],
			[m.pieces.perWear, each && moneyInWords(each)],
			[m.pieces.size, piece.sizeLabel],
			[m.pieces.price, price && moneyInWords(price)],
			[m.pieces.how, [how !== 'unknown' && how, on && dayInWords(on)].filter(Boolean).join(', ')],
			[m.pieces.place, piece.place],
			[m.pieces.state, piece.state !== 'ready' && m.wardrobe.states[piece.state]],
			[
				m.pieces.length,
				piece.measuresCm.length !== undefined && lengthInWords(piece.measuresCm.length, unit)
			],
			[m.pieces.alterations, piece.alterations.map(({ what }) => what).join('; ')]
		];
		return all.filter((fact): fact is [string, string] => Boolean(fact[1]));
	});

	const reach = reachOfRail(() => {
		const { client, pieces, references } = found.value ?? {};
		return client && pieces && references ? { client, pieces, references } : undefined;
	});
	const wanted = $derived(reach.reaches && (wantedFor(reach.reaches).get(pieceId) ?? []));
	const titleOf = (id: string) => found.value?.references.find((one) => one.id === id)?.title ?? '';

	/** The whole in place of its parts. */
	const parts = $derived(piece ? shownParts(piece) : []);
	const words = $derived(parts.map(({ garment }) => garmentInWords(garment)).join('; '));
	/** Parts that are worn by themselves, and other ways it is worn. */
	const named = $derived([
		...(piece?.parts ?? [])
			.filter((part) => !parts.includes(part))
			.map(({ name, garment }) => name || garmentInWords(garment)),
		...(piece?.configurations ?? []).map(({ name }) => name)
	]);
	const look = $derived({
		worn: parts.map(({ id, garment }) => ({ id, garment, moves: [] }))
	});
	const noteWorn = () =>
		void performTold(m.pieces.woreToday(piece?.name ?? ''), (writer) =>
			writer.create('wears', freshWear({ id: newId(), clientId, on: today(), pieceIds: [pieceId] }))
		);
	const wornToday = $derived(wears.some(({ on }) => on === today()));
</script>

<Title of={piece?.name} />
<div class="page">
	<Pending query={found}>
		{#if !piece || !client || !found.value}
			<Missing back="/clients/{clientId}" label={m.places.clients} />
		{:else}
			<div class="page-head no-print">
				<h1>{piece.name}</h1>
				<a href="/clients/{client.id}">{client.name}</a>
				<Button kind="ghost" size="small" disabled={wornToday} on:click={noteWorn}
					>{m.pieces.wearToday}</Button
				>
				<Button kind="tertiary" size="small" on:click={() => (editing = true)}>{m.wardrobe.edit}</Button>
			</div>
			<div class="top no-print">
				<div class="drawing">
					<PlateFigure
						{look}
						body={{ measurements: client.measurements, figure: 'form' }}
						slot={parts[0] && parts.length === 1 ? garmentType(parts[0].garment.type).slot : undefined}
						title={words}
					/>
				</div>
				<div>
					<p>{words}</p>
					{#if named.length > 0}<p class="soft small">{m.pieces.parts(named.join(', '))}</p>{/if}
					<dl>
						{#each facts as [label, value] (label)}
							<div>
								<dt class="soft">{label}</dt>
								<dd>{value}</dd>
							</div>
						{/each}
					</dl>
					{#if piece.note}<p>{piece.note}</p>{/if}
				</div>
				<div>
					<h2>{m.pieces.wanted}</h2>
					<p class="soft small">{m.pieces.wantedNote}</p>
					{#if reach.failed}<p role="alert">{reach.failed}</p>
					{:else if !wanted}<p class="soft" role="status">{m.pieces.looking}</p>
					{:else if wanted.length === 0}<p class="soft">{m.pieces.noWanted}</p>{/if}
					<ul>
						{#each wanted ?? [] as { referenceId, score } (referenceId)}
							<li>
								<a href="/fitting?client={client.id}&reference={referenceId}">{titleOf(referenceId)}</a>
								<span class="figures soft">{Math.round(score)}</span>
							</li>
						{/each}
					</ul>
					<h2>{m.pieces.inEchoes}</h2>
					{#if echoes.length === 0}<p class="soft">{m.pieces.noEchoes}</p>{/if}
					<ul>
						{#each echoes as { id, title } (id)}<li><a href="/fitting/{id}">{title}</a></li>{/each}
					</ul>
				</div>
				<div>
					<h2>{m.pieces.wears}</h2>
					{#if wears.length === 0}<p class="soft">{m.pieces.noWears}</p>{/if}
					<ul>
						{#each wears.slice(0, 8) as { id, on, note } (id)}
							<li><span>{dayInWords(on)}</span> <span class="soft">{note}</span></li>
						{/each}
					</ul>
					<PieceCare {piece} {client} />
				</div>
			</div>
			<div class="no-print">
				<PhotoStrip
					ids={piece.photos}
					title={m.photos.pieceTitle}
					hang={(writer, photos) =>
						writer.edit('pieces', pieceId, (draft) => void draft.photos.push(...photos.map(({ id }) => id)))}
				/>
			</div>
			<PieceWays {piece} {client} pieces={found.value.pieces} />
			<OutfitsFrom
				{piece}
				{client}
				pieces={found.value.pieces}
				events={found.value.events}
				wears={found.value.wears}
			/>
			<PieceForm
				bind:open={editing}
				clientId={client.id}
				{piece}
				currency={found.value.settings?.currency ?? 'GBP'}
			/>
		{/if}
	</Pending>
</div>

<style>
	.top {
		display: grid;
		grid-template-columns: 12rem minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 0.8fr);
		gap: 2rem;
		margin-bottom: 2rem;
		font-size: var(--step-0);
	}
	.drawing {
		height: 14rem;
	}
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem 1.5rem;
		margin: 0.75rem 0;
	}
	dt,
	.small {
		font-size: var(--step--1);
	}
	h2 {
		font-size: var(--step-1);
	}
	ul {
		margin-bottom: 1rem;
		list-style: none;
	}
	li {
		display: flex;
		justify-content: space-between;
		gap: 0.5rem;
		padding: 0.15rem 0;
		border-top: 1px solid var(--line);
	}
	@media (max-width: 60rem) {
		.top {
			grid-template-columns: 10rem minmax(0, 1fr);
		}
	}
	@media (max-width: 40rem) {
		.top {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
