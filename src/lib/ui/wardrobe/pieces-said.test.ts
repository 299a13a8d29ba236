import { describe, expect, it } from 'vitest';
import { readPieces } from '$lib/core';
import { piecesSaid } from './pieces-said';

const client = '10000000-0000-4000-8000-000000001000';
const hung = (text: string) =>
	readPieces(text)
		.pieces.flatMap((said) => piecesSaid(client, said))
		.map(({ name, parts }) => [name, parts[0]?.garment.palette.length]);

describe('what was said hangs on the rail', () => {
	it('numbered where several are alike', () =>
		expect(hung('three white tees')).toEqual([
			['White T-shirt 1', 1],
			['White T-shirt 2', 1],
			['White T-shirt 3', 1]
		]));
	it('each in its own colour and under its own name, where as many colours are said as there are of it', () =>
		expect(hung('three tees: white, grey and black')).toEqual([
			['White T-shirt', 1],
			['Grey T-shirt', 1],
			['Black T-shirt', 1]
		]));
	it('as it was measured, where one of several is what a picture shows', () => {
		const [said] = readPieces('two tees: white and navy').pieces;
		const measured = readPieces('white and navy tee').pieces[0]?.garment;
		if (!said || !measured) throw new Error('nothing was read');
		const [piece] = piecesSaid(client, { ...said, count: 1, garment: measured });
		expect(piece?.parts[0]?.garment).toEqual(measured);
	});
	it('in both colours where both are said of each', () =>
		expect(hung('two white and navy tees').map(([, colours]) => colours)).toEqual([2, 2]));
});
