<script lang="ts">
	import { Button, Checkbox } from 'carbon-components-svelte';
	import Printer from 'carbon-icons-svelte/lib/Printer.svelte';
	import { lookbookOf } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { live } from '$lib/store/live.svelte';
	import type { OnTable } from '../fitting/table/table.svelte';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import { download } from '../studio/download';
	import AnswerPanel from './AnswerPanel.svelte';
	import './book.css';
	import { bookFile, bookPages } from './book-html';
	import { otherLooks, picturesOf } from './looks';
	import { pngOf } from './png';

	let { onTable }: { onTable: OnTable } = $props();
	const { echo, reference, client, pieces, currency, rates, event } = $derived(onTable);

	/** Other looks of the client, and those that go into the book with this one. */
	const others = live(() => {
		const { clientId, id } = echo;
		return () => otherLooks(clientId, id);
	});
	let withIds = $state.raw<readonly string[]>([]);
	const take = (id: string, isIn: boolean) =>
		(withIds = isIn ? [...withIds, id] : withIds.filter((one) => one !== id));
	let asks = $state(false);
	const sources = $derived([
		{ echo, reference, event },
		...(others.value ?? []).filter((source) => withIds.includes(source.echo.id))
	]);
	const book = $derived(lookbookOf(sources, { client, pieces, currency, rates, today: today() }));
	const pictures = live(() => {
		const ids = sources.map((source) => source.echo.id);
		return () => picturesOf(ids);
	});
	const pages = $derived(bookPages(book, { pictures: pictures.value ?? {}, asks: false }));

	const nameFor = (what: string, kind: string) =>
		`${what
			.normalize('NFKD')
			.replaceAll(/[^\p{L}\p{N}]+/gu, '-')
			.replaceAll(/^-|-$/g, '')
			.slice(0, 60)}.${kind}`;
	function saved(blob: Blob, name: string) {
		download(blob, name);
		notices.show({ kind: 'info', title: m.lookbook.fileSaved(name) });
	}
	const saveFile = () =>
		perform(async () => {
			const of = await picturesOf(sources.map((source) => source.echo.id));
			const text = bookFile(book, { pictures: of, asks });
			const title = book.looks.length === 1 ? echo.title : m.lookbook.bookOf(client.name);
			saved(new Blob([text], { type: 'text/html;charset=utf-8' }), nameFor(title, 'html'));
		});
	const svg = $derived(book.looks.find(({ id }) => id === echo.id)?.plates.worn ?? '');
	const saveSvg = () => saved(new Blob([svg], { type: 'image/svg+xml' }), nameFor(echo.title, 'svg'));
	const savePng = () => perform(async () => saved(await pngOf(svg), nameFor(echo.title, 'png')));
</script>

<div class="page">
	<div class="tools no-print">
		<div class="row">
			<a href="/fitting/{echo.id}">{m.lookbook.back}</a>
			<Button size="small" icon={Printer} on:click={() => window.print()}>{m.lookbook.print}</Button>
			<Button size="small" kind="tertiary" on:click={() => void saveFile()}>{m.lookbook.file}</Button>
			<Button size="small" kind="ghost" on:click={saveSvg}>{m.lookbook.svg}</Button>
			<Button size="small" kind="ghost" on:click={() => void savePng()}>{m.lookbook.png}</Button>
		</div>
		<Checkbox labelText={m.lookbook.withForm} bind:checked={asks} />
		{#if (others.value ?? []).length > 0}
			<fieldset>
				<legend>{m.lookbook.withLooks}</legend>
				{#each others.value ?? [] as source (source.echo.id)}
					<Checkbox
						labelText={source.echo.title}
						checked={withIds.includes(source.echo.id)}
						on:check={({ detail }) => {
							if (detail !== withIds.includes(source.echo.id)) take(source.echo.id, detail);
						}}
					/>
				{/each}
			</fieldset>
		{/if}
		<AnswerPanel looks={sources.map((source) => source.echo)} {pieces} />
	</div>
	<!-- eslint-disable-next-line svelte/no-at-html-tags (the book's own renderer, which escapes every text; the file is made of the same) -->
	<article class="book">{@html pages}</article>
</div>

<style>
	.tools {
		display: grid;
		gap: 0.5rem;
		max-width: 58rem;
		margin: 0 auto 1.25rem;
	}
	.row {
		align-items: center;
	}
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
		align-items: center;
	}
	fieldset :global(.bx--form-item) {
		flex: none;
	}
	legend {
		float: left;
		font-size: var(--step-0);
	}
</style>
