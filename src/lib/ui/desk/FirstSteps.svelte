<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	/** Three steps to a first look, until all are done or they are left. */
	const state = live(() => async () => ({
		isLeft: (await database.device.get('steps-left')) !== undefined,
		client: (await database.pieces.count()) > 0,
		reference: (await database.references.count()) > 0,
		echo: (await database.echoes.count()) > 0
	}));
	const steps = [
		{ id: 'client', href: '/clients' },
		{ id: 'reference', href: '/references' },
		{ id: 'echo', href: '/fitting' }
	] as const;
	const how = {
		client: m.help.steps.clientHow,
		reference: m.help.steps.referenceHow,
		echo: m.help.steps.echoHow
	};
	const isShown = $derived(state.value && !state.value.isLeft && !steps.every(({ id }) => state.value?.[id]));
	const leave = () =>
		perform(async () => {
			await database.device.put({ key: 'steps-left', value: 'left' });
			notices.show({ kind: 'info', title: m.help.steps.left });
		});
</script>

{#if isShown && state.value}
	<section class="panel" aria-labelledby="steps-title">
		<div class="head">
			<h2 id="steps-title">{m.help.steps.title}</h2>
			<a href="/help">{m.help.open}</a>
			<Button size="small" kind="ghost" on:click={() => void leave()}>{m.help.steps.leave}</Button>
		</div>
		<ol>
			{#each steps as { id, href } (id)}
				<li class:done={state.value[id]}>
					<a {href}>{m.help.steps[id]}</a>
					<span class="soft">{state.value[id] ? m.help.steps.done : how[id]}</span>
				</li>
			{/each}
		</ol>
	</section>
{/if}

<style>
	section {
		margin-bottom: 1.5rem;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1rem;
		align-items: center;
	}
	h2 {
		margin-right: auto;
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
		gap: 1rem;
		margin-top: 0.5rem;
		padding-left: 1.25rem;
	}
	li > * {
		display: block;
	}
	.done a {
		text-decoration: line-through;
	}
</style>
