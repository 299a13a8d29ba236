<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import StudioView from '$lib/ui/studio/StudioView.svelte';
</script>

<Title of={m.studio.title} />
<StudioView />
