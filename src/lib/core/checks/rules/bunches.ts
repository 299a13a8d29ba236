import { moveFails } from '../../body/move-fails';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

const thick = ['chunky-knit', 'cable', 'quilted', 'padded', 'fur-like'];
const fullSleeves = ['puff', 'leg-of-mutton', 'bishop', 'balloon', 'bell', 'dolman', 'kimono'];
const isThick = (piece: PieceFacts) =>
	thick.includes(piece.value('texture') ?? '') ||
	(piece.type.family === 'knitwear' && piece.stated('weight') === 'heavy');
const fitsClose = (fit: string | undefined) => fit === 'skin-tight' || fit === 'close';
const isClose = (piece: PieceFacts) => piece.value('fit') === 'tailored' || fitsClose(piece.value('fit'));

export const bunches: Rule = {
	id: 'bunches',
	title: 'It bunches',
	reason: 'Thick cloth tucked in, or a full sleeve in a narrow one, makes folds where none should be.',
	standing: 'settled',
	about: ['texture', 'sleeveShape', 'fit'],
	find: (facts) => {
		const tucked = facts
			.in('top')
			.filter((piece) => piece.moves.includes('tucked') && moveFails('tucked', piece.garment))
			.map((piece): Violation => ({
				severity: 'hint',
				pieces: [piece.id],
				measured: `${piece.title}, tucked in: ${moveFails('tucked', piece.garment)}`,
				swap: true
			}));
		const over = facts
			.in('layer', 'suit', 'outer')
			// A coat is cut over what is under it, unless it is said to be close.
			.filter((piece) => (piece.slot === 'outer' ? fitsClose(piece.stated('fit')) : isClose(piece)))
			.filter((piece) => piece.value('sleeveLength') !== 'sleeveless');
		const under = facts
			.in('top', 'whole')
			.filter((piece) => fullSleeves.includes(piece.value('sleeveShape') ?? '') || isThick(piece));
		const packed = over.flatMap((layer) =>
			under.map((piece): Violation => ({
				severity: 'hint',
				pieces: [layer.id, piece.id],
				measured: `${piece.title} has no room under the ${layer.title}`,
				swap: true
			}))
		);
		// A long or wide shirt under a close dress has nowhere to go.
		const stuffed = facts
			.in('whole')
			.filter((piece) => isClose(piece) || piece.type.id === 'dungarees')
			.flatMap((dress) =>
				facts
					.in('top')
					.filter(
						(piece) =>
							['oversized', 'relaxed'].includes(piece.stated('fit') ?? '') ||
							piece.value('topLength') === 'thigh'
					)
					.map((piece): Violation => ({
						severity: 'hint',
						pieces: [dress.id, piece.id],
						measured: `${piece.title} bunches under the ${dress.title}`,
						swap: true
					}))
			);
		return [...tucked, ...packed, ...stuffed];
	}
};
