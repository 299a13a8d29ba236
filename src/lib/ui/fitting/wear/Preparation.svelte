<script lang="ts">
	import { Button, Checkbox } from 'carbon-components-svelte';
	import { dayInWords, dueOn, freshWear, preparationOf, preparedIn, taskKinds } from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { tick } from '$lib/store/preparation';
	import { pieceIdsIn } from '$lib/store/worn';
	import { perform, performTold } from '../../frame/perform';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** What is to be done before the look is worn, and that it was. */
	let { table }: { table: FittingTable } = $props();
	const echo = $derived(table.echo);
	const client = $derived(table.client);
	const event = $derived(table.event);

	const tasks = $derived(preparationOf(preparedIn(echo, table.pieces), client, event));
	/** The day of the event once it has come, else today. */
	const wornOn = $derived(event && event.date <= today() ? event.date : today());
	const noteWorn = () =>
		void performTold(m.fitting.wear.wore(echo.title), (writer) =>
			writer.create(
				'wears',
				freshWear({
					id: newId(),
					clientId: client.id,
					on: wornOn,
					pieceIds: [...pieceIdsIn([echo])],
					echoId: echo.id,
					...(event && { eventId: event.id })
				})
			)
		);
	const done = (key: string) => echo.prepared.some(({ task }) => task === key);
</script>

<section aria-label={m.fitting.wear.preparation}>
	<h3>{m.fitting.wear.preparation}</h3>
	<ul>
		{#each tasks as task (task.key)}
			<li>
				<Checkbox
					labelText="{taskKinds[task.kind].label}: {task.title}"
					checked={done(task.key)}
					on:check={({ detail }) => {
						if (detail !== done(task.key))
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
				<span class="soft how"
					>{event ? dayInWords(dueOn(task, event), 'with-weekday') : m.fitting.wear.before(task.daysBefore)} · {task.how}</span
				>
			</li>
		{/each}
	</ul>
	<p class="soft small">{m.fitting.wear.careNote}</p>
	<Button size="small" kind="tertiary" on:click={noteWorn}>{m.fitting.wear.noteWorn}</Button>
</section>

<style>
	ul {
		list-style: none;
		display: grid;
		gap: 0.5rem;
	}
	section {
		display: grid;
		gap: 0.4rem;
		padding: 0.75rem;
		font-size: var(--step-0);
	}
	h3 {
		font-size: var(--step-0);
	}
	.how {
		display: block;
		padding-left: 1.6rem;
		font-size: var(--step--1);
	}
	.small {
		font-size: var(--step--1);
	}
</style>
