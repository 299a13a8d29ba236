<script lang="ts">
	import { Button, Checkbox } from 'carbon-components-svelte';
	import {
		colourDifferenceInWords,
		colourDispute,
		colourName,
		garmentInWords,
		shapeDisputes,
		type Element,
		type Id,
		type PhotoReading,
		type Reading
	} from '$lib/core';
	import SayLine from '../garment/SayLine.svelte';
	import Swatches from '../garment/Swatches.svelte';
	import { m } from '../messages';
	import type { ElementsMarked } from './elements-marked.svelte';

	interface Props {
		onPhoto: ElementsMarked;
		photo: Id;
		/** What is marked at present, as it was read; nothing is marked without. */
		reading: PhotoReading | undefined;
		takeColours: boolean;
	}
	let { onPhoto, photo, reading, takeColours = $bindable() }: Props = $props();

	let said = $state('');
	let saying = false;
	/** One Enter, one element; what was typed goes when it is kept, and what was typed on meanwhile stays. */
	async function say(read: Reading) {
		if (saying) return;
		saying = true;
		const line = said;
		const kept = await onPhoto.say(read);
		saying = false;
		if (kept && said.startsWith(line)) said = said.slice(line.length).trimStart();
	}
	const isMarked = ({ regions = [] }: Element) => regions.some((region) => region.photo === photo);
	/** Where the measured shape is not as it was said: of the element that is looked at, and of those whose colour agrees. */
	function shapeVerdict(element: Element): string {
		const isLikely = element === onPhoto.shown || verdict(element) === m.photos.agrees;
		return isLikely
			? shapeDisputes(element.garment, onPhoto.shapeOf(element))
					.map(({ facet, said, measured }) => m.photos.saidShape(facet, said, measured))
					.join('; ')
			: '';
	}
	/** What the measured colours say of an element: of the one that is looked at where they differ, of others where they agree. */
	function verdict(element: Element): string {
		if (!reading || element.garment.palette.length === 0) return '';
		const dispute = colourDispute(element.garment, reading);
		if (!dispute) return m.photos.agrees;
		return element === onPhoto.shown
			? m.photos.said(colourName(dispute.said), colourDifferenceInWords(dispute.said, dispute.measured))
			: '';
	}
</script>

<section aria-labelledby="what-title">
	<h2 id="what-title">{m.photos.whatIsIt}</h2>
	{#if reading}
		<SayLine
			bind:text={said}
			label={m.photos.thisIs}
			how={m.photos.thisIsHow}
			provenance="seen"
			onenter={(read) => void say(read)}
		/>
		<Checkbox labelText={m.photos.takeColours} bind:checked={takeColours} />
	{/if}
	<ul>
		{#each onPhoto.elements as element (element.id)}
			{@const words = garmentInWords(element.garment)}
			<li>
				<button
					type="button"
					disabled={!reading && !isMarked(element)}
					onclick={() => void (reading ? onPhoto.mark(element) : onPhoto.show(element))}
				>
					{#if reading}<span class="visually-hidden">{m.photos.keep}</span>{/if}
					<Swatches garment={element.garment} size={1.25} />
					<span
						>{words}
						{#if isMarked(element)}<span class="soft">{m.photos.placed}</span>{/if}
						{#each [verdict(element), shapeVerdict(element)].filter(Boolean) as words, i (i)}<span
								class="soft dispute">{words}</span
							>{/each}</span
					>
				</button>
				{#if element === onPhoto.shown}
					<Button size="small" kind="ghost" on:click={() => void onPhoto.unmark(element)}
						>{m.photos.unmark}</Button
					>
				{/if}
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
	}
	h2 {
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
		border-top: 1px solid var(--line);
	}
	li {
		border-bottom: 1px solid var(--line);
	}
	button {
		display: flex;
		align-items: center;
		gap: 0.6rem;
		width: 100%;
		min-height: 2.25rem;
		padding: 0.2rem 0.25rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	button:hover:enabled {
		background: var(--panel-sunk);
	}
	button:disabled {
		cursor: default;
	}
	.soft {
		font-size: var(--step--1);
	}
	.dispute {
		display: block;
	}
</style>
