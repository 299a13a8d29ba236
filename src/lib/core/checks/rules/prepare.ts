import { stiffLeathers } from '../../lexicon/preparation';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** Cloths that come out of a suitcase creased. */
const creases = ['linen', 'hemp', 'cotton', 'poplin', 'lawn', 'voile', 'silk', 'viscose', 'taffeta', 'khadi'];

const isTravelling = (told: string) =>
	/\b(travel\w*|journey|flight|train|ferry|cruise|suitcase|abroad|weekend away|going away)\b/i.test(told);
/** New shoes with a heel, or of a leather that has yet to give. */
const wantsBreakingIn = ({ slot, bought, place, stated }: PieceFacts) =>
	slot === 'feet' &&
	bought?.condition === 'new' &&
	((stated('heelHeight') !== undefined && (place('heelHeight') ?? 0) >= thresholds.breakInHeelCm) ||
		stiffLeathers.includes(stated('material') ?? ''));

export const prepare: Rule = {
	id: 'prepare',
	title: 'To prepare before the day',
	reason:
		'What needs pressing, what creases in a suitcase and what needs breaking in spoils a look that is right on the rail.',
	standing: 'settled',
	about: [],
	find: ({ pieces, event }) => {
		const packed = isTravelling(event?.title ?? '');
		return pieces.flatMap((piece): Violation[] => {
			const { id, title, state } = piece;
			if (state === 'away' || state === 'retired')
				return [
					{
						severity: 'warning',
						pieces: [id],
						measured: `${title} is ${state === 'away' ? 'away, and must be back in time' : 'no longer worn'}`,
						swap: true
					}
				];
			const told = [
				...(state === 'needs-care' ? ['needs care: press, clean or mend it, by its label'] : []),
				...(wantsBreakingIn(piece) ? ['is new: wear it in at home first, a little longer each day'] : []),
				...(packed && creases.includes(piece.value('material') ?? '')
					? ['creases in a suitcase: roll it, and steam it on arrival']
					: [])
			];
			return told.length > 0
				? [{ severity: 'hint', pieces: [id], measured: `${title} ${told.join('; ')}` }]
				: [];
		});
	}
};
