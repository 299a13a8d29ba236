<script lang="ts">
	import { Button, InlineLoading, Select, SelectItem } from 'carbon-components-svelte';
	import { dismissalReasons, type Dismissal, type Finding, type Mend } from '$lib/core';
	import { chosenIn } from '../../frame/chosen';
	import { focusOn } from '../../frame/focus';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	interface Props {
		table: FittingTable;
		finding: Finding;
		open: boolean;
		ontoggle: () => void;
		/** Shows on the plates what is found only with a layer off, or sitting. */
		onsee: (state: Finding['state']) => void;
		/** After a mend was taken or the finding let stand. */
		ondone: () => void;
	}
	let { table, finding, open, ontoggle, onsee, ondone }: Props = $props();
	const check = $derived(table.check);
	/** The choice that says nothing yet. */
	const unsaid: string = '';
	const onHand = $derived(open && finding.severity !== 'praise' ? check.mendsOf(finding) : []);
	/** What the shops were found to have for it; undefined until they are asked. */
	let shops = $state.raw<{ mends: readonly Mend[]; failed?: string } | undefined>();
	let asking = $state(false);
	let stop: AbortController | undefined;
	const mends = $derived([...onHand, ...(shops?.mends ?? [])]);
	// Another look, or put away: what was asked for it is of no use.
	$effect(() => {
		void [finding, open];
		return () => {
			stop?.abort();
			shops = undefined;
			asking = false;
		};
	});
	async function askShops() {
		const own = (stop = new AbortController());
		asking = true;
		// What was pressed is gone: the focus waits on the finding, and goes to what came.
		void focusOn('[data-finding]', item);
		try {
			const answer = await check.mendsFromShops(finding, own.signal);
			if (stop !== own || own.signal.aborted) return;
			shops = answer;
			if (answer.mends.length > 0 && item?.contains(document.activeElement))
				void focusOn('[data-sold] button', item);
		} catch {
			// Put away: the answer is not waited for.
		}
		if (stop === own) asking = false;
	}
	let item = $state<HTMLElement>();

	const pointsOf = (mend: Mend) =>
		mend.points === undefined || Math.abs(mend.points) < 0.05
			? m.fitting.check.samePoints
			: m.fitting.check.points(`${mend.points > 0 ? '+' : '−'}${Math.abs(mend.points).toFixed(1)}`);

	function take(mend: Mend) {
		check.hold(undefined);
		ondone();
		void table.mend(mend);
	}
	function dismiss(reason: Dismissal['reason']) {
		check.hold(undefined);
		ondone();
		void table.dismiss(finding, reason);
	}
	/** T holds the first mend up and puts it down again, A takes what is held, or the first. */
	function onkeydown(event: KeyboardEvent) {
		const [first] = mends;
		if (!first || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === 't') check.hold(check.tryOn ? undefined : first);
		else if (event.key === 'a') take(check.tryOn ?? first);
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<li class={finding.severity} bind:this={item}>
	<button
		class="finding"
		data-finding
		aria-expanded={open}
		onclick={ontoggle}
		{onkeydown}
		onfocus={() => table.light(finding.pieces)}
		onblur={() => table.light([])}
		onpointerenter={() => table.light(finding.pieces)}
		onpointerleave={() => table.light([])}
	>
		<span class="severity"
			>{m.fitting.check.severities[finding.severity]}{finding.state
				? `, ${m.fitting.check.states[finding.state]}`
				: ''}</span
		>
		<strong>{finding.title}</strong>
		<span class="measured">{finding.measured}</span>
	</button>
	{#if open}
		<div class="open">
			<p class="soft">{finding.reason} <span>{m.fitting.check.standing[finding.standing]}</span></p>
			{#if finding.state}
				<p>
					<Button size="small" kind="ghost" on:click={() => onsee(finding.state)}
						>{m.fitting.check.see}</Button
					>
				</p>
			{/if}
			{#if finding.severity !== 'praise'}
				{#if onHand.length === 0}<p class="soft">{m.fitting.check.noMend}</p>{/if}
				{#each mends as mend, i (i)}
					<div
						class="mend"
						class:held={check.tryOn?.words === mend.words}
						data-sold={i >= onHand.length ? '' : undefined}
						role="group"
						aria-label={mend.words}
						onpointerenter={() => check.hold(mend)}
						onpointerleave={() => check.hold(undefined)}
						onfocusin={() => check.hold(mend)}
						onfocusout={() => check.hold(undefined)}
					>
						<span
							>{mend.words}
							{#if 'to' in mend.change && mend.change.to.cost}<span class="soft">{m.fitting.simulated}</span
								>{/if}</span
						>
						<span class="figures soft">{pointsOf(mend)}</span>
						<Button size="small" kind="tertiary" on:click={() => take(mend)}>{m.fitting.check.take}</Button>
					</div>
				{/each}
				{#if shops}
					{#if shops.failed}<p role="alert" class="warn">{shops.failed}</p>{/if}
					{#if shops.mends.length === 0}<p class="soft" role="status">{m.fitting.check.noneForSale}</p>{/if}
				{:else if asking}
					<InlineLoading description={m.fitting.asking} />
				{:else if check.mayAdd(finding)}
					<Button size="small" kind="ghost" on:click={() => void askShops()}
						>{m.fitting.check.askShops}</Button
					>
				{/if}
				<Select
					size="sm"
					inline
					labelText={m.fitting.check.letStand}
					selected={unsaid}
					on:change={(event) => {
						const reason = dismissalReasons.find((one) => one === chosenIn(event));
						if (reason) dismiss(reason);
					}}
				>
					<SelectItem value={unsaid} text={m.fitting.check.because} />
					{#each dismissalReasons as reason (reason)}
						<SelectItem value={reason} text={m.fitting.check.reasons[reason]} />
					{/each}
				</Select>
			{/if}
		</div>
	{/if}
</li>

<style>
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
	.held {
		background: var(--accent-wash);
	}
</style>
