<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { InlineLoading, InlineNotification } from 'carbon-components-svelte';
	import { untrack } from 'svelte';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import PlanAnswer from './PlanAnswer.svelte';
	import PlanForm from './PlanForm.svelte';
	import { planFor, type Plannable } from './plan.svelte';
	import { addressOf, questionOf } from './question';

	const found = live(() => async () => {
		const [echoes, references, clients, events, settings] = await Promise.all([
			database.echoes.orderBy('createdOn').reverse().toArray(),
			database.references.toArray(),
			database.clients.toArray(),
			database.events.toArray(),
			database.settings.toCollection().first()
		]);
		const looks = echoes.flatMap((echo): Plannable[] => {
			const reference = references.find(({ id }) => id === echo.referenceId);
			const client = clients.find(({ id }) => id === echo.clientId);
			const event = events.find(({ id }) => id === echo.eventId);
			return reference && client ? [{ echo, reference, client, event }] : [];
		});
		// What was judged is done with: what is still to be planned comes first.
		return {
			looks: looks.sort(
				(a, b) => Number(a.echo.judgements.length > 0) - Number(b.echo.judgements.length > 0)
			),
			currency: settings?.currency ?? 'GBP',
			rates: settings?.rates ?? {}
		};
	});
	// What is asked stands in the address, so that a reload or a way back finds it again.
	const said = untrack(() => questionOf(page.url.searchParams));
	const plan = planFor(said);
	const asked = plan.asked ?? said;
	let chosen = $state([...(asked?.chosen ?? [])]);
	let budget = $state(asked?.budget ?? '');
	let keepChosen = $state(asked?.keepChosen ?? false);
	let byLook = $state(asked?.byLook ?? false);
	/** Was the answer there before this view was opened? */
	let isOld = $state(plan.answer !== undefined);
	/** The limits of the looks that came with the address, together, until another sum is typed. */
	let isProposed = asked?.budget !== undefined;
	$effect(() => {
		if (!found.value || isProposed) return;
		isProposed = true;
		const limits = found.value.looks
			.filter(({ echo }) => chosen.includes(echo.id))
			.flatMap(({ echo }) => echo.spendLimit ?? []);
		const sum = limits.reduce((all, { amountMinor }) => all + amountMinor, 0);
		if (sum > 0) budget = (sum / 100).toFixed(2);
	});

	function start() {
		if (!found.value) return;
		const { looks, currency, rates } = found.value;
		const question = { chosen: [...chosen], budget, keepChosen, byLook };
		isOld = false;
		void goto(addressOf(question), { replaceState: true, keepFocus: true, noScroll: true });
		void plan.start(
			looks.filter(({ echo }) => chosen.includes(echo.id)),
			question,
			{ currency, rates }
		);
	}
</script>

<div class="page">
	<div class="page-head"><h1>{m.plan.title}</h1></div>
	<p class="soft">{m.plan.intro}</p>
	<Pending query={found}>
		{#if found.value?.looks.length === 0}
			<p class="panel">{m.plan.noLooks} <a href="/fitting">{m.places.fitting}</a></p>
		{:else if found.value}
			<div class="work">
				<PlanForm
					looks={found.value.looks}
					currency={found.value.currency}
					bind:chosen
					bind:budget
					bind:keepChosen
					bind:byLook
					isBusy={plan.progress !== ''}
					onplan={start}
					onstop={plan.stop}
				/>
				<div class="answer">
					{#if plan.progress}<InlineLoading description={plan.progress} />{/if}
					{#if plan.failed}
						<InlineNotification
							lowContrast
							hideCloseButton
							kind="error"
							title={m.failed}
							subtitle={plan.failed}
						/>
					{/if}
					{#if plan.note}<p role="status" class="soft">{plan.note}</p>{/if}
					{#if isOld && plan.answer}<p class="soft">{m.plan.asLeft}</p>{/if}
					{#if plan.answer}<PlanAnswer
							{plan}
							echoes={found.value.looks.map(({ echo }) => echo)}
							currency={found.value.currency}
						/>
					{:else if !plan.progress && !plan.failed && !plan.note}
						<p class="soft before">{m.plan.before}</p>
					{/if}
				</div>
			</div>
		{/if}
	</Pending>
</div>

<style>
	.work {
		display: grid;
		grid-template-columns: 20rem minmax(0, 1fr);
		gap: 1.5rem;
		align-items: start;
		margin-top: 1rem;
	}
	.answer {
		min-width: 0;
	}
	.before {
		padding: 1rem;
		border: 1px dashed var(--line);
	}
	@media (max-width: 60rem) {
		.work {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
