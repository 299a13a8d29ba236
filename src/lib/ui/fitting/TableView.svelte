<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import { garmentType } from '$lib/core';
	import { change } from '$lib/store/journal';
	import Confirm from '../frame/Confirm.svelte';
	import { isTyping } from '../frame/keys';
	import { offerUndo, perform } from '../frame/perform';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import { referenceLook, wornLook } from './looks';
	import Rung from './Rung.svelte';
	import ScorePanel from './ScorePanel.svelte';
	import { fittingTable, type OnTable } from './table.svelte';
	import Tray from './Tray.svelte';
	import VerdictForm from './VerdictForm.svelte';

	let { onTable }: { onTable: OnTable } = $props();
	const table = fittingTable(() => onTable);

	let judging = $state(false);
	let asking = $state(false);
	let view = $state<HTMLElement>();

	const lookOfReference = $derived(referenceLook(onTable.reference));
	const echoLook = $derived(wornLook(onTable.echo, table.garmentOf));
	/** A garment that answers several elements is drawn under the first of them. */
	const litInEcho = $derived(
		table.selected && (table.matchOf(table.selected)?.elementIds[0] ?? table.selected.id)
	);

	const focusRung = () => view?.querySelector<HTMLElement>('[data-rung][tabindex="0"]')?.focus();
	const cards = () => [...(view?.querySelectorAll<HTMLElement>('[data-card]') ?? [])];

	function stepCard(from: Element, by: -1 | 1) {
		const all = cards();
		all[all.indexOf(from as HTMLElement) + by]?.focus();
	}
	function arrows(event: KeyboardEvent, by: -1 | 1) {
		const at = document.activeElement;
		if (at?.matches('[data-card]')) stepCard(at, by);
		else if (at?.matches('[data-rung]')) {
			table.step(by);
			requestAnimationFrame(focusRung);
		} else return;
		event.preventDefault();
	}
	function onkeydown(event: KeyboardEvent) {
		const element = table.selected;
		if (
			!element ||
			judging ||
			asking ||
			isTyping(event.target) ||
			event.ctrlKey ||
			event.metaKey ||
			event.altKey
		)
			return;
		switch (event.key) {
			case 'ArrowUp':
				return arrows(event, -1);
			case 'ArrowDown':
				return arrows(event, 1);
			case 'ArrowRight':
				if (document.activeElement?.matches('[data-rung]'))
					(cards().find((card) => card.ariaPressed === 'true') ?? cards()[0])?.focus();
				return;
			case 'ArrowLeft':
				if (document.activeElement?.matches('[data-card]')) focusRung();
				return;
			case 'x':
				return void table.leaveOut(element);
			case 'd':
				if (garmentType(element.garment.type).division === 'beauty') void table.markDone(element);
				return;
			case 'Backspace':
			case 'Delete':
				return void table.clear(element);
		}
	}

	async function remove() {
		const { echo } = onTable;
		const gone = await perform(() =>
			change(m.did.deleted(echo.title), (writer) => writer.remove('echoes', echo.id))
		);
		if (!gone) return;
		offerUndo(m.did.deleted(echo.title));
		await goto('/fitting');
	}
</script>

<svelte:window {onkeydown} />

<div class="table" bind:this={view}>
	<div class="head">
		<h1>{onTable.echo.title}</h1>
		<span class="soft">
			<a href="/clients/{onTable.client.id}">{onTable.client.name}</a> ·
			<a href="/references/{onTable.reference.id}">{onTable.reference.title}</a>
		</span>
		<Button kind="ghost" size="small" on:click={() => (asking = true)}>{m.remove}</Button>
	</div>
	{#if table.elements.length === 0}
		<div class="panel empty">
			<p>{m.fitting.noElements}</p>
			<Button size="small" href="/references/{onTable.reference.id}">{m.fitting.readIt}</Button>
		</div>
	{:else}
		<div class="work">
			<figure>
				<figcaption>{m.fitting.referencePlate}</figcaption>
				<PlateFigure
					look={lookOfReference}
					body={onTable.client}
					title="{m.fitting.referencePlate}: {onTable.reference.title}"
					lit={table.selected?.id}
				/>
			</figure>
			<ol class="rungs" aria-label={m.fitting.rungs}>
				{#each table.elements as element (element.id)}
					<li>
						<Rung
							{element}
							score={table.scoreOf(element)}
							garment={table.garmentsOf(element)[0]}
							current={element === table.selected}
							onselect={() => table.select(element.id)}
						/>
					</li>
				{/each}
			</ol>
			<figure>
				<figcaption>{m.fitting.echoPlate}</figcaption>
				<PlateFigure
					look={echoLook}
					body={onTable.client}
					title="{m.fitting.echoPlate}: {onTable.echo.title}"
					lit={litInEcho}
				/>
			</figure>
			<div class="tray-place">
				{#if table.selected}<Tray {table} element={table.selected} />{/if}
			</div>
		</div>
		<ScorePanel {table} currency={onTable.currency} onjudge={() => (judging = true)} />
	{/if}
</div>
<VerdictForm bind:open={judging} echo={onTable.echo} />
<Confirm
	bind:open={asking}
	title={m.fitting.removeAsk}
	text={m.fitting.removeText}
	action={m.remove}
	onconfirm={() => void remove()}
/>

<style>
	.table {
		display: grid;
		grid-template-rows: auto 1fr auto;
		height: calc(100vh - 3rem);
		min-height: 40rem;
	}
	.head {
		display: flex;
		align-items: baseline;
		gap: 1rem;
		padding: 0.5rem 1.25rem;
	}
	h1 {
		font-size: var(--step-2);
	}
	.head :global(.bx--btn) {
		margin-left: auto;
	}
	.work {
		display: grid;
		grid-template-columns: minmax(12rem, 15.5rem) minmax(14rem, 18rem) minmax(12rem, 15.5rem) minmax(
				22rem,
				1fr
			);
		min-height: 0;
	}
	figure {
		position: relative;
		min-height: 0;
		padding: 0 0.25rem 0.5rem;
	}
	figcaption {
		position: absolute;
		left: 1.25rem;
		top: 0;
		font-size: var(--step--1);
		color: var(--ink-soft);
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
		figure {
			height: 26rem;
		}
		.tray-place {
			grid-column: 1 / -1;
			height: 30rem;
		}
	}
</style>
