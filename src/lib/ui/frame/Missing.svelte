<script lang="ts">
	import { m } from '../messages';

	/** In place of a record that is not there. */
	let { back, label }: { back: string; label: string } = $props();
</script>

<div class="panel">
	<p>{m.notFound}</p>
	<p><a href={back}>{label}</a></p>
</div>
