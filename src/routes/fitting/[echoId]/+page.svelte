<script lang="ts">
	import { page } from '$app/state';
	import EchoView from '$lib/ui/fitting/echoes/EchoView.svelte';
	import TableView from '$lib/ui/fitting/table/TableView.svelte';
</script>

{#key page.params.echoId}
	<EchoView echoId={page.params.echoId ?? ''}>
		{#snippet children(onTable)}<TableView {onTable} />{/snippet}
	</EchoView>
{/key}
