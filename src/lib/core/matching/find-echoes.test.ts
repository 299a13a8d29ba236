import { describe, expect, it } from 'vitest';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import { freshMatch, type Element } from '../model';
import { readLook } from '../reading';
import { isFound, type EchoSearch } from './find-echoes';

const said = (phrase: string) => readLook(phrase).elements[0]!.garment;
const element = (n: number, phrase: string): Element => ({
	id: uuid(100 + n),
	garment: said(phrase),
	rank: n,
	role: 'key',
	weightFactor: 1,
	signature: [],
	open: [],
	moves: [],
	note: ''
});
const client = makeClient({ name: 'Éloïse Marrow' });
/** A look of what is owned, each thing for an element of its own. */
function lookOf(...phrases: string[]) {
	const reference = makeReference(
		phrases.map((phrase, i) => element(i + 1, phrase)),
		{ title: 'Glass and moss' }
	);
	const pieces = phrases.map((phrase, i) => makePiece(i + 1, said(phrase), { name: phrase }));
	const echo = makeEcho(client, reference, {
		title: 'For the opening',
		matches: pieces.map((piece, i) =>
			freshMatch({
				id: uuid(3100 + i),
				elementIds: [uuid(101 + i)],
				items: [{ source: 'piece', pieceId: piece.id, partId: piece.parts[0]!.id }]
			})
		)
	});
	return (search: Partial<EchoSearch>) =>
		isFound(echo, { client, reference, pieces }, { words: '', ...search });
}

describe('finding a look again', () => {
	const winter = lookOf(
		'camel wool coat',
		'grey wool roll-neck jumper',
		'navy wool trousers',
		'brown leather boots'
	);
	const summer = lookOf('white linen sundress', 'tan sandals');
	it('by any words of its name, its reference, its client or a piece, accents and order aside', () => {
		for (const words of ['opening', 'MOSS glass', 'eloise', 'roll-neck camel', ''])
			expect(winter({ words }), words).toBe(true);
		expect(winter({ words: 'camel sequin' })).toBe(false);
	});
	it('by client', () => {
		expect(winter({ clientId: client.id })).toBe(true);
		expect(winter({ clientId: uuid(1) })).toBe(false);
	});
	it('by the season that it is pleasant in', () => {
		expect(winter({ season: 'winter' })).toBe(true);
		expect(winter({ season: 'summer' })).toBe(false);
		expect(summer({ season: 'summer' })).toBe(true);
		expect(summer({ season: 'winter' })).toBe(false);
	});
	it('by how close it came', () => {
		expect(winter({ leastScore: 92 })).toBe(true);
		expect(lookOf('camel wool coat')({ leastScore: 92 })).toBe(true);
	});
	it('by the occasion that it suits', () => {
		const jeans = lookOf('blue jeans', 'white shirt', 'brown loafers');
		expect(jeans({ occasion: 'weekend' })).toBe(true);
		expect(jeans({ occasion: 'black-tie' })).toBe(false);
	});
	it('nothing worn is pleasant in no season and suits no occasion', () => {
		const reference = makeReference([element(1, 'camel wool coat')]);
		const empty = makeEcho(client, reference);
		const found = (search: Partial<EchoSearch>) =>
			isFound(empty, { client, reference, pieces: [] }, { words: '', ...search });
		expect(found({})).toBe(true);
		expect(found({ season: 'winter' })).toBe(false);
		expect(found({ occasion: 'weekend' })).toBe(false);
	});
});
