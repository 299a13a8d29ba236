<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button, Modal } from 'carbon-components-svelte';
	import { onMount } from 'svelte';
	import { referenceLook, statesOf, wornLook, type Item } from '$lib/core';
	import { anotherEcho } from '$lib/store/echoes';
	import { latestTryOn } from '$lib/store/verdicts';
	import { live } from '$lib/store/live.svelte';
	import Confirm from '../../frame/Confirm.svelte';
	import { goToMade } from '../../frame/go-to-made';
	import { perform, performTold } from '../../frame/perform';
	import { m } from '../../messages';
	import CompareCards from '../tray/CompareCards.svelte';
	import EchoForm from '../echoes/EchoForm.svelte';
	import VersionForm from '../echoes/VersionForm.svelte';
	import FitOf from '../hand/FitOf.svelte';
	import { tableHand } from '../hand/hand.svelte';
	import HandMenu from '../hand/HandMenu.svelte';
	import { keepFocus } from './keep-focus.svelte';
	import { tableKeys } from './keyboard';
	import LookPlate from './LookPlate.svelte';
	import PlateTools from './PlateTools.svelte';
	import Rung from './Rung.svelte';
	import ScorePanel from '../score/ScorePanel.svelte';
	import { fittingTable, type OnTable } from './table.svelte';
	import SidePanel, { type Side } from './SidePanel.svelte';
	import VerdictForm from '../score/VerdictForm.svelte';
	import { plateView } from './view.svelte';
	import WhyFigure from '../score/WhyFigure.svelte';

	let { onTable }: { onTable: OnTable } = $props();
	// A choice makes a new echo only: what follows from the rest is not worked out again.
	const echo = $derived(onTable.echo);
	const reference = $derived(onTable.reference);
	const client = $derived(onTable.client);
	const table = fittingTable(() => onTable);
	const view = plateView();
	const hand = tableHand(table, {
		askWhy: () => (asked = true),
		showExtras: () => (side = 'more'),
		askFit: (item) => (tried = item)
	});

	const tryOn = live(() => {
		const { id } = echo;
		return async () => ({ found: await latestTryOn(id) });
	});
	let judging = $state(false);
	let asking = $state(false);
	let editing = $state(false);
	let keeping = $state(false);
	let asked = $state(false);
	let room = $state<HTMLElement>();
	/** What it is to be noted of how it fits. */
	let tried = $state.raw<Item | undefined>();

	const lookOfReference = $derived(referenceLook(reference));
	const echoLook = $derived(table.check.preview ?? wornLook(echo, table.garmentOf));
	let side = $state<Side>('tray');
	const states = $derived(statesOf([...lookOfReference.worn, ...echoLook.worn]));

	const onkeydown = tableKeys(table, {
		room: () => room,
		letters: () => onTable.letters,
		matchAll: () => matchAll(),
		toggleHems: view.toggleHems,
		toggleOverlay: view.toggleOverlay,
		turn: view.turn,
		nextPosture: view.nextPosture,
		nextLayers: () => view.nextLayers(states),
		toggleSide: (to) => (side = side === to ? 'tray' : to),
		askWhy: () => (asked = true),
		search: () => room?.querySelector<HTMLInputElement>('input[type="search"]')?.focus()
	});

	/** Titles of what was chosen by hand and would be changed by matching everything; asked about before it is done. */
	let inTheWay = $state.raw<string[]>([]);
	function matchAll() {
		const changed = table.byHandInTheWay();
		inTheWay = changed.flatMap(({ items }) => items.map((item) => table.titleOf(item)));
		if (changed.length === 0) void table.told(() => table.matchAll());
	}
	function matchAfterAsking(keepByHand: boolean) {
		inTheWay = [];
		void table.told(() => table.matchAll(keepByHand));
	}

	keepFocus(() => ({ room, rev: echo.rev, inMore: side === 'more' }));

	// The table has the focus when it opens, so that its letters act at once.
	onMount(() => {
		const at = document.activeElement;
		if (!at || at === document.body || at.id === 'work') room?.focus({ preventScroll: true });
	});

	async function makeAnother() {
		const title = m.fitting.another(echo.title);
		await perform(() =>
			goToMade(async () => `/fitting/${await anotherEcho(m.did.began(title), echo, title)}`)
		);
	}
	async function remove() {
		if (await performTold(m.did.deleted(echo.title), (writer) => writer.remove('echoes', echo.id)))
			await goto('/fitting');
	}
</script>

<svelte:window {onkeydown} />

