<script lang="ts" generics="T extends string">
	import { Checkbox } from 'carbon-components-svelte';
	import { toggled } from './toggled';

	/** Several of many, each with a tick. */
	interface Props {
		legend: string;
		options: readonly { id: T; label: string }[];
		chosen: readonly T[];
		onchange: (chosen: T[]) => void;
	}
	let { legend, options, chosen, onchange }: Props = $props();
</script>

<fieldset class="wide">
	<legend class="bx--label">{legend}</legend>
	<div>
		{#each options as { id, label } (id)}
			<Checkbox
				labelText={label}
				checked={chosen.includes(id)}
				on:check={({ detail }) => {
					if (detail !== chosen.includes(id)) onchange(toggled(chosen, id, detail));
				}}
			/>
		{/each}
	</div>
</fieldset>

<style>
	div {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(11rem, 100%), 1fr));
		gap: 0.25rem 1rem;
	}
	div :global(.bx--form-item) {
		margin: 0;
	}
</style>
