<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import ArrowDown from 'carbon-icons-svelte/lib/ArrowDown.svelte';
	import ArrowUp from 'carbon-icons-svelte/lib/ArrowUp.svelte';
	import Draggable from 'carbon-icons-svelte/lib/Draggable.svelte';
	import Edit from 'carbon-icons-svelte/lib/Edit.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { dragHandle } from 'svelte-dnd-action';
	import { garmentInWords, moves, roleIds, roles, type Element, type RoleId } from '$lib/core';
	import Swatches from '../garment/Swatches.svelte';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import FeatureStrip from './FeatureStrip.svelte';

	interface Props {
		element: Element;
		/** Place in the order, from 1, and how many there are. */
		place: number;
		of: number;
		/** Share of the look, 0..1. */
		weight: number;
		opened: boolean;
		onopen: () => void;
		onmove: (by: -1 | 1) => void;
		/** A change to the element as it is stored. */
		onchange: (update: (stored: Element) => Element) => void;
		onedit: () => void;
		onremove: () => void;
		onlight: (lit: boolean) => void;
	}
	let { element, place, of, weight, opened, onopen, onmove, onchange, onedit, onremove, onlight }: Props =
		$props();

	const words = $derived(garmentInWords(element.garment));
	const rest = $derived(
		[
			roles[element.role].label,
			...(element.count ? [m.references.worn(element.count)] : []),
			...(element.side ? [m.references.onSide[element.side]] : []),
			...element.moves.map((move) => moves[move].label),
			element.note
		]
			.filter(Boolean)
			.join(' · ')
	);

	function onkeydown(event: KeyboardEvent) {
		const act = keysOf(event);
		if (!act) return;
		event.preventDefault();
		act();
	}
	const roleAfter = (role: RoleId): RoleId => roleIds[(roleIds.indexOf(role) + 1) % roleIds.length] ?? role;
	function keysOf({ key, altKey, ctrlKey, metaKey }: KeyboardEvent): (() => void) | undefined {
		if (ctrlKey || metaKey) return undefined;
		if (altKey)
			return key === 'ArrowUp' ? () => onmove(-1) : key === 'ArrowDown' ? () => onmove(1) : undefined;
		switch (key.toLowerCase()) {
			case 'e':
				return onedit;
			case 'r':
				return () => onchange((stored) => ({ ...stored, role: roleAfter(stored.role) }));
			case 'delete':
				return onremove;
			default:
				return undefined;
		}
	}
</script>

<div class="row">
	<span class="handle" use:dragHandle aria-label={m.references.drag(words)}><Draggable /></span>
	<span class="rank figures">{place}</span>
	<Swatches garment={element.garment} size={1.75} />
	<button
		id="element-{element.id}"
		class="what"
		aria-expanded={opened}
		onclick={onopen}
		{onkeydown}
		onfocus={() => onlight(true)}
		onblur={() => onlight(false)}
	>
		<span>{words}</span>
		<span class="soft">{rest}</span>
	</button>
	<span class="weight" aria-hidden="true"><i data-bar style:width="{Math.min(100, weight * 220)}%"></i></span>
	<span class="share figures" title={m.references.shareHint}>{Math.round(weight * 100)} %</span>
	<span class="tools">
		<Button
			kind="ghost"
			size="small"
			icon={ArrowUp}
			iconDescription={m.references.moveUp(words)}
			disabled={place === 1}
			on:click={() => onmove(-1)}
		/>
		<Button
			kind="ghost"
			size="small"
			icon={ArrowDown}
			iconDescription={m.references.moveDown(words)}
			disabled={place === of}
			on:click={() => onmove(1)}
		/>
		<Button
			kind="ghost"
			size="small"
			icon={Edit}
			iconDescription="{m.edit}: {words}"
			tooltipPosition="left"
			on:click={onedit}
		/>
		<Button
			kind="ghost"
			size="small"
			icon={TrashCan}
			iconDescription="{m.remove}: {words}"
			tooltipPosition="left"
			on:click={onremove}
		/>
	</span>
</div>
{#if opened}
	<div class="opened">
		<FeatureStrip {element} {onchange} />
		<div class="role">
			<Select
				size="sm"
				labelText={m.references.role}
				selected={element.role}
				on:change={(event) => {
					const role = chosenIn(event) as RoleId;
					onchange((stored) => ({ ...stored, role }));
				}}
			>
				{#each roleIds as role (role)}<SelectItem value={role} text={roles[role].label} />{/each}
			</Select>
		</div>
	</div>
{/if}

<style>
	.row {
		display: flex;
		align-items: center;
		gap: 0.75rem;
	}
	.handle {
		display: inline-grid;
		place-items: center;
		width: 1.75rem;
		height: 2.5rem;
		cursor: grab;
		color: var(--ink-soft);
	}
	.rank {
		width: 1.25rem;
		text-align: right;
		font-family: var(--display);
	}
	.what {
		display: grid;
		flex: 1;
		min-height: 2.75rem;
		align-content: center;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	.what .soft {
		font-size: var(--step--1);
	}
	.weight {
		width: 4rem;
		flex: none;
	}
	.weight i {
		display: block;
		height: 0.4rem;
		background: var(--ink);
	}
	.share {
		width: 2.75rem;
		flex: none;
		text-align: right;
		font-size: var(--step-0);
	}
	.tools {
		display: flex;
		flex: none;
	}
	.opened {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 1rem;
		padding: 0.25rem 0.5rem 0.75rem 6.25rem;
	}
	.role {
		width: 9rem;
	}
	@media (max-width: 60rem) {
		.weight {
			display: none;
		}
		.opened {
			padding-left: 2.5rem;
		}
	}
</style>
