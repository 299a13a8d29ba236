<script lang="ts">
	import { Button, TextInput } from 'carbon-components-svelte';
	import { readLook, type Provenance, type Reading, type ReadOptions } from '$lib/core';
	import { studioWords } from '$lib/store/settings.svelte';
	import { m } from '../messages';
	import Gloss from './Gloss.svelte';
	import PhraseEditor from './PhraseEditor.svelte';

	interface Props {
		text: string;
		label: string;
		/** How the stylist comes by what is said here. */
		provenance: Provenance;
		/** Whose things are said: what "nude" means. */
		skin?: ReadOptions['skin'];
		/** The reading, each time the line changes. */
		onread?: (reading: Reading) => void;
		/** Enter was pressed, or the button; without it, Enter is left to the form around. */
		onenter?: (reading: Reading) => void;
	}
	let { text = $bindable(''), label, provenance, skin, onread, onenter }: Props = $props();

	const uid = $props.id();
	const words = studioWords();
	const options = $derived({ words: words.value, provenance, skin });
	const reading = $derived(readLook(text, options));
	const strange = $derived(reading.phrases.filter(({ status }) => status === 'unknown'));
	const hopeless = $derived(text.trim() !== '' && reading.elements.length === 0);
	/** Index of the phrase that is being put right. */
	let editing = $state<number | undefined>();
	const edited = $derived(editing === undefined ? undefined : reading.phrases[editing]);

	$effect(() => onread?.(reading));

	function rewrite(next: string) {
		text = next;
		editing = undefined;
		document.getElementById(uid)?.focus();
	}
	function enter(event: KeyboardEvent) {
		if (event.key !== 'Enter' || !onenter) return;
		event.preventDefault();
		if (reading.elements.length > 0) onenter(reading);
	}
	/** A pasted paragraph keeps its lines apart, though the field has only one. */
	function paste(event: ClipboardEvent) {
		const pasted = event.clipboardData?.getData('text') ?? '';
		if (!/\n/.test(pasted)) return;
		event.preventDefault();
		const field = event.target as HTMLInputElement;
		const [from, to] = [field.selectionStart ?? text.length, field.selectionEnd ?? text.length];
		const line = pasted.trim().replace(/[.;,]?\s*\n\s*/g, '; ');
		text = text.slice(0, from) + line + text.slice(to);
	}
</script>

<div class="say">
	<div class="line">
		<TextInput
			id={uid}
			labelText={label}
			placeholder={m.say.placeholder}
			autocomplete="off"
			bind:value={text}
			on:keydown={enter}
			on:paste={paste}
		/>
		{#if onenter}
			<Button size="field" disabled={reading.elements.length === 0} on:click={() => onenter(reading)}>
				{m.say.add(reading.elements.length)}
			</Button>
		{/if}
	</div>
	{#if text.trim() === ''}
		<p class="soft">{m.say.how}</p>
	{:else}
		<Gloss {reading} {editing} onedit={(at) => (editing = editing === at ? undefined : at)} />
		{#if editing !== undefined && edited}
			{#key `${editing} ${text}`}
				<PhraseEditor
					{reading}
					phrase={edited}
					question={reading.questions.find(({ phrase }) => phrase === editing)}
					{options}
					onrewrite={rewrite}
					onclose={() => rewrite(text)}
				/>
			{/key}
		{/if}
		<p class="soft" aria-live="polite">
			{#if hopeless}{m.say.hopeless}{:else}{m.say.understood(
					reading.elements.length,
					strange.length,
					reading.questions.length
				)}{/if}
		</p>
	{/if}
</div>

<style>
	.say {
		display: grid;
		gap: 0.5rem;
	}
	.line {
		display: flex;
		align-items: end;
		gap: 0.5rem;
	}
	.soft {
		font-size: var(--step--1);
	}
</style>
