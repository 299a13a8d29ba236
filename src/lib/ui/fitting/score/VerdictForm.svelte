<script lang="ts">
	import { RadioButton, RadioButtonGroup, TextArea, TextInput } from 'carbon-components-svelte';
	import { momentInWords, verdictSchema, type Echo, type Item, type Verdict } from '$lib/core';
	import { judgeEcho } from '$lib/store/echoes';
	import { notices } from '../../frame/notices.svelte';
	import { formDraft } from '../../frame/form.svelte';
	import FormDialog from '../../frame/FormDialog.svelte';
	import { m } from '../../messages';

	interface Props {
		open: boolean;
		echo: Echo;
		titleOf: (item: Item) => string;
	}
	let { open = $bindable(false), echo, titleOf }: Props = $props();

	/** Where the echo is better or worse than the reference, and why: what was noted piece by piece. */
	const besides = $derived(
		echo.matches.flatMap(({ id, items, beside }) =>
			beside ? [{ id, what: items.map(titleOf).join(', '), ...beside }] : []
		)
	);

	interface Draft {
		rating: string;
		wouldWear: Verdict['wouldWear'];
		note: string;
	}
	const form = formDraft<Draft>({
		key: () => `verdict/${echo.id}`,
		begin: () => ({ rating: '', wouldWear: 'yes', note: '' })
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	const verdict = $derived.by(() => {
		const { rating, wouldWear, note } = draft;
		return verdictSchema.safeParse({
			ownRating: rating.trim() === '' ? undefined : Number(rating),
			wouldWear,
			note
		});
	});

	async function save() {
		tried = true;
		const { data } = verdict;
		if (!data) return false;
		await judgeEcho(m.did.judged(echo.title), echo, data);
		notices.show({ kind: 'info', title: m.fitting.verdictSaved });
		return true;
	}
</script>

<FormDialog
	bind:open
	title={m.fitting.judge}
	saveLabel={m.fitting.saveVerdict}
	size="sm"
	focus="#own-rating"
	draft={form}
	onopen={() => (tried = false)}
	onsave={save}
>
	{#if besides.length > 0}
		<ul aria-label={m.fitting.pieceByPiece}>
			{#each besides as { id, what, is, why } (id)}
				<li>{what}: {m.lookbook.beside(is, why)}</li>
			{/each}
		</ul>
	{/if}
	<TextInput
		id="own-rating"
		inputmode="numeric"
		labelText={m.fitting.ownRating}
		bind:value={draft.rating}
		invalid={tried && !verdict.success}
		invalidText={m.fitting.ratingBad}
	/>
	<RadioButtonGroup legendText={m.fitting.wouldWear} bind:selected={draft.wouldWear}>
		{#each Object.entries(m.fitting.wouldWearIt) as [value, label] (value)}<RadioButton
				{value}
				labelText={label}
			/>{/each}
	</RadioButtonGroup>
	<TextArea rows={4} maxlength={4000} labelText={m.fitting.verdictNote} bind:value={draft.note} />
	{#if echo.judgements.length > 0}
		<h3>{m.fitting.history}</h3>
		<ul>
			{#each [...echo.judgements].reverse() as judgement (judgement.id)}
				<li>
					{momentInWords(judgement.judgedAt)}: {m.fitting.judged(
						Math.round(judgement.score),
						judgement.verdict.ownRating
					)};
					{m.fitting.wouldWearIt[judgement.verdict.wouldWear]}. {judgement.verdict.note}
				</li>
			{/each}
		</ul>
	{/if}
</FormDialog>

<style>
	h3 {
		margin-top: 1.25rem;
	}
</style>
