<script lang="ts">
	import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
	import { dayInWords, readMoney } from '$lib/core';
	import { toggled } from '../frame/toggled';
	import { m } from '../messages';
	import type { Plannable } from './plan.svelte';

	interface Props {
		looks: readonly Plannable[];
		/** Ids of the echoes that are to be planned. */
		chosen: string[];
		currency: string;
		/** A sum as it was typed. */
		budget: string;
		keepChosen: boolean;
		byLook: boolean;
		isBusy: boolean;
		onplan: () => void;
		onstop: () => void;
	}
	let {
		looks,
		chosen = $bindable(),
		currency,
		budget = $bindable(),
		keepChosen = $bindable(),
		byLook = $bindable(),
		isBusy,
		onplan,
		onstop
	}: Props = $props();

	/** As many as are shown at first; what is chosen is always among them. */
	const few = 8;
	let isAll = $state(false);
	const shown = $derived(isAll ? looks : looks.filter(({ echo }, i) => i < few || chosen.includes(echo.id)));
	const isBad = $derived(budget.trim() !== '' && readMoney(budget, currency) === undefined);
	let isTold = $state(false);
	function submit(event: SubmitEvent) {
		event.preventDefault();
		isTold = chosen.length === 0;
		if (!isTold && !isBad && !isBusy) onplan();
	}
</script>

<form class="panel" onsubmit={submit}>
	<fieldset>
		<legend class="bx--label">{m.plan.looks}</legend>
		{#each shown as { echo, client, event } (echo.id)}
			<Checkbox
				labelText={[
					echo.title,
					client.name,
					event && dayInWords(event.date),
					echo.judgements.length > 0 && m.plan.judged
				]
					.filter(Boolean)
					.join(' · ')}
				checked={chosen.includes(echo.id)}
				on:check={({ detail }) => {
					if (detail !== chosen.includes(echo.id)) chosen = toggled(chosen, echo.id, detail);
				}}
			/>
		{/each}
		{#if shown.length < looks.length}
			<Button kind="ghost" size="small" on:click={() => (isAll = true)}
				>{m.plan.allLooks(looks.length)}</Button
			>
		{/if}
		{#if isTold && chosen.length === 0}<p role="alert" class="bad">{m.plan.choose}</p>{/if}
	</fieldset>
	<TextInput
		labelText={m.plan.budget}
		bind:value={budget}
		inputmode="decimal"
		invalid={isBad}
		invalidText={m.plan.badBudget}
	/>
	<div>
		<Checkbox labelText={m.plan.keepChosen} bind:checked={keepChosen} />
		<Checkbox labelText={m.plan.byLook} bind:checked={byLook} />
	</div>
	{#if isBusy}
		<Button kind="tertiary" on:click={onstop}>{m.plan.stop}</Button>
	{:else}
		<Button type="submit">{m.plan.start}</Button>
	{/if}
</form>

<style>
	form {
		display: grid;
		gap: 1rem;
		align-content: start;
	}
	fieldset {
		min-width: 0;
		border: 0;
		padding: 0;
	}
	.bad {
		color: var(--warn);
		font-size: var(--step-0);
	}
</style>
