<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import type { Reference } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { referenceLook } from '../fitting/looks';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import ReferenceForm from './ReferenceForm.svelte';

	const references = live(
		() => async () => (await database.references.toArray()).sort((a, b) => a.title.localeCompare(b.title))
	);
	let adding = $state(false);

	/** Each board with its references; a reference on two boards is in both, one on none comes last. */
	const boards = $derived.by((): [string, Reference[]][] => {
		const all = references.value ?? [];
		const names = [...new Set(all.flatMap((reference) => reference.boards))].sort((a, b) =>
			a.localeCompare(b)
		);
		const sections = names.map((name): [string, Reference[]] => [
			name,
			all.filter((reference) => reference.boards.includes(name))
		]);
		const loose = all.filter((reference) => reference.boards.length === 0);
		return loose.length > 0 ? [...sections, [m.references.noBoard, loose]] : sections;
	});
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.references.title}</h1>
		<Button icon={Add} on:click={() => (adding = true)}>{m.references.add}</Button>
	</div>
	<Pending query={references}>
		{#if references.value?.length === 0}<p class="panel">{m.references.empty}</p>{/if}
		{#each boards as [board, onBoard] (board)}
			<section aria-label={board}>
				<h2>{board} <span class="soft figures">{onBoard.length}</span></h2>
				<ul class="grid">
					{#each onBoard as reference (reference.id)}
						<li>
							<a class="panel panel-link" href="/references/{reference.id}">
								<span class="plate"><PlateFigure look={referenceLook(reference)} title="" /></span>
								<span>
									<h3>{reference.title}</h3>
									<span class="soft">{m.references.kinds[reference.kind]}</span><br />
									<span class="soft">{m.counts.elements(reference.elements.length)}</span>
								</span>
							</a>
						</li>
					{/each}
				</ul>
			</section>
		{/each}
	</Pending>
</div>
<ReferenceForm bind:open={adding} onsaved={(id) => void goto(`/references/${id}`)} />

<style>
	.plate {
		width: 6rem;
		height: 12rem;
		flex: none;
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
	}
	section {
		margin-bottom: 1.75rem;
	}
	h2 {
		margin-bottom: 0.5rem;
	}
</style>
