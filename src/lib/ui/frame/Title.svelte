<script lang="ts">
	import { m } from '../messages';

	let { of }: { of?: string } = $props();
</script>

<svelte:head><title>{of ? `${of} · ${m.app}` : m.app}</title></svelte:head>
