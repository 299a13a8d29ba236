<script lang="ts">
	import { page } from '$app/state';
	import ClientView from '$lib/ui/clients/ClientView.svelte';
</script>

<ClientView clientId={page.params.clientId ?? ''} />
