<script lang="ts">
	import { page } from '$app/state';
	import { m } from '$lib/ui/messages';
</script>

<div class="page">
	<h1>{page.status}</h1>
	<p>{page.status === 404 ? m.notFound : m.failed}</p>
	<p><a href="/">{m.places.desk}</a></p>
</div>