<div class="table" bind:this={room} data-table tabindex="-1">
	<a class="skip" href="#tray">{m.skipTo.tray}</a>
	<a class="skip" href="#score">{m.skipTo.score}</a>
	<div class="head">
		<h1>{echo.title}</h1>
		<span class="soft">
			<a href="/clients/{client.id}">{client.name}</a> ·
			<a href="/references/{reference.id}">{reference.title}</a>
		</span>
		<div class="deeds">
			<Button kind="tertiary" size="small" on:click={matchAll}>{m.fitting.matchAll}</Button>
			<Button kind="ghost" size="small" href="/fitting/{echo.id}/beside"
				>{m.fitting.beside}{echo.versions.length > 0 ? ` (${echo.versions.length + 1})` : ''}</Button
			>
			<Button kind="ghost" size="small" on:click={() => void makeAnother()}>{m.fitting.makeAnother}</Button>
			<Button kind="ghost" size="small" on:click={() => (editing = true)}>{m.edit}</Button>
			<Button kind="ghost" size="small" on:click={() => (asking = true)}>{m.remove}</Button>
		</div>
	</div>
	{#if table.elements.length === 0}
		<div class="panel empty">
			<p>{m.fitting.noElements}</p>
			<Button size="small" href="/references/{reference.id}">{m.fitting.readIt}</Button>
		</div>
	{:else}
		<div class="work">
			<LookPlate
				caption={m.fitting.referencePlate}
				title="{m.fitting.referencePlate}: {reference.title}"
				look={lookOfReference}
				other={echoLook}
				{client}
				{table}
				{view}
			/>
			<div class="middle">
				<ol class="rungs" aria-label={m.fitting.rungs}>
					{#each table.elements as element (element.id)}
						<li>
							<Rung
								{element}
								score={table.scoreOf(element)}
								garment={table.garmentsOf(element)[0]}
								pinned={table.matchOf(element)?.pinned ?? false}
								current={element === table.selected}
								pointed={element === table.pointed}
								onselect={() => table.select(element.id)}
								onpoint={(on) => table.point(on ? element.id : undefined)}
								held={hand.held !== undefined && hand.takes(element, hand.held)}
								place={{
									takes: (card) => hand.takes(element, card),
									put: (card) => void hand.put(element, card)
								}}
							/>
						</li>
					{/each}
				</ol>
				<PlateTools {view} {states} />
			</div>
			<LookPlate
				caption={m.fitting.echoPlate}
				title="{m.fitting.echoPlate}: {echo.title}"
				look={echoLook}
				other={lookOfReference}
				{client}
				{table}
				{view}
				overlaid
				{hand}
			/>
			<div class="tray-place" id="tray" tabindex="-1">
				<SidePanel {table} {hand} {view} bind:side onwhy={() => (asked = true)} />
			</div>
		</div>
		<ScorePanel
			{table}
			currency={onTable.currency}
			onjudge={() => (judging = true)}
			onkeep={() => (keeping = true)}
		/>
	{/if}
</div>
<HandMenu {hand} {room} />
<VerdictForm bind:open={judging} {echo} titleOf={table.titleOf} tryOn={tryOn.value?.found} />
<EchoForm bind:open={editing} {echo} />
<FitOf {table} bind:item={tried} />
<VersionForm bind:open={keeping} {echo} />
{#if table.selected}
	<CompareCards {table} element={table.selected} />
	<WhyFigure bind:open={asked} {table} element={table.selected} />
{/if}
<Modal
	size="xs"
	open={inTheWay.length > 0}
	modalHeading={m.fitting.byHand.title}
	primaryButtonText={m.fitting.byHand.keep}
	secondaryButtonText={m.fitting.byHand.change}
	on:submit={() => matchAfterAsking(true)}
	on:click:button--secondary={() => matchAfterAsking(false)}
	on:close={() => (inTheWay = [])}
>
	<p>{m.fitting.byHand.text(inTheWay.join(', '))}</p>
</Modal>
<Confirm
	bind:open={asking}
	title={m.fitting.removeAsk}
	text={m.fitting.removeText}
	action={m.remove}
	onconfirm={remove}
/>

<style>
	.table {
		display: grid;
		grid-template-rows: auto 1fr auto;
		height: calc(100vh - 3rem);
		min-height: 40rem;
	}
	.table:focus {
		outline: none;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 1rem;
		padding: 0.5rem 1.25rem;
	}
	h1 {
		font-size: var(--step-2);
	}
	.head > * {
		min-width: 0;
	}
	.deeds {
		display: flex;
		flex-wrap: wrap;
		margin-left: auto;
	}
	.deeds :global(.bx--btn) {
		padding-right: 0.9rem;
	}
	.work {
		display: grid;
		grid-template-columns: minmax(12rem, 15.5rem) minmax(14rem, 18rem) minmax(12rem, 15.5rem) minmax(
				22rem,
				1fr
			);
		min-height: 0;
	}
	.middle {
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
		min-height: 0;
	}
	.rungs {
		list-style: none;
		overflow-y: auto;
		align-self: center;
		max-height: 100%;
	}
	.tray-place {
		min-height: 0;
	}
	.empty {
		margin: 1rem 1.25rem;
		align-self: start;
		display: grid;
		gap: 0.75rem;
		justify-items: start;
	}
	@media (max-width: 70rem) {
		.table {
			height: auto;
		}
		.work {
			grid-template-columns: 1fr 1.2fr 1fr;
		}
		.work > :global(figure) {
			height: 26rem;
		}
		.tray-place {
			grid-column: 1 / -1;
			height: 30rem;
		}
	}
	/* A tablet in portrait shows plates, rungs and cards with the verdict still in view. */
	@media (max-width: 70rem) and (min-width: 40.01rem) and (min-height: 60rem) {
		.work > :global(figure) {
			height: 22rem;
		}
		.tray-place {
			height: calc(100vh - 3rem - 4rem - 22rem - 19rem);
			min-height: 18rem;
		}
	}
	@media (max-width: 40rem) {
		.table {
			min-height: 0;
			grid-template-columns: minmax(0, 1fr);
		}
		.head {
			gap: 0.25rem 1rem;
		}
		.deeds {
			margin-left: -0.5rem;
		}
		/* The two plates beside each other, the rungs below them. */
		.work {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		}
		.work > :global(figure) {
			height: 18rem;
		}
		.middle {
			grid-column: 1 / -1;
			grid-row: 2;
		}
		.tray-place {
			height: 36rem;
			min-width: 0;
		}
	}
</style>
