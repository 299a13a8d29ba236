import { describe, expect, it } from 'vitest';
import { freshPiece, readPieces } from '$lib/core';
import { draftOf, lineOver } from './piece-draft';

const begun = (facts: Partial<Parameters<typeof draftOf>[0]> = {}) => {
	const draft = draftOf({ ...freshPiece({ id: 'p', clientId: 'c', parts: [] }), ...facts }, 'GBP');
	const lay = lineOver(draft, 'GBP');
	return { draft, type: (line: string) => lay(readPieces(line).pieces[0]) };
};
const line = 'red court shoes, 38, £60 in 2021, pre-owned, missing button, lent to Petra';

describe('a form in step with its line', () => {
	it('holds what the whole line says, letter by letter typed or at once', () => {
		const [slow, fast] = [begun(), begun()];
		for (let at = 1; at <= line.length; at++) slow.type(line.slice(0, at));
		fast.type(line);
		expect(slow.draft).toEqual(fast.draft);
		expect(fast.draft).toMatchObject({
			price: '60.00',
			sizeLabel: '38',
			state: 'away',
			acquired: { how: 'pre-owned', on: '2021-01-01' }
		});
		expect(fast.draft.note).toMatch(/^(?:missing button, lent to Petra|lent to Petra, missing button)$/);
	});
	it('lets go of what the line no longer says, back to what stood there before', () => {
		const { draft, type } = begun({ sizeLabel: '40', note: 'from the attic', state: 'retired' });
		const before = structuredClone(draft);
		type(line);
		expect(draft.note).toMatch(/^from the attic, /);
		for (let at = line.length - 1; at >= 0; at--) type(line.slice(0, at));
		expect(draft).toEqual(before);
	});
	it('leaves alone what was written by hand, and goes on with the rest', () => {
		const { draft, type } = begun();
		type('red court shoes, 38');
		draft.sizeLabel = '38½';
		draft.note = 'try again';
		type('red court shoes, 39, £60, torn lining');
		expect(draft).toMatchObject({ sizeLabel: '38½', note: 'try again', price: '60.00', state: 'needs-care' });
	});
});
