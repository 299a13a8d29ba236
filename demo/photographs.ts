/** Photographs of the demo's references and of some pieces, taken by the stand-in camera: their files, and where everything is on them. */
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { v5 } from 'uuid';
import {
	freshPhoto,
	freshTryOn,
	garmentType,
	inOrder,
	referenceLook,
	regionOf,
	resolveItem,
	storedRegion,
	wornLook,
	type Echo,
	type Element,
	type Photo,
	type Piece,
	type PlateBody,
	type PlateLook,
	type Reference,
	type SlotId,
	type StudioDocument,
	type TryOn
} from '../src/lib/core/index';
import { photograph, type Photograph } from './camera/photograph';

const namespace = '5c9b7f0e-8a41-4f7d-b3a8-2f6d1e90c7ab';
/** As fine as pictures are measured: a region fits its picture pixel by pixel. */
const size = { width: 640, height: 960 };
/** References whose elements are marked already; on the others there is something left to do. */
const markedTitles = ['The Midnight Quay suit', 'Glasshouse'];
const leastPixels = 250;

/** Whom the references show: all kinds of people. */
const figures: NonNullable<PlateBody['figure']>[] = [
	{ skin: 'deep', hair: 'black', hairShape: 'cropped' },
	{ skin: 'medium', hair: 'dark-brown', hairShape: 'bob' },
	{ skin: 'fair', hair: 'grey', hairShape: 'up' },
	{ skin: 'olive', hair: 'black', hairShape: 'long' }
];
const bodies: NonNullable<PlateBody['measurements']>[] = [
	{ stature: 172, bust: 104, waist: 88, hip: 112 },
	{ stature: 166, bust: 92, waist: 76, hip: 100 },
	{ stature: 178, bust: 98, waist: 86, hip: 101 },
	{ stature: 160, bust: 110, waist: 96, hip: 116 }
];

/** Where an element is seen on a photograph, as it is stored. */
function regionsOf({ scene, pixels }: Photograph, element: Element, photo: string): Element {
	const index = scene.ids.indexOf(element.id);
	const mask = Uint8Array.from(scene.covers, (cover) => (index > 0 && cover === index ? 1 : 0));
	const region = regionOf(mask, pixels);
	const covered = mask.reduce((sum, inside) => sum + inside, 0);
	return region && covered >= leastPixels
		? { ...element, regions: [storedRegion(region, photo, pixels)] }
		: element;
}

const pieceSize = { width: 360, height: 480 };
/** How many pieces of the first rail hang there as photographed, and how many pictures wait to be said what they are. */
const photographedPieces = 12;
const waitingPictures = 3;
const photographedSlots: readonly string[] = ['top', 'legs', 'outer', 'layer', 'whole'];

/** A piece on a dress form, as a stylist photographs it against the wall. */
function pieceShot({ parts: [part] }: Piece, seed: number): Promise<Photograph> {
	if (!part) throw new Error('a piece without parts');
	const { garment } = part;
	const look = { worn: [{ id: 'piece', garment, moves: [] }] };
	const { slot } = garmentType(garment.type);
	return photograph(look, { figure: 'form' }, { seed, ...pieceSize, slot, coloured: false });
}

/** The files of photographs by their content hash, and their records. */
function album(addedOn: string) {
	const files = new Map<string, Uint8Array>();
	const photos: Photo[] = [];
	return {
		files,
		photos,
		/** Keeps a picture as a file, and gives its record. */
		async keep({ pixels }: Photograph, name: string, known?: Photo['known']): Promise<Photo> {
			const { width, height, data } = pixels;
			const bytes = await sharp(Buffer.from(data), { raw: { width, height, channels: 4 } })
				.removeAlpha()
				.webp({ quality: 84 })
				.toBuffer();
			const hash = createHash('sha256').update(bytes).digest('hex');
			files.set(hash, bytes);
			const photo: Photo = {
				...freshPhoto({
					id: v5(name, namespace),
					hash,
					mediaType: 'image/webp',
					width,
					height,
					byteLength: bytes.length,
					addedOn,
					note: 'Simulated: taken of a drawing, in drawn light.',
					...(known && { known })
				}),
				rev: 1
			};
			photos.push(photo);
			return photo;
		}
	};
}
type Album = ReturnType<typeof album>;

/** Each reference with a photograph of it; some with their elements marked. */
async function references({ references: all }: StudioDocument, { keep }: Album): Promise<Reference[]> {
	const shown: Reference[] = [];
	for (const [i, reference] of all.entries()) {
		const body = { figure: figures[i % figures.length], measurements: bodies[i % bodies.length] };
		const shot = await photograph(referenceLook(reference), body, { seed: 40 + i, ...size });
		const isMarked = markedTitles.includes(reference.title);
		const known = { x: shot.card.x / size.width, y: shot.card.y / size.height, tone: 'white' } as const;
		const { id } = await keep(shot, reference.title, isMarked ? known : undefined);
		const elements = isMarked
			? reference.elements.map((element) => regionsOf(shot, element, id))
			: reference.elements;
		shown.push({ ...reference, photos: [id], elements });
	}
	return shown;
}

