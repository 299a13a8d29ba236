/** Laws of limits: of a thing of which only a wider kind is known, or no length, cut or cloth, it is asked; colours that are compared. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes } from '../../src/lib/core';
import { factsOf } from '../../src/lib/core/checks/facts';
import { breaksLimit } from '../../src/lib/core/checks/limits';
import { chromaOf, labOfHex } from '../../src/lib/core/colour/spaces';
import { colourOfWord } from '../../src/lib/core/colour/words';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { includes, type GarmentType } from '../../src/lib/core/lexicon/taxonomy';
import { colourWord } from '../looks';
import { piecesOf } from '../outfits';

const onlyOne = (words: string) => {
	const { pieces } = factsOf(piecesOf(words), {});
	return pieces.length === 1 ? pieces[0] : undefined;
};
const asked = (limit: string, words: string) => breaksLimit(limit, onlyOne(words)!);

/** Kinds that read as themselves by their own name. */
const known = garmentTypes.filter(({ id, singular }) => onlyOne(`red ${singular}`)?.type.id === id);

describe('a limit of one kind, held against a thing of which a wider one is known', () => {
	const endsInName = (kind: GarmentType, wider: GarmentType) =>
		kind.singular.endsWith(` ${wider.singular}`) || kind.plural.endsWith(` ${wider.plural}`);
	// Fair Isle jumpers are told by their print: what nobody calls printed mostly is not.
	const called = known.filter(({ id, plural }) => {
		const piece = onlyOne(plural);
		return piece?.type.id === id && !piece.print;
	});
	const pairs = called.flatMap((kind) =>
		known
			.filter(
				(wider) => wider !== kind && ((wider.general && includes(wider, kind)) || endsInName(kind, wider))
			)
			.map((wider) => ({ kind, wider }))
	);
	it('is asked, and never silent: “no chokers”, a necklace', () => {
		expect(pairs.length).toBeGreaterThan(300);
		const silent = pairs
			.filter(({ kind, wider }) => asked(`no ${kind.plural}`, wider.singular) === 'no')
			.map(({ kind, wider }) => `no ${kind.plural}: ${wider.singular}`);
		expect(silent).toEqual([]);
	});
	it('is silent of another kind', () => {
		for (const [limit, words] of [
			['no chokers', 'gold ring'],
			['no ankle socks', 'knee socks'],
			['no pencil skirts', 'pleated skirt'],
			['no stilettos', 'black flats'],
			['no denim shirts', 'white shirt']
		] as const)
			expect(asked(limit, words), `${limit}: ${words}`).toBe('no');
	});
	it('is silent where what is stated speaks against it', () => {
		expect(asked('no opaque tights', 'sheer black tights')).toBe('no');
		expect(asked('no pencil skirts', 'full black skirt')).toBe('no');
		expect(asked('no black pencil skirts', 'red skirt')).toBe('no');
	});
	it('is raised where that kind alone is worn: “trainers only”, shoes', () => {
		expect(asked('trainers only', 'black shoes')).toBe('yes');
	});
});

describe('a limit of one kind and how it is, held against one of that kind of which nobody says so', () => {
	// "Light" is said of a colour first.
	const measured = ['hemLength', 'sleeveLength', 'fit', 'heelHeight', 'toe', 'weight', 'opacity'];
	const told = facetPhrases.filter(
		({ facet, free, phrase }) => free && measured.includes(facet) && /^(?!light$)\w+$/.test(phrase)
	);
	const cases = known
		.filter(({ division, general }) => general && !['beauty', 'jewellery', 'accessories'].includes(division))
		.flatMap((type) =>
			told
				.filter(({ facet }) => type.facets.includes(facet) && type.usual[facet] === undefined)
				.filter(({ phrase, facet, value }) => {
					const said = onlyOne(`${phrase} ${type.singular}`);
					return said?.type.id === type.id && said.stated(facet) === value;
				})
				.map(({ phrase }) => ({ limit: `no ${phrase} ${type.plural}`, words: `red ${type.singular}` }))
		);
	it('is asked, and never silent: “no heavy coats”, a coat', () => {
		expect(cases.length).toBeGreaterThan(50);
		const silent = cases.filter(({ limit, words }) => asked(limit, words) === 'no').map(({ limit }) => limit);
		expect(silent).toEqual([]);
	});
	it('is silent of what a thing has or has not: “no skirts with slits”, a skirt', () => {
		expect(asked('no skirts with slits', 'black skirt')).toBe('no');
		expect(asked('no frilled tops', 'black top')).toBe('no');
	});
	it('is asked of a print of which nobody says what it is', () => {
		for (const limit of ['no florals', 'no stripes', 'no leopard', 'no slogans'])
			expect([limit, asked(limit, 'printed skirt')]).toEqual([limit, 'unknown']);
	});
});

