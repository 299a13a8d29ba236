<script lang="ts">
	import { Button, TextInput } from 'carbon-components-svelte';
	import { onMount } from 'svelte';
	import {
		prepareReading,
		readLook,
		readPieces,
		type PiecesReading,
		type Provenance,
		type Reading,
		type ReadOptions
	} from '$lib/core';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { teach } from '$lib/store/taught';
	import { afterPaint } from '../frame/after-paint';
	import { perform } from '../frame/perform';
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
		/** How it may be said, under the empty line. */
		how?: string;
		/** Facts of pieces are read too: size, price, how and when they came. The studio's currency, for prices. */
		facts?: string;
		/** The reading, each time the line changes. */
		onread?: (reading: Reading | PiecesReading) => void;
		/** Enter was pressed, or the button; without it, Enter is left to the form around. */
		onenter?: (reading: Reading) => void;
		/** The same where facts of pieces are read. */
		onenterpieces?: (reading: PiecesReading) => void;
	}
	let {
		text = $bindable(''),
		label,
		provenance,
		skin,
		how = m.say.how,
		facts,
		onread,
		onenter,
		onenterpieces
	}: Props = $props();

	const uid = $props.id();
	const settings = studioSettings();
	const taught = $derived(settings.value?.taught ?? []);
	const options = $derived({ words: settings.value?.words ?? 'uk', taught, provenance, skin });
	const pieces = $derived(facts === undefined ? undefined : readPieces(text, options, facts));
	const reading = $derived<Reading>(pieces ?? readLook(text, options));
	const takesEnter = $derived(onenter !== undefined || onenterpieces !== undefined);
	const strange = $derived(reading.phrases.filter(({ status }) => status === 'unknown'));
	/** Mistyped words that were taken for known ones. */
	const slips = $derived(
		reading.phrases.filter(({ status, suggestions }) => status === 'doubted' && suggestions)
	);
	const hopeless = $derived(text.trim() !== '' && reading.elements.length === 0);
	/** Index of the phrase that is being put right. */
	let editing = $state<number | undefined>();
	const edited = $derived(editing === undefined ? undefined : reading.phrases[editing]);

	$effect(() => onread?.(pieces ?? reading));
	// The line is seen first, and what it looks words up in is made before the first of them is typed.
	onMount(async () => {
		do await afterPaint();
		while (prepareReading());
	});

	function rewrite(next: string) {
		text = next;
		editing = undefined;
		document.getElementById(uid)?.focus();
	}
	function enter(event: KeyboardEvent) {
		if (event.key !== 'Enter' || !takesEnter) return;
		event.preventDefault();
		give();
	}
	function give() {
		if (reading.elements.length === 0) return;
		if (pieces) onenterpieces?.(pieces);
		else onenter?.(reading);
	}
	/** A word gets a meaning of the studio's own, and the line is read anew. */
	const learn = (word: string, means: string) => perform(() => teach(m.did.taught(word, means), word, means));
	/** How many things Enter would add. */
	const adds = $derived(
		pieces ? pieces.pieces.reduce((sum, { count }) => sum + count, 0) : reading.elements.length
	);
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
		{#if takesEnter}
			<Button size="field" disabled={reading.elements.length === 0} on:click={give}>
				{m.say.add(adds)}
			</Button>
		{/if}
	</div>
	{#if text.trim() === ''}
		<p class="soft">{how}</p>
	{:else}
		<Gloss {reading} {editing} onedit={(at) => (editing = editing === at ? undefined : at)} />
		{#if editing !== undefined && edited}
			{#key `${editing} ${text}`}
				<PhraseEditor
					{reading}
					phrase={edited}
					question={reading.questions.find(({ phrase }) => phrase === editing)}
					{options}
					onlearn={learn}
					onrewrite={rewrite}
					onclose={() => rewrite(text)}
				/>
			{/key}
		{/if}
		<p class="soft" aria-live="polite">
			{#if hopeless}{m.say.hopeless}{:else}{m.say.understood(
					reading.elements.length,
					strange.length - reading.things.length,
					reading.questions.length + reading.things.length,
					slips.length
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
