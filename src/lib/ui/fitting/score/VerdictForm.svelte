<script lang="ts">
	import {
		RadioButton,
		RadioButtonGroup,
		Select,
		SelectItem,
		TextArea,
		TextInput
	} from 'carbon-components-svelte';
	import {
		dayInWords,
		verdictSchema,
		wouldWears,
		type Echo,
		type Item,
		type TryOn,
		type Verdict
	} from '$lib/core';
	import { judgeEcho } from '$lib/store/verdicts';
	import { chosenIn } from '../../frame/chosen';
	import { notices } from '../../frame/notices.svelte';
	import { formDraft } from '../../frame/form.svelte';
	import FormDialog from '../../frame/FormDialog.svelte';
	import { m } from '../../messages';
	import { tryOn as tryOnTexts } from '../../messages/try-on';
	import Judgements from './Judgements.svelte';

	interface Props {
		open: boolean;
		echo: Echo;
		titleOf: (item: Item) => string;
		/** The try-on that it is judged by: the last one. */
		tryOn: TryOn | undefined;
	}
	let { open = $bindable(false), echo, titleOf, tryOn }: Props = $props();

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
		/** Empty where the client was not asked. */
		clientWould: string;
		clientWord: string;
	}
	const form = formDraft<Draft>({
		key: () => `verdict/${echo.id}`,
		begin: () => ({ rating: '', wouldWear: 'yes', note: '', clientWould: '', clientWord: '' })
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	const verdict = $derived.by(() => {
		const { rating, wouldWear, note, clientWord } = draft;
		const clientWould = wouldWears.find((one) => one === draft.clientWould);
		return verdictSchema.safeParse({
			ownRating: rating.trim() === '' ? undefined : Number(rating),
			wouldWear,
			note,
			pieces: tryOn?.ratings ?? [],
			...(clientWould && { client: { wouldWear: clientWould, word: clientWord.trim() } })
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
	<p class="soft">
		{#if tryOn}{tryOnTexts.withTryOn(dayInWords(tryOn.on), tryOn.photos.length, tryOn.ratings.length)}
		{:else}{tryOnTexts.withoutTryOn} <a href="/fitting/{echo.id}/try-on">{tryOnTexts.toTryOn}</a>{/if}
	</p>
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
	<TextArea rows={3} maxlength={4000} labelText={m.fitting.verdictNote} bind:value={draft.note} />
	<Select
		labelText={tryOnTexts.clientWould}
		selected={draft.clientWould}
		on:change={(event) => (draft.clientWould = chosenIn(event))}
	>
		<SelectItem value="" text={tryOnTexts.notAsked} />
		{#each wouldWears as one (one)}<SelectItem value={one} text={m.fitting.wouldWearIt[one]} />{/each}
	</Select>
	{#if draft.clientWould !== ''}
		<TextInput labelText={tryOnTexts.clientWord} maxlength={400} bind:value={draft.clientWord} />
	{/if}
	{#if echo.judgements.length > 0}
		<h3>{m.fitting.history}</h3>
		<Judgements {echo} />
	{/if}
</FormDialog>

<style>
	h3 {
		margin-top: 1.25rem;
	}
</style>
