<script lang="ts">
	import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { tick } from 'svelte';
	import {
		convertedSize,
		departments,
		letterFor,
		shoeSizes,
		sizedThingIds,
		sizedThings,
		type Client
	} from '$lib/core';
	import MaybeSelect from '../frame/MaybeSelect.svelte';
	import { m } from '../messages';

	interface Props {
		sizes: Client['sizes'];
		measurements: Client['measurements'];
	}
	let { sizes = $bindable(), measurements }: Props = $props();

	let list = $state<HTMLUListElement>();
	const shoes = $derived.by(() => {
		const { foot } = measurements;
		return foot !== undefined && foot >= 14 && foot <= 35 ? shoeSizes(foot) : undefined;
	});

	/** A women's number as other regions have it. */
	function elsewhere({ of, label, department }: Client['sizes'][number]): string {
		if (department === 'men' || ['shoe', 'ring', 'hat'].includes(of)) return '';
		const others = (['UK', 'EU', 'US'] as const).flatMap((region) => {
			const found = convertedSize(label, region);
			return found && found.uncertainty > 0 ? [found.label] : [];
		});
		return others.length > 0 ? m.clients.elsewhere(others.join(', ')) : '';
	}
	/** The letter of the standard for the bust or chest. */
	const letter = $derived.by(() => {
		const { bust } = measurements;
		const department = sizes.find((size) => size.department !== undefined)?.department ?? 'women';
		const found = bust === undefined ? undefined : letterFor(bust, department);
		return found && bust !== undefined
			? m.clients.letterFor(bust, found, m.clients.departments[department])
			: '';
	});

	async function add() {
		const of = sizedThingIds.find((id) => !sizes.some((size) => size.of === id)) ?? 'top';
		sizes = [...sizes, { of, label: '', shop: '' }];
		await tick();
		list?.querySelector<HTMLInputElement>('li:last-child input')?.focus();
	}
</script>

<ul bind:this={list}>
	{#each sizes as size, i (i)}
		<li>
			<Select size="sm" labelText={m.clients.sizeOf} bind:selected={size.of}>
				{#each sizedThingIds as id (id)}<SelectItem value={id} text={sizedThings[id]} />{/each}
			</Select>
			<TextInput
				size="sm"
				labelText={m.clients.sizeLabel}
				placeholder="UK 10"
				maxlength={20}
				bind:value={size.label}
			/>
			<MaybeSelect
				label={m.clients.department}
				options={departments.map((id) => ({ id, label: m.clients.departments[id] }))}
				chosen={size.department}
				onchange={(department) => (size.department = department)}
			/>
			<TextInput
				size="sm"
				labelText={m.clients.sizeShop}
				placeholder={m.clients.anywhere}
				maxlength={80}
				bind:value={size.shop}
			/>
			<Button
				kind="ghost"
				size="small"
				icon={TrashCan}
				iconDescription={m.remove}
				tooltipPosition="left"
				on:click={() => (sizes = sizes.filter((_, at) => at !== i))}
			/>
			{#if elsewhere(size)}<p class="soft">{elsewhere(size)}</p>{/if}
		</li>
	{/each}
</ul>
<div class="row">
	<Button kind="ghost" size="small" icon={Add} on:click={() => void add()}>{m.clients.addSize}</Button>
	{#if letter}<p class="soft">{letter}</p>{/if}
	{#if shoes}
		<p class="soft">{m.clients.shoesFor(measurements.foot ?? 0, shoes)}</p>
	{/if}
</div>

<style>
	ul {
		list-style: none;
		display: grid;
		gap: 0.5rem;
	}
	li {
		display: grid;
		grid-template-columns: 1.2fr 1fr 1fr 1.2fr auto;
		gap: 0.5rem;
		align-items: end;
	}
	p {
		font-size: var(--step--1);
	}
	li p {
		grid-column: 1 / -1;
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 1fr 1fr;
			padding-bottom: 0.75rem;
			border-bottom: 1px solid var(--line);
		}
	}
</style>
