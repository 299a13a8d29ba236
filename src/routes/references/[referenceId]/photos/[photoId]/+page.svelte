<script lang="ts">
	import { page } from '$app/state';
	import PhotoView from '$lib/ui/photos/PhotoView.svelte';
</script>

{#key page.params.photoId}
	<PhotoView referenceId={page.params.referenceId ?? ''} photoId={page.params.photoId ?? ''} />
{/key}
