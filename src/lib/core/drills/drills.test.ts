import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { checkLook } from '../checks';
import { deltaE00, labOfHex } from '../colour';
import { metalIds } from '../lexicon/metals';
import { drillIds, freshDrillCard, garmentSchema } from '../model';
import { drawPlate } from '../plate';
import { readLook } from '../reading';
import { allQuestions, questionsOf } from './questions';
import { answered, newADay, nextQuestion, progressOf } from './memory';
import { rightness } from './model';
import { colourSet, toldMetals } from './sets/colours';
import { likenessSet } from './sets/likeness';
import { oddOneSet } from './sets/odd-one';

const linesOf = (set: string) =>
	set
		.trim()
		.split('\n')
		.map((line) => line.split('|').map((field) => field.trim()));

describe('the sets', () => {
	it('say why in words: no question explains itself by the code of a colour', () => {
		for (const drill of drillIds)
			for (const { key, why } of questionsOf(drill)) {
				expect(why, key).not.toMatch(/#[0-9a-f]{3,6}/i);
				expect(why.trim(), key).not.toBe('');
			}
	});
	it('tell only metals that the lexicon has, each by what sets it apart', () => {
		const told = Object.entries(toldMetals);
		expect(told.every(([id]) => metalIds.some((one) => one === id))).toBe(true);
		expect(new Set(told.map(([, why]) => why)).size).toBe(told.length);
	});
	it('have an answer among the options of every question, and a key of its own for each', () => {
		const questions = allQuestions();
		for (const { key, options, answer, why } of questions) {
			expect(
				options.map(({ id }) => id),
				key
			).toContain(answer);
			expect(new Set(options.map(({ label }) => label)).size, key).toBe(options.length);
			expect(why, key).not.toBe('');
			expect(key.length).toBeLessThanOrEqual(80);
		}
		expect(new Set(questions.map(({ drill, key }) => `${drill} ${key}`)).size).toBe(questions.length);
		for (const drill of drillIds) expect(questionsOf(drill).length, drill).toBeGreaterThanOrEqual(12);
	});
	it('show garments that records could hold, and options that are drawn apart', () => {
		for (const { key, shown } of allQuestions())
			if (shown.kind === 'garments')
				for (const { garment } of shown.garments)
					expect(garmentSchema.safeParse(garment).success, key).toBe(true);
		const drawn = new Map<string, string[]>();
		for (const { shown, key } of questionsOf('terms')) {
			if (shown.kind !== 'garments') continue;
			const worn = shown.garments.map(({ garment, moves = [] }) => ({ id: 'one', garment, moves }));
			const { layers, patterns } = drawPlate({ worn });
			const picture = JSON.stringify([layers, patterns]);
			drawn.set(picture, [...(drawn.get(picture) ?? []), key]);
		}
		expect([...drawn.values()].filter((keys) => keys.length > 1)).toEqual([]);
	});
	it('phrases of the pairs and outfits are read whole', () => {
		const phrases = [
			...linesOf(likenessSet).flatMap(([, a = '', b = '']) => [a, b]),
			...linesOf(oddOneSet).flatMap(([outfit = '']) =>
				outfit.split(';').map((one) => one.replace('*', '').trim())
			)
		];
		for (const phrase of phrases) {
			const { elements, phrases: read } = readLook(phrase);
			expect(elements.length, phrase).toBe(1);
			expect(
				read.filter(({ status }) => status === 'unknown' || status === 'doubted').map(({ text }) => text),
				phrase
			).toEqual([]);
		}
	});
	it('pairs to grade are none of those that closeness is tried on', () => {
		const tried = ['pairs', 'more-pairs', 'close-calls'].flatMap((file) =>
			readFileSync(`tests/unit/data/${file}.txt`, 'utf8')
				.split('\n')
				.map((line) =>
					line
						.split('|')
						.slice(1, 3)
						.map((field) => field.trim())
						.join(' / ')
				)
		);
		for (const [, a, b] of linesOf(likenessSet)) expect(tried).not.toContain(`${a} / ${b}`);
	});
	it('the odd one is what the eye says it is', () => {
		for (const [outfit = '', rule] of linesOf(oddOneSet)) {
			const phrases = outfit.split(';').map((one) => one.trim());
			const odd = phrases.findIndex((one) => one.startsWith('*'));
			const look = phrases.map((one, i) => {
				const { garment, moves } = readLook(one.replace('*', '').trim()).elements[0]!;
				return { id: String(i), title: one, garment, moves };
			});
			const found = checkLook(look, {}).filter(({ severity }) => severity !== 'praise');
			expect(
				found.filter((one) => one.rule === rule).some(({ pieces }) => pieces.includes(String(odd))),
				`${outfit}: ${found.map((one) => one.rule).join(', ')}`
			).toBe(true);
		}
	});
	it('the nearer colour is nearer by a step that an eye can tell', () => {
		for (const [sought = '', near = '', far = ''] of linesOf(colourSet)) {
			const to = (hex: string) => deltaE00(labOfHex(sought), labOfHex(hex));
			expect(to(far) / to(near), sought).toBeGreaterThan(1.25);
		}
	});
});

describe('an answer', () => {
	it('is right, half right one grade beside it, and else wrong', () => {
		const [graded] = questionsOf('likeness').filter(({ answer }) => answer === '2');
		expect(['4', '3', '2', '1', '0'].map((id) => rightness(graded!, id))).toEqual([0, 0.5, 1, 0.5, 0]);
		const [term] = questionsOf('terms');
		expect(term!.options.map(({ id }) => rightness(term!, id)).filter((right) => right > 0)).toEqual([1]);
	});
});

const at = (day: number, minute = 0) => new Date(Date.UTC(2026, 0, 10 + day, 9, minute)).toISOString();
const card = () =>
	freshDrillCard({
		id: '10000000-0000-4000-8000-000000000001',
		drill: 'terms',
		question: 'lapel/peak',
		due: at(0)
	});

describe('memory', () => {
	it('asks again sooner what was wrong than what was right, and each time later what stays right (generated)', () =>
		fc.assert(
			fc.property(fc.array(fc.constantFrom(0, 0.5, 1), { minLength: 1, maxLength: 12 }), (answers) => {
				let now = at(0);
				let one = card();
				for (const right of answers) {
					one = answered(one, right, now);
					expect(one.due > now).toBe(true);
					now = one.due;
				}
				expect(answered(one, 1, now).due >= answered(one, 0, now).due).toBe(true);
				expect(one.answers.map(({ right }) => right)).toEqual(answers);
			})
		));
	it('a question that is always right goes from minutes to weeks', () => {
		let one = card();
		const gaps: number[] = [];
		let now = at(0);
		for (let i = 0; i < 6; i++) {
			one = answered(one, 1, now);
			gaps.push((Date.parse(one.due) - Date.parse(now)) / 86_400_000);
			now = one.due;
		}
		expect(gaps[0]).toBeLessThan(1);
		expect(gaps.at(-1)).toBeGreaterThan(21);
		expect([...gaps].sort((a, b) => a - b)).toEqual(gaps);
	});
	it('asks what is due before what is new, begins no more than ten a day, and is done then', () => {
		const questions = questionsOf('terms');
		let cards: ReturnType<typeof card>[] = [];
		const ask = (now: string) => {
			const question = nextQuestion(questions, cards, now);
			if (!question) return undefined;
			const before =
				cards.find((one) => one.question === question.key) ??
				freshDrillCard({ id: crypto.randomUUID(), drill: 'terms', question: question.key, due: now });
			cards = [...cards.filter((one) => one !== before), answered(before, 1, now)];
			return question.key;
		};
		// Seven days, each until nothing is asked any more.
		const asked = [0, 1, 2, 3, 4, 5, 6].map((day) => {
			const keys: string[] = [];
			for (let minute = 0; minute < 600; minute++) {
				const key = ask(at(day, minute));
				if (key) keys.push(key);
			}
			return keys;
		});
		expect(new Set(asked[0]).size).toBe(newADay);
		const begun = new Set<string>();
		for (const keys of asked) {
			const fresh = [...new Set(keys)].filter((key) => !begun.has(key));
			expect(fresh.length).toBeLessThanOrEqual(newADay);
			fresh.forEach((key) => begun.add(key));
		}
		expect(begun.size).toBe(Math.min(questions.length, 7 * newADay));
		const { known, asked: seen, due, course } = progressOf('terms', questions, cards, at(30));
		expect(seen).toBe(begun.size);
		expect(known).toBeGreaterThan(0);
		expect(due).toBeGreaterThan(0);
		expect(course.map(({ right }) => right)).toEqual(course.map(() => 1));
	});
});
