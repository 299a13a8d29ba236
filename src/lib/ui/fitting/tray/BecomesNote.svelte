<script lang="ts">
	import { moneyInWords, usualPrice, type Way } from '$lib/core';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { m } from '../../messages';

	let { becoming }: { becoming: Way } = $props();
	const settings = studioSettings();
	const { transformation, needs } = $derived(becoming);
	const { altering } = $derived(transformation);
	const minutes = $derived(m.fitting.becomes.minutes(transformation.minutes));
</script>

<span class="how">{transformation.how}</span>
<span class="soft">
	{altering
		? m.fitting.becomes.altered(
				moneyInWords(
					usualPrice(altering.costMinor, settings.value?.currency ?? 'GBP', settings.value?.rates ?? {})
				),
				altering.days
			)
		: minutes} · {m.fitting.becomes.undone[transformation.undone]}
</span>
{#if altering}
	<span class="soft">{m.fitting.becomes.byHand(minutes, altering.tools)}</span>
	<span class="caution">{altering.risk}</span>
{/if}
{#each needs as need, i (i)}
	<span class="need">
		<span class="state">{m.fitting.becomes.met[need.met]}</span>
		{need.words}
	</span>
{/each}
{#each transformation.cautions ?? [] as id (id)}
	<span class="caution">{m.fitting.becomes.cautions[id]}</span>
{/each}

<style>
	.how {
		font-weight: 420;
	}
	.state {
		font-weight: 640;
	}
	.caution {
		color: var(--warn);
		font-weight: 560;
	}
</style>
