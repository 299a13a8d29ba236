<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { startEmptyStudio } from '$lib/store/studio';
	import { goToMade } from '../frame/go-to-made';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	const begin = (next: string) =>
		perform(() =>
			goToMade(async () => {
				await startEmptyStudio();
				return next;
			})
		);
</script>

<div class="page welcome">
	<h1>{m.welcome.title}</h1>
	<p class="lead">{m.welcome.text}</p>
	<div class="ways">
		<section class="panel">
			<p>{m.welcome.demoText}</p>
			<Button href="/demo">{m.welcome.demo}</Button>
		</section>
		<section class="panel">
			<p>{m.welcome.emptyText}</p>
			<Button kind="tertiary" on:click={() => void begin('/clients')}>{m.welcome.empty}</Button>
		</section>
	</div>
	<p><a href="/studio">{m.welcome.restore}</a></p>
</div>

<style>
	.welcome {
		max-width: 46rem;
		padding-top: 12vh;
		display: grid;
		gap: 1.25rem;
	}
	h1 {
		font-size: var(--step-4);
	}
	.lead {
		font-size: 1.125rem;
		max-width: 38rem;
	}
	.ways {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 1rem;
	}
	section {
		display: grid;
		gap: 1rem;
		justify-items: start;
		align-content: space-between;
	}
	@media (max-width: 40rem) {
		.ways {
			grid-template-columns: 1fr;
		}
	}
</style>
