<script lang="ts">
	import { page } from '$app/state';
	import EchoView from '$lib/ui/fitting/echoes/EchoView.svelte';
	import HuntingView from '$lib/ui/hunting/HuntingView.svelte';
</script>

<EchoView echoId={page.params.echoId ?? ''}>
	{#snippet children(onTable)}<HuntingView
			{onTable}
			elementId={page.url.searchParams.get('element') ?? undefined}
		/>{/snippet}
</EchoView>
