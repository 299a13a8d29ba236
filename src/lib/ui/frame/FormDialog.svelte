<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { untrack, type Snippet } from 'svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		title: string;
		/** Default "Save". */
		saveLabel?: string;
		size?: 'sm' | 'lg';
		/** Selector of the field that gets the focus; default the first one. */
		focus?: string;
		/** Called each time the dialog opens: what the form begins with. Later changes elsewhere do not call it again. */
		onopen: () => void;
		onsave: () => void;
		children: Snippet;
	}
	let {
		open = $bindable(false),
		title,
		saveLabel = m.save,
		size,
		focus = 'input',
		onopen,
		onsave,
		children
	}: Props = $props();

	/** A form that was never opened is not built; a closing one stays until it has faded. */
	let built = $state(false);

	$effect(() => {
		if (!open) return;
		built = true;
		untrack(onopen);
	});

	/** A combo box keeps Escape to itself, even when its menu is closed; then it means the dialog. */
	function closeOnEscape(event: KeyboardEvent) {
		const closedCombo = (event.target as Element).matches('[role="combobox"][aria-expanded="false"]');
		if (event.key !== 'Escape' || !closedCombo) return;
		event.stopPropagation();
		open = false;
	}
</script>

<Modal
	bind:open
	hasForm
	shouldSubmitOnEnter={false}
	{size}
	modalHeading={title}
	primaryButtonText={saveLabel}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus={focus}
	on:click:button--secondary={() => (open = false)}
	on:submit={onsave}
>
	<form
		onkeydowncapture={closeOnEscape}
		onsubmit={(event) => {
			event.preventDefault();
			onsave();
		}}
	>
		{#if built}{@render children()}{/if}
		<button type="submit" hidden>{saveLabel}</button>
	</form>
</Modal>

<style>
	form {
		display: grid;
		gap: 1rem;
	}
</style>
