import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const rich = ['velvet', 'fur', 'faux-fur', 'sequin', 'brocade', 'lame', 'feather'];
const richTextures = ['velvet', 'sequinned', 'fur-like', 'beaded', 'metallic', 'mirror-work'];
const isRich = (piece: PieceFacts) =>
	rich.includes(piece.value('material') ?? '') || richTextures.includes(piece.stated('texture') ?? '');
/** What catches the light, or the hand, keeps a rich texture company. */
const company = [
	'satin',
	'silk',
	'lace',
	'leather',
	'patent-leather',
	'suede',
	'tweed',
	'organza',
	'chiffon'
];

export const loneTexture: Rule = {
	id: 'lone-texture',
	title: 'A rich texture alone',
	reason: 'Fur, sequin or velvet is happier with a partner, unless it is the statement.',
	standing: 'habit',
	about: ['texture', 'material'],
	find: ({ pieces }) => {
		const richOnes = pieces.filter(isRich);
		const [alone] = richOnes;
		// Small next to the others, it cannot carry the look by itself.
		if (richOnes.length !== 1 || !alone || alone.area >= 0.25) return [];
		const partnered = pieces.some(
			(piece) =>
				piece.id !== alone.id &&
				(company.includes(piece.value('material') ?? '') ||
					(piece.formality ?? 0) >= 3.2 ||
					piece.type.division === 'jewellery')
		);
		return partnered || pieces.length < 3
			? []
			: [
					{
						severity: 'hint',
						pieces: [alone.id],
						measured: `${alone.title} is the only rich cloth among plain ones`,
						swap: true,
						leaveOff: true
					}
				];
	}
};
