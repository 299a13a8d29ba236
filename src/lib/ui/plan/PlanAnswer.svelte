<script lang="ts">
	import { Button, InlineNotification } from 'carbon-components-svelte';
	import { bestValue, dayInWords, moneyInWords, shoppingList, type Echo, type InTheWay } from '$lib/core';
	import { today } from '$lib/store/clock';
	import FrontierChart from '../charts/FrontierChart.svelte';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import PlaceOrders from '../orders/PlaceOrders.svelte';
	import type { Planning } from './plan.svelte';
	import PlanLooks from './PlanLooks.svelte';
	import PlansBeside from './PlansBeside.svelte';
	import ShoppingList from './ShoppingList.svelte';
	import { takeStep } from './take-step';

	interface Props {
		plan: Planning;
		/** As they are now. */
		echoes: readonly Echo[];
		currency: string;
	}
	let { plan, echoes, currency }: Props = $props();

	const steps = $derived(plan.answer?.steps ?? []);
	const step = $derived(plan.step);
	const money = (amountMinor: number) => moneyInWords({ amountMinor, currency });
	/** For the axis: whole units. */
	const roundMoney = $derived(
		new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 0 })
	);
	const meanOf = (points: number) => points / Math.max(1, plan.planned.length);
	const value = $derived(bestValue(steps));
	const points = $derived(
		steps.map(({ solution }, i) => ({
			minor: solution.totalMinor,
			score: meanOf(solution.points),
			mark: i === 0 ? m.plan.marks.wardrobe : steps[i] === value ? m.plan.marks.value : undefined
		}))
	);
	const lists = $derived(
		step
			? shoppingList(
					step.solution,
					step.matches.flatMap(({ matches }) => matches),
					plan.planned,
					{
						today: today(),
						currency
					}
				)
			: []
	);
	const titleOf = (id: string) => plan.planned.find(({ echo }) => echo.id === id)?.echo.title ?? '';
	const lateOnes = $derived(plan.answer?.passedOver ?? []);
	const few = 5;
	function wayInWords(way: InTheWay): string {
		if (way.wish === 'budget') return m.plan.inTheWay.budget(money(way.needsMinor));
		if (way.wish === 'look-budget')
			return m.plan.inTheWay['look-budget'](titleOf(way.lookId), money(way.needsMinor));
		if (way.wish === 'pins') return m.plan.inTheWay.pins();
		return m.plan.inTheWay[way.wish](titleOf(way.lookId));
	}

	/** Are the looks as this step makes them? */
	const isTaken = $derived(
		step?.matches.every(
			({ echoId, matches }) =>
				JSON.stringify(echoes.find(({ id }) => id === echoId)?.matches) === JSON.stringify(matches)
		) ?? false
	);
	let taking = false;
	async function take() {
		const now = step;
		if (!now || taking) return;
		taking = true;
		const isDone = await performTold(m.plan.took(now.matches.length), (writer) =>
			takeStep(writer, plan, now)
		);
		taking = false;
		if (isDone) await focusOn('[data-taken]');
	}
</script>

{#if steps.length === 0}
	<InlineNotification
		lowContrast
		hideCloseButton
		kind="warning"
		title={m.plan.impossible}
		subtitle={plan.answer?.inTheWay.map(wayInWords).join(' ')}
	/>
{:else if step}
	<section aria-labelledby="frontier-title" class="panel">
		<h2 id="frontier-title">{m.plan.chart}</h2>
		<p class="soft">{m.plan.hint} {m.plan.simulated}</p>
		<FrontierChart
			title={m.plan.chart}
			{points}
			at={plan.at}
			money={(minor) => roundMoney.format(minor / 100)}
			axes={{ money: m.plan.money, score: m.plan.closeness }}
			inWords={({ minor, score }) => m.plan.step(money(minor), score.toFixed(1))}
			budget={plan.budgetMinor === undefined
				? undefined
				: { minor: plan.budgetMinor, label: m.plan.marks.budget }}
			onpick={plan.go}
		/>
		<p class="now" aria-live="polite">
			<span class="figures"
				>{m.plan.step(money(step.solution.totalMinor), meanOf(step.solution.points).toFixed(1))}</span
			>
			{#if plan.budgetMinor !== undefined && step.solution.totalMinor > plan.budgetMinor}
				<span class="over">{m.plan.over(money(step.solution.totalMinor - plan.budgetMinor))}</span>
			{/if}
			<Button size="small" disabled={isTaken} on:click={() => void take()}>{m.plan.take}</Button>
			<Button size="small" kind="ghost" on:click={plan.keep}>{m.plan.beside.keep}</Button>
			{#if isTaken}<span class="soft" data-taken tabindex="-1">{m.plan.taken}</span>{/if}
		</p>
	</section>
	{#if plan.kept && plan.summary}
		<PlansBeside kept={plan.kept} now={plan.summary} {money} onforget={plan.forget} />
	{/if}
	<div class="below">
		<section aria-labelledby="buys-title">
			<h2 id="buys-title">{m.plan.buys}</h2>
			{#if step.added.length === 0}<p class="soft">{m.plan.buysNothing}</p>{/if}
			<ul>
				{#each step.added as { listingId, title, priceMinor } (listingId)}
					<li>{title} <span class="figures soft">{money(priceMinor)}</span></li>
				{/each}
			</ul>
			{#if step.dropped.length > 0}
				<p class="soft">{m.plan.instead(step.dropped.map(({ title }) => title).join(', '))}</p>
			{/if}
			<PlanLooks {step} echoes={plan.planned} />
		</section>
		<section aria-labelledby="list-title">
			<h2 id="list-title">{m.plan.list}</h2>
			{#if lists.length === 0}<p class="soft">{m.plan.buysNothing}</p>{:else}
				<ShoppingList {lists} totalMinor={step.solution.totalMinor} {money} />
				{#if isTaken}<PlaceOrders {lists} echoes={plan.planned} />{/if}
			{/if}
			{#if lateOnes.length > 0}
				<details>
					<summary>{m.plan.passedOver} ({lateOnes.length})</summary>
					<ul>
						{#each lateOnes.slice(0, few) as { lookId, elementId, title, why, arrives } (`${lookId} ${elementId} ${title}`)}
							<li>{why === 'late' ? m.plan.late(title, dayInWords(arrives ?? '')) : m.plan.noRate(title)}</li>
						{/each}
					</ul>
				</details>
				{#if steps.length === 1 && lateOnes.some(({ why }) => why === 'late')}
					<p class="soft">{m.plan.nothingInTime}</p>
				{/if}
			{/if}
		</section>
	</div>
{/if}

<style>
	h2 {
		font-size: var(--step-2);
	}
	.now {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
		font-size: var(--step-1);
	}
	.over {
		color: var(--warn);
	}
	.below {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 1.5rem;
		margin-top: 1rem;
	}
	ul {
		margin-bottom: 0.5rem;
		list-style: none;
		font-size: var(--step-0);
	}
	li {
		padding: 0.15rem 0;
	}
	@media (max-width: 50rem) {
		.below {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
