<script lang="ts">
	import FittingView from '$lib/ui/fitting/echoes/FittingView.svelte';
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
</script>

<Title of={m.fitting.title} />
<FittingView />