describe('colours that are compared', () => {
	const scales = [
		['darker', (hex: string) => -labOfHex(hex).l],
		['lighter', (hex: string) => labOfHex(hex).l],
		['bolder', (hex: string) => chromaOf(labOfHex(hex))],
		['quieter', (hex: string) => -chromaOf(labOfHex(hex))]
	] as const;
	const hexOf = (word: string) => colourOfWord(word)!.hex;
	it('forbid what goes further, and never the colour itself: “nothing bolder than navy”', () => {
		fc.assert(
			fc.property(colourWord, colourWord, fc.constantFrom(...scales), (most, worn, [how, of]) => {
				const further = of(hexOf(worn)) - of(hexOf(most));
				fc.pre(onlyOne(`${worn} dress`) !== undefined && (worn === most || Math.abs(further) > 8));
				const said = `nothing ${how} than ${most}: ${worn}`;
				expect([said, asked(`nothing ${how} than ${most}`, `${worn} dress`)]).toEqual([
					said,
					further > 0 ? 'yes' : 'no'
				]);
			}),
			{ numRuns: 400 }
		);
	});
	it.each([
		['silver over gold', 'gold', 'silver'],
		['prefers silver to gold', 'gold', 'silver'],
		['rose gold over yellow gold', 'gold', 'silver'],
		['likes gold better than silver', 'silver', 'gold']
	])('and metals of which one is liked better forbid the other: %s', (limit, refused, worn) => {
		expect(asked(limit, `${refused} ring`)).toBe('yes');
		expect(asked(limit, `${worn} ring`)).toBe('no');
	});
});

describe('toes and prints by their size', () => {
	it.each([
		['no narrow toes', 'pointed-toe flats', 'yes'],
		['no narrow toes', 'almond-toe flats', 'unknown'],
		['no narrow toes', 'square-toe flats', 'no'],
		['no small prints', 'ditsy floral dress', 'yes'],
		['no small prints', 'striped dress', 'unknown'],
		['no small prints', 'tropical print shirt', 'no'],
		['no small prints', 'black dress', 'no'],
		['no thick tights', 'black tights', 'unknown'],
		['no thick tights', 'sheer tights', 'no'],
		['flat shoes for the boat', 'stilettos', 'unknown']
	])('“%s”, %s', (limit, words, answer) => {
		expect(asked(limit, words)).toBe(answer);
	});
});

describe('what alone is worn, said without “only” at either end', () => {
	it.each([
		['wears only trousers', 'black dress', true],
		['wears only trousers', 'black trousers', false],
		['carries only clutches', 'backpack', true],
		['long sleeves, even in summer', 'short-sleeved shirt', true],
		['long sleeves, even in summer', 'long-sleeved shirt', false],
		['no sandals, even in summer', 'black sandals', true],
		['jeans, even at weddings', 'black dress', true],
		['wears glasses, even on stage', 'sunglasses', false],
		['loves bold prints, even in winter', 'plain grey coat', false]
	])('“%s”, %s', (limit, words, isRaised) => {
		expect(['yes', 'by-kind'].includes(asked(limit, words))).toBe(isRaised);
	});
});

