<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { garmentName, type AdaptedLook } from '$lib/core';
	import { beginWearable } from '$lib/store/echoes';
	import { goToMade } from '../../frame/go-to-made';
	import { perform } from '../../frame/perform';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	let { table }: { table: FittingTable } = $props();
	let adapted = $state.raw<AdaptedLook | undefined>();
	// Another reference, client or school asks anew.
	$effect(() => {
		void [table.elements, table.client, table.echo.schools];
		adapted = undefined;
	});

	const nameOf = (id: string) => {
		const element = table.elements.find((one) => one.id === id);
		return element ? garmentName(element.garment) : '';
	};
	async function make() {
		const look = adapted;
		if (!look) return;
		const title = m.fitting.wearable.named(table.echo.title, table.client.name);
		await perform(() =>
			goToMade(async () => `/fitting/${await beginWearable(m.did.began(title), table.echo, look, title)}`)
		);
	}
</script>

<section aria-label={m.fitting.wearable.title}>
	<h3>{m.fitting.wearable.title}</h3>
	{#if !adapted}
		<p class="soft">{m.fitting.wearable.intro(table.client.name)}</p>
		<Button size="small" kind="tertiary" on:click={() => (adapted = table.check.adapt())}
			>{m.fitting.wearable.ask}</Button
		>
	{:else if adapted.changes.length === 0 && adapted.open.length === 0}
		<p>{m.fitting.wearable.asItIs}</p>
	{:else}
		<ul>
			{#each adapted.changes as { elementId, words, why, points, change } (elementId + words)}
				<li>
					<span
						>{nameOf(elementId)}: {words}
						{#if change.kind === 'wear' && change.offer.item.source === 'listing'}<span class="soft"
								>{m.fitting.simulated}</span
							>{/if}</span
					>
					<span class="figures">−{points.toFixed(1)}</span>
					<span class="soft why">{why}</span>
				</li>
			{/each}
		</ul>
		{#each adapted.open as { rule, measured } (rule + measured)}
			<p class="warn">{m.fitting.wearable.unanswered(measured)}</p>
		{/each}
		<p>{m.fitting.wearable.score(Math.round(adapted.score))}</p>
		<Button size="small" kind="tertiary" on:click={() => void make()}>{m.fitting.wearable.make}</Button>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 0.4rem;
		justify-items: start;
		padding: 0.75rem 0.75rem 0.75rem calc(0.75rem + 3px);
		font-size: var(--step-0);
	}
	h3 {
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
		width: 100%;
	}
	li {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 0.75rem;
		padding: 0.25rem 0;
	}
	.why {
		grid-column: 1 / -1;
		font-size: var(--step--1);
	}
	.warn {
		color: var(--warn);
	}
</style>
