<script lang="ts">
	import { page } from '$app/state';
	import EchoView from '$lib/ui/fitting/EchoView.svelte';
	import TableView from '$lib/ui/fitting/TableView.svelte';
</script>

{#key page.params.echoId}
	<EchoView echoId={page.params.echoId ?? ''}>
		{#snippet children(onTable)}<TableView {onTable} />{/snippet}
	</EchoView>
{/key}
