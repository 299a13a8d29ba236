<script lang="ts">
	import { Button, ComboBox, TextInput } from 'carbon-components-svelte';
	import {
		alternatives,
		garmentType,
		rephrased,
		sensesOfPhrase,
		withoutPhrase,
		withWord,
		type Question,
		type Reading,
		type ReadOptions,
		type ReadPhrase
	} from '$lib/core';
	import { untrack } from 'svelte';
	import { m } from '../messages';

	interface Props {
		reading: Reading;
		phrase: ReadPhrase;
		/** Where the phrase means two things. */
		question: Question | undefined;
		options: ReadOptions;
		/** Teaches the studio what an unknown word means. */
		onlearn: (word: string, means: string) => Promise<unknown>;
		/** The text as it now reads. */
		onrewrite: (text: string) => void;
		onclose: () => void;
	}
	let props: Props = $props();

	// Made anew for each phrase and each text: what it was opened with stays.
	const { reading, phrase, question, options, onlearn, onrewrite, onclose } = untrack(() => ({ ...props }));
	const others = alternatives(reading, phrase);
	/** Is it the name of a thing of its own? */
	const thing = reading.things.some((one) => reading.phrases[one.phrase] === phrase);
	let refused = $state(false);
	/** What an unknown word is said to mean; it must be one phrase that the reader knows. */
	let means = $state('');
	const teachable = $derived(means.trim() === '' || sensesOfPhrase(means) !== undefined);
	async function learn() {
		if (means.trim() === '' || !teachable) return;
		await onlearn(phrase.text, means.trim());
		onclose();
	}

	function choose(value: string) {
		if (!phrase.says) return;
		const next = rephrased(reading, phrase, { aspect: phrase.says.aspect, value }, options);
		if (next === undefined) refused = true;
		else onrewrite(next);
	}
	function keep(event: KeyboardEvent) {
		if (event.key !== 'Escape') return;
		event.stopPropagation();
		onclose();
	}
</script>

{#snippet meantFor()}
	{#each phrase.suggestions ?? [] as word (word)}
		<Button kind="tertiary" size="small" on:click={() => onrewrite(withWord(reading.text, phrase, word))}>
			{word}
		</Button>
	{/each}
{/snippet}

<!-- The group listens for Escape from every control inside it; it is no control itself. -->
<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<div role="group" aria-label={m.say.right(phrase.text)} class="panel" onkeydown={keep}>
	{#if question}
		<span class="ask">{m.say.which(question.word)}</span>
		{#each question.choices as type (type)}
			<Button
				kind={type === question.taken ? 'secondary' : 'tertiary'}
				size="small"
				on:click={() => choose(type)}
			>
				{garmentType(type).singular}
			</Button>
		{/each}
	{:else if phrase.status === 'unknown'}
		<span class="ask"
			>{phrase.suggestions ? m.say.meant : thing ? m.say.whatIs(phrase.text) : m.say.noneMeant}</span
		>
		{@render meantFor()}
		<div class="choice">
			<TextInput
				size="sm"
				hideLabel
				labelText={m.say.teach(phrase.text)}
				placeholder={m.say.teach(phrase.text)}
				bind:value={means}
				invalid={!teachable}
				invalidText={m.say.teachBad}
				on:keydown={(event) => {
					if (event.key !== 'Enter') return;
					event.preventDefault();
					event.stopPropagation();
					void learn();
				}}
			/>
		</div>
		<Button
			kind="tertiary"
			size="small"
			disabled={means.trim() === '' || !teachable}
			on:click={() => void learn()}
		>
			{m.say.teachDo}
		</Button>
	{/if}
	{#if phrase.status === 'doubted' && phrase.suggestions}
		<span class="ask">{m.say.mistyped}</span>
		{@render meantFor()}
	{/if}
	{#if others.length > 0}
		<div class="choice">
			<ComboBox
				size="sm"
				autoHighlight="first-match"
				hideLabel
				labelText={m.say.insteadOf(phrase.text)}
				placeholder={m.say.insteadOf(phrase.text)}
				items={others.map(({ value, label }) => ({ id: value, text: label }))}
				shouldFilterItem={(item, typed) => item.text.toLowerCase().includes(typed.toLowerCase())}
				on:select={({ detail }) => choose(String(detail.selectedId))}
			/>
		</div>
	{/if}
	<Button kind="ghost" size="small" on:click={() => onrewrite(withoutPhrase(reading.text, phrase))}>
		{m.say.takeOut}
	</Button>
	<Button kind="ghost" size="small" on:click={onclose}>{m.say.leave}</Button>
	{#if refused}<p role="alert">{m.say.refused}</p>{/if}
</div>

<style>
	div.panel {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem;
		padding: 0.5rem 0.75rem;
		font-size: var(--step-0);
	}
	.choice {
		width: 14rem;
	}
	p {
		flex-basis: 100%;
	}
</style>
