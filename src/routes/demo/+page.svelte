<script lang="ts">
	import OpenDemo from '$lib/ui/desk/OpenDemo.svelte';
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
</script>

<Title of={m.studio.demo} />
<OpenDemo />
