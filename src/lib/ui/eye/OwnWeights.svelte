<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { Button, InlineLoading } from 'carbon-components-svelte';
	import {
		dayInWords,
		leastJudgements,
		lossGroups,
		weighedLosses,
		type Calibrated,
		type Rated,
		type Settings
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { calibrateInWorker } from '$lib/workers/calibration';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { eye as eyeTexts } from '../messages/eye';

	let { rated, settings }: { rated: readonly Rated[]; settings: Settings } = $props();

	let found = $state.raw<Calibrated | undefined>();
	let isWorking = $state(false);
	/** As text, so that what else changes in the studio works out nothing anew. */
	const judged = $derived(rated.map(({ id, rating }) => `${id} ${rating}`).join(' '));
	$effect(() => {
		if (judged === '' || rated.length < leastJudgements) return;
		const ended = new AbortController();
		isWorking = true;
		void calibrateInWorker($state.snapshot(rated) as Rated[], ended.signal)
			.then((answer) => (found = answer))
			.catch(() => (found = undefined))
			.finally(() => {
				if (!ended.signal.aborted) isWorking = false;
			});
		return () => ended.abort();
	});

	const taken = $derived(settings.calibration);
	const isBetter = $derived(found !== undefined && found.errorAfter < found.errorBefore);
	const shown = $derived(isBetter ? found?.factors : undefined);
	const isTaken = $derived(
		found !== undefined &&
			taken !== undefined &&
			weighedLosses.every(
				(group) => Math.abs((taken.factors[group] ?? 1) - (found?.factors[group] ?? 1)) < 0.005
			)
	);
	const x = $derived(scaleLinear([0, Math.max(2, ...Object.values(shown ?? {}))], [0, 100]));

	async function take() {
		const taking = found;
		if (!taking) return;
		const isDone = await performTold(eyeTexts.took, (writer) =>
			writer.edit(
				'settings',
				settings.id,
				(draft) => void (draft.calibration = { ...$state.snapshot(taking), takenOn: today() })
			)
		);
		if (isDone) await focusOn('#own-title');
	}
	async function drop() {
		const isDone = await performTold(eyeTexts.dropped, (writer) =>
			writer.edit('settings', settings.id, (draft) => void delete draft.calibration)
		);
		if (isDone) await focusOn('#own-title');
	}
</script>

<section class="panel" aria-labelledby="own-title">
	<h2 id="own-title" tabindex="-1">{eyeTexts.own}</h2>
	<p class="soft">{eyeTexts.explains}</p>
	<p>{taken ? eyeTexts.taken(dayInWords(taken.takenOn), taken.judgements) : eyeTexts.notTaken}</p>
	{#if rated.length < leastJudgements}
		<p>{eyeTexts.few(rated.length, leastJudgements)}</p>
	{:else if isWorking && !found}
		<InlineLoading description={eyeTexts.working} />
	{:else if found}
		<p>{(isBetter ? eyeTexts.gain : eyeTexts.noGain)(found.errorBefore, found.errorAfter)}</p>
	{/if}
	{#if shown}
		<dl>
			{#each weighedLosses as group (group)}
				{@const factor = shown[group]}
				<div>
					<dt title={lossGroups[group].about}>{lossGroups[group].label}</dt>
					<dd>
						<span class="bar" aria-hidden="true"
							><i style:width="{x(factor)}%"></i><b style:left="{x(1)}%"></b></span
						>
						<span class="figures" aria-label={eyeTexts.weightOf(lossGroups[group].label, factor)}
							>{eyeTexts.weight(factor)}</span
						>
					</dd>
				</div>
			{/each}
		</dl>
	{/if}
	<div class="row">
		{#if isBetter && !isTaken}
			<Button size="small" on:click={() => void take()}>{taken ? eyeTexts.takeAgain : eyeTexts.take}</Button>
		{/if}
		{#if taken}<Button size="small" kind="tertiary" on:click={() => void drop()}>{eyeTexts.drop}</Button>{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
	}
	dl div {
		display: grid;
		grid-template-columns: 5.5rem 1fr;
		align-items: center;
		padding: 0.25rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	dd {
		display: grid;
		grid-template-columns: 1fr 4rem;
		gap: 0.75rem;
		align-items: center;
		text-align: right;
	}
	.bar {
		position: relative;
		height: 0.7rem;
		background: var(--panel-sunk);
	}
	.bar i {
		position: absolute;
		inset: 0 auto 0 0;
		background: var(--ink);
	}
	.bar b {
		position: absolute;
		top: -0.2rem;
		bottom: -0.2rem;
		width: 2px;
		background: var(--accent);
	}
</style>
