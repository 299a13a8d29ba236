import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeReference } from '../../../../tests/records';
import { closenessOf } from '../closeness/piece';
import { garmentType } from '../lexicon/taxonomy';
import { degreeIds, recipeSchema, type Recipe, type RecipeItem } from '../model/recipe';
import { referenceSchema } from '../model/reference';
import { itemsAtDegree, weighed } from './degrees';
import { recipeFromReferences } from './from-references';
import { recipeLibrary } from './library';
import { onBase, sharedAdds } from './on-a-base';
import { isBeauty, readRecipe } from './read-recipe';
import { recipeText } from './recipe-text';
import { referenceOf } from './to-reference';

const folder = 'src/lib/core/recipes/texts';
const files = readdirSync(folder);
const textOf = (file: string) => readFileSync(`${folder}/${file}`, 'utf8');
const library = recipeLibrary();
const recipe = (title: string) => library.find((one) => one.title === title) as Recipe;

let last = 0;
const newId = () => `00000000-0000-4000-8000-${String(++last).padStart(12, '0')}`;

describe('the recipes that come with the app', () => {
	it.each(files)('%s is read whole: every line one thing, every word known', (file) => {
		expect(readRecipe(textOf(file)).problems).toEqual([]);
	});
	it('are valid records with ids of their own', () => {
		for (const one of library) expect(recipeSchema.safeParse(one).error, one.title).toBeUndefined();
		expect(new Set(library.map(({ id }) => id)).size).toBe(library.length);
	});
	it('have a card for each decade from the 1920s to the 2000s, and at least ten aesthetics', () => {
		expect(library.filter(({ kind }) => kind === 'era').map(({ title }) => title)).toEqual(
			[1920, 1930, 1940, 1950, 1960, 1970, 1980, 1990, 2000].map((year) => `The ${year}s`)
		);
		expect(library.filter(({ kind }) => kind === 'aesthetic').length).toBeGreaterThanOrEqual(10);
	});
	it.each(library.map((one) => [one.title, one] as const))(
		'%s says silhouette, core, optional, never, colours, cloth, shoes, hair and make-up, each with a reason',
		(_, one) => {
			const has = (test: (item: RecipeItem) => boolean) => one.items.some(test);
			for (const line of Object.values(one.silhouette)) expect(line).not.toBe('');
			for (const part of ['core', 'optional', 'never'] as const)
				expect(has((item) => item.part === part)).toBe(true);
			expect(one.colours.length).toBeGreaterThanOrEqual(3);
			expect(one.cloth.length).toBeGreaterThanOrEqual(2);
			expect(has(isBeauty)).toBe(true);
			expect(has(({ garment: { type } }) => garmentType(type).division === 'footwear')).toBe(true);
			for (const { reason } of [...one.items, ...one.colours, ...one.cloth]) expect(reason).toMatch(/\.$/);
		}
	);

	/** What costume histories agree on (common practice): the line of each decade. */
	it.each<[string, (item: RecipeItem) => boolean]>([
		['The 1920s', ({ garment: one }) => one.facets.waistline?.value === 'dropped'],
		['The 1930s', ({ garment: one }) => one.facets.skirtShape?.value === 'bias'],
		['The 1940s', ({ garment: one }) => one.facets.shoulder?.value === 'padded'],
		[
			'The 1950s',
			({ garment: one }) =>
				one.facets.skirtShape?.value === 'full' && one.facets.waistline?.value === 'marked'
		],
		['The 1960s', ({ garment: one }) => one.facets.hemLength?.value === 'mini'],
		[
			'The 1970s',
			({ garment: one }) => one.facets.leg?.value === 'flared' && one.facets.rise?.value === 'high'
		],
		['The 1980s', ({ garment: one }) => one.facets.shoulder?.value === 'padded'],
		['The 1990s', ({ garment: one }) => one.type === 'slip-dress'],
		['The 2000s', ({ garment: one }) => one.facets.rise?.value === 'low']
	])('%s has its line at its core', (title, line) => {
		expect(
			recipe(title)
				.items.filter(({ part }) => part === 'core')
				.some(line)
		).toBe(true);
	});
	it('never has what breaks the line', () => {
		const never = (title: string) => recipe(title).items.filter(({ part }) => part === 'never');
		const has = (title: string, test: (item: RecipeItem) => boolean) => never(title).some(test);
		for (const title of ['The 1920s', 'The 1960s', 'The 1970s', 'The 1990s'])
			expect(
				has(title, ({ garment: one }) => one.facets.shoulder?.value === 'padded'),
				title
			).toBe(true);
		expect(has('The 1950s', ({ garment: one }) => one.facets.rise?.value === 'low')).toBe(true);
	});
});

