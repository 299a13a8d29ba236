<script lang="ts">
	import { InlineNotification } from 'carbon-components-svelte';

	interface Props {
		title: string;
		/** Why a file was not taken, and the places that it speaks of. */
		refusal: { message: string; problems: readonly string[] };
		onclose: () => void;
	}
	let { title, refusal, onclose }: Props = $props();
</script>

<InlineNotification lowContrast kind="error" {title} on:close={onclose}>
	<svelte:fragment slot="subtitleChildren">
		{refusal.message}
		{#each refusal.problems as problem, i (i)}<br />{problem}{/each}
	</svelte:fragment>
</InlineNotification>
