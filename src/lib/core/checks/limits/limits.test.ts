import { describe, expect, it } from 'vitest';
import { piecesOf } from '../../../../../tests/outfits';
import { factsOf } from '../facts';
import { breaksLimit, isKnownLimit } from '.';

const factsOfOne = (words: string) => {
	const [piece] = factsOf(piecesOf(words), {}).pieces;
	if (!piece) throw new Error(`"${words}" names nothing`);
	return piece;
};
const breaks = (limit: string, words: string) =>
	['yes', 'by-kind'].includes(breaksLimit(limit, factsOfOne(words)));

describe('a limit in words', () => {
	it.each([
		'strapless',
		'bare midriff',
		'anything that rustles',
		'nothing above the knee',
		'polka dots',
		'yellow',
		'skinny jeans',
		'gold',
		'stilettos'
	])('"%s" is known to the checks', (limit) => expect(isKnownLimit(limit)).toBe(true));

	it.each(['hullabaloo', 'what my sister wears', ''])('"%s" is not, and breaks nothing', (limit) => {
		expect(isKnownLimit(limit)).toBe(false);
		expect(breaks(limit, 'red strapless mini dress')).toBe(false);
	});

	it('of a garment means that garment, of a family all of it', () => {
		expect(breaks('jeans', 'flared jeans')).toBe(true);
		expect(breaks('flared jeans', 'skinny jeans')).toBe(false);
		expect(breaks('boots', 'ankle boots')).toBe(true);
		expect(breaks('ankle boots', 'loafers')).toBe(false);
	});
	it('of several words means all of them', () => {
		expect(breaks('black leggings', 'black leggings')).toBe(true);
		expect(breaks('black leggings', 'navy leggings')).toBe(false);
		expect(breaks('black leggings', 'black trousers')).toBe(false);
	});
	it('of a feature means whatever has it', () => {
		expect(breaks('puff sleeves', 'puff-sleeved blouse')).toBe(true);
		expect(breaks('stripes', 'striped shirt')).toBe(true);
		expect(breaks('stripes', 'checked shirt')).toBe(false);
		expect(breaks('velvet', 'velvet blazer')).toBe(true);
	});
	it('of the body goes by what shows, whatever the garment', () => {
		expect(breaks('nothing above the knee', 'mini skirt')).toBe(true);
		expect(breaks('nothing above the knee', 'midi dress')).toBe(false);
		expect(breaks('no bare shoulders', 'halter top')).toBe(true);
		expect(breaks('no bare back', 'backless evening gown')).toBe(true);
		expect(breaks('nothing tight', 'bodycon dress')).toBe(true);
		expect(breaks('nothing tight', 'sheer tights')).toBe(false);
	});
	it('holds for what is usual of a kind, though nobody stated it', () => {
		expect(breaksLimit('no heels', factsOfOne('court shoes'))).toBe('by-kind');
		expect(breaksLimit('flats only', factsOfOne('flat court shoes'))).toBe('no');
		expect(breaksLimit('bare shoulders', factsOfOne('silk camisole'))).toBe('by-kind');
		expect(breaksLimit('thighs', factsOfOne('micro shorts'))).not.toBe('no');
		expect(breaksLimit('high necks', factsOfOne('polo neck'))).not.toBe('no');
		expect(breaksLimit('see-through', factsOfOne('chiffon blouse'))).toBe('by-kind');
	});
	it('of a material asks where a name does not tell', () => {
		expect(breaksLimit('fur', factsOfOne('fur coat'))).not.toBe('no');
		expect(breaksLimit('fur', factsOfOne('faux fur coat'))).toBe('no');
		expect(breaksLimit('fur', factsOfOne('trapper hat'))).toBe('unknown');
		expect(breaksLimit('wool', factsOfOne('navy jumper'))).toBe('unknown');
		expect(breaksLimit('wool', factsOfOne('cotton jumper'))).toBe('no');
		expect(breaksLimit('silk', factsOfOne('satin blouse'))).toBe('unknown');
	});
	it('of a colour means its family by its name, or what is near a finer word', () => {
		expect(breaks('pink', 'fuchsia dress')).toBe(true);
		expect(breaks('fuchsia', 'blush dress')).toBe(false);
	});
});
