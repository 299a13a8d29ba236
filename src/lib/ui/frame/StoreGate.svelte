<script lang="ts">
	import { InlineNotification } from 'carbon-components-svelte';
	import { onMount, type Snippet } from 'svelte';
	import { watchStore, type StoreTrouble } from '$lib/store/watch';
	import { m } from '../messages';
	import { notices } from './notices.svelte';

	/** Shows the app while its store can be used, and says what to do when it cannot. */
	let { children }: { children: Snippet } = $props();

	let trouble = $state.raw<StoreTrouble | undefined>();
	onMount(() =>
		watchStore(
			(now) => (trouble = now),
			({ number, why }) =>
				notices.show({ kind: 'error', title: m.demoPhotos.title(number), text: m.demoPhotos[why] })
		)
	);

	const text = $derived.by(() => {
		switch (trouble?.kind) {
			case 'closed':
				return trouble.why === 'newer' ? m.store.outrun : m.store.deleted;
			case 'newer':
				return m.store.newer;
			case 'blocked':
				return trouble.tabs.length === 0
					? m.store.blocked
					: m.store.blockedBy(trouble.tabs.map((title) => `“${title.slice(0, 60)}”`).join(' and '));
			default:
				return '';
		}
	});
</script>

{#if trouble}
	<div class="gate" role="alert">
		<InlineNotification lowContrast hideCloseButton kind="warning" title={m.store.title} subtitle={text} />
	</div>
{/if}
{#if !trouble || trouble.kind === 'blocked'}{@render children()}{/if}

<style>
	.gate {
		max-width: 46rem;
		margin: 1rem auto;
		padding: 0 1rem;
	}
</style>
