/** Limits against what only a part of a thing is said to be, and where it lies; and what alone is worn, however that is put. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { piecesOf } from '../outfits';
import { checkLook, garmentTypes, isKnownLimit, limitsIn } from '../../src/lib/core';
import { forClient } from '../outfits';
import { factsOf } from '../../src/lib/core/checks/facts';
import { breaksLimit } from '../../src/lib/core/checks/limits';

const onlyOne = (words: string) => {
	const [piece, ...others] = factsOf(piecesOf(words), {}).pieces;
	if (!piece || others.length > 0) throw new Error(`“${words}” is not one thing`);
	return piece;
};
const asked = (limit: string, words: string) => breaksLimit(limit, onlyOne(words));

describe('a limit', () => {
	const features = fc.constantFrom(
		...[
			['ruffles', 'ruffled'],
			['frills', 'frilled'],
			['pleats', 'pleated'],
			['lace', 'lace'],
			['velvet', 'velvet'],
			['sequins', 'sequinned'],
			['beading', 'beaded'],
			['embroidery', 'embroidered'],
			['feathers', 'feathered'],
			['studs', 'studded'],
			['tassels', 'tasselled'],
			['satin', 'satin'],
			['smocking', 'smocked'],
			['fur', 'fur'],
			['stripes', 'striped'],
			['spots', 'spotted'],
			['nothing sheer', 'sheer']
		].map(([noun = '', adjective = '']) => ({ noun, adjective }))
	);
	const part = fc.constantFrom('front', 'back', 'yoke', 'collar', 'hem', 'bib');
	const kind = fc.constantFrom('blouse', 'dress');

	it.each([
		['no lace', 'lace-up shoes', 'no'],
		['no lace', 'lace-up boots', 'no'],
		['no lace', 'lace blouse', 'yes'],
		['no laces', 'lace-up shoes', 'yes'],
		['no lace-ups', 'lace-up boots', 'yes']
	])('“%s” of %s: %s', (limit, words, answer) => expect(asked(limit, words)).toBe(answer));

	it('of a feature is never silent about a part that has it', () => {
		fc.assert(
			fc.property(features, part, kind, ({ noun, adjective }, where, what) => {
				const limit = noun.startsWith('nothing') ? noun : `no ${noun}`;
				const words = `${what} with a ${adjective} ${where}`;
				expect(asked(limit, words), `${limit}: ${words}`).not.toBe('no');
			}),
			{ numRuns: 200 }
		);
	});

	it('of a feature at a place is asked of what has it and is worn there', () => {
		fc.assert(
			fc.property(features, ({ noun, adjective }) => {
				fc.pre(!noun.startsWith('nothing'));
				for (const place of ['at the neck', 'near the bust', 'around her shoulders'])
					expect(asked(`no ${noun} ${place}`, `${adjective} blouse`), `${noun} ${place}`).not.toBe('no');
				// Studs are earrings, too.
				if (noun !== 'studs')
					expect(asked(`no ${noun} at the neck`, `${adjective} ballet flats`), noun).toBe('no');
				expect(asked(`no ${noun} at the neck`, 'plain cotton blouse'), noun).toBe('no');
			})
		);
	});

	it.each([
		['no zips at the back', 'jacket with a front zip', 'no'],
		['no zips at the back', 'dress with a zip at the back', 'yes'],
		['no bags over the shoulder', 'black clutch', 'unknown'],
		['no cargo pockets', 'khaki cargo trousers', 'yes'],
		['no dresses', 'white dress shirt', 'no'],
		['no trousers', 'navy suit', 'yes'],
		['no trousers', 'blue salwar', 'yes'],
		['no skirts', 'red lehenga', 'yes'],
		['no green', 'olive dress', 'unknown'],
		['no red', 'burgundy dress', 'unknown'],
		['no green', 'navy dress', 'no'],
		['second-hand fur only', 'mink stole', 'unknown'],
		['second-hand fur only', 'cotton scarf', 'no'],
		['no polyester', 'white blouse', 'unknown'],
		['no polyester', 'linen blouse', 'no'],
		['nothing too revealing', 'plunging dress', 'yes'],
		['nothing too revealing', 'white shirt', 'no'],
		['modest clothes only', 'micro mini skirt', 'yes'],
		['front-opening tops only', 'roll-neck jumper', 'by-kind'],
		['front-opening tops only', 'white shirt', 'no'],
		['no narrow skirts', 'pencil skirt', 'yes'],
		['no writing', 'slogan T-shirt', 'yes'],
		['nothing in my hair', 'gold headband', 'yes'],
		['ears not pierced', 'stud earrings', 'unknown'],
		['ears not pierced', 'clip-on earrings', 'no'],
		['calves covered', 'knee-length skirt', 'yes'],
		['elbows covered', 'short-sleeved shirt', 'yes'],
		['elbows covered', 'long-sleeved shirt', 'no'],
		['no bare feet', 'leather sandals', 'by-kind'],
		['no back fastenings', 'black cocktail dress', 'by-kind'],
		['no back fastenings', 'white shirt', 'no'],
		['nothing over her head', 'cotton kurta', 'by-kind'],
		['nothing over her head', 'denim jacket', 'no'],
		['no fiddly fastenings', 'brown brogues', 'by-kind'],
		['no fiddly fastenings', 'brown loafers', 'no'],
		['no collars higher than 4 cm', 'polo-neck jumper', 'unknown'],
		['silver, never gold', 'silver hoops', 'no'],
		['silver, never gold', 'gold hoops', 'yes'],
		['trousers, not skirts', 'navy trousers', 'no'],
		['trousers, not skirts', 'pleated skirt', 'yes'],
		['wool, not red', 'red cotton shirt', 'yes'],
		['no wool if possible', 'wool jumper', 'yes'],
		['no wool if it touches her', 'wool jumper', 'unknown'],
		['no fur, not even fake', 'faux fur coat', 'yes'],
		['no lace', 'dress without lace', 'no'],
		['no heel over a kitten', 'black stilettos', 'by-kind'],
		['a low block heel is the most she can do', 'black stilettos', 'by-kind'],
		['hemline no higher than mid-knee', 'mini dress', 'yes'],
		['hemline no higher than mid-knee', 'midi dress', 'no'],
		['plain tops only', 'striped T-shirt', 'yes'],
		['plain tops only', 'white T-shirt', 'no'],
		['no coloured tights', 'red tights', 'yes'],
		['no coloured tights', 'black tights', 'no'],
		['no patterned tights', 'fishnet tights', 'by-kind'],
		['all black all the time', 'red dress', 'yes'],
		['all black all the time', 'black dress', 'no'],
		['no one-pieces', 'black jumpsuit', 'yes'],
		['separates only', 'black jumpsuit', 'by-kind'],
		['no lapels', 'navy blazer', 'by-kind'],
		['no straps', 'strappy sandals', 'yes'],
		['nothing with straps round the ankle', 'ankle-strap heels', 'yes'],
		['nothing with straps round the ankle', 'black loafers', 'no'],
		['no sportswear', 'grey joggers', 'by-kind'],
		['no sportswear', 'navy trousers', 'no'],
		['no elastic', 'grey joggers', 'by-kind']
	])('“%s” comes to what it means for a %s: %s', (limit, words, answer) => {
		expect(asked(limit, words)).toBe(answer);
	});

	it('of bare skin knows what is shown as a top and covers no more than a bra', () => {
		for (const words of ['black bralette', 'grey sports bra'])
			for (const bare of ['arms', 'shoulders', 'midriff', 'back'])
				expect(asked(`no bare ${bare}`, words), `${bare}: ${words}`).toBe('by-kind');
		const findings = (look: string) =>
			checkLook(piecesOf(look), forClient({ limits: { never: ['no bare midriff'] } }), {
				only: ['client-limits']
			});
		expect(findings('black bralette; blue jeans')).toHaveLength(1);
		expect(findings('black bralette; white shirt; blue jeans')).toEqual([]);
		// What is under a shirt is lace all the same.
		const noLace = forClient({ limits: { never: ['no lace'] } });
		const found = checkLook(piecesOf('lace bralette; white shirt; blue jeans'), noLace, {
			only: ['client-limits']
		});
		expect(found).toHaveLength(1);
	});

	const alone = [
		(what: string) => `only ${what}`,
		(what: string) => `nothing but ${what}`,
		(what: string) => `${what} or nothing`,
		(what: string) => `${what} and nothing else`,
		(what: string) => `strictly ${what}`,
		(what: string) => `exclusively ${what}`,
		(what: string) => `${what} at all times`,
		(what: string) => `will only wear ${what}`
	];
	it('says what alone is worn in whichever words', () => {
		const kinds = fc.constantFrom(...garmentTypes.filter(({ general }) => general));
		const subject = fc.constantFrom(
			'flats',
			'silver jewellery',
			'trousers',
			'long sleeves',
			'crossbody bags'
		);
		fc.assert(
			fc.property(fc.constantFrom(...alone), subject, kinds, (say, what, { singular }) => {
				const words = `gold ${singular}`;
				fc.pre(piecesOf(words).length === 1);
				expect(asked(say(what), words), `${say(what)}: ${words}`).toBe(asked(`${what} only`, words));
			}),
			{ numRuns: 200 }
		);
	});

	it('of a bag at all times asks for one in every look, and for no other', () => {
		const found = (look: string) =>
			checkLook(piecesOf(look), forClient({ limits: { never: ['crossbody bags at all times'] } }), {
				only: ['client-limits', 'limits-of-looks']
			}).map(({ severity }) => severity);
		expect(found('black dress; gold handbag; heels')).toContain('warning');
		expect(found('black dress; heels')).toEqual(['warning']);
		expect(found('black dress; crossbody bag; heels')).toEqual([]);
		expect(asked('crossbody bags at all times', 'gold handbag')).toBe('yes');
	});

	it('holds whatever the reason that stands before it', () => {
		const reasons = fc.constantFrom(
			'vertigo',
			'bad knees',
			'her eczema',
			'bothersome frobbers',
			'hearing aid'
		);
		const limit = fc.constantFrom('no heels', 'nothing red', 'never velvet', 'no bare arms');
		const words = fc.constantFrom(
			'red velvet dress',
			'black stilettos',
			'sleeveless blouse',
			'navy trousers'
		);
		fc.assert(
			fc.property(reasons, limit, words, (why, what, worn) => {
				expect(asked(`${why}: ${what}`, worn)).toBe(asked(what, worn));
				expect(isKnownLimit(`${why}: ${what}`), why).toBe(true);
			})
		);
		// A time may be a condition, and what is named with a complaint sets it off, or eases it.
		expect(isKnownLimit('on frobber evenings: no heels')).toBe(false);
		expect(asked('eczema: wool', 'wool jumper')).toBe('yes');
		expect(asked('eczema: wool', 'cotton jumper')).toBe('no');
		expect(asked('vertigo: flats', 'black stilettos')).toBe('by-kind');
		expect(asked('vertigo: flats', 'black loafers')).toBe('no');
		expect(asked('scar on her back, keep it covered', 'backless dress')).toBe('yes');
		expect(asked('her knees are scarred, hide them', 'midi skirt')).toBe('no');
	});

	it.each([
		['it swamps', 'ankle boots swamp me'],
		['it cuts', 'ankle boots cut her legs short'],
		['she thinks so', 'she thinks ankle boots make her look wide'],
		['it is too much', 'ankle boots are too heavy for me'],
		['it does no good', 'ankle boots do her no favours'],
		['no reason', 'no ankle boots for religious reasons'],
		['too tall', 'too tall for ankle boots'],
		['refused last', 'ankle boots, no thanks'],
		['allergic', 'allergic to ankle boots']
	])('is understood by what a thing does: %s', (_, limit) => {
		expect(asked(limit, 'black ankle boots')).toBe('yes');
		expect(asked(limit, 'black loafers')).toBe('no');
	});
});

describe('several limits in one field', () => {
	it.each([
		['silver, never gold', ['silver, never gold']],
		['trousers, never skirts, no wool', ['trousers, never skirts', 'no wool']],
		['strapless, never short and tight', ['strapless', 'never short and tight']],
		['wool, not red', ['wool', 'not red']],
		['scar on her back, keep it covered', ['scar on her back, keep it covered']],
		['heels over 4,5 cm, , fur', ['heels over 4,5 cm', 'fur']]
	])('“%s”', (text, limits) => expect(limitsIn(text)).toEqual(limits));
});

describe('a limit of how large a part is', () => {
	const parts = ['buttons', 'patch pockets', 'lapels', 'bows', 'cuffs', 'tassels', 'zips', 'buckles'];
	const [more, less] = [
		['big', 'large', 'oversized', 'huge', 'giant', 'massive', 'chunky'],
		['small', 'tiny', 'little', 'dainty', 'discreet']
	];
	const part = fc.constantFrom(...parts);
	const kind = fc.constantFrom('jacket', 'dress', 'coat');
	const [large, small] = [fc.constantFrom(...more), fc.constantFrom(...less)];
	/** What the reading keeps of a part: "with cuffs" is said of nothing. */
	const isKept = (what: string, size: string, of: string) =>
		new RegExp(size).test(onlyOne(`${what} with ${size} ${of}`).note ?? '');

	it('is broken by one that is said to be so, in whichever word of that measure', () => {
		fc.assert(
			fc.property(part, kind, large, large, small, (of, what, said, worn, no) => {
				fc.pre(isKept(what, worn, of) && isKept(what, no, of));
				expect(asked(`no ${said} ${of}`, `${what} with ${worn} ${of}`)).toBe('yes');
				expect(asked(`no ${said} ${of}`, `${what} with ${no} ${of}`)).toBe('no');
				expect(asked(`no ${no} ${of}`, `${what} with ${no} ${of}`)).toBe('yes');
			}),
			{ numRuns: 300 }
		);
	});
	it('is asked of one of which nobody tells that, and silent of what has none', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('buttons', 'patch pockets', 'bows', 'tassels'),
				kind,
				large,
				(of, what, said) => {
					expect(asked(`no ${said} ${of}`, `${what} with ${of}`)).toBe('unknown');
					expect(asked(`no ${said} ${of}`, `silk slip`)).toBe('no');
				}
			),
			{ numRuns: 100 }
		);
	});
	it('is asked of the lapels that a blazer has without a word', () => {
		expect(asked('no wide lapels', 'blazer')).toBe('unknown');
		expect(asked('no wide lapels', 'cardigan')).toBe('no');
	});
	it('leaves a measure that has a field to that', () => {
		expect(asked('no long sleeves', 'long-sleeved shirt')).toBe('yes');
		expect(asked('no long sleeves', 'short-sleeved shirt')).toBe('no');
	});
});

