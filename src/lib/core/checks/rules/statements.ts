import type { PieceFacts } from '../facts';
import type { Rule } from '../model';
import { thresholds } from '../thresholds';

const rich = ['sequin', 'fur', 'faux-fur', 'feather', 'brocade', 'lame'];
const richTextures = ['sequinned', 'beaded', 'embroidered', 'mirror-work', 'metallic', 'fur-like'];
const bold = ['leopard', 'zebra', 'tiger', 'snake', 'cow', 'colour-block', 'abstract', 'tropical'];

/** Does a piece take the eye by itself: rich cloth, a bold print, or something oversized? */
const isStatement = (piece: PieceFacts) =>
	rich.includes(piece.value('material') ?? '') ||
	richTextures.includes(piece.stated('texture') ?? '') ||
	bold.includes(piece.print ?? '') ||
	(piece.print !== undefined && piece.garment.print?.scale?.value === 'large') ||
	piece.stated('sheen') === 'glittering' ||
	(piece.stated('size') === 'oversized' && piece.type.division === 'jewellery');

export const statementCount: Rule = {
	id: 'statements',
	title: 'More than one statement',
	reason: 'One statement, the rest quiet.',
	standing: 'habit',
	silentUnder: { question: 'boldness', schools: ['all-in-take-one-off'] },
	find: ({ pieces }) => {
		const statements = pieces.filter(isStatement);
		// South Asian occasion dress is rich throughout: its jewellery and borders belong together.
		const occasion = pieces.some(({ type }) => type.division === 'south-asian');
		return statements.length > thresholds.statements && !occasion
			? [
					{
						severity: 'hint',
						pieces: statements.map(({ id }) => id),
						measured: `${statements.map(({ title }) => title).join(', ')} each take the eye`,
						swap: true,
						leaveOff: true
					}
				]
			: [];
	}
};
