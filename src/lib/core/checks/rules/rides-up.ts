import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

/** Stretch that nobody said to be loose clings. */
const isTight = (piece: PieceFacts) =>
	['skin-tight', 'close'].includes(piece.value('fit') ?? '') ||
	(piece.stated('fit') === undefined && piece.stated('material') === 'elastane');

export const ridesUp: Rule = {
	id: 'rides-up',
	title: 'It rides up',
	reason: 'What is short and tight climbs with every step and on every chair: try it walking and sitting.',
	standing: 'settled',
	about: ['fit', 'hemLength', 'neckline'],
	find: (facts) => [
		...facts
			.in('top', 'whole')
			.filter(({ stated }) => stated('neckline') === 'off-shoulder')
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.title} climbs to the shoulder when an arm is lifted: elastic or tape at the edge, and try it`,
				swap: true
			})),
		...facts
			.in('legs', 'whole')
			.filter((piece) => isTight(piece) && ['micro', 'mini'].includes(piece.value('hemLength') ?? ''))
			.filter(() => !facts.in('under').some(({ type }) => ['slip-shorts', 'shapewear'].includes(type.id)))
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.title} is short and tight: slip shorts underneath, or a hem a hand longer`,
				swap: true
			}))
	]
};
