<script lang="ts">
	import { Modal, RadioButton, RadioButtonGroup, TextArea, TextInput } from 'carbon-components-svelte';
	import { verdictSchema, type Echo, type Verdict } from '$lib/core';
	import { judgeEcho } from '$lib/store/echoes';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	let { open = $bindable(false), echo }: { open: boolean; echo: Echo } = $props();

	let rating = $state('');
	let wouldWear = $state<Verdict['wouldWear']>('yes');
	let note = $state('');
	let tried = $state(false);
	$effect(() => {
		if (!open) return;
		rating = '';
		wouldWear = 'yes';
		note = '';
		tried = false;
	});

	const verdict = $derived(
		verdictSchema.safeParse({ ownRating: rating.trim() === '' ? undefined : Number(rating), wouldWear, note })
	);

	async function save() {
		tried = true;
		const { data } = verdict;
		if (!data || !(await perform(() => judgeEcho(echo, data)))) return;
		open = false;
		notices.show({ kind: 'info', title: m.fitting.verdictSaved });
	}
	const when = (moment: string) => new Date(moment).toLocaleDateString('en-GB', { dateStyle: 'medium' });
</script>

<Modal
	bind:open
	hasForm
	size="sm"
	modalHeading={m.fitting.judge}
	primaryButtonText={m.fitting.saveVerdict}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus="#own-rating"
	on:click:button--secondary={() => (open = false)}
	on:submit={save}
>
	<form
		class="stack"
		onsubmit={(event) => {
			event.preventDefault();
			void save();
		}}
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
		<TextArea rows={4} labelText={m.fitting.verdictNote} bind:value={note} />
		<button class="visually-hidden" tabindex="-1" type="submit">{m.save}</button>
	</form>
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
</Modal>

<style>
	.stack {
		display: grid;
		gap: 1rem;
	}
	h3 {
		margin-top: 1.25rem;
	}
</style>
