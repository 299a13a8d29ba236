<script lang="ts">
	import { RadioButton, RadioButtonGroup, TextArea, TextInput } from 'carbon-components-svelte';
	import { verdictSchema, type Echo, type Verdict } from '$lib/core';
	import { judgeEcho } from '$lib/store/echoes';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	let { open = $bindable(false), echo }: { open: boolean; echo: Echo } = $props();

	let rating = $state('');
	let wouldWear = $state<Verdict['wouldWear']>('yes');
	let note = $state('');
	let tried = $state(false);
	function begin() {
		rating = '';
		wouldWear = 'yes';
		note = '';
		tried = false;
	}

	const verdict = $derived(
		verdictSchema.safeParse({ ownRating: rating.trim() === '' ? undefined : Number(rating), wouldWear, note })
	);

	async function save() {
		tried = true;
		const { data } = verdict;
		if (!data || !(await perform(() => judgeEcho(m.did.judged(echo.title), echo, data)))) return;
		open = false;
		notices.show({ kind: 'info', title: m.fitting.verdictSaved });
	}
	const when = (moment: string) => new Date(moment).toLocaleDateString('en-GB', { dateStyle: 'medium' });
</script>

<FormDialog
	bind:open
	title={m.fitting.judge}
	saveLabel={m.fitting.saveVerdict}
	size="sm"
	focus="#own-rating"
	onopen={begin}
	onsave={save}
>
	<TextInput
		id="own-rating"
		inputmode="numeric"
		labelText={m.fitting.ownRating}
		bind:value={rating}
		invalid={tried && !verdict.success}
		invalidText={m.fitting.ratingBad}
	/>
	<RadioButtonGroup legendText={m.fitting.wouldWear} bind:selected={wouldWear}>
		{#each Object.entries(m.fitting.wear) as [value, label] (value)}<RadioButton
				{value}
				labelText={label}
			/>{/each}
	</RadioButtonGroup>
	<TextArea rows={4} maxlength={4000} labelText={m.fitting.verdictNote} bind:value={note} />
	{#if echo.judgements.length > 0}
		<h3>{m.fitting.history}</h3>
		<ul>
			{#each [...echo.judgements].reverse() as judgement (judgement.id)}
				<li>
					{when(judgement.judgedAt)}: {m.fitting.judged(
						Math.round(judgement.score),
						judgement.verdict.ownRating
					)};
					{m.fitting.wear[judgement.verdict.wouldWear]}. {judgement.verdict.note}
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
