import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentInWords } from '../closeness/words';
import { garmentTypes } from '../lexicon/taxonomy';
import { readLook } from './read-look';
import { readPieces } from './read-pieces';

const said = (text: string) => readPieces(text).pieces;

describe('pieces said with their facts', () => {
	it('give size, price, when and how their fields', () => {
		const [piece, ...others] = said(
			'navy pleated wool trousers, high rise, 38, £60 in 2021, pre-owned, missing button'
		);
		expect(others).toEqual([]);
		expect(piece).toMatchObject({
			sizeLabel: '38',
			price: { amountMinor: 6000, currency: 'GBP' },
			acquired: { how: 'pre-owned', on: '2021-01-01' },
			state: 'needs-care',
			note: 'missing button',
			count: 1
		});
		expect(garmentInWords(piece!.garment)).toMatch(/navy.*wool.*trousers/);
	});

	it.each([
		['three white tees', 3],
		['2 x black opaque tights', 2],
		['two pairs of brown leather boots', 2],
		['a dozen white cotton socks', 12],
		['white tee', 1],
		['two-tone brogues', 1],
		['three-button grey blazer', 1],
		['a three-piece suit', 1]
	])('“%s” counts %d', (text, count) => expect(said(text)[0]?.count).toBe(count));

	it.each([
		['two belts, one black, one tan', [1, 1]],
		['three tees, one white, one grey, one black', [1, 1, 1]],
		['two white tees, one black tee, two belts', [2, 1, 2]]
	])('“%s” counts each once', (text, counts) => expect(said(text).map(({ count }) => count)).toEqual(counts));

	it.each([
		['three tees: white, grey and black', true],
		['two pairs of leggings, black and navy', true],
		['two jumpers in navy and grey', true],
		['two white and navy tees', undefined],
		['two striped tees in white and navy', undefined],
		['three tees in white and navy', undefined]
	])('“%s”: one colour each is %s', (text, isOneEach) =>
		expect(said(text).map(({ oneColourEach }) => oneColourEach)).toEqual([isOneEach])
	);

	it('says that each has a colour where it counts them', () => {
		const told = readPieces('three tees: white, grey and black, two belts').phrases.map(
			({ takenFor }) => takenFor
		);
		expect(told).toContain('3 of them, a colour each');
		expect(told).toContain('2 of them');
	});

	it('take no part of a word for a flaw: “ripped fishnets”, “teardrop earrings”', () => {
		for (const text of [
			'ripped jeans',
			'ripped fishnets',
			'teardrop earrings',
			'a holey black jumper',
			'marked-down shoes'
		]) {
			const { pieces, elements } = readPieces(text);
			expect(
				pieces.map(({ state }) => state),
				text
			).not.toContain('needs-care');
			expect(
				elements.map(({ garment }) => garment),
				text
			).toEqual(readLook(text).elements.map(({ garment }) => garment));
		}
		for (const text of ['black jeans, rip at the knee', 'a jumper, snagged', 'a shirt with a tear'])
			expect(said(text)[0]?.state, text).toBe('needs-care');
	});
	it('take no part of a name for the part of a flaw, whatever is said to be hurt', () => {
		const hurt = ['loose', 'broken', 'frayed', 'scuffed'];
		for (const { singular } of garmentTypes)
			for (const how of hurt) {
				const words = `${how} ${singular}`;
				expect(
					readPieces(words).elements.map(({ garment }) => garment.type),
					words
				).toEqual(readLook(words).elements.map(({ garment }) => garment.type));
			}
		for (const text of [
			'black dress, missing bead',
			'dress, a loose heel tip',
			'dress missing two sequins',
			'red courts, scuffed heels'
		])
			expect(said(text)[0]?.state, text).toBe('needs-care');
		expect(said('a broken pearl necklace')[0]).toMatchObject({ garment: { type: 'pearl-necklace' } });
	});
	it('take no day of an alteration for the one on which they came, and no heel that was worn for a flaw', () => {
		expect(said('blue dress, taken in at the waist in May 2025')[0]).toMatchObject({
			acquired: { how: 'unknown' },
			note: 'taken in at the waist in May 2025'
		});
		const [shoes] = said('ivory satin shoes 8cm heel worn once');
		expect(shoes).toMatchObject({ state: 'ready' });
		expect(shoes?.garment.facets.heelHeight?.cm).toBe(8);
		expect(said('shoes ivory satin 8cm heel')[0]?.garment).toEqual(
			said('ivory satin shoes, 8cm heel')[0]?.garment
		);
	});

	it.each([
		['black jeans 28/32, £45', '28/32'],
		['black dress, UK 12', 'UK 12'],
		['black dress size M', 'M'],
		['jeans W32 L34', 'W32 L34'],
		['loafers EU 38.5', 'EU 38.5'],
		['camel coat, L', 'L'],
		['grey jumper (XS)', 'XS'],
		['silk scarf, one size', 'one size']
	])('“%s” is of size %s', (text, size) => expect(said(text)[0]?.sizeLabel).toBe(size));

	it.each([
		['red bag, €45', { amountMinor: 4500, currency: 'EUR' }],
		['red bag, paid 45', { amountMinor: 4500, currency: 'GBP' }],
		['red bag, 45 quid', { amountMinor: 4500, currency: 'GBP' }],
		['red bag for £1,250.50', { amountMinor: 125050, currency: 'GBP' }]
	])('“%s” has its price', (text, price) => expect(said(text)[0]?.price).toEqual(price));

	it.each([
		['vintage wool coat', 'vintage'],
		['wool coat from a charity shop', 'thrifted'],
		['wool coat, second-hand', 'pre-owned'],
		['wool coat, a gift from her aunt', 'gift'],
		['bespoke wool coat', 'made'],
		['wool coat, brand new', 'new'],
		['wool coat', 'unknown']
	])('“%s” came as %s', (text, how) => expect(said(text)[0]?.acquired.how).toBe(how));

	it('give each piece of a list its own facts', () => {
		const [tee, coat] = said('two white tees, M, £12; camel wool coat, L, £140 in March 2019');
		expect(tee).toMatchObject({ count: 2, sizeLabel: 'M', price: { amountMinor: 1200 } });
		expect(coat).toMatchObject({
			count: 1,
			sizeLabel: 'L',
			price: { amountMinor: 14000 },
			acquired: { on: '2019-03-01' }
		});
	});

	it('keep what is not understood in the note, and say so', () => {
		const reading = readPieces('navy blazer, frobnicated');
		expect(reading.pieces[0]?.note).toBe('frobnicated');
		expect(reading.phrases.find(({ text }) => text === 'frobnicated')?.status).toBe('unknown');
	});

	it('change nothing of the garment, wherever the facts stand: a law over looks of the lexicon', () => {
		const looks = ['navy wool blazer', 'black silk slip dress', 'brown leather ankle boots', 'gold hoops'];
		const facts = [', £40', ', UK 12', ', pre-owned', ', bought in 2020', ', size 38', ', missing button'];
		fc.assert(
			fc.property(fc.constantFrom(...looks), fc.subarray(facts), (look, some) => {
				const plain = readLook(look).elements[0]!.garment;
				expect(said(look + some.join(''))[0]?.garment).toEqual(plain);
			})
		);
	});

	it('account for every letter that is not a space or a mark', () => {
		fc.assert(
			fc.property(fc.string({ maxLength: 60 }), (text) => {
				const { phrases } = readPieces(text);
				for (let i = 1; i < phrases.length; i++)
					expect(phrases[i]!.start).toBeGreaterThanOrEqual(phrases[i - 1]!.end);
			})
		);
	});
});