describe('what alone is worn, named by a part or a print that other things have as well', () => {
	const necks = ['boat', 'scoop', 'cowl', 'funnel', 'mock', 'square', 'polo', 'V', 'crew'];
	it('is never broken in silence: “V-necks only”, a crew-neck dress', () => {
		for (const only of necks)
			for (const worn of necks.filter((one) => one !== only))
				for (const thing of ['top', 'dress', 'jumper']) {
					const said = [`${only}-necks only`, `only ${only} necks`].map((limit) =>
						asked(limit, `${worn}-neck ${thing}`)
					);
					expect(said, `${only}: ${worn}-neck ${thing}`).toEqual(['yes', 'yes']);
				}
	});
	it('is kept by what has it, and by what has no neck', () => {
		for (const only of necks)
			for (const kept of [`${only}-neck top`, `${only}-neck dress`, 'black trousers', 'red boots'])
				expect(asked(`${only}-necks only`, kept), `${only}: ${kept}`).toBe('no');
	});
	it.each([
		['florals only', 'striped dress', 'yes'],
		['florals only', 'floral dress', 'no'],
		['florals only', 'red dress', 'unknown'],
		['florals only', 'red shoes', 'no'],
		['only stripes or spots', 'floral shirt', 'yes'],
		['only stripes or spots', 'polka dot shirt', 'no']
	])('“%s”, %s: %s', (limit, words, answer) => expect(asked(limit, words)).toBe(answer));
});

describe('a limit of one kind of thing', () => {
	it.each([
		['light tops only', 'black trousers', 'black shirt'],
		['dark coats only', 'white shirt', 'cream coat'],
		['dark shoes only', 'white shirt', 'white trainers'],
		['neutral bottoms only', 'red shirt', 'red trousers'],
		['no dark tops', 'black trousers', 'black shirt'],
		['no sheer tops', 'sheer skirt', 'sheer blouse'],
		['no wool tops', 'wool trousers', 'wool jumper'],
		['no sleeveless tops', 'sleeveless dress', 'sleeveless blouse'],
		['silk only for scarves', 'cotton shirt', 'polyester scarf'],
		['no clasps', 'stud earrings', 'pearl necklace']
	])('“%s” is none of another: %s, where %s', (limit, other, own) => {
		expect(asked(limit, other)).toBe('no');
		expect(asked(limit, own)).not.toBe('no');
	});
});

describe('what alone is worn, told by what it does', () => {
	it.each([
		['only shoes that lace', 'loafers'],
		['shoes that lace only', 'court shoes'],
		['jackets must zip', 'blazer'],
		['jackets must button', 'zipped bomber jacket'],
		['bags must zip', 'tote'],
		['only bags that close', 'tote'],
		['tops must button', 'jumper'],
		['tops must zip or button', 'jumper'],
		['only dresses that wrap', 'shift dress'],
		['must open down the front', 'jumper'],
		['must button or zip at the front', 'jumper'],
		['breastfeeding: must button or zip at the front', 'jumper'],
		['button-front tops only', 'jumper']
	])('“%s” is never broken in silence: %s', (limit, words) => expect(asked(limit, words)).not.toBe('no'));
	it.each([
		['only shoes that lace', 'lace-up shoes'],
		['jackets must zip', 'zipped bomber jacket'],
		['jackets must zip', 'red skirt'],
		['only dresses that wrap', 'wrap dress'],
		['must open down the front', 'button-down shirt'],
		['tops that cover only', 'red skirt']
	])('“%s” is kept by %s', (limit, words) => expect(asked(limit, words)).toBe('no'));
	it('is asked of what may be it: “only velvet jackets”, a jacket', () =>
		expect(asked('only velvet jackets', 'navy jacket')).not.toBe('no'));
});

