<script lang="ts">
	import { FileUploaderButton, TextArea } from 'carbon-components-svelte';
	import { textOf } from '$lib/core';
	import { m } from '../messages';

	/** Where a table comes from: a file, or rows that are pasted. */
	interface Props {
		text: string;
		/** Kinds of files, as in ".csv". */
		accept: string[];
		onbegin: (text: string, file?: string) => void;
	}
	let { text, accept, onbegin }: Props = $props();

	let failed = $state('');
	/** Twenty megabytes: more than any table takes, and less than stops a page. */
	const mostBytes = 20 * 1024 * 1024;
	async function choose([file]: readonly File[]) {
		failed = '';
		if (!file) return;
		if (file.size > mostBytes) failed = m.table.tooLarge;
		else {
			const written = textOf(new Uint8Array(await file.arrayBuffer()));
			if (written === undefined) failed = m.table.unread;
			else if (written.trim() === '') failed = m.table.empty(file.name.slice(0, 60));
			else onbegin(written, file.name);
		}
	}
</script>

{#key text === ''}
	<FileUploaderButton
		size="small"
		kind="tertiary"
		disableLabelChanges
		labelText={m.table.choose}
		{accept}
		on:change={({ detail }) => void choose(detail)}
	/>
{/key}
{#if failed}<p role="alert" class="warn">{failed}</p>{/if}
<TextArea
	rows={4}
	labelText={m.table.paste}
	value={text}
	on:input={(event) => onbegin((event.target as HTMLTextAreaElement).value)}
/>

<style>
	.warn {
		color: var(--warn);
	}
</style>
