<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { tableFieldIds, tableFields, type TableField } from '$lib/core/table';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';

	interface Props {
		/** The headings of the table. */
		names: readonly string[];
		/** Which column holds what. */
		columns: Partial<Record<TableField, number>>;
		onmove: (field: TableField, at: number | undefined) => void;
	}
	let { names, columns, onmove }: Props = $props();
</script>

<fieldset>
	<legend class="bx--label">{m.table.columns}</legend>
	<div class="fields">
		{#each tableFieldIds as field (field)}
			<Select
				size="sm"
				labelText={tableFields[field].label}
				selected={columns[field] === undefined ? '' : String(columns[field])}
				on:change={(event) => {
					const at = chosenIn(event);
					onmove(field, at === '' ? undefined : Number(at));
				}}
			>
				<SelectItem value="" text={m.table.noColumn} />
				{#each names as name, at (at)}<SelectItem value={String(at)} text={name || `${at + 1}`} />{/each}
			</Select>
		{/each}
	</div>
</fieldset>