describe('reading a recipe’s text', () => {
	it('reports a line that it cannot take, with its place, and reads the rest', () => {
		const { recipe: read, problems } = readRecipe(
			'title: Trial\n\ncore\nnavy coat | Warm.\nzorbled | What?\nshirt and tie | Two.\n\ncolours\nzorb | No.\nnavy | Yes.\n'
		);
		expect(read.items).toHaveLength(1);
		expect(read.colours).toHaveLength(1);
		expect(problems.map(({ line, problem }) => [line, problem])).toEqual([
			[5, 'names no garment'],
			[6, 'names more than one thing'],
			[9, 'is no colour word']
		]);
	});
	it('misses a title', () =>
		expect(readRecipe('core\nnavy coat | Warm.').problems[0]?.problem).toMatch(/title/));

	it('accounts for every line: what it was taken for, or why not', () => {
		const text = 'title: Trial\nKIND: era\n\nCore:\nnavy zorbled coat | Warm | and long.\ntie\n';
		const { lines, recipe: read } = readRecipe(text);
		expect(lines.map(({ text: said }) => said)).toEqual(text.split('\n'));
		expect(lines[4]).toMatchObject({ took: 'navy overcoat', problem: { line: 5, taken: true } });
		expect(read).toMatchObject({ kind: 'era', items: [{ reason: 'Warm | and long.' }, { reason: '' }] });
	});
	it.each([
		['mood: calm', 'is none of'],
		['a coat', 'expected'],
		['kind: outfit', 'a kind is'],
		['title: again', 'twice'],
		[`title: ${'long '.repeat(30)}`, '1 to 120'],
		[`note: ${'x'.repeat(4001)}`, '4,000'],
		['core\nnavy coat\nnavy coat', 'twice'],
		[`core\n${'very '.repeat(50)}navy coat`, '200 letters'],
		[`core\nnavy coat | ${'x'.repeat(301)}`, '300 letters'],
		[`never\n${Array.from({ length: 61 }, (_, i) => `navy coat in size ${i}`).join('\n')}`, 'more than 60'],
		['colours\nnavy\nnavy', 'twice'],
		['cloth\nsilk\nsilk', 'twice'],
		['cloth\nbreeze', 'no material']
	])('says of %j what is wrong', (text, problem) => {
		const said = text.startsWith('title: long') ? text : `title: Trial\n${text}`;
		expect(
			readRecipe(said)
				.problems.map((one) => one.problem)
				.join()
		).toContain(problem);
	});
	it('gives nothing that could not be stored, whatever is typed', () => {
		const bits = fc.constantFrom(
			'core',
			'colours',
			'cloth',
			'title: A',
			'navy coat',
			'navy | x',
			':',
			'|',
			''
		);
		const anyLine = fc.oneof(bits, fc.string({ maxLength: 320 }));
		fc.assert(
			fc.property(fc.array(anyLine, { maxLength: 20 }), (typed) => {
				const { recipe: read, lines } = readRecipe(`title: A\n${typed.join('\n')}`, { id: newId() });
				expect(recipeSchema.safeParse(read).error).toBeUndefined();
				expect(new Set(read.items.map(({ id }) => id)).size).toBe(read.items.length);
				expect(lines.length).toBeGreaterThan(typed.length);
			}),
			{ numRuns: 60 }
		);
	});
});

