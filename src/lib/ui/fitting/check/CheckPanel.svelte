<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import type { Finding } from '$lib/core';
	import { m } from '../../messages';
	import DayChanges from '../wear/DayChanges.svelte';
	import FindingItem from './FindingItem.svelte';
	import type { FittingTable } from '../table/table.svelte';
	import Underneath from './Underneath.svelte';
	import WearableVersion from './WearableVersion.svelte';

	interface Props {
		table: FittingTable;
		/** Shows on the plates what is found only with a layer off, or sitting. */
		onsee: (state: Finding['state']) => void;
	}
	let { table, onsee }: Props = $props();
	const check = $derived(table.check);

	let opened = $state<string | undefined>();
	/** One rule may find two things of the same pieces. */
	const keyOf = ({ rule, state, pieces, measured }: Finding) =>
		`${rule} ${state ?? ''} ${pieces.join(' ')} ${measured}`;

	function toggle(finding: Finding) {
		check.hold(undefined);
		opened = opened === keyOf(finding) ? undefined : keyOf(finding);
	}
</script>

<div class="check">
	<h2 class="visually-hidden">{m.fitting.check.title}</h2>
	<DayChanges {table} />
	{#if check.findings.length === 0}<p class="soft none">{m.fitting.check.nothing}</p>{/if}
	<ul>
		{#each check.findings as finding (keyOf(finding))}
			<FindingItem
				{table}
				{finding}
				open={opened === keyOf(finding)}
				ontoggle={() => toggle(finding)}
				{onsee}
				ondone={() => (opened = undefined)}
			/>
		{/each}
	</ul>
	{#if check.letStand.length > 0}
		<section aria-label={m.fitting.check.stands}>
			<h3>{m.fitting.check.stands}</h3>
			{#each check.letStand as { finding, dismissal } (keyOf(finding))}
				<p class="stands">
					<span>{finding.title} <span class="soft">{m.fitting.check.reasons[dismissal.reason]}</span></span>
					<Button size="small" kind="ghost" on:click={() => void table.raiseAgain(dismissal, finding.title)}
						>{m.fitting.check.raiseAgain}</Button
					>
				</p>
			{/each}
		</section>
	{/if}
	{#if check.beneath.length > 0}<Underneath {table} />{/if}
	{#if check.mistakes.length > 0}
		<section aria-label={m.fitting.check.reference}>
			<h3>{m.fitting.check.reference}</h3>
			{#each check.mistakes as finding (keyOf(finding))}
				<p><strong>{finding.title}</strong> {finding.measured}</p>
			{/each}
			<p class="soft">{m.fitting.check.forgiven[table.echo.schools.closeness === 'spirit' ? 'yes' : 'no']}</p>
		</section>
	{/if}
	<WearableVersion {table} />
	<p class="soft foot">{m.fitting.check.foot}</p>
</div>

<style>
	.check {
		/* What is hidden in it from sight must not lengthen the page. */
		position: relative;
		height: 100%;
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	ul {
		list-style: none;
	}
	.check :global(section) {
		display: grid;
		gap: 0.25rem;
		padding: 0.75rem 0.75rem 0.75rem calc(0.75rem + 3px);
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.check :global(h3) {
		font-size: var(--step-0);
	}
	.stands {
		display: flex;
		justify-content: space-between;
		align-items: center;
	}
	.none,
	.foot {
		padding: 0.75rem;
		font-size: var(--step--1);
	}
</style>
