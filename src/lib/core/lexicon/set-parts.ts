import type { FacetId } from './facets';
import type { TypeId } from './types';

/** A part of a set: how it is called, and the type that it is by itself. */
export interface SetPart {
	name: string;
	type: TypeId;
}
const parts = (named: Readonly<Record<string, TypeId>>): SetPart[] =>
	Object.entries(named).map(([name, type]) => ({ name, type }));

const suit = parts({ jacket: 'suit-jacket', trousers: 'tailored-trousers' });

/** What a set comes apart into, by its type; sets that are not here are worn whole (common practice). */
export const setParts: Readonly<Record<string, readonly SetPart[]>> = {
	suit,
	'trouser-suit': suit,
	'zoot-suit': suit,
	'safari-suit': suit,
	'three-piece-suit': parts({ jacket: 'suit-jacket', waistcoat: 'waistcoat', trousers: 'tailored-trousers' }),
	'dinner-suit': parts({ jacket: 'dinner-jacket', trousers: 'dinner-trousers' }),
	'morning-suit': parts({ coat: 'morning-coat', waistcoat: 'waistcoat', trousers: 'tailored-trousers' }),
	'skirt-suit': parts({ jacket: 'suit-jacket', skirt: 'skirt' }),
	'co-ord': parts({ top: 'top', trousers: 'trousers' }),
	tracksuit: parts({ jacket: 'track-jacket', trousers: 'track-trousers' }),
	'skirt-set': parts({ top: 'top', skirt: 'skirt' }),
	'kurta-set': parts({ kurta: 'kurta', salwar: 'salwar' }),
	'salwar-kameez': parts({ kameez: 'kurta', salwar: 'salwar' }),
	'patiala-suit': parts({ kurta: 'kurta', patiala: 'patiala' }),
	'churidar-suit': parts({ kurta: 'kurta', churidar: 'churidar' }),
	'sharara-set': parts({ kurta: 'kurta', sharara: 'sharara' }),
	'gharara-set': parts({ kurta: 'short-kurta', gharara: 'gharara' }),
	'lehenga-choli': parts({ choli: 'choli', lehenga: 'lehenga' })
};

/** What the upper part has of a set, and what the lower; the rest both have. */
export const upperFacets: readonly FacetId[] = [
	'topLength',
	'sleeveLength',
	'sleeveShape',
	'neckline',
	'collar',
	'lapel',
	'shoulder',
	'closure'
];
