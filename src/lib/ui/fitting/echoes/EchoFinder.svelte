<script lang="ts">
	import { Search, Select, SelectItem } from 'carbon-components-svelte';
	import {
		bands,
		occasionIds,
		occasions,
		seasons,
		type Client,
		type EchoSearch,
		type SeasonId
	} from '$lib/core';
	import { chosenIn } from '../../frame/chosen';
	import { m } from '../../messages';

	interface Props {
		clients: readonly Client[];
		/** What is looked for; undefined while nothing is. */
		search: EchoSearch | undefined;
	}
	let { clients, search = $bindable() }: Props = $props();

	let asked = $state<EchoSearch>({ words: '' });
	const seasonIds = Object.keys(seasons) as SeasonId[];
	/** Sets one question, or takes it back, and tells what is looked for then. */
	function ask(part: Partial<EchoSearch>) {
		asked = { ...asked, ...part };
		const isAsking = Object.values(asked).some((value) => value !== undefined && value !== '');
		search = isAsking ? { ...asked } : undefined;
	}
</script>

<div class="finder" role="search" aria-label={m.fitting.finder.title}>
	<Search
		size="sm"
		labelText={m.fitting.finder.words}
		placeholder={m.fitting.finder.words}
		value={asked.words}
		on:input={(event) => ask({ words: (event.target as HTMLInputElement).value })}
		on:clear={() => ask({ words: '' })}
	/>
	<Select
		size="sm"
		labelText={m.fitting.finder.client}
		selected={asked.clientId ?? ''}
		on:change={(event) => ask({ clientId: chosenIn(event) || undefined })}
	>
		<SelectItem value="" text={m.fitting.finder.anyClient} />
		{#each clients as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.fitting.finder.occasion}
		selected={asked.occasion ?? ''}
		on:change={(event) => ask({ occasion: occasionIds.find((id) => id === chosenIn(event)) })}
	>
		<SelectItem value="" text={m.fitting.finder.anyOccasion} />
		{#each occasionIds as id (id)}<SelectItem value={id} text={occasions[id].label} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.fitting.finder.season}
		selected={asked.season ?? ''}
		on:change={(event) => ask({ season: seasonIds.find((id) => id === chosenIn(event)) })}
	>
		<SelectItem value="" text={m.fitting.finder.anySeason} />
		{#each seasonIds as id (id)}<SelectItem value={id} text={m.fitting.finder.seasons[id]} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.fitting.finder.score}
		selected={asked.leastScore?.toString() ?? ''}
		on:change={(event) => ask({ leastScore: chosenIn(event) ? Number(chosenIn(event)) : undefined })}
	>
		<SelectItem value="" text={m.fitting.finder.anyScore} />
		{#each bands.filter(({ from }) => from > 0) as { id, from, label } (id)}
			<SelectItem value={String(from)} text={m.fitting.finder.fromBand(label, String(from))} />
		{/each}
	</Select>
</div>

<style>
	.finder {
		display: grid;
		grid-template-columns: 1.4fr repeat(4, minmax(0, 1fr));
		gap: 1rem;
		align-items: end;
		margin-bottom: 1rem;
	}
	@media (max-width: 60rem) {
		.finder {
			grid-template-columns: repeat(auto-fit, minmax(min(9rem, 100%), 1fr));
		}
	}
</style>