describe('a part that a thing must have', () => {
	it.each([
		['dresses must have sleeves', 'sleeveless dress', 'yes'],
		['dresses have to have sleeves', 'strapless dress', 'yes'],
		['dresses only if they have sleeves', 'strapless dress', 'yes'],
		['dresses must have sleeves', 'long-sleeved dress', 'no'],
		['dresses must have sleeves', 'sleeveless top', 'no'],
		['coats must have lapels', 'collarless coat', 'yes'],
		['coats must have lapels', 'coat with wide lapels', 'no'],
		['shoes must have a strap', 'court shoes', 'unknown']
	])('is known by its fields, or asked: “%s”, %s', (limit, words, answer) => {
		expect(asked(limit, words)).toBe(answer);
	});
});

describe('a limit of a time or an occasion that nobody knows', () => {
	const places = [
		...['in the lab', 'at the opera', 'near the lathe', 'after six'],
		...['at the zorblet', 'during the frob']
	];
	const why = [
		...['for eczema', 'for bunions', 'in pregnancy', 'after surgery', 'by faith', 'in her religion'],
		...['for a grown woman', 'for frobs', 'in any form', 'for now']
	];
	const things = [
		['no denim', 'blue jeans'],
		['no red', 'red shirt'],
		['no stripes', 'striped tee'],
		['no jewellery', 'gold ring'],
		['no bare arms', 'sleeveless dress'],
		['no heels', 'stilettos'],
		['nothing shiny', 'satin blouse']
	] as const;
	it('is asked of whatever it forbids, and of nothing else', () => {
		for (const place of places)
			for (const [limit, words] of things) {
				expect(asked(`${limit} ${place}`, words), `${limit} ${place}`).toBe('unknown');
				expect(asked(`${limit} ${place}`, 'plain grey wool jumper'), `${limit} ${place}`).toBe('no');
			}
	});
	it('is raised as without it, where it may be why: what a body has is no time that may be another', () => {
		for (const reason of why)
			for (const [limit, words] of things)
				for (const worn of [words, 'plain grey wool jumper'])
					expect(asked(`${limit} ${reason}`, worn), `${limit} ${reason}: ${worn}`).toBe(asked(limit, worn));
	});
	it('holds for each of several things: “no red or black for the mehndi”', () => {
		for (const place of places)
			for (const colour of ['red', 'black'])
				expect(asked(`no red or black ${place}`, `${colour} dress`), place).toBe('unknown');
	});
	it('tells where something is worn by no part of the body, and makes nobody’s church an occasion', () => {
		expect(asked('no black near the face', 'black scarf')).toBe('yes');
		expect(asked('no bare arms in church', 'sleeveless dress')).toBe('yes');
	});
});

describe('a description of which a piece of that kind tells nothing', () => {
	it.each([
		['no tight ponytails', 'ponytail'],
		['no lined coats', 'coat'],
		['no travel blazers', 'blazer']
	])('is asked: “%s”, %s', (limit, words) => {
		expect(asked(limit, words)).toBe('unknown');
	});
	it('is silent of another kind', () => {
		expect(asked('no lined coats', 'jumper')).toBe('no');
	});
});
