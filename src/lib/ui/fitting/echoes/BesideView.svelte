<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import {
		bandOf,
		garmentName,
		inOrder,
		moneyInWords,
		referenceLook,
		resolveItem,
		versionNow,
		wornLook,
		type PlateSide,
		type Posture,
		type Version
	} from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { dropVersion, wearVersion } from '$lib/store/versions';
	import { focusOn } from '../../frame/focus';
	import Pending from '../../frame/Pending.svelte';
	import { performTold } from '../../frame/perform';
	import { m } from '../../messages';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import PosturePlate from '../../plate/PosturePlate.svelte';
	import TurnPlate from '../../plate/TurnPlate.svelte';
	import type { OnTable } from '../table/table.svelte';
	import { answerIn, columnsOf, standingOf, type Column } from './beside';
	import VersionForm from './VersionForm.svelte';

	let { onTable }: { onTable: OnTable } = $props();

	const echoes = live(() => {
		const { clientId, referenceId } = onTable.echo;
		return async () =>
			(await database.echoes.where('clientId').equals(clientId).toArray())
				.filter((echo) => echo.referenceId === referenceId)
				.sort((a, b) => a.createdOn.localeCompare(b.createdOn) || a.title.localeCompare(b.title));
	});
	const all = $derived(columnsOf(onTable.echo, echoes.value ?? []));
	/** As many as can be told apart at a glance. */
	const most = 4;
	/** Chosen by hand; without a choice the first that there are. */
	let picked = $state.raw<readonly string[] | undefined>();
	const shown = $derived(picked ? all.filter(({ key }) => picked?.includes(key)) : all.slice(0, most));
	const columns = $derived(shown.map((column) => ({ ...column, standing: standingOf(column, onTable) })));
	const elements = $derived(inOrder(onTable.reference.elements));
	const lookOf = ({ worn }: Column) => wornLook(worn, (item) => resolveItem(item, onTable.pieces)?.garment);
	let keeping = $state(false);
	let from = $state<PlateSide>('front');
	let posture = $state<Posture>('standing');

	function pick(key: string) {
		const now = shown.map((column) => column.key);
		picked = now.includes(key) ? now.filter((other) => other !== key) : [...now, key].slice(-most);
	}
	/** What is worn now is kept, where it is in no version: going back loses nothing. */
	const isKept = $derived(versionNow(onTable.echo) !== undefined);
	async function wear({ id, name }: Version) {
		const going = wearVersion(onTable.echo.id, id, isKept ? undefined : m.fitting.versions.before(name));
		// The button goes with what it did.
		if (await performTold(m.did.wentBackTo(name), going)) await focusOn('h1');
	}
	async function drop({ id, name }: Version) {
		if (await performTold(m.did.deleted(name), dropVersion(onTable.echo.id, id))) await focusOn('h1');
	}
	/** Do the columns answer an element in different ways? */
	const differs = (answers: readonly string[]) => new Set(answers).size > 1;
</script>

