<script lang="ts" generics="T extends object">
	import { Button, Modal } from 'carbon-components-svelte';
	import { tick, untrack, type Snippet } from 'svelte';
	import { StaleWriteError } from '$lib/store/journal';
	import { m } from '../messages';
	import Disputes from './Disputes.svelte';
	import type { FormDraft } from './form.svelte';
	import { perform } from './perform';

	interface Props {
		open: boolean;
		title: string;
		/** What is typed; it outlives a reload. */
		draft: FormDraft<T>;
		/** Default "Save". */
		saveLabel?: string;
		size?: 'sm' | 'lg';
		/** Selector of the field that gets the focus; default the first one. */
		focus?: string;
		/** Called each time the dialog opens, after the draft began. Later changes elsewhere do not call it again. */
		onopen?: () => void;
		/**
		 * Saves what was typed; resolves to false when something in it is not right yet, and rejects when it was not saved.
		 * The dialog closes only after it has been saved.
		 */
		onsave: () => Promise<boolean>;
		children: Snippet;
	}
	let {
		open = $bindable(false),
		title,
		draft,
		saveLabel = m.save,
		size,
		focus = 'input',
		onopen,
		onsave,
		children
	}: Props = $props();

	/** A form that was never opened is not built; a closing one stays until it has faded. */
	let built = $state(false);
	let saving = $state(false);
	let asking = $state(false);
	let form = $state<HTMLFormElement>();
	let opening = $state(0);

	$effect(() => {
		if (!open) return;
		// A dialog that comes to the page open looked for its first field before there was one.
		if (!untrack(() => built)) void tick().then(() => form?.querySelector<HTMLElement>(focus)?.focus());
		built = true;
		untrack(() => {
			opening++;
			asking = false;
			draft.open();
			onopen?.();
		});
	});

	/** What asks for a choice, or the first field that says something is wrong, brought into view. */
	async function showWrong() {
		await tick();
		const wrong = form?.querySelector<HTMLElement>('[data-disputed], [data-invalid], [aria-invalid="true"]');
		wrong?.scrollIntoView({ block: 'center' });
		// What is marked may be the frame round a field.
		(wrong?.querySelector<HTMLElement>('input, select, textarea') ?? wrong)?.focus();
	}

	async function save() {
		// One press, one record: a second Enter before the first is answered is the same press.
		if (saving) return;
		saving = true;
		let right = true;
		const saved = await perform(async () => {
			try {
				right = await onsave();
			} catch (error) {
				if (!(error instanceof StaleWriteError) || !error.stored) throw error;
				// Changed elsewhere: what does not touch is joined and saved, the rest is asked.
				right = draft.join(error.stored) && (await onsave());
			}
		});
		saving = false;
		if (saved && right) {
			draft.end();
			open = false;
		} else if (!right) await showWrong();
	}

	function leave(event?: Event) {
		if (draft.changed && !saving) {
			event?.preventDefault();
			asking = true;
			void tick().then(() => form?.querySelector<HTMLElement>('.ask button')?.focus());
		} else {
			draft.end();
			open = false;
		}
	}
	function discard() {
		draft.discard();
		draft.end();
		open = false;
	}

	/** A combo box keeps Escape to itself, even when its menu is closed; then it means the dialog. */
	function escape(event: KeyboardEvent) {
		if (event.key !== 'Escape') return;
		const closedCombo = (event.target as Element).matches('[role="combobox"][aria-expanded="false"]');
		if (asking) asking = false;
		else if (closedCombo) leave();
		else return;
		event.stopPropagation();
	}
</script>

<Modal
	bind:open
	hasForm
	shouldSubmitOnEnter={false}
	{size}
	modalHeading={title}
	primaryButtonText={saveLabel}
	primaryButtonLoading={saving}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus={focus}
	on:close={(event) => {
		if (event.detail.trigger !== 'programmatic') leave(event);
	}}
	on:click:button--secondary={() => leave()}
	on:submit={() => void save()}
>
	<form
		bind:this={form}
		onkeydowncapture={escape}
		onsubmit={(event) => {
			event.preventDefault();
			void save();
		}}
	>
		{#if asking}
			<div class="ask panel" role="alertdialog" aria-label={m.form.discardAsk}>
				<p>{m.form.discardAsk}</p>
				<Button size="small" kind="tertiary" on:click={() => (asking = false)}>{m.form.keep}</Button>
				<Button size="small" kind="danger-tertiary" on:click={discard}>{m.form.discard}</Button>
			</div>
		{:else if draft.restored}
			<div class="ask panel" role="status">
				<p>{m.form.restored}</p>
				<Button
					size="small"
					kind="ghost"
					on:click={() => {
						draft.discard();
						opening++;
						onopen?.();
					}}>{m.form.afresh}</Button
				>
			</div>
		{/if}
		{#if draft.disputed.length > 0}
			{#key draft.disputed}<Disputes {draft} />{/key}
		{/if}
		{#if built}{#key opening}{@render children()}{/key}{/if}
		<button type="submit" hidden>{saveLabel}</button>
	</form>
</Modal>

<style>
	form {
		display: grid;
		gap: 1rem;
	}
	.ask {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem;
		position: sticky;
		top: 0;
		z-index: 2;
		padding: 0.5rem 0.75rem;
	}
	.ask p {
		flex: 1 1 12rem;
	}
</style>
