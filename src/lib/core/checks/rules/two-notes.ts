import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const tailoredTypes = ['tie', 'brogues', 'oxford-shoes', 'derby-shoes', 'monk-strap-shoes', 'dinner-jacket'];
const isTailored = ({ type, garment }: PieceFacts) =>
	tailoredTypes.includes(type.id) ||
	(type.family === 'tailored' && !['boucle-jacket', 'peplum-jacket', 'bolero'].includes(type.id)) ||
	(type.family === 'suits' && garment.type !== 'safari-suit');
const softCloth = ['lace', 'chiffon', 'tulle', 'organza'];
const softTypes = [
	'pussy-bow-blouse',
	'slip-dress',
	'camisole',
	'tulle-skirt',
	'pearl-necklace',
	'stilettos'
];
const isSoft = (piece: PieceFacts) =>
	softTypes.includes(piece.type.id) ||
	softCloth.includes(piece.value('material') ?? '') ||
	piece.stated('texture') === 'lace' ||
	['ruffled', 'pussy-bow'].includes(piece.stated('collar') ?? '');

export const twoNotes: Rule = {
	id: 'two-notes',
	title: 'Tailored and soft',
	reason: 'One masculine and one feminine note each is a deliberate contrast.',
	standing: 'habit',
	about: [],
	find: ({ pieces }) => {
		const [tailored] = pieces.filter(isTailored);
		const [soft] = pieces.filter((piece) => isSoft(piece) && piece !== tailored);
		return tailored && soft
			? [
					{
						severity: 'praise',
						pieces: [tailored.id, soft.id],
						measured: `${tailored.title} against ${soft.title}: one tailored note and one soft one`
					}
				]
			: [];
	}
};
