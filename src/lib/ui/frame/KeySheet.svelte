<script lang="ts">
	import { Modal } from 'carbon-components-svelte';
	import { m } from '../messages';

	let { open = $bindable(false) }: { open: boolean } = $props();
	const groups = [
		['everywhere', m.keySheet.everywhere],
		['table', m.keySheet.table],
		['reading', m.keySheet.reading],
		['photo', m.keySheet.photo]
	] as const;
</script>

<Modal passiveModal hasScrollingContent bind:open modalHeading={m.keySheet.title}>
	<p><a href="/help" onclick={() => (open = false)}>{m.help.open}</a></p>
	<div class="groups">
		{#each groups as [group, label] (group)}
			<section>
				<h3>{label}</h3>
				<dl>
					{#each m.keySheet.list.filter(([of]) => of === group) as [, keys, what] (what)}
						<div>
							<dt><kbd>{keys}</kbd></dt>
							<dd>{what}</dd>
						</div>
					{/each}
				</dl>
			</section>
		{/each}
	</div>
</Modal>

<style>
	.groups {
		columns: 2;
		column-gap: 2rem;
	}
	section {
		break-inside: avoid;
	}
	dl {
		margin: 0.25rem 0 1rem;
	}
	dl div {
		display: grid;
		grid-template-columns: 7.5rem 1fr;
		padding: 0.2rem 0;
	}
	kbd {
		font: inherit;
		font-weight: 640;
	}
</style>
