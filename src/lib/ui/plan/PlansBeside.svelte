<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { m } from '../messages';
	import type { PlanSummary } from './plan.svelte';

	/** A plan that was kept, beside the one that is looked at. */
	interface Props {
		kept: PlanSummary;
		now: PlanSummary;
		money: (minor: number) => string;
		onforget: () => void;
	}
	let { kept, now, money, onforget }: Props = $props();

	const both = $derived([kept, now]);
	const titles = $derived([...new Set(both.flatMap(({ looks }) => looks.map(({ title }) => title)))]);
	const pointsOf = ({ looks }: PlanSummary, title: string) =>
		looks.find((look) => look.title === title)?.points.toFixed(1) ?? m.plan.beside.without;
	/** What only this one of them buys stands out. */
	const isOnly = (plan: PlanSummary, listingId: string) =>
		both.every((other) => other === plan || other.buys.every((one) => one.listingId !== listingId));
</script>

<section aria-labelledby="beside-title" class="panel">
	<div class="head">
		<h2 id="beside-title">{m.plan.beside.title}</h2>
		<Button size="small" kind="ghost" on:click={onforget}>{m.plan.beside.forget}</Button>
	</div>
	<table>
		<thead>
			<tr>
				<td></td>
				<th scope="col">{m.plan.beside.kept}</th>
				<th scope="col">{m.plan.beside.now}</th>
			</tr>
		</thead>
		<tbody>
			<tr>
				<th scope="row">{m.plan.money}</th>
				{#each both as { spentMinor }, i (i)}<td class="figures">{money(spentMinor)}</td>{/each}
			</tr>
			<tr>
				<th scope="row">{m.plan.closeness}</th>
				{#each both as { closeness }, i (i)}<td class="figures">{closeness.toFixed(1)}</td>{/each}
			</tr>
			{#each titles as title, i (i)}
				<tr>
					<th scope="row" class="soft">{title}</th>
					{#each both as plan, i (i)}<td class="figures soft">{pointsOf(plan, title)}</td>{/each}
				</tr>
			{/each}
			<tr>
				<th scope="row">{m.plan.beside.buys}</th>
				{#each both as plan, i (i)}
					<td>
						{#if plan.buys.length === 0}<span class="soft">{m.plan.buysNothing}</span>{/if}
						<ul>
							{#each plan.buys as { listingId, title, priceMinor } (listingId)}
								<li class:only={isOnly(plan, listingId)}>
									{title} <span class="figures soft">{money(priceMinor)}</span>
								</li>
							{/each}
						</ul>
					</td>
				{/each}
			</tr>
		</tbody>
	</table>
</section>

<style>
	section {
		margin-block: 1rem;
	}
	.head {
		display: flex;
		justify-content: space-between;
		align-items: center;
	}
	h2 {
		font-size: var(--step-2);
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--step-0);
		table-layout: fixed;
	}
	th,
	td {
		padding: 0.25rem 0.5rem 0.25rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		overflow-wrap: anywhere;
	}
	ul {
		list-style: none;
	}
	.only {
		font-weight: 560;
	}
</style>
