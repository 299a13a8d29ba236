<script lang="ts" generics="T extends object">
	import { RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
	import { untrack } from 'svelte';
	import { m } from '../messages';
	import type { FormDraft } from './form.svelte';

	/** Fields that were changed here and elsewhere: for each, which version is to be saved. */
	let { draft }: { draft: FormDraft<T> } = $props();
	const first: string = 'mine';
	const mine = untrack(() => $state.snapshot(draft.value) as T);
</script>

<div class="panel" role="alert" data-disputed>
	<p><strong>{m.form.changedElsewhere}</strong> {m.form.chooseEach}</p>
	{#each draft.disputed as { field, label, mine: here, theirs } (field)}
		<RadioButtonGroup
			orientation="vertical"
			legendText={label}
			selected={first}
			on:change={({ detail }) => draft.settle(field, detail === 'theirs' ? 'theirs' : 'mine', mine)}
		>
			<RadioButton value="mine" labelText={m.form.mine(here)} />
			<RadioButton value="theirs" labelText={m.form.theirs(theirs)} />
		</RadioButtonGroup>
	{/each}
</div>

<style>
	div {
		display: grid;
		gap: 0.75rem;
		overflow-wrap: anywhere;
	}
</style>
