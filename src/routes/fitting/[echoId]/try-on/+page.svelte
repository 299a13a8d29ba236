<script lang="ts">
	import { page } from '$app/state';
	import EchoView from '$lib/ui/fitting/echoes/EchoView.svelte';
	import TryOnView from '$lib/ui/try-on/TryOnView.svelte';
</script>

{#key page.params.echoId}
	<EchoView echoId={page.params.echoId ?? ''}>
		{#snippet children(onTable)}<TryOnView {onTable} />{/snippet}
	</EchoView>
{/key}
