/// <reference lib="webworker" />
import { expose, transfer } from 'comlink';
import ExifReader from 'exifreader';
import type { Photo } from '../core/model';
import {
	afterClick,
	bodyScale,
	correctedPixels,
	correctionFor,
	lightAround,
	maskOfNodes,
	regionInBox,
	nodesInMiddle,
	onBody,
	probableLight,
	readPhoto,
	readyPhoto,
	regionOf,
	type Box,
	type Click,
	type Clicked,
	type Correction,
	type Marked,
	type OnBody,
	type PhotoProblem,
	type PhotoReading,
	type Pixels,
	type ReadyPhoto,
	type Region,
	type Spot
} from '../core/photo';
import { photoFileFacts } from '../core/photo/photo-file';

/** A file that was taken in: upright, with nothing in it but the picture, or why not. */
export type TakenIn =
	| { ok: true; bytes: Blob; mediaType: Photo['mediaType']; width: number; height: number }
	| { ok: false; problem: PhotoProblem };

/** The picture that was opened to be measured. */
export interface OpenedPhoto {
	/** Of the picture that is measured: regions and spots are in its pixels. */
	width: number;
	height: number;
	/** In what direction its light is probably off. */
	cast?: ReturnType<typeof probableLight>['cast'];
}
/** What is known of the picture beside its pixels: a white or grey spot, the marks of a body. */
export type KnownOfPhoto = Pick<Photo, 'known' | 'marks'>;

/** Pictures are kept up to this many pixels along the longer side, and measured up to that. */
const keptSide = 2000;
const measuredSide = 960;
/** A spot is measured together with what is so near to it. */
const spotRadius = 4;

const fitted = (width: number, height: number, side: number) => {
	const share = Math.min(1, side / Math.max(width, height));
	return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) };
};

/** How a picture is to be turned to stand upright (Exif 2.32, tag 0x0112). */
function orientationOf(bytes: ArrayBuffer): number {
	try {
		const { Orientation: found } = ExifReader.load(bytes) as { Orientation?: { value: unknown } };
		return typeof found?.value === 'number' ? found.value : 1;
	} catch {
		return 1;
	}
}

/** The axes of a picture after each orientation, as a canvas transform of its width and height. */
const turns: Record<
	number,
	(width: number, height: number) => [number, number, number, number, number, number]
> = {
	2: (width) => [-1, 0, 0, 1, width, 0],
	3: (width, height) => [-1, 0, 0, -1, width, height],
	4: (_, height) => [1, 0, 0, -1, 0, height],
	5: () => [0, 1, 1, 0, 0, 0],
	6: (_, height) => [0, 1, -1, 0, height, 0],
	7: (width, height) => [0, -1, -1, 0, height, width],
	8: (width) => [0, -1, 1, 0, 0, width]
};

/** A picture drawn upright on a canvas of at most so many pixels a side; colours come out as sRGB. */
async function drawnUpright(bytes: Blob, mediaType: string, side: number): Promise<OffscreenCanvas> {
	// Browsers turn JPEG and PNG upright by themselves, and WebP they do not.
	const turn = mediaType === 'image/webp' ? turns[orientationOf(await bytes.arrayBuffer())] : undefined;
	const bitmap = await createImageBitmap(bytes, { imageOrientation: 'from-image' });
	const { width, height } = fitted(bitmap.width, bitmap.height, side);
	const swaps = turn !== undefined && turn(1, 1)[0] === 0;
	const canvas = new OffscreenCanvas(swaps ? height : width, swaps ? width : height);
	const context = canvas.getContext('2d', { willReadFrequently: true });
	if (!context) throw new Error('no canvas');
	context.imageSmoothingQuality = 'high';
	if (turn) context.setTransform(...turn(width, height));
	context.drawImage(bitmap, 0, 0, width, height);
	bitmap.close();
	return canvas;
}

/** The picture as a file with nothing else in it. Encoders may answer with another type than was asked for. */
async function encodedPicture(canvas: OffscreenCanvas): Promise<Blob> {
	const webp = await canvas.convertToBlob({ type: 'image/webp', quality: 0.9 });
	return webp.type === 'image/webp' ? webp : canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
}

