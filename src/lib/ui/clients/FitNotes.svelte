<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { dayInWords, sizedThings, tightSpots, type Client, type FitNote } from '$lib/core';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import FitNoteForm from './FitNoteForm.svelte';

	interface Props {
		client: Client;
		/** The latest first. */
		notes: readonly FitNote[];
	}
	let { client, notes }: Props = $props();

	let adding = $state(false);
	const few = 4;
	let all = $state(false);

	const words = ({ of, verdict, tight, loose, kept }: FitNote) =>
		[
			sizedThings[of],
			m.fit.verdicts[verdict],
			tight.length > 0 && m.fit.tightAt(tight.map((spot) => tightSpots[spot]).join(', ')),
			loose.length > 0 && m.fit.looseAt(loose.map((spot) => tightSpots[spot]).join(', ')),
			kept ? m.fit.wasKept : m.fit.wentBack
		]
			.filter(Boolean)
			.join(' · ');

	async function remove(note: FitNote) {
		const gone = await performTold(m.did.deleted(`${note.shop} ${note.label}`), (writer) =>
			writer.remove('fitNotes', note.id)
		);
		if (gone) await focusOn('#fit-title');
	}
</script>

<section aria-labelledby="fit-title">
	<div class="page-head">
		<h2 id="fit-title" tabindex="-1">{m.fit.title}</h2>
		<Button kind="tertiary" size="small" icon={Add} on:click={() => (adding = true)}>{m.fit.add}</Button>
	</div>
	<p class="soft">{m.fit.intro}</p>
	<ul>
		{#each all ? notes : notes.slice(0, few) as note (note.id)}
			<li>
				<span><strong>{note.shop} {note.label}</strong> {words(note)}</span>
				<span class="soft">{dayInWords(note.on)}</span>
				<Button
					kind="ghost"
					size="small"
					icon={TrashCan}
					iconDescription="{m.remove}: {note.shop} {note.label}"
					tooltipPosition="left"
					on:click={() => void remove(note)}
				/>
			</li>
		{/each}
	</ul>
	{#if notes.length > few && !all}
		<Button kind="ghost" size="small" on:click={() => (all = true)}>{m.counts.showAll(notes.length)}</Button>
	{/if}
</section>
<FitNoteForm bind:open={adding} clientId={client.id} />

<style>
	section {
		margin-bottom: 2rem;
	}
	h2 {
		margin-right: auto;
	}
	.page-head {
		margin-bottom: 0.25rem;
	}
	p {
		margin-bottom: 0.5rem;
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 0.25rem 1rem;
		align-items: center;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
</style>
