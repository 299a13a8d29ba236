<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import CompareView from '$lib/ui/recipes/CompareView.svelte';
</script>

<Title of={m.recipes.compare} />
<CompareView />
