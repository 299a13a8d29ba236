<script lang="ts" generics="F extends string">
	import { TextInput } from 'carbon-components-svelte';
	import type { ColumnFields, RowProblem } from '$lib/core/table';
	import { m } from '../messages';

	interface Props {
		fields: ColumnFields<F>;
		problems: readonly RowProblem<F>[];
		/** What stands in a cell now. */
		cellOf: (row: number, field: F) => string;
		/** A field that no column holds has no cell to mend. */
		canMend: (field: F) => boolean;
		onmend: (row: number, field: F, value: string) => void;
	}
	let { fields, problems, cellOf, canMend, onmend }: Props = $props();

	/** As many as are shown at once; mended ones make room for the next. */
	const most = 40;
</script>

<section aria-label={m.table.bad}>
	<h3>{m.table.bad}</h3>
	<ul>
		{#each problems.slice(0, most) as { row, field, reason } (`${row} ${field}`)}
			<li>
				<span><strong>{m.table.row(row)}, {fields[field].label}</strong> {reason}</span>
				<TextInput
					size="sm"
					hideLabel
					labelText={m.table.mend(fields[field].label, row)}
					value={cellOf(row, field)}
					disabled={!canMend(field)}
					on:change={(event) => onmend(row, field, String(event.detail ?? ''))}
				/>
			</li>
		{/each}
	</ul>
	{#if problems.length > most}<p class="soft">{m.table.moreBad(problems.length - most)}</p>{/if}
</section>

<style>
	ul {
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 14rem);
		gap: 0.5rem 1rem;
		align-items: center;
		padding: 0.3rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
		overflow-wrap: anywhere;
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
