<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import type { ReachForClient } from './for-client.svelte';

	let { reach }: { reach: ReachForClient } = $props();
</script>

<div>
	<Select
		size="sm"
		inline
		labelText={m.reach.forClient}
		selected={reach.chosenId}
		on:change={(event) => (reach.chosenId = chosenIn(event))}
	>
		<SelectItem value="" text={m.reach.nobody} />
		{#each reach.clients as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
	</Select>
	{#if reach.failed}<p role="alert">{reach.failed}</p>{/if}
</div>
