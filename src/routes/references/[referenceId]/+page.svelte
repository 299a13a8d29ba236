<script lang="ts">
	import { page } from '$app/state';
	import ReferenceView from '$lib/ui/references/ReferenceView.svelte';
</script>

<ReferenceView referenceId={page.params.referenceId ?? ''} />