/** Some pieces of the first client's rail as they were photographed, and pictures that wait. */
async function pieces(
	{ pieces: all, clients }: StudioDocument,
	{ keep }: Album
): Promise<Pick<StudioDocument, 'pieces' | 'clients'>> {
	const [client] = clients;
	const shown = all.filter(
		({ clientId, parts: [part], state }) =>
			clientId === client?.id &&
			state === 'ready' &&
			part &&
			photographedSlots.includes(garmentType(part.garment.type).slot)
	);
	const photographed = new Map<string, Piece>();
	for (const [i, piece] of shown.slice(0, photographedPieces).entries()) {
		const shot = await pieceShot(piece, 70 + i);
		const { id } = await keep(shot, piece.name);
		const index = shot.scene.ids.indexOf('piece');
		const mask = Uint8Array.from(shot.scene.covers, (cover) => (cover === index ? 1 : 0));
		const region = regionOf(mask, pieceSize);
		photographed.set(piece.id, {
			...piece,
			photos: [id],
			...(region && { picture: storedRegion(region, id, pieceSize) })
		});
	}
	const waiting: string[] = [];
	for (const [i, piece] of shown.slice(-waitingPictures).entries())
		waiting.push((await keep(await pieceShot(piece, 90 + i), `waiting ${i}`)).id);
	return {
		pieces: all.map((piece) => photographed.get(piece.id) ?? piece),
		clients: clients.map((one) => (one === client ? { ...one, waiting } : one))
	};
}

/** What a stylist takes a second picture of: the first of these that is worn. */
const seenNear: readonly SlotId[] = ['bag', 'ears', 'feet', 'waist'];

/** Something of a look to be photographed near by, with the look in the order by which it is framed. */
function detailOf({ worn }: PlateLook): { id: string; slot: SlotId; look: PlateLook } | undefined {
	const slotOf = (one: PlateLook['worn'][number]) => garmentType(one.garment.type).slot;
	for (const slot of seenNear) {
		const first = worn.find((one) => slotOf(one) === slot);
		if (first) return { id: first.id, slot, look: { worn: [first, ...worn.filter((one) => one !== first)] } };
	}
	return undefined;
}

/** As many elements of a try-on are rated as stand first in the reference. */
const ratedElements = 3;

/**
 * What was judged last of an echo was tried on the same day: a photograph of the client in it, with ratings of what carries the
 * look; the judgement shows it.
 */
async function tryOns(
	{ echoes, references: all, pieces: owned, clients }: StudioDocument,
	{ keep }: Album
): Promise<Pick<StudioDocument, 'tryOns' | 'echoes'>> {
	const made: TryOn[] = [];
	const shown: Echo[] = [];
	for (const [i, echo] of echoes.entries()) {
		const last = echo.judgements.at(-1);
		const reference = all.find(({ id }) => id === echo.referenceId);
		if (!last || !reference) {
			shown.push(echo);
			continue;
		}
		const look = wornLook(echo, (item) => resolveItem(item, owned)?.garment);
		const body = clients.find(({ id }) => id === echo.clientId) ?? {};
		const { id } = await keep(await photograph(look, body, { seed: 120 + i, ...size }), `try-on ${echo.id}`);
		const detail = detailOf(look);
		const near =
			detail &&
			(await keep(
				await photograph(detail.look, body, { seed: 160 + i, ...pieceSize, slot: detail.slot }),
				`try-on ${echo.id}, a detail`
			));
		const ratings = inOrder(reference.elements)
			.slice(0, ratedElements)
			.map((element, nth) => ({
				elementId: element.id,
				likeness: Math.min(100, last.verdict.ownRating + 4 - 5 * nth),
				does: 'yes' as const,
				change: ''
			}));
		made.push({
			...freshTryOn({
				id: v5(`try-on of ${echo.id}`, namespace),
				echoId: echo.id,
				on: last.judgedAt.slice(0, 10)
			}),
			rev: 1,
			photos: [id, ...(near ? [near.id] : [])],
			...(near && { details: [{ photoId: near.id, elementId: detail.id }] }),
			ratings
		});
		const judged = { ...last, photos: [id], verdict: { ...last.verdict, pieces: ratings } };
		shown.push({ ...echo, judgements: [...echo.judgements.slice(0, -1), judged] });
	}
	return { tryOns: made, echoes: shown };
}

/** The document with photographs of references, pieces and try-ons, and the files of these by their content hash. */
export async function withPhotographs(
	document: StudioDocument
): Promise<{ document: StudioDocument; files: Map<string, Uint8Array> }> {
	const kept = album(document.writtenOn);
	const shown = await references(document, kept);
	const hung = await pieces(document, kept);
	const tried = await tryOns(document, kept);
	return {
		document: { ...document, ...hung, ...tried, references: shown, photos: kept.photos },
		files: kept.files
	};
}
