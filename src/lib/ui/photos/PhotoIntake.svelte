<script lang="ts">
	import { Button, FileUploaderButton, ProgressBar } from 'carbon-components-svelte';
	import { isTyping } from '../frame/keys';
	import { m } from '../messages';
	import type { PhotoIntake } from './intake.svelte';

	let { intake }: { intake: PhotoIntake } = $props();

	let over = $state(false);
	let chosen = $state(0);
	const pictures = (files: Iterable<File> | ArrayLike<File> | null | undefined) => [
		...Array.from(files ?? [])
	];
	function choose(files: readonly File[]) {
		// The button is made anew, so that the same file can be chosen again.
		chosen++;
		void intake.take(files);
	}
	function paste(event: ClipboardEvent) {
		const files = pictures(event.clipboardData?.files);
		if (files.length === 0 || isTyping(event.target)) return;
		event.preventDefault();
		void intake.take(files);
	}
</script>

<svelte:window onpaste={paste} />
<div
	class="intake"
	class:over
	role="group"
	aria-label={m.photos.add}
	ondragover={(event) => {
		event.preventDefault();
		over = true;
	}}
	ondragleave={() => (over = false)}
	ondrop={(event) => {
		event.preventDefault();
		over = false;
		void intake.take(pictures(event.dataTransfer?.files));
	}}
>
	{#if intake.all > 0}
		<ProgressBar
			size="sm"
			value={intake.done}
			max={intake.all}
			labelText={m.photos.taking(intake.done, intake.all)}
		/>
		<Button size="small" kind="ghost" on:click={intake.cancel}>{m.photos.cancel}</Button>
	{:else}
		<div class="row">
			{#key chosen}
				<FileUploaderButton
					size="small"
					kind="tertiary"
					multiple
					disableLabelChanges
					labelText={m.photos.add}
					accept={['image/*']}
					on:change={({ detail }) => choose(detail)}
				/>
			{/key}
			<label class="camera">
				<input
					class="visually-hidden"
					type="file"
					accept="image/*"
					capture="environment"
					onchange={(event) => choose(pictures(event.currentTarget.files))}
				/>
				<span>{m.photos.camera}</span>
			</label>
			<span class="soft">{m.photos.drop}</span>
		</div>
	{/if}
	{#if intake.refused.length > 0}
		<div role="alert">
			<ul>
				{#each intake.refused as { name, problem }, i (i)}
					<li>{m.photos.refused(name, m.photos.problems[problem])}</li>
				{/each}
			</ul>
		</div>
	{/if}
</div>

<style>
	.intake {
		padding: 0.5rem;
		border: 1px dashed var(--line-strong);
	}
	.over {
		border-color: var(--accent);
		background: var(--accent-wash);
	}
	.row {
		align-items: center;
	}
	.camera {
		display: inline-grid;
		place-items: center;
		min-height: 2rem;
		padding: 0 0.75rem;
		font-size: var(--step-0);
		text-decoration: underline;
		text-underline-offset: 0.2em;
		cursor: pointer;
	}
	.camera:focus-within {
		outline: 2px solid var(--accent);
	}
	.soft {
		font-size: var(--step--1);
	}
	ul {
		margin-top: 0.5rem;
		list-style: none;
		color: var(--warn);
		font-size: var(--step-0);
	}
</style>
