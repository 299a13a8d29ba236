import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const upper = ['top', 'layer', 'outer', 'suit', 'whole', 'head', 'scarf', 'neck', 'drape'];
const lower = ['feet', 'bag', 'waist', 'hosiery', 'hands'];
/** Cloths that are noticed when they return; leather shoes and bag are no news. */
const noticed = [
	'velvet',
	'suede',
	'tweed',
	'lace',
	'sequin',
	'patent-leather',
	'satin',
	'corduroy',
	'denim'
];
const marks = (piece: PieceFacts): string[] => [
	...noticed.filter((cloth) => piece.stated('material') === cloth),
	...['quilted', 'croc', 'embroidered', 'mirror-work', 'beaded', 'woven'].filter(
		(texture) => piece.stated('texture') === texture
	),
	...(piece.print ? [`${piece.print} print`] : [])
];

export const repeatedShape: Rule = {
	id: 'repeated-shape',
	title: 'Something that returns',
	reason: 'A shape, a print or a material that returns ties far pieces together.',
	standing: 'settled',
	about: [],
	find: ({ pieces }) => {
		for (const one of pieces.filter(({ slot }) => upper.includes(slot)))
			for (const other of pieces.filter(({ slot }) => lower.includes(slot))) {
				const shared = marks(one).find((mark) => marks(other).includes(mark));
				if (shared && shared !== 'denim')
					return [
						{
							severity: 'praise',
							pieces: [one.id, other.id],
							measured: `${shared} on the ${one.title} returns on the ${other.title}`
						}
					];
			}
		return [];
	}
};
