/** Small valid records for tests. */
import {
	freshClient,
	freshEcho,
	freshPiece,
	freshReference,
	type Client,
	type Echo,
	type Element,
	type Garment,
	type Listing,
	type Piece,
	type Reference,
	type Shop
} from '../src/lib/core';

export const uuid = (n: number) => `10000000-0000-4000-8000-${n.toString(16).padStart(12, '0')}`;
const pounds = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });

export const makeClient = (rest: Partial<Client> = {}): Client =>
	freshClient({
		id: uuid(1000),
		rev: 1,
		name: 'A client',
		figure: { skin: 'medium', hair: 'brown', hairShape: 'bob' },
		...rest
	});

export const makePiece = (n: number, garment: Garment, rest: Partial<Piece> = {}): Piece =>
	freshPiece({
		id: uuid(n),
		rev: 1,
		clientId: uuid(1000),
		name: `Piece ${n}`,
		parts: [{ id: uuid(n + 5000), name: '', garment }],
		acquired: { how: 'new' },
		...rest
	});

export const makeReference = (elements: Element[], rest: Partial<Reference> = {}): Reference =>
	freshReference({ id: uuid(2000), rev: 1, kind: 'person', title: 'A look', elements, ...rest });

export const makeEcho = (client: Client, reference: Reference, rest: Partial<Echo> = {}): Echo =>
	freshEcho({
		id: uuid(3000),
		rev: 1,
		clientId: client.id,
		referenceId: reference.id,
		title: 'An echo',
		createdOn: '2026-01-02',
		...rest
	});

export const makeShop = (n: number, rest: Partial<Shop> = {}): Shop => ({
	id: uuid(4000 + n),
	name: `Shop ${n}`,
	simulated: true,
	secondHand: false,
	sizeChart: {
		clothes: [
			{ label: 'S', bustCm: [82, 90], hipCm: [90, 98] },
			{ label: 'M', bustCm: [90, 98], hipCm: [98, 106] }
		],
		shoes: [{ label: 'EU 38', footCm: [23.5, 24.2] }]
	},
	postage: { flat: pounds(395), freeFrom: pounds(6000) },
	returns: { days: 28, cost: pounds(0) },
	...rest
});

export const makeListing = (
	n: number,
	garment: Garment,
	amountMinor: number,
	rest: Partial<Listing> = {}
): Listing => ({
	id: uuid(4100 + n),
	shopId: uuid(4001),
	title: `Listing ${n}`,
	garment,
	price: pounds(amountMinor),
	tier: 'save',
	condition: 'new',
	sizes: [
		{ label: 'S', inStock: 2 },
		{ label: 'M', inStock: 0 }
	],
	arrivesInDays: 3,
	...rest
});
