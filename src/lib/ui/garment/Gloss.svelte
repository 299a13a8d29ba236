<script lang="ts">
	import type { Reading, ReadPhrase } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		reading: Reading;
		/** Index of the phrase that is being put right. */
		editing: number | undefined;
		onedit: (at: number) => void;
	}
	let { reading, editing, onedit }: Props = $props();

	/** Where a new element begins, its number is shown. */
	const beginsAt = $derived(
		reading.elements.map((_, element) => reading.phrases.findIndex((phrase) => phrase.element === element))
	);
	const mark = ({ status }: ReadPhrase) => (status === 'unknown' ? '✕' : status === 'doubted' ? '?' : '');
</script>

<ol aria-label={m.say.gloss}>
	{#each reading.phrases as phrase, at (at)}
		{@const element = beginsAt.indexOf(at)}
		{#if element >= 0 && reading.elements.length > 1}
			<li class="number figures" aria-hidden="true">{element + 1}</li>
		{/if}
		<li>
			{#if phrase.status === 'idle'}
				<span class="idle" title={phrase.takenFor}>{phrase.text}</span>
			{:else}
				<button
					type="button"
					class={phrase.status}
					aria-expanded={editing === at}
					aria-label={m.say.phrase(phrase.text, phrase.takenFor)}
					onclick={() => onedit(at)}
				>
					<span class="said"
						>{phrase.text}{#if mark(phrase)}<sup>{mark(phrase)}</sup>{/if}</span
					>
					<span class="taken">{phrase.takenFor}</span>
				</button>
			{/if}
		</li>
	{/each}
</ol>

<style>
	ol {
		display: flex;
		flex-wrap: wrap;
		align-items: stretch;
		gap: 0.3rem;
		list-style: none;
	}
	li {
		display: flex;
	}
	button,
	.idle {
		display: grid;
		align-content: start;
		min-height: 2.75rem;
		padding: 0.25rem 0.5rem;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
	}
	button {
		border: 1px solid var(--line);
		background: var(--panel);
		color: inherit;
		cursor: pointer;
	}
	button[aria-expanded='true'] {
		border-color: var(--ink);
	}
	.taken,
	.idle {
		color: var(--ink-soft);
	}
	.taken {
		max-width: 16rem;
		font-size: var(--step--1);
	}
	.doubted {
		border-style: dashed;
		border-color: var(--line-strong);
	}
	.unknown {
		border-style: dashed;
		border-color: var(--warn);
	}
	.denied .said {
		text-decoration: line-through;
	}
	sup {
		margin-left: 0.2rem;
		font-weight: 640;
		line-height: 1;
	}
	.number {
		align-items: start;
		padding: 0.25rem 0.1rem 0 0.5rem;
		font-family: var(--display);
		font-size: var(--step-1);
	}
</style>
