import { describe, expect, it } from 'vitest';
import {
	checkLook,
	closenessOf,
	garmentInWords,
	garmentType,
	mendsOf,
	readLook,
	rules,
	scoreLook,
	withChange,
	type CheckedPiece,
	type Element,
	type FacetId,
	type Finding,
	type Garment
} from '../../src/lib/core';
import { labelledOutfits } from '../outfits';
import { labelledPairs } from '../pairs';

/** Laws that hold for every look and every pair there is, tried on all the labelled ones. */
const outfits = labelledOutfits();
const phrases = [...new Set(labelledPairs().flatMap(({ asked, given }) => [asked, given]))];
const only = (phrase: string): Garment => readLook(phrase).elements[0]!.garment;
const asks = (garment: Garment) => ({ garment, signature: [], open: [] });

const said = (findings: Finding[]) =>
	findings
		.map(({ rule, severity, state, pieces }) =>
			[rule, severity, state ?? '', [...pieces].sort().join()].join()
		)
		.sort();
const faults = (worn: readonly CheckedPiece[], context: Parameters<typeof checkLook>[1]) =>
	checkLook(worn, context).filter(({ severity }) => severity !== 'praise');

describe('the eye', () => {
	it('does not mind in which order a look is told', () => {
		for (const { text, worn, context } of outfits)
			expect(
				said(faults([...worn].reverse(), context)).map((line) => line.split(',')[0]),
				text
			).toEqual(said(faults(worn, context)).map((line) => line.split(',')[0]));
	});
	it('finds the same when it looks again', () => {
		for (const { text, worn, context } of outfits)
			expect(said(checkLook(worn, context)), text).toEqual(said(checkLook(worn, context)));
	});
	it('speaks only of what is worn, by rules that there are, and says what it measured', () => {
		const known = new Set(rules.map(({ id }) => id));
		for (const { text, worn, context } of outfits)
			for (const finding of checkLook(worn, context)) {
				expect(known.has(finding.rule), finding.rule).toBe(true);
				expect(finding.measured, text).toMatch(/\w{3}/);
				expect(finding.measured, text).not.toMatch(/undefined|NaN|null|\bnone\b.*none/);
				for (const id of finding.pieces)
					expect(
						worn.some((piece) => piece.id === id),
						text
					).toBe(true);
			}
	});
	it('asks one rule alone for what it says among all, but for those that yield', () => {
		const yields = new Set(rules.filter(({ yieldsTo }) => yieldsTo?.length).map(({ id }) => id));
		for (const { text, worn, context } of outfits.slice(0, 120))
			for (const { rule } of checkLook(worn, context).filter((one) => !yields.has(one.rule)))
				expect(checkLook(worn, context, { only: [rule] }).length, `${rule}: ${text}`).toBeGreaterThan(0);
	});
	it('offers only mends after which the finding is gone and no other fault has come', () => {
		let mended = 0;
		for (const { text, worn, context } of outfits) {
			const before = faults(worn, context);
			for (const finding of before)
				for (const { change } of mendsOf(finding, worn, { context })) {
					mended++;
					const after = faults(withChange(worn, change), context);
					const same = ({ rule, pieces, state }: Finding) =>
						rule === finding.rule && state === finding.state && pieces.join() === finding.pieces.join();
					expect(after.some(same), `${finding.rule}: ${text}`).toBe(false);
					const rulesBefore = new Set(before.map(({ rule }) => rule));
					expect(
						after.filter(({ rule }) => !rulesBefore.has(rule)).map(({ rule }) => rule),
						`${finding.rule}: ${text}`
					).toEqual([]);
				}
		}
		expect(mended).toBeGreaterThan(30);
	});
	it('never warns of a habit', () => {
		const habits = new Set(rules.filter(({ standing }) => standing === 'habit').map(({ id }) => id));
		for (const { text, worn, context } of outfits)
			for (const { rule, severity } of checkLook(worn, context))
				if (habits.has(rule)) expect(severity, `${rule}: ${text}`).not.toBe('warning');
	});
	it('never warns of colours that nobody said', () => {
		for (const { text, worn, context } of outfits) {
			const colourless = worn.map((piece) => ({
				...piece,
				garment: { ...piece.garment, palette: [], metal: undefined }
			}));
			for (const { rule, severity } of checkLook(colourless, context))
				if (severity === 'warning')
					expect(['near-miss', 'stray-colour', 'low-contrast', 'prints-together'], text).not.toContain(rule);
		}
	});
	it('is never content with a look that leaves the hips bare', () => {
		for (const { text, worn } of outfits) {
			const bottomless = worn.filter(
				({ garment }) => !['legs', 'whole', 'suit', 'drape'].includes(garmentType(garment.type).slot)
			);
			const dressed = bottomless.some(({ garment, moves }) => {
				const { slot, id } = garmentType(garment.type);
				return (
					moves.includes('as-dress') ||
					id === 'abaya' ||
					id.includes('kurta') ||
					id === 'angrakha' ||
					(slot === 'top' && /tunic|kaftan|thigh/.test(`${id} ${garment.facets.topLength?.value}`))
				);
			});
			if (
				dressed ||
				!bottomless.some(({ garment }) => ['top', 'layer'].includes(garmentType(garment.type).slot))
			)
				continue;
			expect(
				checkLook(bottomless, {}).map(({ rule, measured }) => `${rule}: ${measured}`),
				text
			).toContain('not-dressed: not yet dressed below the waist');
		}
	});
	it('never mends a look by undressing it', () => {
		for (const { worn, context } of outfits)
			for (const finding of faults(worn, context))
				for (const { change } of mendsOf(finding, worn, { context }))
					if (change.kind === 'leave-off') {
						const left = worn.find(({ id }) => id === change.id)!;
						expect(garmentInWords(left.garment)).not.toMatch(/trousers|skirt|dress$|jeans|shirt$|blouse/);
					}
	});
});

