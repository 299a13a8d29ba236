<script lang="ts" generics="F extends string">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import type { ColumnFields, Columns } from '$lib/core/table';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';

	interface Props {
		/** What a column can hold. */
		fields: ColumnFields<F>;
		/** The headings of the table. */
		names: readonly string[];
		/** Which column holds what. */
		columns: Columns<F>;
		onmove: (field: F, at: number | undefined) => void;
	}
	let { fields, names, columns, onmove }: Props = $props();
	const ids = $derived(Object.keys(fields) as F[]);
</script>

<fieldset>
	<legend class="bx--label">{m.table.columns}</legend>
	<div class="fields">
		{#each ids as field (field)}
			<Select
				size="sm"
				labelText={fields[field].label}
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
