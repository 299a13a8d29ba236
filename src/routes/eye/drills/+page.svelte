<script lang="ts">
	import DrillsView from '$lib/ui/eye/DrillsView.svelte';
</script>

<DrillsView />
