import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient } from '../../../../tests/records';
import { metalIds } from '../lexicon/metals';
import { materials } from '../lexicon/materials';
import { cautionsFor, type Caution } from './cautions';

const kinds = (cautions: Caution[]) => cautions.map(({ kind }) => kind);
const avoiding = (...avoidMaterials: string[]) => makeClient({ avoidMaterials });

describe('a material that is avoided', () => {
	it.each<[string, string[], string[]]>([
		['wool', ['wool', 'merino', 'tweed', 'camel-hair', 'boucle-wool'], ['cotton', 'silk', 'fleece']],
		['latex', ['rubber', 'elastane'], ['leather', 'jersey']],
		['synthetics', ['nylon', 'polyester', 'imitation-leather'], ['viscose', 'cotton']],
		['feathers', ['feather', 'down-fill'], ['wool']],
		['fur', ['fur', 'faux-fur', 'shearling'], ['velvet']],
		['leather', ['leather', 'patent-leather', 'suede', 'shearling'], ['imitation-leather', 'canvas']],
		['silk', ['silk'], ['satin', 'viscose']]
	])('%s is found in all that is made of it, and in nothing else', (word, in_, out) => {
		const made = (material: string) =>
			cautionsFor(avoiding(word), garment('jacket', ['black'], { material }));
		for (const material of in_) expect(kinds(made(material)), material).toEqual(['against']);
		for (const material of out) expect(made(material), material).toEqual([]);
	});
	it('is found whatever the case in which it was typed', () =>
		expect(cautionsFor(avoiding('Wool'), garment('jumper', ['navy'], { material: 'cashmere' }))).toHaveLength(
			1
		));
	it('names each word that a material goes against', () =>
		expect(
			cautionsFor(avoiding('wool', 'cashmere'), garment('jumper', ['navy'], { material: 'cashmere' })).map(
				({ words }) => words
			)
		).toEqual(['cashmere: this client avoids wool', 'cashmere: this client avoids cashmere']));
	it('is not guessed where no material is noted', () =>
		expect(cautionsFor(avoiding('wool'), garment('jumper', ['navy']))).toEqual([]));
});

describe('a colour that a client refuses', () => {
	const refusing = (...coloursRefused: string[]) => makeClient({ coloursRefused });
	it.each([
		['orange', 'rust', true],
		['orange', 'red', false],
		['mustard', 'mustard', true],
		['mustard', 'yellow', false],
		['green', 'olive', false],
		['navy', 'midnight', true],
		['beige', 'camel', false],
		['mustard', 'gold', false],
		['gold', 'gold', true],
		['gold', 'mustard', false]
	])('%s: %s is one, %s', (refused, colour, found) =>
		expect(cautionsFor(refusing(refused), garment('dress', [colour])).length > 0).toBe(found)
	);
	it('is found in the smaller colours of a palette too', () =>
		expect(cautionsFor(refusing('pink'), garment('scarf', ['navy', 'pink']))).toHaveLength(1));
	it('that is no colour word refuses nothing', () =>
		expect(cautionsFor(refusing('anything loud'), garment('dress', ['red']))).toEqual([]));
});

describe('nickel', () => {
	const allergic = makeClient({ allergies: ['nickel'] });

	it('often lies under what is plated, and the maker is asked', () => {
		const silver = garment('hoops', [], {}, { metal: 'silver' });
		const kinds = (note?: string) => cautionsFor(allergic, silver, note).map(({ kind }) => kind);
		expect(kinds('silver-plated')).toEqual(['likely']);
		expect(kinds('sterling silver')).toEqual(['look']);
		expect(kinds()).toEqual(['look']);
	});

	it('is told of every metal, as likely or to be looked up, and never as an answer', () => {
		for (const metal of metalIds) {
			const told = cautionsFor(allergic, garment('necklace', [], {}, { metal }));
			expect(told, metal).toHaveLength(1);
			expect(['likely', 'look'], metal).toContain(told[0]?.kind);
			expect(told[0]?.words, metal).toMatch(/maker|label/);
		}
	});
	it('is told of hardware as of jewellery', () =>
		expect(kinds(cautionsFor(allergic, garment('belt', ['black'], {}, { metal: 'steel' })))).toEqual([
			'likely'
		]));
	it('is only to be looked up in the fittings of a bag', () =>
		expect(kinds(cautionsFor(allergic, garment('handbag', ['tan'], {}, { metal: 'brass' })))).toEqual([
			'look'
		]));
});

it('no client without limits is warned of anything', () => {
	for (const { id } of materials)
		expect(cautionsFor(makeClient(), garment('dress', ['red'], { material: id }))).toEqual([]);
});
