<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
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
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.references.title}</h1>
		<Button icon={Add} on:click={() => (adding = true)}>{m.references.add}</Button>
	</div>
	<Pending query={references}>
		{#if references.value?.length === 0}<p class="panel">{m.references.empty}</p>{/if}
		<ul class="grid">
			{#each references.value ?? [] as reference (reference.id)}
				<li>
					<a class="panel panel-link" href="/references/{reference.id}">
						<span class="plate"><PlateFigure look={referenceLook(reference)} title="" /></span>
						<span>
							<h2>{reference.title}</h2>
							<span class="soft">{m.references.kinds[reference.kind]}</span><br />
							<span class="soft">{m.counts.elements(reference.elements.length)}</span>
						</span>
					</a>
				</li>
			{/each}
		</ul>
	</Pending>
</div>
<ReferenceForm bind:open={adding} onsaved={(id) => void goto(`/references/${id}`)} />

<style>
	.plate {
		width: 7.5rem;
		height: 15rem;
		flex: none;
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
	}
</style>