describe('a line that names no piece', () => {
	const lines = ['navy wool blazer', 'white shirt, M, £12', 'three black tees', 'gold hoops, 2019'];
	const strange = ['zorble, navy', 'lilac frobbers', 'zorblets', 'size 12, £40'];
	it('stays as it stands, wherever it stands; every other line becomes its pieces', () => {
		fc.assert(
			fc.property(
				fc.shuffledSubarray(lines, { minLength: 1 }),
				fc.constantFrom(...strange),
				fc.nat({ max: 4 }),
				fc.constantFrom('\n', '; '),
				(known, left, at, between) => {
					const all = [...known.slice(0, at), left, ...known.slice(at)];
					const reading = readPieces(all.join(between));
					expect(reading.left, all.join(between)).toBe(left);
					expect(reading.pieces).toHaveLength(known.length);
					expect(readPieces(known.join(between)).left).toBe('');
				}
			)
		);
	});
	it('goes on about a piece before it, and then nothing is left', () => {
		expect(readPieces('a navy coat. It is belted.').left).toBe('');
		expect(readPieces('').left).toBe('');
	});
});

describe('a word that the studio was taught', () => {
	const taught = [{ word: 'sloppy joe', means: 'jumper' }];
	it('means what it was taught', () => {
		const { elements, phrases } = readLook('a navy sloppy joe', { taught });
		expect(elements[0]?.garment.type).toBe('jumper');
		expect(phrases.every(({ status }) => status !== 'unknown')).toBe(true);
	});
	it('means nothing elsewhere', () => {
		expect(readLook('a navy sloppy joe').elements.map(({ garment }) => garment.type)).not.toContain('jumper');
	});
	it('is no trap for words that every program knows', () => {
		for (const word of ['constructor', 'toString', '__proto__', 'hasOwnProperty'])
			expect(() => readLook(`a navy ${word} coat, 3 ${word}`)).not.toThrow();
	});
});
