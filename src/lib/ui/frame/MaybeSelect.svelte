<script lang="ts" generics="T extends string">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { m } from '../messages';
	import { chosenIn } from './chosen';

	/** One of several, or not noted. */
	interface Props {
		label: string;
		options: readonly { id: T; label: string }[];
		chosen: T | undefined;
		onchange: (chosen: T | undefined) => void;
	}
	let { label, options, chosen, onchange }: Props = $props();
</script>

<Select
	size="sm"
	labelText={label}
	selected={chosen ?? ''}
	on:change={(event) => onchange(options.find(({ id }) => id === chosenIn(event))?.id)}
>
	<SelectItem value="" text={m.notNoted} />
	{#each options as { id, label: text } (id)}<SelectItem value={id} {text} />{/each}
</Select>
