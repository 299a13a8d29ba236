<script lang="ts">
	import { Checkbox } from 'carbon-components-svelte';
	import { dayInWords, daysBetween, taskKinds } from '$lib/core';
	import { tick } from '$lib/store/preparation';
	import { today } from '$lib/store/clock';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import type { Due } from './due';

	/** What is due, the earliest first. */
	let { due }: { due: readonly Due[] } = $props();

	const few = 5;
	let all = $state(false);
	const shown = $derived(all ? due : due.slice(0, few));
	const late = (day: string) => day < today();
</script>

<ol class="lines">
	{#each shown as { echo, event, task, day, done } (`${echo.id} ${task.key}`)}
		<li class:late={late(day)}>
			<Checkbox
				labelText="{taskKinds[task.kind].label}: {task.title}"
				checked={done}
				on:check={({ detail }) => {
					if (detail !== done)
						void perform(() =>
							tick(
								m.did.prepared(`${taskKinds[task.kind].label}, ${task.title}`, detail),
								echo.id,
								task.key,
								detail
							)
						);
				}}
			/>
			<span class="soft when figures" title={task.how}
				>{dayInWords(day, 'with-weekday')} · {m.events.facts.inDays(daysBetween(today(), day))} ·
				<a href="/fitting/{echo.id}">{event.title}</a></span
			>
		</li>
	{/each}
</ol>
{#if due.length > few && !all}
	<button class="show-all" onclick={() => (all = true)}>{m.counts.showAll(due.length)}</button>
{/if}

<style>
	li {
		padding: 0.2rem 0;
	}
	.when {
		display: block;
		padding-left: 1.6rem;
		font-size: var(--step--1);
	}
	.late .when {
		color: var(--warn);
	}
</style>
