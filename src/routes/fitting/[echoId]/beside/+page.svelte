<script lang="ts">
	import { page } from '$app/state';
	import BesideView from '$lib/ui/fitting/echoes/BesideView.svelte';
	import EchoView from '$lib/ui/fitting/echoes/EchoView.svelte';
</script>

<EchoView echoId={page.params.echoId ?? ''}>
	{#snippet children(onTable)}<BesideView {onTable} />{/snippet}
</EchoView>
