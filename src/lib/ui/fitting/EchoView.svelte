<script lang="ts">
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import type { Snippet } from 'svelte';
	import type { OnTable } from './table.svelte';

	/** Looks up an echo with all that lies on its table, and hands it to what is inside. */
	let { echoId, children }: { echoId: string; children: Snippet<[OnTable]> } = $props();

	const found = live(() => {
		const id = echoId;
		return async (): Promise<{ onTable: OnTable | undefined }> => {
			const echo = await database.echoes.get(id);
			if (!echo) return { onTable: undefined };
			const [reference, client, pieces, settings] = await Promise.all([
				database.references.get(echo.referenceId),
				database.clients.get(echo.clientId),
				database.pieces.where('clientId').equals(echo.clientId).toArray(),
				database.settings.toCollection().first()
			]);
			if (!reference || !client) return { onTable: undefined };
			return { onTable: { echo, reference, client, pieces, currency: settings?.currency ?? 'GBP' } };
		};
	});
</script>

<Title of={found.value?.onTable?.echo.title ?? m.fitting.title} />
<Pending query={found}>
	{#if found.value?.onTable}
		{@render children(found.value.onTable)}
	{:else}
		<div class="page"><Missing back="/fitting" label={m.places.fitting} /></div>
	{/if}
</Pending>