describe('a limit that compares things', () => {
	const upper = known.filter(({ slot }) => ['top', 'layer', 'outer'].includes(slot));
	const kinds = fc.constantFrom(...upper);
	/** Stated or by its kind, it is raised. */
	const put = (answer: ReturnType<typeof asked>) => (['yes', 'by-kind'].includes(answer) ? 'raised' : answer);
	const words = fc.constantFrom(
		['heavier', 'lighter'],
		['warmer', 'cooler'],
		['dressier', 'more casual'],
		['longer', 'shorter'],
		['looser', 'tighter']
	);
	it('forbids of two kinds at most the one, and no kind for being more than itself', () =>
		fc.assert(
			fc.property(kinds, kinds, words, (one, other, [more = '', less = '']) => {
				const goesBeyond = (how: string, named: GarmentType, piece: GarmentType) =>
					put(asked(`nothing ${how} than a ${named.singular}`, piece.singular));
				expect(['no', 'unknown']).toContain(goesBeyond(more, one, one));
				const [first, second] = [goesBeyond(more, one, other), goesBeyond(more, other, one)];
				expect([first, second]).not.toEqual(['raised', 'raised']);
				// What is longer than this, is shorter than nothing else.
				if (first !== 'unknown') expect(goesBeyond(less, other, one)).toBe(first);
			}),
			{ numRuns: 60 }
		));
	it('asks where nothing tells, and leaves alone what is worn elsewhere', () => {
		for (const [limit, words, answer] of [
			['nothing heavier than a cardigan', 'wool overcoat', 'raised'],
			['nothing heavier than an overcoat', 'white shirt', 'no'],
			['nothing heavier than a cardigan', 'black boots', 'no'],
			['nothing heavier than a cardigan', 'tweed trousers', 'no'],
			['nothing dressier than a blouse', 'sequinned ball gown', 'raised'],
			['nothing more formal than smart casual', 'sequinned ball gown', 'raised'],
			['no coats longer than a peacoat', 'ankle-length wool overcoat', 'raised'],
			['no coats longer than a peacoat', 'floor-length dress', 'no'],
			['nothing shorter than bermudas', 'denim hot pants', 'raised'],
			['no heels higher than a kitten heel', 'red stilettos', 'raised'],
			['no bags bigger than medium', 'oversized tote', 'raised'],
			['nothing stiffer than linen', 'leather jacket', 'raised'],
			['nothing thicker than denim', 'wool overcoat', 'unknown'],
			['nothing thicker than denim', 'silk blouse', 'no']
		] as const)
			expect([limit, words, put(asked(limit, words))]).toEqual([limit, words, answer]);
	});
});

describe('how whatever is worn is to be', () => {
	const so = fc.constantFrom('below the knee', 'black', 'dark', 'matte', 'flat', 'navy', 'cotton', 'loose');
	const things = fc.constantFrom(
		'red mini skirt',
		'black maxi skirt',
		'cream jumper',
		'silver lamé top',
		'red stilettos',
		'navy cotton trousers'
	);
	it('is what alone is worn, however it is put', () =>
		fc.assert(
			fc.property(
				so,
				things,
				fc.constantFrom('keep it', 'keeps everything', 'wants things', 'please keep it', 'sticks to'),
				(how, words, put) => {
					expect(asked(`${put} ${how}`, words)).toBe(asked(`${how} only`, words));
				}
			),
			{ numRuns: 60 }
		));
	it('is a limit by itself after one of the body: “no bare shoulders, keep it below the knee”', () => {
		expect(asked('no bare shoulders, keep it below the knee', 'red mini skirt')).not.toBe('no');
		expect(asked('no bare shoulders, keep it black', 'red jumper')).not.toBe('no');
		expect(asked('a scar on her back, keep it covered', 'backless black dress')).not.toBe('no');
	});
	it('is not how somebody is, nor what is kept covered or away from', () => {
		for (const limit of ['stays up late', 'keeps warm', 'stays away from orange', 'keep it covered'])
			expect(asked(limit, 'white shirt'), limit).toBe('no');
		expect(asked('stays away from orange', 'orange scarf')).toBe('yes');
	});
});

describe('a part that a note tells of', () => {
	it('is meant by every word for it', () => {
		const words = ['ruffle', 'ruffles', 'frill', 'frills', 'flounces'];
		for (const piece of ['white blouse with a ruffled front', 'white blouse with a frilled front'])
			expect(new Set(words.map((word) => asked(`no ${word}`, piece))).has('no'), piece).toBe(false);
		expect(asked('no frills', 'white blouse with a pleated front')).toBe('no');
	});
});
