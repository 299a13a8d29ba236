<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import RecipesView from '$lib/ui/recipes/RecipesView.svelte';
</script>

<Title of={m.recipes.title} />
<RecipesView />
