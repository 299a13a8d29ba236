<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { today } from '$lib/store/clock';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import { download } from '../studio/download';

	interface Props {
		/** What it is, in the file's name. */
		name: string;
		rows: readonly Record<string, string | number>[];
	}
	let { name, rows }: Props = $props();

	const save = (kind: 'csv' | 'json') =>
		perform(async () => {
			const file = `prime-echo-${name}-${today()}.${kind}`;
			if (kind === 'json')
				download(new Blob([JSON.stringify(rows, null, '\t')], { type: 'application/json' }), file);
			else {
				const { csvOf } = await import('$lib/core/table');
				download(new Blob([csvOf(rows)], { type: 'text/csv;charset=utf-8' }), file);
			}
			notices.show({ kind: 'info', title: ledgerTexts.saved(file) });
		});
</script>

<span class="save no-print">
	<Button size="small" kind="ghost" on:click={() => void save('csv')}
		>{ledgerTexts.csv}<span class="visually-hidden"> ({name})</span></Button
	>
	<Button size="small" kind="ghost" on:click={() => void save('json')}
		>{ledgerTexts.json}<span class="visually-hidden"> ({name})</span></Button
	>
</span>

<style>
	.save {
		display: inline-flex;
		margin-left: auto;
	}
	.save :global(.bx--btn) {
		padding: 0 0.6rem;
	}
</style>
