<script lang="ts">
	import { Checkbox } from 'carbon-components-svelte';
	import { settingsId } from '$lib/core';
	import { change } from '$lib/store/journal';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	/** Whether rails show pieces as they were photographed, kept for the studio. */
	let { photographed }: { photographed: boolean } = $props();

	const show = (on: boolean) =>
		perform(() =>
			change(m.photos.showedSo(on), (writer) =>
				writer.edit('settings', settingsId, (draft) => void (draft.photographed = on))
			)
		);
</script>

<Checkbox
	labelText={m.photos.photographed}
	checked={photographed}
	on:check={({ detail }) => {
		if (detail !== photographed) void show(detail);
	}}
/>
