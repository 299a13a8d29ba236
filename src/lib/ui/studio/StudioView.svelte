<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button, FileUploaderButton, InlineNotification, ProgressBar } from 'carbon-components-svelte';
	import { methodVersion, schemaVersion, type StudioDocument } from '$lib/core';
	import { live } from '$lib/store/live.svelte';
	import {
		backUpStudio,
		clearStudio,
		readDemo,
		readBackup,
		readStudio,
		restoreBackup
	} from '$lib/store/studio';
	import Confirm from '../frame/Confirm.svelte';
	import { notices } from '../frame/notices.svelte';
	import Pending from '../frame/Pending.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import { contentsInWords } from './contents';
	import { download } from './download';

	const studio = live(() => () => readStudio());
	const here = $derived(studio.value ? contentsInWords(studio.value) : '');

	let packed = $state<number | undefined>();
	let reading = $state(false);
	let read = $state.raw<{ name: string; document: StudioDocument } | undefined>();
	let refusal = $state.raw<{ message: string; problems: string[] } | undefined>();
	let asking = $state<'restore' | 'clear' | 'demo' | undefined>();

	async function backUp() {
		packed = 0;
		await perform(async () => {
			const { blob, name } = await backUpStudio((share) => (packed = share));
			download(blob, name);
			notices.show({ kind: 'info', title: m.studio.packed(name) });
		});
		packed = undefined;
	}
	async function choose(files: readonly File[]) {
		const [file] = files;
		if (!file) return;
		refusal = undefined;
		reading = true;
		const result = await readBackup(file);
		reading = false;
		if (!result.ok) {
			refusal = result;
			return;
		}
		read = { name: file.name, document: result.value };
		asking = 'restore';
	}
	const restore = () =>
		perform(async () => {
			if (!read) return;
			await restoreBackup(read.document);
			notices.show({ kind: 'info', title: m.studio.restored(contentsInWords(read.document)) });
		});
	const clear = () =>
		perform(async () => {
			await clearStudio();
			await goto('/');
		});
	const demo = () =>
		perform(async () => {
			const read = await readDemo();
			if (!read.ok) throw new Error(read.message);
			await restoreBackup(read.value);
			await goto('/');
		});
</script>

<div class="page">
	<div class="page-head"><h1>{m.studio.title}</h1></div>
	<Pending query={studio}>
		<p class="soft holds">{here}</p>
		<div class="parts">
			<section class="panel">
				<h2>{m.studio.backup}</h2>
				<p>{m.studio.backupText}</p>
				{#if packed !== undefined}
					<ProgressBar size="sm" labelText={m.studio.packing} value={packed} max={1} />
				{:else}
					<Button size="small" on:click={backUp}>{m.studio.makeBackup}</Button>
				{/if}
			</section>
			<section class="panel">
				<h2>{m.studio.restore}</h2>
				<p>{m.studio.restoreText}</p>
				{#if reading}
					<ProgressBar size="sm" labelText={m.studio.reading} />
				{:else}
					{#key read}
						<FileUploaderButton
							size="small"
							kind="tertiary"
							disableLabelChanges
							labelText={m.studio.choose}
							accept={['.zip']}
							on:change={({ detail }) => void choose(detail)}
						/>
					{/key}
				{/if}
				{#if refusal}
					<InlineNotification
						lowContrast
						kind="error"
						title={m.studio.refused}
						on:close={() => (refusal = undefined)}
					>
						<svelte:fragment slot="subtitleChildren">
							{refusal.message}
							{#each refusal.problems as problem (problem)}<br />{problem}{/each}
						</svelte:fragment>
					</InlineNotification>
				{/if}
			</section>
			<section class="panel">
				<h2>{m.studio.demo}</h2>
				<p>{m.studio.demoText}</p>
				<Button size="small" kind="tertiary" on:click={() => (asking = 'demo')}>{m.studio.demoDo}</Button>
			</section>
			<section class="panel">
				<h2>{m.studio.clear}</h2>
				<p>{m.studio.clearText}</p>
				<Button size="small" kind="danger-tertiary" on:click={() => (asking = 'clear')}
					>{m.studio.clearDo}</Button
				>
			</section>
			<section class="panel">
				<h2>{m.studio.about}</h2>
				<p>{m.studio.aboutText}</p>
				<p class="soft figures">{m.studio.versions(String(schemaVersion), methodVersion)}</p>
			</section>
		</div>
	</Pending>
</div>
<Confirm
	bind:open={() => asking === 'restore', (open) => (asking = open ? 'restore' : undefined)}
	title={m.studio.restoreAsk}
	text={read ? m.studio.restoreWhat(read.name, contentsInWords(read.document), here) : ''}
	action={m.studio.restoreDo}
	onconfirm={() => void restore()}
/>
<Confirm
	bind:open={() => asking === 'clear', (open) => (asking = open ? 'clear' : undefined)}
	title={m.studio.clearAsk}
	text={m.studio.clearWarn(here)}
	action={m.studio.clearDo}
	onconfirm={() => void clear()}
/>
<Confirm
	bind:open={() => asking === 'demo', (open) => (asking = open ? 'demo' : undefined)}
	title={m.studio.demoAsk}
	text={m.studio.clearWarn(here)}
	action={m.studio.demoDo}
	onconfirm={() => void demo()}
/>

<style>
	.holds {
		margin: -0.75rem 0 1.25rem;
	}
	.parts {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(19rem, 1fr));
		gap: 1rem;
	}
	section {
		display: grid;
		gap: 0.75rem;
		align-content: start;
		justify-items: start;
	}
</style>
