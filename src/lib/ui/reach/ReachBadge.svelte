<script lang="ts">
	import { bands, type Reach } from '$lib/core';
	import { m } from '../messages';

	/** What a rail makes of a look by itself, where it is known. */
	let { reach }: { reach: Reach | undefined } = $props();
	const band = $derived(bands.find(({ id }) => id === reach?.band)?.label);
</script>

{#if reach}
	<span class="badge" title={m.reach.intro}
		><strong class="figures">{Math.round(reach.score)}</strong>
		<span class="soft">{[band, reach.hero ? '' : m.reach.noHero].filter(Boolean).join(' · ')}</span></span
	>
{/if}

<style>
	.badge {
		display: block;
		margin-top: 0.4rem;
		font-size: var(--step-0);
	}
	strong {
		font-family: var(--display);
		font-size: var(--step-2);
		font-weight: 400;
	}
</style>
