<script lang="ts">
	import { page } from '$app/state';
	import PicturesView from '$lib/ui/photos/PicturesView.svelte';
</script>

<PicturesView clientId={page.params.clientId ?? ''} />
