<script lang="ts">
	import { postures, type Posture } from '$lib/core';
	import { m } from '../messages';
	import PlateToggle from './PlateToggle.svelte';

	/** Lets whoever wears what is drawn stand, sit and walk in turn. */
	let { posture = $bindable() }: { posture: Posture } = $props();
	const next = () => postures[(postures.indexOf(posture) + 1) % postures.length] ?? 'standing';
</script>

<PlateToggle
	on={posture !== 'standing'}
	hint={m.fitting.views.postureHint}
	ontoggle={() => (posture = next())}>{m.fitting.views.postures[posture]}</PlateToggle
>
