<script lang="ts">
	import { page } from '$app/state';
	import RecipeView from '$lib/ui/recipes/RecipeView.svelte';
</script>

<RecipeView recipeId={page.params.recipeId ?? ''} />
