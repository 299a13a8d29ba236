<script lang="ts">
	import { Button, ProgressBar } from 'carbon-components-svelte';
	import { focusWhenLost } from '../frame/focus';
	import { m } from '../messages';
	import type { ManyAtOnce } from './many.svelte';

	/** How far a change of many pieces has come, for as long as there is something to wait for. */
	let { many }: { many: ManyAtOnce } = $props();

	/** What was pressed makes way for it: then the way out has the focus. */
	let bar = $state<HTMLElement>();
	$effect(() => {
		if (bar) focusWhenLost('button', { within: bar });
	});
</script>

{#if many.progress}
	{@const { done, all } = many.progress}
	<div class="many" bind:this={bar}>
		<ProgressBar size="sm" value={done} max={all} labelText={m.wardrobe.workingOn(done, all)} />
		<Button size="small" kind="ghost" on:click={many.stop}>{m.wardrobe.stopMany}</Button>
	</div>
{/if}

<style>
	.many {
		display: flex;
		gap: 0 1rem;
		align-items: end;
		flex: 1 1 16rem;
	}
	.many > :global(.bx--progress-bar) {
		flex: 1;
	}
</style>
