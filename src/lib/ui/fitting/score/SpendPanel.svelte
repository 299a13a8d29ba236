<script lang="ts">
	import { Button, TextInput } from 'carbon-components-svelte';
	import { moneyInWords, readMoney } from '$lib/core';
	import { m } from '../../messages';
	import { tryOn as tryOnTexts } from '../../messages/try-on';
	import type { FittingTable } from '../table/table.svelte';

	interface Props {
		table: FittingTable;
		currency: string;
		onjudge: () => void;
		onkeep: () => void;
	}
	let { table, currency, onjudge, onkeep }: Props = $props();

	const limit = $derived(table.echo.spendLimit);
	/** As text, so that another change to the echo, which brings an equal limit anew, leaves what is being typed. */
	const kept = $derived(limit ? (limit.amountMinor / 100).toFixed(2) : '');
	let typed = $derived(kept);
	const limitBad = $derived(typed.trim() !== '' && readMoney(typed, currency) === undefined);
	function saveLimit() {
		const next = readMoney(typed, currency);
		if (limitBad || next?.amountMinor === limit?.amountMinor) return;
		void table.setLimit(next);
	}
	const amount = (amountMinor: number) => moneyInWords({ amountMinor, currency: table.spend.total.currency });
	const needed = $derived(table.beside.needs.map(({ words }) => words.split(':')[0]).join('; '));
	const over = $derived(table.spend.overLimitMinor);
</script>

<div class="money">
	<h3>{m.fitting.spend}</h3>
	<p>
		<span class="total figures"
			>{table.spend.total.amountMinor === 0 ? m.fitting.nothingToBuy : moneyInWords(table.spend.total)}</span
		>
		{#if table.spend.altering.amountMinor > 0}<span class="soft"
				>{m.fitting.withAltering(moneyInWords(table.spend.altering))}</span
			>{/if}
		{#if table.spend.postage.amountMinor > 0}<span class="soft"
				>{m.fitting.withPostage(moneyInWords(table.spend.postage))}</span
			>{/if}
		{#if table.spend.duty.amountMinor > 0}<span class="soft"
				>{m.fitting.withDuty(moneyInWords(table.spend.duty))}</span
			>{/if}
		{#if over !== undefined}
			<span class="figures" class:over={over > 0}
				>{over > 0 ? m.fitting.over(amount(over)) : m.fitting.left(amount(-over))}</span
			>
		{/if}
	</p>
	{#if table.beside.needs.length > 0}
		<p class="soft">{m.fitting.needsBeside(needed, moneyInWords(table.beside.about))}</p>
	{/if}
	<form
		onsubmit={(event) => {
			event.preventDefault();
			saveLimit();
		}}
	>
		<TextInput
			size="sm"
			inline
			labelText={m.fitting.limit}
			placeholder={m.fitting.noLimit}
			bind:value={typed}
			invalid={limitBad}
			invalidText={m.fitting.limitBad}
			on:blur={saveLimit}
		/>
	</form>
	<div class="row actions">
		<Button size="small" on:click={onjudge}>{m.fitting.judge}</Button>
		<Button size="small" kind="tertiary" href="/fitting/{table.echo.id}/try-on">{tryOnTexts.toTryOn}</Button>
		<Button size="small" kind="tertiary" href="/fitting/{table.echo.id}/lookbook">{m.fitting.handOver}</Button
		>
		<Button size="small" kind="ghost" href="/plan?looks={table.echo.id}">{m.plan.planThis}</Button>
		<Button size="small" kind="ghost" on:click={onkeep}>{m.fitting.versions.keep}</Button>
	</div>
</div>

<style>
	.money {
		display: grid;
		gap: 0.25rem;
		align-content: start;
	}
	h3 {
		font-size: var(--step-0);
		margin-bottom: 0.25rem;
	}
	.money :global(.bx--form-item),
	.money :global(.bx--text-input--inline__label-wrapper),
	.money :global(.bx--text-input__field-outer-wrapper--inline) {
		margin: 0;
		max-width: none;
	}
	.money :global(.bx--text-input--inline__label-wrapper) {
		flex: 0 0 6rem;
		white-space: nowrap;
	}
	.money :global(.bx--label--inline) {
		white-space: nowrap;
	}
	.actions {
		gap: 0.25rem;
	}
	.actions :global(.bx--btn) {
		min-height: 2rem;
		padding: 0 0.65rem;
	}
	.total {
		font-size: var(--step-1);
		font-weight: 640;
	}
	.over {
		color: var(--warn);
		font-weight: 640;
	}
</style>
