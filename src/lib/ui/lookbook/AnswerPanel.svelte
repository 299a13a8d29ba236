<script lang="ts">
	import { Checkbox, FileUploaderButton, Modal } from 'carbon-components-svelte';
	import { dayInWords, newInAnswer, readAnswer, type AnswerFile, type Echo, type Piece } from '$lib/core';
	import { keepAnswer } from '$lib/store/answers';
	import { perform } from '../frame/perform';
	import { notices } from '../frame/notices.svelte';
	import Refusal from '../frame/Refusal.svelte';
	import { m } from '../messages';

	interface Props {
		/** The looks that an answer can speak of here. */
		looks: readonly Echo[];
		pieces: readonly Piece[];
	}
	let { looks, pieces }: Props = $props();

	let chosen = $state(0);
	let answer = $state.raw<AnswerFile | undefined>();
	let refusal = $state.raw<{ message: string; problems: string[] } | undefined>();
	let takesOff = $state(false);

	/** An answer is a few lines; what is larger is none. */
	const mostBytes = 1_000_000;
	async function choose(files: readonly File[]) {
		const [file] = files;
		chosen++;
		if (!file) return;
		refusal = undefined;
		const read = readAnswer(file.size > mostBytes ? '' : await file.text());
		if (read.ok) answer = read.value;
		else refusal = read;
	}
	const told = $derived(
		(answer?.looks ?? []).flatMap((one) => {
			const echo = looks.find(({ id }) => id === one.look);
			return echo ? [{ echo, note: one.note, pieces: newInAnswer(one, echo, pieces) }] : [];
		})
	);
	/** The last answer to each look, as it was kept. */
	const kept = $derived(
		looks.flatMap((echo) => {
			const last = echo.answers.at(-1);
			return last ? [{ echo, last }] : [];
		})
	);
	const counted = (says: 'yes' | 'no', { pieces }: Echo['answers'][number]) =>
		pieces.filter((piece) => piece.says === says).length;
	const elsewhere = $derived((answer?.looks.length ?? 0) - told.length);
	const saysNo = $derived(
		told
			.flatMap((one) => one.pieces.filter(({ says, isGone }) => says === 'no' && !isGone))
			.map(({ of }) => of)
	);
	const said = (says: 'yes' | 'no' | undefined) => m.lookbook.answerSaid[says ?? 'open'];

	async function keep() {
		const taken = answer;
		if (!taken || told.length === 0) return;
		const label = m.lookbook.answerTook(told.map(({ echo }) => echo.title).join(', '));
		const done = await perform(() =>
			keepAnswer(
				label,
				taken,
				told.map(({ echo }) => echo.id),
				new Set(takesOff ? saysNo : [])
			)
		);
		if (!done) return;
		answer = undefined;
		takesOff = false;
		notices.show({ kind: 'info', title: label });
	}
</script>

<div>
	{#key chosen}
		<FileUploaderButton
			size="small"
			kind="ghost"
			disableLabelChanges
			labelText={m.lookbook.readAnswer}
			accept={['.json']}
			on:change={({ detail }) => void choose(detail)}
		/>
	{/key}
	{#if kept.length > 0}
		<ul class="kept">
			{#each kept as { echo, last } (echo.id)}
				<li>
					{m.lookbook.answerOf(echo.title, dayInWords(last.on))}: {m.lookbook.answerCounts(
						counted('yes', last),
						counted('no', last)
					)}{last.note ? ` · “${last.note}”` : ''}
				</li>
			{/each}
		</ul>
	{/if}
	{#if refusal}
		<Refusal title={m.lookbook.answerRefused} {refusal} onclose={() => (refusal = undefined)} />
	{/if}
</div>
<Modal
	size="sm"
	bind:open={() => answer !== undefined, (open) => (answer = open ? answer : undefined)}
	modalHeading={m.lookbook.answerTitle}
	primaryButtonText={m.lookbook.answerTake}
	primaryButtonDisabled={told.length === 0}
	secondaryButtonText={m.cancel}
	on:click:button--secondary={() => (answer = undefined)}
	on:submit={() => void keep()}
>
	{#if elsewhere > 0}<p>{m.lookbook.answerElsewhere(elsewhere)}</p>{/if}
	{#each told as { echo, note, pieces: news } (echo.id)}
		<h3>{m.lookbook.answerOf(echo.title, dayInWords(answer?.on ?? ''))}</h3>
		{#if news.length === 0 && note === ''}<p class="soft">{m.lookbook.answerNothing}</p>{/if}
		<ul>
			{#each news as { of, title, isGone, before, says, note: word } (of)}
				<li>
					{m.lookbook.answerPiece(
						isGone ? m.lookbook.answerGone : title,
						before ? said(before) : '',
						said(says)
					)}{word ? ` · “${word}”` : ''}
				</li>
			{/each}
			{#if note}<li>“{note}”</li>{/if}
		</ul>
	{/each}
	{#if saysNo.length > 0}<Checkbox labelText={m.lookbook.takeOffRefused} bind:checked={takesOff} />{/if}
</Modal>

<style>
	h3 {
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	.kept {
		max-width: 60rem;
		font-size: var(--step-0);
	}
	li {
		padding: 0.25rem 0;
		border-top: 1px solid var(--line);
	}
</style>
