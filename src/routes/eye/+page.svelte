<script lang="ts">
	import EyeView from '$lib/ui/eye/EyeView.svelte';
</script>

<EyeView />
