import { isColourOf } from '../../colour/words';
import type { Rule } from '../rule';

/** More to look at than a client who wants to be looked at little. */
export const tooBold: Rule = {
	id: 'too-bold',
	title: 'Bolder than this client',
	reason: 'A client who wants to be looked at as little as can be does not wear a statement for long.',
	standing: 'settled',
	about: ['print', 'material', 'texture', 'sheen', 'palette'],
	find: ({ pieces, client }) =>
		client?.boldness === 'quiet'
			? pieces
					.filter(({ statement }) => statement)
					.map((piece) => ({
						severity: 'hint' as const,
						pieces: [piece.id],
						measured: `${piece.title} takes the eye, and this client wants to be looked at little`,
						swap: true
					}))
			: []
};

/** A colour that the client loves, worn where it is seen. */
export const lovedColour: Rule = {
	id: 'loved-colour',
	title: 'A colour that this client loves',
	reason: 'What is loved is worn again.',
	standing: 'habit',
	about: ['palette'],
	find: ({ pieces, client }) => {
		const loved = (client?.coloursLoved ?? []).flatMap((word) => {
			const worn = pieces.filter(
				({ area, garment }) => area >= 0.02 && garment.palette.some(({ hex }) => isColourOf(word, hex))
			);
			return worn.length > 0 ? [{ word, ids: worn.map(({ id }) => id) }] : [];
		});
		return loved.length === 0
			? []
			: [
					{
						severity: 'praise',
						pieces: [...new Set(loved.flatMap(({ ids }) => ids))],
						measured: `${loved.map(({ word }) => word).join(', ')}, which this client loves`
					}
				];
	}
};
