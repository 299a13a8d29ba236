import { describe, expect, it } from 'vitest';
import { withChange } from '../checks';
import { readLook } from '../reading';
import { occasionsFor } from './occasions';

const lookOf = (text: string) =>
	text.split(';').map((phrase, i) => {
		const { garment, moves } = readLook(phrase.trim()).elements[0]!;
		return { id: String(i), title: phrase.trim(), garment, moves };
	});
const answers = (text: string, sparesFor?: (id: string) => ReturnType<typeof sparesOf>) =>
	new Map(
		occasionsFor(lookOf(text), {}, sparesFor ? { sparesFor } : {}).map((answer) => [answer.id, answer])
	);
const sparesOf = (text: string) => lookOf(text).map(({ title, garment }) => ({ key: title, title, garment }));

describe('where a look can be worn', () => {
	it('a dinner suit is for black tie and not for a long walk', () => {
		const found = answers(
			'black dinner jacket; black dinner trousers; white evening shirt; black bow tie; black patent oxford shoes'
		);
		expect(found.get('black-tie')).toMatchObject({ suits: true });
		expect(found.get('walk')!.suits).toBe(false);
	});
	it('jeans are for a weekend and not for black tie, and it says why', () => {
		const found = answers('blue jeans; white shirt; brown loafers');
		expect(found.get('weekend')!.suits).toBe(true);
		expect(found.get('black-tie')!.suits).toBe(false);
		expect(found.get('black-tie')!.against.join(' ')).not.toBe('');
	});
	it('suede and rain, linen and frost do not go together', () => {
		expect(
			answers('tan suede boots; camel coat; cream roll-neck jumper; blue jeans').get('rain')!.suits
		).toBe(false);
		const linen = answers('linen sundress; tan sandals').get('winter')!;
		expect(linen.suits).toBe(false);
		expect(linen.against.join(' ')).toContain('cold');
	});
	it('the one swap is named where there is one', () => {
		const high = 'green midi dress; black stiletto court shoes, very high heel';
		const without = answers(high).get('walk')!;
		expect(without.suits).toBe(false);
		const withFlats = answers(high, (id) => (id === '1' ? sparesOf('black leather loafers') : [])).get(
			'walk'
		)!;
		expect(withFlats.mend?.change).toMatchObject({ kind: 'swap', id: '1' });
	});
	it('a change that is told leaves nothing against the look there, warmth with it', () => {
		const spares = sparesOf('white trainers; black leather loafers; blue jeans; white tee');
		for (const text of [
			'green midi dress; black stiletto court shoes, very high heel',
			'linen sundress; tan sandals',
			'blue jeans; white shirt; brown loafers'
		]) {
			const look = lookOf(text);
			for (const { id, mend } of occasionsFor(look, {}, { sparesFor: () => spares })) {
				if (!mend) continue;
				const changed = withChange(look, mend.change);
				const there = occasionsFor(changed, {}).find((answer) => answer.id === id);
				expect(there?.suits, `${text}: ${id}, ${mend.words}`).toBe(true);
			}
		}
	});
});
