<script lang="ts">
	import Title from '$lib/ui/frame/Title.svelte';
	import { m } from '$lib/ui/messages';
	import PlanView from '$lib/ui/plan/PlanView.svelte';
</script>

<Title of={m.plan.title} />
<PlanView />
