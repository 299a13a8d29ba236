<script lang="ts">
	import { scaleSqrt } from 'd3-scale';
	import { m } from '../messages';

	interface Row {
		id: string;
		label: string;
		/** By column, what is counted there. */
		cells: Record<string, string[]>;
	}
	interface Props {
		rows: readonly Row[];
		name: string;
		onlead: (words: string, ids: readonly string[]) => void;
	}
	let { rows, name, onlead }: Props = $props();

	const columns = $derived(Object.keys(rows[0]?.cells ?? {}));
	const most = $derived(
		Math.max(1, ...rows.flatMap(({ cells }) => Object.values(cells).map((ids) => ids.length)))
	);
	/** Diameters, so that areas tell the counts. */
	const size = $derived(scaleSqrt([0, most], [0, 1.9]));
</script>

<table aria-label={name}>
	<thead>
		<tr>
			<td></td>
			{#each columns as column (column)}<th scope="col">{column}</th>{/each}
		</tr>
	</thead>
	<tbody>
		{#each rows as { id, label, cells } (id)}
			<tr>
				<th scope="row">{label}</th>
				{#each columns as column (column)}
					{@const ids = cells[column] ?? []}
					<td>
						{#if ids.length > 0}
							<button
								aria-label="{m.wardrobe.tells.as(column, label)}: {m.counts.pieces(ids.length)}"
								onclick={() => onlead(m.wardrobe.tells.as(column, label), ids)}
								><i style:width="{size(ids.length)}rem" style:height="{size(ids.length)}rem"></i><span
									class="figures">{ids.length}</span
								></button
							>
						{:else}<span class="soft">–</span>{/if}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		border-collapse: collapse;
		font-size: var(--step--1);
	}
	th,
	td {
		vertical-align: middle;
	}
	th {
		padding: 0 0.4rem;
		font-weight: 400;
		text-align: left;
	}
	thead th {
		text-align: center;
	}
	td {
		height: 2rem;
		min-width: 2.6rem;
		text-align: center;
	}
	button {
		display: grid;
		place-items: center;
		width: 100%;
		height: 2rem;
		padding: 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		cursor: pointer;
	}
	button > * {
		grid-area: 1 / 1;
	}
	button:hover {
		background: var(--panel-sunk);
	}
	i {
		border-radius: 50%;
		background: var(--line);
	}
</style>
