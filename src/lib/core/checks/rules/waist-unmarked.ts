import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

/** Cut close to the waist: so said, or usually so and not said to fall straight. */
const followsWaist = (piece: PieceFacts) =>
	['skin-tight', 'close', 'tailored'].includes(piece.value('fit') ?? '') &&
	(piece.stated('fit') !== undefined || !['straight', 'column'].includes(piece.stated('skirtShape') ?? ''));

export const waistUnmarked: Rule = {
	id: 'waist-unmarked',
	title: 'The waist is not marked',
	reason: 'This client wishes for a marked waist: a belt, a tuck, a wrap or a fitted middle marks it.',
	standing: 'settled',
	addIn: ['waist'],
	about: ['fit', 'waistline', 'topLength'],
	find: (facts) => {
		const wished =
			facts.client?.wishedEffects.includes('marked-waist') || facts.schools.volume === 'mark-the-waist';
		const body = facts.in('top', 'whole', 'layer', 'suit');
		if (!wished || body.length === 0) return [];
		const marked =
			facts.in('waist').length > 0 ||
			facts.pieces.some(({ type }) => type.id === 'belt-bag') ||
			facts.pieces.some(
				(piece) =>
					piece.moves.some((move) => ['tucked', 'half-tucked', 'belted', 'knotted'].includes(move)) ||
					(body.includes(piece) && followsWaist(piece)) ||
					['cropped', 'waist'].includes(piece.value('topLength') ?? '') ||
					['marked', 'empire'].includes(piece.stated('waistline') ?? '') ||
					['wrap', 'peplum'].includes(piece.value('skirtShape') ?? '') ||
					['wrap', 'tie'].includes(piece.value('closure') ?? '')
			);
		const [first] = body;
		return marked || !first
			? []
			: [
					{
						severity: 'hint',
						pieces: body.map(({ id }) => id),
						measured: 'nothing in the look follows, ties or holds the waist',
						moves: body.map(({ id, slot }) => ({ id, move: slot === 'top' ? 'tucked' : 'belted' }))
					}
				];
	}
};
