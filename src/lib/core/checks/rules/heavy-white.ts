import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const isWhite = ({ main, strong }: PieceFacts) =>
	main !== undefined && !strong && main.lab.l >= thresholds.whiteLightness;
/** A top that stands away from the body, or lies over it: more white than a close tee shows. */
const isBig = (piece: PieceFacts) =>
	['layer', 'outer'].includes(piece.slot) || (piece.place('fit') ?? 0) >= thresholds.looseFit;

/** What is this light or this dark stands against it; trousers do so before a belt does. */
const answers = ({ main, area }: PieceFacts) =>
	main !== undefined &&
	(main.lab.l >= thresholds.answersWhite ||
		main.lab.l <= (area >= thresholds.largeArea ? thresholds.largeAnswersDark : thresholds.answersDark));

export const heavyWhite: Rule = {
	id: 'heavy-white',
	title: 'White without an answer',
	reason: 'A large white top wants something dark or light elsewhere to answer it.',
	standing: 'habit',
	about: ['palette'],
	find: (facts) => {
		const [white] = facts.in('top', 'layer', 'outer').filter((piece) => isWhite(piece) && isBig(piece));
		if (!white) return [];
		const answered = facts.pieces.some(
			(piece) =>
				piece.id !== white.id &&
				!['hair', 'face', 'nails', 'under', 'scent'].includes(piece.slot) &&
				answers(piece)
		);
		return answered || facts.pieces.length < 3
			? []
			: [
					{
						severity: 'hint',
						pieces: [white.id],
						measured: `${white.title} is the only light thing, and nothing dark stands against it`,
						swap: true
					}
				];
	}
};
