<script lang="ts">
	import { page } from '$app/state';
	import EchoView from '$lib/ui/fitting/echoes/EchoView.svelte';
	import LookbookView from '$lib/ui/lookbook/LookbookView.svelte';
</script>

<EchoView echoId={page.params.echoId ?? ''}>
	{#snippet children(onTable)}<LookbookView {onTable} />{/snippet}
</EchoView>
