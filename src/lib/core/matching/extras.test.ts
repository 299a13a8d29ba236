import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import { checkLook } from '../checks/check-look';
import { freshExtra, type Item } from '../model/worn';
import { chooseItem } from './choosing';
import { scoreEcho, wornPieces } from './score-echo';
import { extrasOf, sheetOf } from './sheet';

const dress = makePiece(1, garment('dress', ['black'], { fit: 'skin-tight', hemLength: 'mini' }));
const shorts = makePiece(2, garment('slip-shorts', ['black']), { name: 'Slip shorts' });
const itemOf = (piece: typeof dress): Item => ({
	source: 'piece',
	pieceId: piece.id,
	partId: piece.parts[0]!.id
});
const client = makeClient();
const reference = makeReference([element(1, dress.parts[0]!.garment)]);
const plain = makeEcho(client, reference, {
	matches: chooseItem(
		[],
		reference.elements,
		{ element: reference.elements[0]!, item: itemOf(dress), garment: dress.parts[0]!.garment },
		uuid(50)
	)
});
const dressed = {
	...plain,
	extras: [freshExtra({ id: uuid(60), item: itemOf(shorts), kind: 'underpinning' })]
};
const pieces = [dress, shorts];

describe('what is worn though no element asks for it', () => {
	it('is no part of the closeness', () => {
		expect(scoreEcho(dressed, reference, pieces, client).score).toBe(
			scoreEcho(plain, reference, pieces, client).score
		);
	});
	it('is part of what the eye looks at', () => {
		const rides = (echo: typeof plain) =>
			checkLook(wornPieces(echo, pieces), {}, { only: ['rides-up'] }).length;
		expect(rides(plain)).toBe(1);
		expect(rides(dressed)).toBe(0);
	});
	it('is handed over under its own name, and not as an answer to an element', () => {
		expect(extrasOf(dressed, pieces)).toMatchObject([{ title: 'Slip shorts', kind: 'underpinning' }]);
		expect(sheetOf(dressed, reference, pieces).flatMap(({ worn }) => worn)).toHaveLength(1);
	});
	it('drops out when its piece is gone', () => expect(extrasOf(dressed, [dress])).toEqual([]));
	it('says whether it is at hand', () => {
		const away = { ...shorts, state: 'away' as const };
		const found = checkLook(wornPieces(dressed, [dress, away]), {}, { only: ['prepare'] });
		expect(found).toMatchObject([{ severity: 'warning', pieces: [uuid(60)] }]);
	});
});
