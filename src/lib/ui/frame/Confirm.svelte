<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		title: string;
		text: string;
		action: string;
		/** Done once, however often it is pressed; the question stays until it is done. */
		onconfirm: () => Promise<unknown>;
	}
	let { open = $bindable(false), title, text, action, onconfirm }: Props = $props();

	let working = $state(false);
	async function confirm() {
		if (working) return;
		working = true;
		try {
			await onconfirm();
		} finally {
			working = false;
			open = false;
		}
	}
</script>

<Modal
	danger
	size="xs"
	bind:open
	modalHeading={title}
	primaryButtonText={action}
	primaryButtonLoading={working}
	secondaryButtonText={m.cancel}
	on:click:button--secondary={() => (open = false)}
	on:submit={() => void confirm()}
>
	<p>{text}</p>
</Modal>
