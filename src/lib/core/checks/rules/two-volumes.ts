import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const looseLegs = ['wide', 'baggy', 'balloon', 'relaxed'];
const looseSkirts = ['full', 'circle', 'tiered', 'puff', 'ruffled'];
const isLoose = (piece: PieceFacts) =>
	(piece.place('fit') ?? 0) >= thresholds.looseFit ||
	looseLegs.includes(piece.value('leg') ?? '') ||
	looseSkirts.includes(piece.value('skirtShape') ?? '');
/** Something that keeps the body present between two loose halves. */
const marks = (piece: PieceFacts) =>
	piece.moves.some((move) => ['tucked', 'half-tucked', 'belted', 'knotted'].includes(move)) ||
	['cropped', 'waist'].includes(piece.value('topLength') ?? '');

export const twoVolumes: Rule = {
	id: 'two-volumes',
	title: 'Volume in two places',
	reason: 'Where both halves are loose, a marked waist, a crop or a shown ankle keeps the body present.',
	standing: 'habit',
	silentUnder: { question: 'volume', schools: ['relaxed-with-relaxed'] },
	about: ['fit', 'leg', 'skirtShape', 'topLength'],
	find: (facts) => {
		const [top] = facts.in('top').filter((piece) => isLoose(piece) && piece.type.id !== 'overshirt');
		const [legs] = facts.in('legs').filter(isLoose);
		if (!top || !legs) return [];
		// A hoodie or a sweatshirt and joggers are loose by their kind, and worn so.
		const upTo = (piece: PieceFacts, most: number) => (piece.formality ?? 5) <= most;
		if (upTo(top, thresholds.casual) && upTo(legs, thresholds.everydayFrom)) return [];
		const present =
			marks(top) ||
			facts.in('waist').length > 0 ||
			facts.pieces.some(({ type }) => type.id === 'belt-bag') ||
			facts.in('layer', 'outer').some((piece) => marks(piece)) ||
			['cropped', 'ankle', 'knee', 'mid-thigh', 'short', 'micro'].includes(legs.value('legLength') ?? '') ||
			['micro', 'mini', 'above-knee'].includes(legs.value('hemLength') ?? '');
		return present
			? []
			: [
					{
						severity: 'hint',
						pieces: [top.id, legs.id],
						measured: `${top.title} and ${legs.title} both stand off the body, and the waist is hidden`,
						moves: [
							{ id: top.id, move: 'tucked' },
							{ id: top.id, move: 'half-tucked' }
						],
						swap: true
					}
				];
	}
};
