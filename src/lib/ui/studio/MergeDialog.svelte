<script lang="ts">
	import { Checkbox, Modal } from 'carbon-components-svelte';
	import type { MergeRow } from '$lib/core';
	import { mergeIn } from '$lib/store/studio';
	import type { OpenedBackup } from '$lib/workers/archive';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	interface Props {
		opened: OpenedBackup;
		rows: readonly MergeRow[];
		/** Why it is read in, where something else was asked for. */
		lead?: string;
		onclose: () => void;
	}
	let { opened, rows, lead, onclose }: Props = $props();

	const keyOf = ({ table, id }: MergeRow) => `${table} ${id}`;
	// Looks and references first, then what they are made of.
	const fresh = $derived(rows.filter(({ state }) => state === 'new').toReversed());
	const differing = $derived(rows.filter(({ state }) => state === 'differs'));
	const same = $derived(rows.length - fresh.length - differing.length);
	let replaced = $state.raw<readonly string[]>([]);
	const taken = $derived([...fresh, ...differing.filter((row) => replaced.includes(keyOf(row)))]);
	const named = ({ table, title }: MergeRow) => `${title} (${m.studio.share.tables[table] ?? table})`;
	/** As many new records as are named; the rest is counted. */
	const most = 12;
	let working = $state(false);

	async function take() {
		if (working) return;
		working = true;
		const label = m.studio.share.took(taken.length);
		const done = await perform(() => mergeIn(label, opened, taken));
		working = false;
		if (!done) return;
		notices.show({ kind: 'info', title: label });
		onclose();
	}
</script>

<Modal
	open
	size="sm"
	modalHeading={m.studio.share.ask}
	primaryButtonText={m.studio.share.take}
	primaryButtonDisabled={taken.length === 0}
	primaryButtonLoading={working}
	secondaryButtonText={m.cancel}
	on:click:button--secondary={onclose}
	on:close={onclose}
	on:submit={() => void take()}
>
	{#if lead}<p>{lead}</p>{/if}
	{#if same > 0}<p class="soft">{m.studio.share.same(same)}</p>{/if}
	{#if fresh.length === 0 && differing.length === 0}<p>{m.studio.share.nothingNew}</p>{/if}
	{#if fresh.length > 0}
		<h3>{m.studio.share.fresh} ({fresh.length})</h3>
		<ul>
			{#each fresh.slice(0, most) as row (keyOf(row))}<li>{named(row)}</li>{/each}
			{#if fresh.length > most}<li class="soft">+{fresh.length - most}</li>{/if}
		</ul>
	{/if}
	{#if differing.length > 0}
		<fieldset>
			<legend>{m.studio.share.differs}</legend>
			{#each differing as row (keyOf(row))}
				<Checkbox
					labelText={m.studio.share.differing(named(row), row.fields.join(', '))}
					checked={replaced.includes(keyOf(row))}
					on:check={({ detail }) => {
						const key = keyOf(row);
						if (detail !== replaced.includes(key))
							replaced = detail ? [...replaced, key] : replaced.filter((one) => one !== key);
					}}
				/>
			{/each}
		</fieldset>
	{/if}
</Modal>

<style>
	h3,
	legend {
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
</style>
