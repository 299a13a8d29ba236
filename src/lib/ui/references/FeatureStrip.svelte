<script lang="ts">
	import { aspectLabel, aspectValueInWords, statedAspects, type AspectId, type Element } from '$lib/core';
	import { m } from '../messages';

	/** What an element states, feature by feature: which makes it (signature), which may be anything (open). */
	interface Props {
		element: Element;
		/** A change to the element as it is stored. */
		onchange: (update: (stored: Element) => Element) => void;
	}
	let { element, onchange }: Props = $props();

	const aspects = $derived(statedAspects(element.garment));
	const toggled = (list: AspectId[], aspect: AspectId) =>
		list.includes(aspect) ? list.filter((other) => other !== aspect) : [...list, aspect];
	const without = (list: AspectId[], aspect: AspectId) => list.filter((other) => other !== aspect);

	const toggleSignature = (aspect: AspectId) =>
		onchange((stored) => ({
			...stored,
			signature: toggled(stored.signature, aspect),
			open: without(stored.open, aspect)
		}));
	const toggleOpen = (aspect: AspectId) =>
		onchange((stored) => ({
			...stored,
			open: toggled(stored.open, aspect),
			signature: without(stored.signature, aspect)
		}));

	function onkeydown(event: KeyboardEvent, aspect: AspectId) {
		const beside = { ArrowRight: 'nextElementSibling', ArrowLeft: 'previousElementSibling' } as const;
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
			event.preventDefault();
			const other = (event.currentTarget as HTMLElement).parentElement?.[beside[event.key]];
			other?.querySelector('button')?.focus();
		} else if (event.key.toLowerCase() === 's') toggleSignature(aspect);
		else if (event.key.toLowerCase() === 'o') toggleOpen(aspect);
	}
	const stateOf = (aspect: AspectId) =>
		element.signature.includes(aspect)
			? m.references.isSignature
			: element.open.includes(aspect)
				? m.references.isOpen
				: '';
</script>

<ul aria-label={m.references.features}>
	{#each aspects as aspect, i (aspect)}
		{@const label = aspectLabel(aspect)}
		{@const state = stateOf(aspect)}
		<li class:signature={state === m.references.isSignature} class:open={state === m.references.isOpen}>
			<button
				type="button"
				class="feature"
				tabindex={i === 0 ? 0 : -1}
				aria-label={m.references.feature(label, aspectValueInWords(element.garment, aspect) ?? '', state)}
				onkeydown={(event) => onkeydown(event, aspect)}
				onclick={() => toggleSignature(aspect)}
			>
				<span class="label">{label}</span>
				{aspectValueInWords(element.garment, aspect)}
			</button>
			<span class="marks">
				<button
					type="button"
					tabindex="-1"
					aria-pressed={state === m.references.isSignature}
					aria-label={m.references.markSignature(label)}
					title={m.references.signatureHint}
					onclick={() => toggleSignature(aspect)}>S</button
				>
				<button
					type="button"
					tabindex="-1"
					aria-pressed={state === m.references.isOpen}
					aria-label={m.references.markOpen(label)}
					title={m.references.openHint}
					onclick={() => toggleOpen(aspect)}>O</button
				>
			</span>
		</li>
	{/each}
</ul>

<style>
	ul {
		display: flex;
		flex: 1;
		flex-wrap: wrap;
		gap: 0.35rem;
		list-style: none;
	}
	li {
		display: flex;
		border: 1px solid var(--line);
		background: var(--panel);
	}
	li.signature {
		border-color: var(--ink);
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	li.open {
		border-style: dashed;
		color: var(--ink-soft);
	}
	button {
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	.feature {
		display: grid;
		padding: 0.2rem 0.5rem;
	}
	.label {
		color: var(--ink-soft);
		font-size: var(--step--1);
	}
	.marks {
		display: grid;
		border-left: 1px solid var(--line);
	}
	.marks button {
		min-width: 1.5rem;
		min-height: 1.5rem;
		font-size: var(--step--1);
		text-align: center;
	}
	.marks button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--panel);
	}
</style>