<div class="page">
	<div class="page-head">
		<h1 tabindex="-1">{m.fitting.besideTitle(onTable.reference.title, onTable.client.name)}</h1>
		<a href="/fitting/{onTable.echo.id}">{m.fitting.backToTable}</a>
		<Button size="small" kind="tertiary" on:click={() => (keeping = true)}>{m.fitting.versions.keep}</Button>
	</div>
	<Pending query={echoes}>
		{#if all.length < 2}<p class="soft only">{m.fitting.besideOne}</p>{/if}
		{#if all.length > 2}
			<div class="row pick" role="group" aria-label={m.fitting.versions.which(most)}>
				{#each all as { key, title } (key)}
					<button aria-pressed={shown.some((column) => column.key === key)} onclick={() => pick(key)}
						>{title}</button
					>
				{/each}
			</div>
		{/if}
		<div class="scroll" role="region" aria-label={m.fitting.beside} tabindex="-1">
			<table>
				<thead>
					<tr>
						<td class="turn"><TurnPlate bind:from /> <PosturePlate bind:posture /></td>
						<th scope="col">
							<span class="plate"
								><PlateFigure
									look={referenceLook(onTable.reference)}
									body={onTable.client}
									title=""
									{from}
									{posture}
								/></span
							>
							{m.fitting.referencePlate}
						</th>
						{#each columns as column (column.key)}
							<th scope="col">
								<span class="plate"
									><PlateFigure look={lookOf(column)} body={onTable.client} title="" {from} {posture} /></span
								>
								{#if column.href}<a href={column.href}>{column.title}</a>{:else}{column.title}{/if}
								{#if column.version}
									<span class="soft">{m.fitting.versions.kinds[column.version.kind]}</span>
								{/if}
							</th>
						{/each}
					</tr>
				</thead>
				<tbody>
					<tr class="sum">
						<th scope="row">{m.fitting.score}</th>
						<td></td>
						{#each columns as { key, standing } (key)}
							<td
								><span class="number figures">{Math.round(standing.score.score)}</span>
								<span class="soft">{bandOf(standing.score.score).label}</span></td
							>
						{/each}
					</tr>
					<tr>
						<th scope="row">{m.fitting.check.title}</th>
						<td></td>
						{#each columns as { key, standing } (key)}
							<td>{m.fitting.versions.found(standing.faults, standing.praises)}</td>
						{/each}
					</tr>
					<tr>
						<th scope="row">{m.fitting.spend}</th>
						<td></td>
						{#each columns as { key, standing: { spend } } (key)}
							<td class="figures"
								>{spend.total.amountMinor === 0 ? m.fitting.nothingToBuy : moneyInWords(spend.total)}</td
							>
						{/each}
					</tr>
					<tr>
						<th scope="row">{m.fitting.versions.changed}</th>
						<td></td>
						{#each columns as { key, version, standing: { changed, isNow } } (key)}
							<td>
								{#each changed.on as title, i (i)}<span class="change">+ {title}</span>{/each}
								{#each changed.off as title, i (i)}<span class="change soft">− {title}</span>{/each}
								{#if version}
									<Button size="small" kind="ghost" disabled={isNow} on:click={() => void wear(version)}
										>{isNow ? m.fitting.versions.isNow : m.fitting.versions.wear}</Button
									>
									<Button size="small" kind="ghost" on:click={() => void drop(version)}
										>{m.fitting.versions.drop(version.name)}</Button
									>
								{/if}
							</td>
						{/each}
					</tr>
					{#each elements as element (element.id)}
						{@const answers = columns.map((column) => answerIn(column, element, onTable))}
						<tr>
							<th scope="row">{element.rank}</th>
							<td>{garmentName(element.garment)}</td>
							{#each columns as { key }, i (key)}
								<td class:apart={differs(answers)}>{answers[i]}</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	</Pending>
</div>
<VersionForm bind:open={keeping} echo={onTable.echo} />

<style>
	.pick,
	.only {
		margin-bottom: 0.75rem;
	}
	.pick button {
		min-height: 2rem;
		padding: 0 0.75rem;
		border: 1px solid var(--line);
		background: var(--panel);
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		cursor: pointer;
	}
	.pick button[aria-pressed='true'] {
		border-color: var(--ink);
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	.change {
		display: block;
	}
	td :global(.bx--btn--ghost) {
		padding-inline: 0.25rem;
	}
	.scroll {
		overflow-x: auto;
	}
	table {
		border-collapse: collapse;
		background: var(--panel);
		font-size: var(--step-0);
	}
	th,
	td {
		min-width: 9rem;
		max-width: 16rem;
		padding: 0.4rem 0.9rem;
		border-bottom: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		font-weight: 420;
	}
	tr > :first-child {
		min-width: 4rem;
		color: var(--ink-soft);
	}
	thead th {
		font-weight: 640;
	}
	.turn {
		vertical-align: bottom;
	}
	.plate {
		display: block;
		width: 11rem;
		height: 21rem;
		margin-bottom: 0.5rem;
	}
	.number {
		font-family: var(--display);
		font-size: var(--step-3);
		line-height: 1;
	}
	.apart {
		font-weight: 640;
	}
</style>
