<script lang="ts">
	import { sizedAs, sizeOfListing, type Item } from '$lib/core';
	import { focusWhenLost } from '../../frame/focus';
	import FitNoteForm from '../../clients/FitNoteForm.svelte';
	import type { FittingTable } from '../table/table.svelte';

	/** How a thing fits is noted where it is tried; what is known of it, its shop and its size, stands there already. */
	let { table, item = $bindable() }: { table: FittingTable; item: Item | undefined } = $props();

	const given = $derived.by(() => {
		const garment = item && table.garmentOf(item);
		if (!item || !garment) return {};
		const of = sizedAs(garment);
		if (item.source === 'piece') {
			const { pieceId } = item;
			return { of, label: table.pieces.find(({ id }) => id === pieceId)?.sizeLabel ?? '' };
		}
		const { listing, shop, sizeLabel } = item;
		const size = sizeOfListing(table.client, listing, shop, table.fitNotes);
		return { of, shop: shop.name, label: sizeLabel ?? ('label' in size ? size.label : '') };
	});
	/** With what is noted the card may no longer be among those that suit: then its rung has the focus. */
	function close(open: boolean) {
		if (open) return;
		item = undefined;
		focusWhenLost('[data-rung][tabindex="0"]');
	}
</script>

<FitNoteForm bind:open={() => item !== undefined, close} clientId={table.client.id} {given} />
