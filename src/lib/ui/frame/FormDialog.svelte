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
		/** Selector of the field that gets the focus. */
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
		focus,
		onopen,
		onsave,
		children
	}: Props = $props();

	$effect(() => {
		if (open) untrack(onopen);
	});
</script>

<Modal
	bind:open
	hasForm
	{size}
	modalHeading={title}
	primaryButtonText={saveLabel}
	secondaryButtonText={m.cancel}
	selectorPrimaryFocus={focus}
	on:click:button--secondary={() => (open = false)}
	on:submit={onsave}
>
	<form
		onsubmit={(event) => {
			event.preventDefault();
			onsave();
		}}
	>
		{@render children()}
		<button type="submit" hidden>{saveLabel}</button>
	</form>
</Modal>

<style>
	form {
		display: grid;
		gap: 1rem;
	}
</style>
