<script lang="ts">
	import type { Way } from '$lib/core';
	import { m } from '../../messages';

	let { becoming }: { becoming: Way } = $props();
	const { transformation, needs } = $derived(becoming);
</script>

<span class="how">{transformation.how}</span>
<span class="soft">
	{m.fitting.becomes.minutes(transformation.minutes)} · {m.fitting.becomes.undone[transformation.undone]}
</span>
{#each needs as need (need.words)}
	<span class="need">
		<span class="state">{m.fitting.becomes.met[need.met]}</span>
		{need.words}
	</span>
{/each}
{#each transformation.cautions ?? [] as caution (caution)}
	<span class="caution">{m.fitting.becomes.cautions[caution]}</span>
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
