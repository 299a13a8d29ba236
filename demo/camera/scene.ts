/** What stands before the camera: a look on its figure, rastered flat, with what covers each pixel. */
import sharp from 'sharp';
import {
	drawPlate,
	framingOf,
	plateSvg,
	type Pixels,
	type Plate,
	type PlateBody,
	type PlateLook,
	type SlotId
} from '../../src/lib/core/index';

export interface Scene {
	/** Flat colours without light; alpha tells where the figure is. */
	flat: Pixels;
	/** What covers each pixel: index into `ids`, 0 where nothing does. */
	covers: Uint8Array;
	/** Ids of the layers, the first one nothing. */
	ids: string[];
	plate: Plate;
	/** Pixels of the picture for one unit of the plate, and where the plate's left upper corner lies. */
	scale: number;
	left: number;
	top: number;
}

async function rastered(svg: string, width: number, height: number): Promise<Uint8Array> {
	const sized = svg.replace('<svg ', `<svg width="${width}" height="${height}" `);
	const { data } = await sharp(Buffer.from(sized)).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
	return data;
}

/** A look in a picture of so many pixels, with room around it; `slot` shows only where a thing of it is worn. */
export async function sceneOf(
	look: PlateLook,
	body: PlateBody | undefined,
	{ width, height }: { width: number; height: number },
	slot?: SlotId
): Promise<Scene> {
	const plate = drawPlate(look, body);
	const view = slot
		? framingOf(slot, plate, look.worn[0]?.id)
		: ([-plate.width / 2, 0, plate.width, plate.height] as const);
	const [, , viewWidth, viewHeight] = view;
	const scale = Math.min((height * 0.92) / viewHeight, width / viewWidth);
	const figureWidth = Math.min(width, Math.round(viewWidth * scale));
	const figureHeight = Math.min(height, Math.round(viewHeight * scale));
	const left = Math.round((width - figureWidth) / 2);
	const top = Math.round((height - figureHeight) * 0.62);
	const data = new Uint8Array(width * height * 4);
	const covers = new Uint8Array(width * height);
	const ids = ['', ...plate.layers.map(({ id }) => id).filter((id, i, all) => all.indexOf(id) === i)];

	const place = (raster: Uint8Array, put: (at: number, from: number) => void) => {
		for (let y = 0; y < figureHeight && top + y < height; y++)
			for (let x = 0; x < figureWidth; x++) put((top + y) * width + left + x, (y * figureWidth + x) * 4);
		return raster;
	};
	const whole = await rastered(plateSvg(plate, [...view]), figureWidth, figureHeight);
	place(whole, (at, from) => data.set(whole.subarray(from, from + 4), at * 4));
	for (const layer of plate.layers) {
		const alone = await rastered(
			plateSvg({ ...plate, layers: [layer] }, [...view]),
			figureWidth,
			figureHeight
		);
		place(alone, (at, from) => {
			if ((alone[from + 3] ?? 0) > 127) covers[at] = ids.indexOf(layer.id);
		});
	}
	return { flat: { width, height, data }, covers, ids, plate, scale, left, top };
}
