<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import ReferencesView from '$lib/ui/references/ReferencesView.svelte';
</script>

<Title of={m.references.title} />
<ReferencesView />
