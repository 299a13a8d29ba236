<script lang="ts">
	import { dayInWords, doneKinds, type Done, type DoneKind } from '$lib/core';
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import SaveList from './SaveList.svelte';

	interface Props {
		done: readonly Done[];
		nameOfClient: (id: string) => string;
	}
	let { done, nameOfClient }: Props = $props();

	const few = 12;
	let all = $state(false);
	let kind = $state<DoneKind | undefined>();
	const kinds = $derived(doneKinds.filter((one) => done.some((deed) => deed.kind === one)));
	const found = $derived(done.filter((deed) => kind === undefined || deed.kind === kind));
	const names = (ids: readonly string[]) => ids.map(nameOfClient).join(', ');
	const words = ({ kind: of, how = '' }: Done) => ledgerTexts.doneHow[of](how);
</script>

<section class="panel" aria-labelledby="done-title">
	<div class="head">
		<h2 id="done-title">{ledgerTexts.done}</h2>
		<SaveList
			name={ledgerTexts.files.done}
			rows={found.map((deed) => ({
				on: deed.on,
				what: words(deed),
				of: deed.what,
				client: names(deed.clientIds)
			}))}
		/>
	</div>
	{#if done.length === 0}<p class="soft">{ledgerTexts.noneDone}</p>{:else}
		<Select
			size="sm"
			inline
			labelText={ledgerTexts.doneKind}
			selected={kind ?? ''}
			on:change={(event) => {
				const chosen = chosenIn(event);
				kind = doneKinds.find((one) => one === chosen);
			}}
		>
			<SelectItem value="" text={ledgerTexts.everything} />
			{#each kinds as one (one)}<SelectItem value={one} text={ledgerTexts.doneKinds[one]} />{/each}
		</Select>
		<ul class="lines">
			{#each all ? found : found.slice(0, few) as deed (deed.key)}
				<li>
					<span class="figures soft">{dayInWords(deed.on)}</span>
					<span
						>{words(deed)}:
						{#if deed.echoId}<a href="/fitting/{deed.echoId}">{deed.what}</a>{:else}{deed.what}{/if}
						<span class="soft">{names(deed.clientIds)}</span></span
					>
				</li>
			{/each}
		</ul>
		{#if found.length > few && !all}
			<button class="show-all" onclick={() => (all = true)}>{m.counts.showAll(found.length)}</button>
		{/if}
	{/if}
</section>

<style>
	.head {
		display: flex;
		align-items: center;
	}
	li {
		display: grid;
		grid-template-columns: 8.25rem minmax(0, 1fr);
		gap: 0.75rem;
		padding: 0.25rem 0;
	}
</style>
