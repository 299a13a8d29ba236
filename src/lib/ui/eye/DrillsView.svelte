<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { tick } from 'svelte';
	import { dayInWords, dayOfMoment, drillIds, type DrillCard, type DrillId } from '$lib/core';
	import {
		allQuestions,
		nextQuestion,
		progressOf,
		questionsOf,
		rightness,
		type DrillQuestion
	} from '$lib/core/drills';
	import { moment, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { noteAnswer } from '$lib/store/drills';
	import { live } from '$lib/store/live.svelte';
	import { chosenIn } from '../frame/chosen';
	import { isTyping } from '../frame/keys';
	import Pending from '../frame/Pending.svelte';
	import { perform } from '../frame/perform';
	import Title from '../frame/Title.svelte';
	import { eye as eyeTexts } from '../messages/eye';
	import DrillProgressTable from './DrillProgressTable.svelte';
	import DrillShown from './DrillShown.svelte';

	const cards = live(() => () => database.drillCards.toArray());
	let drill = $state<DrillId | 'all'>('all');
	/** What was answered to the question that still stands; its card as it is then. */
	let given = $state.raw<
		{ question: DrillQuestion; id: string; right: number; card?: DrillCard } | undefined
	>();
	const questions = $derived(drill === 'all' ? allQuestions() : questionsOf(drill));
	const next = $derived(cards.value && nextQuestion(questions, cards.value, moment()));
	const question = $derived(given?.question ?? next);
	const progress = $derived(
		drillIds.map((id) => progressOf(id, questionsOf(id), cards.value ?? [], moment()))
	);
	const labelOf = (id: string) => question?.options.find((option) => option.id === id)?.label ?? '';
	const asked = $derived.by(() => {
		if (!question) return '';
		return question.asks === 'term'
			? eyeTexts.drill.term(question.of ?? '')
			: eyeTexts.drill.asks[question.asks];
	});

	async function answer(id: string) {
		const answering = question;
		if (!answering || given) return;
		const right = rightness(answering, id);
		// The answer shows at once, and a second press on the way finds it given.
		given = { question: answering, id, right };
		await perform(async () => {
			const card = await noteAnswer(
				eyeTexts.drill.answered(eyeTexts.drill.names[answering.drill]),
				answering.drill,
				answering.key,
				right
			);
			if (given?.question === answering) given = { ...given, card };
		});
		await tick();
		onward?.focus();
	}
	const goOn = () => (given = undefined);
	let onward = $state<HTMLAnchorElement | HTMLButtonElement | null>();

	function onkeydown(event: KeyboardEvent) {
		if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
		const option = question?.options[Number(event.key) - 1];
		if (option && !given) {
			event.preventDefault();
			void answer(option.id);
		}
	}
	const whenAgain = ({ due }: DrillCard) => {
		const day = dayOfMoment(due);
		return day === today() ? eyeTexts.drill.soon : eyeTexts.drill.onDay(dayInWords(day));
	};
</script>

<svelte:window {onkeydown} />
<Title of={eyeTexts.drill.title} />
<div class="page">
	<div class="page-head">
		<h1>{eyeTexts.drill.title}</h1>
		<a href="/eye">{eyeTexts.agreement}</a>
	</div>
	<p class="soft lead">{eyeTexts.drill.lead}</p>
	<Pending query={cards}>
		<div class="parts">
			<section class="panel ask" aria-label={eyeTexts.drill.title}>
				<Select
					size="sm"
					inline
					labelText={eyeTexts.drill.which}
					selected={drill}
					on:change={(event) => {
						given = undefined;
						drill = drillIds.find((one) => one === chosenIn(event)) ?? 'all';
					}}
				>
					<SelectItem value="all" text={eyeTexts.drill.all} />
					{#each drillIds as id (id)}<SelectItem value={id} text={eyeTexts.drill.names[id]} />{/each}
				</Select>
				{#if !question}
					<p role="status">{drill === 'all' ? eyeTexts.drill.done : eyeTexts.drill.doneOf}</p>
				{:else}
					<h2 aria-live="polite">{asked}</h2>
					<DrillShown {question} />
					<ol>
						{#each question.options as { id, label }, i (id)}
							<li>
								<button
									class:right={given && id === question.answer}
									class:wrong={given?.id === id && id !== question.answer}
									aria-disabled={given !== undefined}
									onclick={() => void answer(id)}
								>
									<kbd>{i + 1}</kbd>
									{label}
								</button>
							</li>
						{/each}
					</ol>
					{#if given}
						<div role="status">
							<p>
								<strong
									>{given.right === 1
										? eyeTexts.drill.right
										: (given.right > 0 ? eyeTexts.drill.nearly : eyeTexts.drill.wrong)(
												labelOf(question.answer)
											)}</strong
								>
								{question.why}
								{#if given.card}<span class="soft">{eyeTexts.drill.nextAsk(whenAgain(given.card))}</span>{/if}
							</p>
						</div>
						<Button size="small" bind:ref={onward} on:click={goOn}>{eyeTexts.drill.next}</Button>
					{:else}
						<p class="soft">{eyeTexts.drill.keys}</p>
					{/if}
				{/if}
			</section>
			<DrillProgressTable {progress} />
		</div>
	</Pending>
</div>

<style>
	.lead {
		margin: -0.75rem 0 1.25rem;
	}
	.parts {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 1rem;
		align-items: start;
	}
	.ask {
		display: grid;
		gap: 0.75rem;
		justify-items: start;
	}
	.ask > :global(div) {
		width: 100%;
	}
	h2 {
		font-size: var(--step-2);
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
		gap: 0.35rem;
		width: 100%;
		list-style: none;
	}
	li button {
		display: flex;
		gap: 0.75rem;
		align-items: center;
		width: 100%;
		min-height: 2.25rem;
		padding: 0.15rem 0.75rem;
		border: 1px solid var(--line-strong);
		background: var(--panel);
		color: var(--ink);
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	li button:hover {
		background: var(--panel-sunk);
	}
	.right {
		border-color: var(--accent);
		background: var(--accent-wash);
		font-weight: 640;
	}
	.wrong {
		border-color: var(--warn);
		color: var(--warn);
		text-decoration: line-through;
	}
	kbd {
		min-width: 1.2rem;
		color: var(--ink-soft);
		font: inherit;
		font-size: var(--step--1);
	}
	@media (max-width: 60rem) {
		.parts {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
