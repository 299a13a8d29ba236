<script lang="ts">
	import OpenDemo from '$lib/ui/desk/OpenDemo.svelte';
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';

	let { data } = $props();
</script>

<Title of={m.studio.demo} />
<OpenDemo reading={data.reading} />