async function takeIn(file: Blob): Promise<TakenIn> {
	const facts = photoFileFacts(new Uint8Array(await file.arrayBuffer()));
	if (!facts.ok) return facts;
	try {
		const { mediaType } = facts;
		const canvas = await drawnUpright(new Blob([file], { type: mediaType }), mediaType, keptSide);
		const bytes = await encodedPicture(canvas);
		return {
			ok: true,
			bytes,
			mediaType: bytes.type as Photo['mediaType'],
			width: canvas.width,
			height: canvas.height
		};
	} catch {
		return { ok: false, problem: 'unreadable' };
	}
}

let pixels: Pixels | undefined;
let ready: ReadyPhoto | undefined;

function opened(): { pixels: Pixels; ready: ReadyPhoto } {
	if (!pixels || !ready) throw new Error('no photo was opened');
	return { pixels, ready };
}
const correctionAt = (known: Photo['known']): Correction | undefined => {
	const { pixels: picture } = opened();
	return (
		known &&
		correctionFor(
			lightAround(picture, { x: known.x * picture.width, y: known.y * picture.height }, spotRadius),
			known.tone
		)
	);
};

const worker = {
	takeIn,
	/** Opens a kept photo to be measured; what was open before is put away. */
	async open(photo: Blob): Promise<OpenedPhoto> {
		const canvas = await drawnUpright(photo, '', measuredSide);
		const { width, height } = canvas;
		const data = canvas.getContext('2d')?.getImageData(0, 0, width, height).data;
		if (!data) throw new Error('no canvas');
		pixels = { width, height, data };
		ready = readyPhoto(pixels);
		return { width, height, cast: probableLight(pixels).cast };
	},
	/** What is marked after a click. */
	click: (before: Marked, click: Click): Clicked | undefined => afterClick(opened().ready, before, click),
	/** What a box is drawn around, without what is marked as other things; the box itself where nothing in it stands out. */
	box: (box: Box, others: readonly Region[]): Region => regionInBox(opened().ready, box, others) ?? box,
	/** What the picture is of; undefined where nothing in it stands out. */
	middle(): Region | undefined {
		const { ready: photo } = opened();
		return regionOf(maskOfNodes(photo, nodesInMiddle(photo)), photo);
	},
	/** A copy of the picture that is measured, for whoever looks at it elsewhere. */
	picture(): Pixels {
		const { width, height, data } = opened().pixels;
		const copy = data.slice();
		return transfer({ width, height, data: copy }, [copy.buffer]);
	},
	/** Measures a region, the light put right by what is known of it, on the body that is marked. */
	measure: (region: Region, { known, marks }: KnownOfPhoto = {}): PhotoReading | undefined =>
		readPhoto(opened().pixels, region, {
			correction: correctionAt(known),
			body: marks && bodyScale(marks, opened().pixels)
		}),
	/** How far each of several regions reaches on the body that is marked. */
	onBody(regions: readonly Region[], { known, marks }: KnownOfPhoto): (OnBody | undefined)[] {
		const picture = opened().pixels;
		const body = marks && bodyScale(marks, picture);
		return regions.map((region) => body && onBody(picture, region, body, correctionAt(known)));
	},
	/** Can the light be put right by a spot? Not by one that is black or burnt out. */
	canCorrect: (known: NonNullable<Photo['known']>): boolean => correctionAt(known) !== undefined,
	/** The picture with its light put right, to be shown. */
	async corrected(known: NonNullable<Photo['known']>): Promise<Blob | undefined> {
		const correction = correctionAt(known);
		if (!correction) return undefined;
		const { width, height, data } = correctedPixels(opened().pixels, correction);
		const canvas = new OffscreenCanvas(width, height);
		canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
		return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
	},
	/** The colour of a spot. */
	colourAt: (spot: Spot, known?: Photo['known']) =>
		readPhoto(
			opened().pixels,
			{ x: Math.round(spot.x) - 2, y: Math.round(spot.y) - 2, width: 5, height: 5 },
			{ correction: correctionAt(known) }
		)?.colour.hex
};
export type PhotoWorker = typeof worker;
expose(worker);
