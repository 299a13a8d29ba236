<script lang="ts">
	import 'carbon-components-svelte/css/all.css';
	import '@fontsource-variable/schibsted-grotesk';
	import '@fontsource-variable/newsreader/opsz.css';
	import '$lib/ui/theme.css';
	import type { Snippet } from 'svelte';
	import Frame from '$lib/ui/frame/Frame.svelte';

	let { children }: { children: Snippet } = $props();
</script>

<Frame>{@render children()}</Frame>
