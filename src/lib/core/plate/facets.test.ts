import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { facetOf, type FacetId } from '../lexicon/facets';
import type { MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import { drawPlate } from './draw';
import { framingOf } from './framing';
import { plateSvg } from './svg';
import { wornAs } from './worn-as';

const drawing = (type: string, facets: Partial<Record<FacetId, string>>, moves: MoveId[] = []) => {
	const { layers, patterns, lights } = drawPlate({
		worn: [{ id: 'one', garment: garment(type, ['navy'], facets), moves }]
	});
	return JSON.stringify([layers, patterns, lights]);
};

/** Values that are two words for one look, seen from the front: the first stands for the others. */
const alike: Partial<Record<FacetId, string[][]>> = {
	neckline: [['one-shoulder', 'asymmetric']],
	collar: [['revere', 'camp']],
	closure: [
		['double-breasted', 'double-breasted-6x2'],
		['wrap', 'tie'],
		['open', 'pull-on', 'velcro', 'drawstring', 'elastic']
	],
	sleeveShape: [['plain', 'set-in']],
	toe: [['open', 'peep']],
	sole: [['chunky', 'platform']],
	texture: [
		['fluffy', 'fur-like'],
		['embroidered', 'applique'],
		['velvet', 'suede', 'pile']
	]
};
/** Values that belong to other types than the one they are tried on. */
const elsewhere: Partial<Record<FacetId, string[]>> = {
	strap: ['ankle-strap', 't-bar', 'mary-jane', 'strappy', 'slingback', 'mule', 'toe-post', 'top-handle']
};

describe('two values of a facet give two drawings', () => {
	it.each<[FacetId, string]>([
		['fit', 'jumper'],
		['fit', 'trousers'],
		['topLength', 'jumper'],
		['hemLength', 'skirt'],
		['hemLength', 'overcoat'],
		['legLength', 'trousers'],
		['rise', 'trousers'],
		['sleeveLength', 'blouse'],
		['sleeveShape', 'blouse'],
		['heelHeight', 'court-shoes'],
		['heelShape', 'court-shoes'],
		['shaft', 'boots'],
		['size', 'handbag'],
		['size', 'necklace'],
		['sheen', 'blouse'],
		['opacity', 'blouse'],
		['distress', 'jeans'],
		['neckline', 'dress'],
		['collar', 'blouse'],
		['lapel', 'blazer'],
		['closure', 'blouse'],
		['leg', 'trousers'],
		['skirtShape', 'skirt'],
		['waistline', 'dress'],
		['shoulder', 'blazer'],
		['toe', 'court-shoes'],
		['sole', 'loafers'],
		['strap', 'handbag'],
		['brim', 'fedora'],
		['frame', 'glasses'],
		['hemDetail', 'skirt'],
		['hairLength', 'hairstyle'],
		['hairTexture', 'hairstyle'],
		['nailShape', 'nail-colour'],
		['texture', 'blouse']
	])('%s of a %s', (facet, type) => {
		expect(garmentType(type).facets).toContain(facet);
		const skipped = [
			...(alike[facet] ?? []).flatMap(([, ...others]) => others),
			...(elsewhere[facet] ?? []).slice(0, -1)
		];
		const values = facetOf(facet)
			.values.map(({ id }) => id)
			.filter((id) => !skipped.includes(id));
		const byDrawing = new Map<string, string>();
		for (const value of values) {
			const drawn = drawing(type, { [facet]: value });
			expect(byDrawing.get(drawn), `${value} looks like another value`).toBeUndefined();
			byDrawing.set(drawn, value);
		}
	});
});

describe('a move is seen', () => {
	it.each<[string, MoveId]>([
		['shirt', 'half-tucked'],
		['shirt', 'cuffs-turned-back'],
		['shirt', 'sleeves-rolled'],
		['jumper', 'sleeves-pushed-up'],
		['shirt', 'buttoned-to-neck'],
		['shirt', 'unbuttoned'],
		['shirt', 'worn-open'],
		['blazer', 'worn-open'],
		['jeans', 'hem-cuffed'],
		['trousers', 'pegged'],
		['overcoat', 'belted'],
		['dress', 'belted'],
		['shirt', 'knotted'],
		['blazer', 'draped-on-shoulders'],
		['jumper', 'draped-on-shoulders'],
		['jumper', 'tied-on-shoulders'],
		['jumper', 'tied-round-waist'],
		['blouse', 'off-the-shoulder'],
		['overcoat', 'collar-up'],
		['saree', 'over-right-shoulder'],
		['saree', 'open-pallu'],
		['saree', 'over-head'],
		['dupatta', 'over-left-shoulder'],
		['dupatta', 'crossed-in-front'],
		['scarf', 'tied-at-neck'],
		['scarf', 'doubled'],
		['necklace', 'layered'],
		['earrings', 'one-side'],
		['skirt', 'hem-lifted'],
		['belt', 'low-on-hips'],
		['knee-socks', 'socks-scrunched'],
		['trainers', 'unlaced'],
		['handbag', 'strap-crossed'],
		['handbag', 'in-hand'],
		['shirt', 'as-dress'],
		['scarf', 'as-top'],
		['scarf', 'as-skirt'],
		['scarf', 'as-belt'],
		['scarf', 'as-headscarf'],
		['scarf', 'as-hairband'],
		['scarf', 'as-shawl'],
		['scarf', 'as-bracelet'],
		['shirt', 'as-jacket']
	])('%s, %s', (type, move) => expect(drawing(type, {}, [move])).not.toBe(drawing(type, {})));
});

describe('worn as another thing', () => {
	it('keeps its colours and its cloth, and drops what the other cannot have', () => {
		const shirt = garment('shirt', ['wine'], { material: 'silk', topLength: 'hip', collar: 'shirt' });
		const worn = wornAs(shirt, ['as-dress']);
		expect(worn.type).toBe('shirt-dress');
		expect(worn.palette).toEqual(shirt.palette);
		expect(worn.facets.material?.value).toBe('silk');
		expect(worn.facets.topLength).toBeUndefined();
		expect(worn.facets.hemLength?.value).toBe('mini');
	});
	it('is itself without such a move', () => {
		const shirt = garment('shirt', ['wine']);
		expect(wornAs(shirt, ['half-tucked'])).toBe(shirt);
	});
});

describe('layers over and under', () => {
	const order = (worn: [id: string, type: string, moves?: MoveId[]][]) =>
		drawPlate({
			worn: worn.map(([id, type, moves = []]) => ({ id, garment: garment(type, ['navy']), moves }))
		}).layers.map(({ id }) => id);
	const before = (ids: string[], under: string, over: string) =>
		expect(ids.indexOf(under)).toBeLessThan(ids.lastIndexOf(over));

	it('a tie lies under the jacket, a scarf over the coat', () => {
		before(
			order([
				['tie', 'tie'],
				['jacket', 'blazer']
			]),
			'tie',
			'jacket'
		);
		before(
			order([
				['scarf', 'scarf'],
				['coat', 'overcoat']
			]),
			'coat',
			'scarf'
		);
	});
	it('a necklace lies over a knit and under a coat', () => {
		before(
			order([
				['pearls', 'pearl-necklace'],
				['knit', 'jumper']
			]),
			'knit',
			'pearls'
		);
		before(
			order([
				['pearls', 'pearl-necklace'],
				['knit', 'jumper'],
				['coat', 'overcoat']
			]),
			'pearls',
			'coat'
		);
	});
	it('legs go into boots when told to', () => {
		before(
			order([
				['boots', 'knee-boots'],
				['trousers', 'trousers']
			]),
			'boots',
			'trousers'
		);
		before(
			order([
				['boots', 'knee-boots'],
				['trousers', 'trousers', ['tucked-into-boots']]
			]),
			'trousers',
			'boots'
		);
	});
	it('what is worn unseen shows by itself alone', () => {
		expect(order([['bra', 'bra']])).toContain('bra');
		expect(
			order([
				['bra', 'bra'],
				['top', 'camisole']
			])
		).not.toContain('bra');
	});
	it('a hairstyle of the look takes the place of the client’s own', () => {
		const ids = order([['afro', 'afro']]);
		expect(ids.filter((id) => id === 'afro')).toHaveLength(2);
		expect(ids).not.toContain('hair');
	});
});

describe('a view of one thing', () => {
	const viewOf = (type: string, size?: string) => {
		const plate = drawPlate({
			worn: [{ id: 'one', garment: garment(type, ['navy'], size ? { size } : {}), moves: [] }]
		});
		return framingOf(garmentType(type).slot, plate, 'one');
	};
	it('is close for small things, and no closer for a micro bag than for a small one', () => {
		expect(viewOf('ring')[2]).toBeLessThan(100);
		expect(viewOf('handbag', 'micro')[2]).toBe(viewOf('handbag', 'small')[2]);
		expect(viewOf('handbag', 'oversized')[2]).toBeGreaterThan(viewOf('handbag', 'micro')[2]);
	});
	it('is the same for all tops, so that their lengths can be compared', () => {
		expect(viewOf('crop-top')).toEqual(viewOf('tunic'));
	});
});

describe('a plate as SVG', () => {
	const plate = drawPlate({
		worn: [
			{
				id: 'one',
				garment: garment('blouse', ['ivory', 'wine'], { texture: 'lace' }, { print: 'polka-dot' }),
				moves: []
			}
		]
	});
	it('names every pattern and light that its shapes are filled with', () => {
		const svg = plateSvg(plate);
		const used = [...svg.matchAll(/url\(#([^)]+)\)/g)].map(([, id]) => id);
		expect(used.length).toBeGreaterThan(2);
		for (const id of used) expect(svg).toContain(`id="${id}"`);
	});
	it('shows the part that is asked for', () =>
		expect(plateSvg(plate, [-10, 20, 30, 40])).toContain('viewBox="-10 20 30 40"'));
});
