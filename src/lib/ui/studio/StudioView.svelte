<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import { live } from '$lib/store/live.svelte';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { clearStudio, countStudio, readDemo, restoreDemo } from '$lib/store/studio';
	import Confirm from '../frame/Confirm.svelte';
	import Pending from '../frame/Pending.svelte';
	import { perform, SpokenError } from '../frame/perform';
	import { m } from '../messages';
	import BackupPanel from './BackupPanel.svelte';
	import { countsInWords } from './contents';
	import RestorePanel from './RestorePanel.svelte';
	import SettingsPanel from './SettingsPanel.svelte';
	import SharePanel from './SharePanel.svelte';
	import ListsPanel from '../lists/ListsPanel.svelte';
	import StoragePanel from './StoragePanel.svelte';

	const counts = live(() => () => countStudio());
	const settings = studioSettings();
	const here = $derived(counts.value ? countsInWords(counts.value) : '');
	let asking = $state<'clear' | 'demo' | undefined>();

	const clear = () =>
		perform(async () => {
			await clearStudio();
			await goto('/');
		});
	const demo = () =>
		perform(async () => {
			const read = await readDemo();
			if (!read.ok) throw new SpokenError(read.message);
			await restoreDemo(read.value);
			await goto('/');
		});
</script>

<div class="page">
	<div class="page-head"><h1>{m.studio.title}</h1></div>
	<Pending query={counts}>
		<p class="soft holds">{here}</p>
		<div class="parts">
			<BackupPanel />
			<RestorePanel {here} />
			<SharePanel />
			<ListsPanel />
			{#if settings.value}<SettingsPanel settings={settings.value} />{/if}
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
			<StoragePanel />
		</div>
	</Pending>
</div>
<Confirm
	bind:open={() => asking === 'clear', (open) => (asking = open ? 'clear' : undefined)}
	title={m.studio.clearAsk}
	text={m.studio.clearWarn(here)}
	action={m.studio.clearDo}
	onconfirm={clear}
/>
<Confirm
	bind:open={() => asking === 'demo', (open) => (asking = open ? 'demo' : undefined)}
	title={m.studio.demoAsk}
	text={m.studio.clearWarn(here)}
	action={m.studio.demoDo}
	onconfirm={demo}
/>

<style>
	.holds {
		margin: -0.75rem 0 1.25rem;
	}
	.parts {
		columns: 20rem;
		column-gap: 1rem;
	}
	.parts :global(> section) {
		margin-bottom: 1rem;
		break-inside: avoid;
	}
	.parts :global(section) {
		display: grid;
		gap: 0.75rem;
		align-content: start;
		justify-items: start;
	}
</style>
