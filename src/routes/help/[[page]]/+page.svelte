<script lang="ts">
	import { page } from '$app/state';
	import HelpView from '$lib/ui/help/HelpView.svelte';
</script>

<HelpView page={page.params.page === 'method' ? 'method' : 'guide'} />
