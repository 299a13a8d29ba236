<script lang="ts">
	import DeskView from '$lib/ui/desk/DeskView.svelte';
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
</script>

<Title of={m.desk.title} />
<DeskView />
