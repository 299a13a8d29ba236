/** A studio after years of work, as a backup: copies of the demo's records under ids of their own, and one client with a great rail. */
import { createHash, randomBytes } from 'node:crypto';
import { composeDemo } from '../../demo/compose';
import {
	documentOf,
	emptyStudio,
	freshPhoto,
	openArchive,
	type Piece,
	type StudioDocument
} from '../../src/lib/core';
import { simulatedStock, titleOf } from '../../src/lib/server/market/stock';

export interface CareerSize {
	clients: number;
	references: number;
	echoes: number;
	/** Pieces of the first client; the others have what the demo's have. */
	pieces: number;
}

const uuids = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
const tail = 16 ** 12;
/** The same records under other ids, so that what belongs together still does. */
const copied = <T>(records: T, copy: number): T =>
	JSON.parse(
		JSON.stringify(records).replaceAll(uuids, (id) => {
			const moved = (Number.parseInt(id.slice(24), 16) + copy * 0x1000003) % tail;
			return id.slice(0, 24) + moved.toString(16).padStart(12, '0');
		})
	) as T;

/** A rail of the simulated shops’ things, for sizes that no demo has: each as the given piece is but for what it is. */
export const railOf = (like: Piece, count: number): Piece[] =>
	simulatedStock(9, count).map((stocked, i) => ({
		...like,
		id: `70000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
		name: titleOf(stocked),
		parts: [
			{ id: `80000000-0000-4000-8000-${String(i).padStart(12, '0')}`, name: '', garment: stocked.garment }
		],
		configurations: []
	}));

/** The first client's own echoes are first in the list of the latest; ids and names of copies carry their number. */
export function careerStudio({ clients, references, echoes, pieces }: CareerSize): StudioDocument {
	const demo = composeDemo();
	const copies = Math.max(clients / demo.clients.length, references / demo.references.length);
	const all = Array.from({ length: Math.ceil(copies) }, (_, copy) => {
		const { format: _format, ...records } = demo;
		const made = copy === 0 ? records : copied(records, copy);
		return {
			...made,
			clients: made.clients.map((one) => ({
				...one,
				name: copy === 0 ? one.name : `${one.name} ${copy + 1}`
			})),
			references: made.references.map((one) => ({
				...one,
				title: copy === 0 ? one.title : `${one.title} ${copy + 1}`
			}))
		};
	});
	const of = <K extends keyof (typeof all)[0]>(table: K) =>
		all.flatMap((one) => one[table] as unknown[]) as (typeof demo)[K & keyof typeof demo];
	const made = of('echoes');
	const more = Array.from({ length: Math.max(0, echoes - made.length) }, (_, i) => ({
		...made[i % made.length]!,
		id: `60000000-0000-4000-8000-${String(i).padStart(12, '0')}`
	}));
	const [first] = demo.pieces;
	return documentOf(
		{
			...emptyStudio(),
			settings: demo.settings,
			clients: of('clients'),
			events: of('events'),
			pieces: [...of('pieces'), ...railOf(first!, pieces)],
			references: of('references'),
			echoes: [...made, ...more],
			wears: of('wears'),
			fitNotes: of('fitNotes')
		},
		demo.writtenOn
	);
}

/** A document as a backup file. */
export async function backupOf(document: StudioDocument): Promise<Buffer> {
	const archive = openArchive(document.writtenOn);
	await archive.addRecords(document);
	return Buffer.from(await (await archive.close()).arrayBuffer());
}

/** A backup of the demo with so many photographs of a megabyte each: what they show is noise. */
export async function backupWithPhotos(count: number): Promise<Buffer> {
	const demo = composeDemo();
	const bytes = Array.from({ length: count }, () => randomBytes(1024 * 1024));
	const photos = bytes.map((one, i) =>
		freshPhoto({
			id: `50000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
			hash: createHash('sha256').update(one).digest('hex'),
			mediaType: 'image/jpeg',
			width: 1000,
			height: 1500,
			byteLength: one.length,
			addedOn: demo.writtenOn
		})
	);
	const archive = openArchive(demo.writtenOn);
	await archive.addRecords({ ...demo, photos });
	for (const [i, { hash }] of photos.entries()) await archive.addBytes(hash, new Blob([bytes[i]!]));
	return Buffer.from(await (await archive.close()).arrayBuffer());
}
