<script lang="ts">
	import type { PlateSide } from '$lib/core';
	import { m } from '../messages';
	import PlateToggle from './PlateToggle.svelte';

	/** Turns what is drawn round, to be seen from behind. */
	let { from = $bindable() }: { from: PlateSide } = $props();
</script>

<PlateToggle
	on={from === 'behind'}
	hint={m.fitting.views.behindHint}
	ontoggle={() => (from = from === 'front' ? 'behind' : 'front')}>{m.fitting.views.behind}</PlateToggle
>
