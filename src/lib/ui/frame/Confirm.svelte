<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		title: string;
		text: string;
		action: string;
		onconfirm: () => void;
	}
	let { open = $bindable(false), title, text, action, onconfirm }: Props = $props();
</script>

<Modal
	danger
	size="xs"
	bind:open
	modalHeading={title}
	primaryButtonText={action}
	secondaryButtonText={m.cancel}
	on:click:button--secondary={() => (open = false)}
	on:submit={() => {
		open = false;
		onconfirm();
	}}
>
	<p>{text}</p>
</Modal>