describe('a recipe as text', () => {
	it.each(library.map((one) => [one.title, one] as const))('%s is read back as it was', (_, one) => {
		expect(readRecipe(recipeText(one)).problems).toEqual([]);
		expect(readRecipe(recipeText(one), { id: one.id, was: one }).recipe).toEqual(one);
	});
	it('keeps what its untouched lines were: how often it was found, what it was made from', () => {
		const looks = [['navy'], ['wine']].map((colours) => ({
			...makeReference([
				element(1, garment('blazer', colours), { id: newId() }),
				element(2, garment('low-bun'), { id: newId() }),
				element(3, garment('jeans', ['black']), { id: newId() })
			]),
			id: newId()
		}));
		const made = recipeFromReferences(looks, 'Two | blazers', newId);
		const text = recipeText(made);
		const same = readRecipe(text, { id: made.id, was: made });
		expect(same.problems).toEqual([]);
		expect(same.recipe).toEqual({ ...made, title: 'Two / blazers' });
		const more = readRecipe(text.replace('\nnever\n', '\nnever\nwide belt | It cuts the line.\n'), {
			id: made.id,
			was: made
		});
		expect(more.recipe.items.filter(({ part }) => part !== 'never')).toEqual(made.items);
		expect(more.recipe.items.find(({ part }) => part === 'never')).toMatchObject({
			found: 1,
			phrase: 'wide belt'
		});
	});
});

describe('degrees', () => {
	it.each(library.map((one) => [one.title, one] as const))(
		'of %s hold one another and end with all',
		(_, one) => {
			const taken = degreeIds.map((degree) => itemsAtDegree(one, degree));
			taken.forEach((items, i) => {
				if (i > 0) expect(items.slice(0, taken[i - 1]?.length)).toEqual(taken[i - 1]);
			});
			expect(taken.at(-1)).toEqual(weighed(one).worn.map(({ item }) => item));
			expect(taken[0]?.length).toBeLessThan(taken.at(-1)?.length ?? 0);
			expect(weighed(one).worn.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9);
		}
	);
	it('never takes what breaks the recipe, nor two things for one place', () => {
		for (const one of library) {
			const items = itemsAtDegree(one, 'all-in');
			expect(items.every(({ part }) => part !== 'never')).toBe(true);
			const feet = items.filter(({ garment: { type } }) => garmentType(type).slot === 'feet');
			expect(feet.length, one.title).toBeLessThanOrEqual(1);
		}
	});
	it('a touch of a recipe is nearer to it than to any other', () => {
		const likeness = (items: RecipeItem[], other: Recipe) => {
			const wanted = weighed(other).worn;
			return items.reduce(
				(sum, { garment: have }) =>
					sum +
					Math.max(
						...wanted.map(
							({ item, weight }) =>
								(0.5 + weight) *
								closenessOf({ garment: item.garment, signature: [], open: [] }, have).closeness
						)
					),
				0
			);
		};
		for (const one of library) {
			const touch = itemsAtDegree(one, 'touch');
			const nearest = [...library].sort((a, b) => likeness(touch, b) - likeness(touch, a))[0];
			expect(nearest?.title).toBe(one.title);
		}
	});
	it('puts the core before the optional at the same rank', () => {
		const [first] = weighed(recipe('The 1950s')).worn;
		expect(first?.item.part).toBe('core');
	});
});

describe('a reference made of a recipe', () => {
	it('is valid, keeps the link and the degree, and gives each element its reason', () => {
		for (const one of library) {
			const made = referenceOf(one, 'most', newId);
			expect(referenceSchema.safeParse(made).error, one.title).toBeUndefined();
			expect(made.recipe).toEqual({ id: one.id, title: one.title, degree: 'most' });
			expect(made.elements.every(({ note }) => note.endsWith('.'))).toBe(true);
			expect(made.elements.map(({ rank }) => rank)).toEqual(made.elements.map((_, i) => i + 1));
		}
	});
});