describe('closeness', () => {
	it('of a thing to itself is 1, as far as words say it', () => {
		for (const phrase of phrases)
			expect(closenessOf(asks(only(phrase)), only(phrase)).closeness, phrase).toBe(1);
	});
	it('never gains by what is left unsaid', () => {
		for (const phrase of phrases) {
			const whole = only(phrase);
			for (const facet of Object.keys(whole.facets) as FacetId[]) {
				const { [facet]: _left, ...others } = whole.facets;
				const vague = closenessOf(asks(whole), { ...whole, facets: others });
				expect(vague.closeness, `${phrase} without ${facet}`).toBeLessThan(1);
				expect(vague.confidence, `${phrase} without ${facet}`).toBeLessThan(1);
			}
			if (whole.palette.length > 0)
				expect(closenessOf(asks(whole), { ...whole, palette: [] }).closeness, phrase).toBeLessThan(1);
		}
	});
	it('is the sum of its shares less what was not asked for, and its shares are a whole', () => {
		for (const { asked, given } of labelledPairs()) {
			const { aspects, closeness, worn, unasked } = closenessOf(asks(only(asked)), only(given));
			const shouted = unasked.reduce((sum, { loss }) => sum + loss, 0);
			if (!worn) continue;
			expect(aspects.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
			expect(aspects.reduce((sum, { share, similarity }) => sum + share * similarity, -shouted)).toBeCloseTo(
				closeness,
				9
			);
		}
	});
	it('is no less for an element that leaves something open', () => {
		for (const { asked, given } of labelledPairs()) {
			const element = asks(only(asked));
			const strict = closenessOf(element, only(given));
			for (const { aspect, similarity } of strict.aspects) {
				if (strict.aspects.length < 2 || similarity > strict.closeness) continue;
				const open = closenessOf({ ...element, open: [aspect] }, only(given));
				expect(open.closeness, `${given} for ${asked}, ${aspect} open`).toBeGreaterThanOrEqual(
					strict.closeness - 1e-9
				);
			}
		}
	});
});

describe('a look read from words', () => {
	const lookOf = (text: string): Element[] => readLook(text).elements;
	it('recreated with its own pieces and moves scores 100', () => {
		for (const { text } of outfits.slice(0, 100)) {
			const elements = lookOf(text);
			if (elements.length === 0) continue;
			const worn = elements.map(({ id, garment, moves }) => ({
				elementId: id,
				state: 'items' as const,
				garments: [garment],
				movesDone: moves
			}));
			expect(scoreLook({ elements }, worn).score, text).toBeCloseTo(100, 6);
		}
	});
	it('with one piece missing loses just what is lost', () => {
		for (const { text } of outfits.slice(0, 60)) {
			const elements = lookOf(text);
			if (elements.length < 2) continue;
			const { score, losses } = scoreLook(
				{ elements },
				elements.slice(1).map(({ id, garment, moves }) => ({
					elementId: id,
					state: 'items' as const,
					garments: [garment],
					movesDone: moves
				}))
			);
			expect(score, text).toBeLessThan(100);
			expect(
				losses.reduce((sum, { points }) => sum + points, 0),
				text
			).toBeCloseTo(100 - score, 6);
		}
	});
	it('names garments that read again as the same type', () => {
		for (const phrase of phrases) {
			const again = readLook(garmentInWords(only(phrase))).elements;
			expect(
				again.map(({ garment }) => garment.type),
				phrase
			).toEqual([only(phrase).type]);
		}
	});
});
