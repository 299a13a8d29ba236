/** What the picture of a try-on shows of what is worn: pointed at, or looked for where such a thing is worn. */
import {
	bodyScale,
	expectedSpot,
	garmentType,
	measuredPalette,
	measuredShape,
	storedRegion,
	type Garment,
	type Spot,
	type TryOn
} from '$lib/core';
import { keepSeen } from '$lib/store/try-ons';
import { notices } from '../frame/notices.svelte';
import { perform } from '../frame/perform';
import { tryOn as tryOnTexts } from '../messages/try-on';
import type { Measuring } from '../photos/measuring.svelte';

interface Worn {
	elementId: string;
	title: string;
	garment: Garment;
}

export function seenOnPicture(
	measured: Measuring,
	of: () => { tryOn: TryOn | undefined; photoId: string | undefined }
) {
	/** What a click on the picture is taken for. */
	let pointing = $state.raw<Worn | undefined>();

	/** Keeps what is marked now as what is seen of a thing. */
	async function keep({ elementId, title, garment }: Worn) {
		const { tryOn, photoId } = of();
		const now = await measured.settled();
		if (!now || !tryOn || photoId === undefined) return false;
		const { region, reading, size } = now;
		const on = reading.onBody;
		const sleeve =
			on && measuredShape(garment.type, on, []).find(({ facet }) => facet === 'sleeveLength')?.value;
		return perform(() =>
			keepSeen(tryOnTexts.measured(title), tryOn.id, {
				elementId,
				region: storedRegion(region, photoId, size),
				palette: measuredPalette(reading),
				...(on && { from: on.from, to: on.to }),
				...(sleeve && { sleeve })
			})
		);
	}
	async function at(worn: Worn, spot: Spot) {
		await measured.click(spot, 'new');
		if (!(await keep(worn))) notices.show({ kind: 'info', title: tryOnTexts.notFound });
		measured.mark(undefined);
	}

	return {
		get pointing() {
			return pointing;
		},
		stop: () => (pointing = undefined),
		/** Looks for a thing where such things are worn, and then waits for a click that says where it is otherwise. */
		async measure(worn: Worn) {
			pointing = worn;
			const { marks, opened } = measured;
			const body = marks && opened && bodyScale(marks, opened);
			const spot = body && expectedSpot(garmentType(worn.garment.type).slot, body);
			if (spot) await at(worn, spot);
		},
		/** A click on the picture, in shares of its width and height. */
		async click({ x, y }: Spot) {
			if (!pointing || !measured.opened) return;
			await at(pointing, { x: x * measured.opened.width, y: y * measured.opened.height });
		}
	};
}
export type SeenOnPicture = ReturnType<typeof seenOnPicture>;
