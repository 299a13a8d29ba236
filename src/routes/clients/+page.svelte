<script lang="ts">
	import ClientsView from '$lib/ui/clients/ClientsView.svelte';
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
</script>

<Title of={m.clients.title} />
<ClientsView />
