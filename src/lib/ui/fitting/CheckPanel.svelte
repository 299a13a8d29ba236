<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import type { Finding, Mend } from '$lib/core';
	import { m } from '../messages';
	import type { FittingTable } from './table.svelte';

	let { table }: { table: FittingTable } = $props();
	const check = $derived(table.check);

	let opened = $state<string | undefined>();
	const keyOf = (finding: Finding) => `${finding.rule} ${finding.pieces.join(' ')}`;
	const pointsOf = (mend: Mend) =>
		mend.points === undefined || Math.abs(mend.points) < 0.05
			? m.fitting.check.samePoints
			: m.fitting.check.points(`${mend.points > 0 ? '+' : '−'}${Math.abs(mend.points).toFixed(1)}`);

	function open(finding: Finding) {
		check.hold(undefined);
		opened = opened === keyOf(finding) ? undefined : keyOf(finding);
	}
	function take(mend: Mend) {
		check.hold(undefined);
		opened = undefined;
		void table.mend(mend);
	}
</script>

<div class="check">
	<h2 class="visually-hidden">{m.fitting.check.title}</h2>
	{#if check.findings.length === 0}<p class="soft none">{m.fitting.check.nothing}</p>{/if}
	<ul>
		{#each check.findings as finding (keyOf(finding))}
			{@const isOpen = opened === keyOf(finding)}
			<li class={finding.severity}>
				<button
					class="finding"
					data-finding
					aria-expanded={isOpen}
					onclick={() => open(finding)}
					onfocus={() => table.light(finding.pieces)}
					onblur={() => table.light([])}
					onpointerenter={() => table.light(finding.pieces)}
					onpointerleave={() => table.light([])}
				>
					<span class="severity">{m.fitting.check.severities[finding.severity]}</span>
					<strong>{finding.title}</strong>
					<span class="measured">{finding.measured}</span>
				</button>
				{#if isOpen}
					<div class="open">
						<p class="soft">{finding.reason} <span>{m.fitting.check.standing[finding.standing]}</span></p>
						{#if finding.severity !== 'praise'}
							{@const mends = check.mendsOf(finding)}
							{#if mends.length === 0}<p class="soft">{m.fitting.check.noMend}</p>{/if}
							{#each mends as mend (mend.words)}
								<div
									class="mend"
									role="group"
									aria-label={mend.words}
									onpointerenter={() => check.hold(mend)}
									onpointerleave={() => check.hold(undefined)}
									onfocusin={() => check.hold(mend)}
									onfocusout={() => check.hold(undefined)}
								>
									<span>{mend.words}</span>
									<span class="figures soft">{pointsOf(mend)}</span>
									<Button size="small" kind="tertiary" on:click={() => take(mend)}
										>{m.fitting.check.take}</Button
									>
								</div>
							{/each}
						{/if}
					</div>
				{/if}
			</li>
		{/each}
	</ul>
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
	li {
		border-bottom: 1px solid var(--line);
	}
	.finding {
		display: grid;
		gap: 0.1rem;
		width: 100%;
		padding: 0.6rem 0.75rem;
		border: 0;
		border-left: 3px solid transparent;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	.finding:hover,
	.finding[aria-expanded='true'] {
		background: var(--panel-sunk);
	}
	.finding:focus-visible {
		outline-offset: -3px;
	}
	.severity {
		font-size: var(--step--1);
		color: var(--ink-soft);
	}
	.warning .severity {
		color: var(--warn);
		font-weight: 640;
	}
	.open {
		display: grid;
		gap: 0.4rem;
		padding: 0 0.75rem 0.75rem;
		font-size: var(--step-0);
	}
	.mend {
		display: grid;
		grid-template-columns: 1fr auto auto;
		gap: 0.75rem;
		align-items: center;
	}
	.none,
	.foot {
		padding: 0.75rem;
		font-size: var(--step--1);
	}
</style>
