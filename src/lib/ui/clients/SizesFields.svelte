<script lang="ts">
	import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { tick } from 'svelte';
	import { departments, shoeSizes, sizedThingIds, sizedThings, type Client } from '$lib/core';
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
			<Select
				size="sm"
				labelText={m.clients.department}
				selected={size.department ?? ''}
				on:update={({ detail }) => {
					if (detail) size.department = detail as (typeof departments)[number];
					else delete size.department;
				}}
			>
				<SelectItem value="" text={m.notNoted} />
				{#each departments as id (id)}<SelectItem value={id} text={m.clients.departments[id]} />{/each}
			</Select>
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
		</li>
	{/each}
</ul>
<div class="row">
	<Button kind="ghost" size="small" icon={Add} on:click={() => void add()}>{m.clients.addSize}</Button>
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
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 1fr 1fr;
			padding-bottom: 0.75rem;
			border-bottom: 1px solid var(--line);
		}
	}
</style>