describe('a recipe of one’s own', () => {
	const look = (...garments: Recipe['items'][number]['garment'][]) => ({
		...makeReference(garments.map((one, i) => element(i + 1, one, { id: newId() }))),
		id: newId()
	});
	const looks = [
		look(
			garment('blazer', ['navy'], { fit: 'tailored', lapel: 'peak' }),
			garment('jeans', ['mid denim']),
			garment('loafers', ['black'])
		),
		look(
			garment('blazer', ['navy'], { fit: 'tailored' }),
			garment('skirt', ['ivory']),
			garment('loafers', ['brown'])
		),
		look(garment('suit-jacket', ['midnight'], { fit: 'tailored' }), garment('jeans', ['dark denim']))
	];
	const made = recipeFromReferences(looks, 'Quay tailoring', newId);
	const item = (type: string) => made.items.find((one) => one.garment.type === type);

	it('is a valid recipe that names what it was made from', () => {
		expect(recipeSchema.safeParse(made).error).toBeUndefined();
		expect(made.madeFrom).toEqual(looks.map(({ id }) => id));
	});
	it('holds what the looks share, with how often', () => {
		expect(item('blazer')).toMatchObject({ found: 1, part: 'core', reason: 'In 3 of 3 looks.' });
		expect(item('loafers')).toMatchObject({ part: 'core', reason: 'In 2 of 3 looks.' });
		expect(item('skirt')).toMatchObject({ part: 'optional', reason: 'In 1 of 3 looks.' });
	});
	it('keeps the features that at least half of them have', () => {
		expect(item('blazer')?.garment.facets.fit?.value).toBe('tailored');
		expect(item('blazer')?.garment.facets.lapel).toBeUndefined();
		expect(made.colours[0]?.word).toBe('navy');
	});
	it('of one look, its hero and key elements are the core', () => {
		const [first] = looks;
		const own = recipeFromReferences(
			[{ ...first!, elements: first!.elements.map((one, i) => (i ? { ...one, role: 'finish' } : one)) }],
			'One',
			newId
		);
		expect(own.items.map(({ part }) => part)).toEqual(['core', 'optional', 'optional']);
	});
	it('needs a look', () => expect(() => recipeFromReferences([], 'None', newId)).toThrow(/at least one/));
});

describe('two recipes on one base', () => {
	const base = [
		garment('slip-dress', ['black'], { material: 'satin', hemLength: 'midi' }),
		garment('lace-up-boots', ['black'], { material: 'leather' }),
		garment('wide-belt', ['tan'], { size: 'large' })
	];
	const nineties = onBase(recipe('The 1990s'), 'half', base);
	const fifties = onBase(recipe('The 1950s'), 'half', base);

	it('keep what answers them, each piece once', () => {
		expect(nineties.keeps.map((kept) => base[kept.base]?.type)).toEqual(
			expect.arrayContaining(['slip-dress', 'lace-up-boots'])
		);
		expect(new Set(nineties.keeps.map((kept) => kept.base)).size).toBe(nineties.keeps.length);
	});
	it('take away what they never have, and what is in the way', () => {
		expect(nineties.takesAway).toMatchObject([{ base: 2, why: 'never' }]);
		expect(fifties.takesAway.some(({ base: at, why }) => at === 1 && why === 'in-the-way')).toBe(true);
	});
	it('account for every piece of the base and every item once', () => {
		for (const [title, done] of [
			['The 1990s', nineties],
			['The 1950s', fifties]
		] as const) {
			const pieces = [...done.keeps, ...done.takesAway].map((one) => one.base).concat(done.leaves);
			expect([...pieces].sort()).toEqual([0, 1, 2]);
			expect(done.keeps.length + done.adds.length).toBe(itemsAtDegree(recipe(title), 'half').length);
		}
	});
	it('share what both add', () => {
		const twenties = onBase(recipe('The 1920s'), 'all-in', []);
		const thirties = onBase(recipe('The 1930s'), 'all-in', []);
		expect(sharedAdds(twenties, twenties)).toHaveLength(twenties.adds.length);
		expect(sharedAdds(twenties, thirties).length).toBeLessThan(twenties.adds.length);
	});
});
