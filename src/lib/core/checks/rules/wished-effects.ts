import { wishesServed } from '../../body/wishes';
import { effects } from '../../lexicon/effects';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

export const wishedEffects: Rule = {
	id: 'wished-effects',
	title: 'What the client wishes for',
	reason: 'The client has said what clothes should do for them; features work for a wish or against it.',
	standing: 'settled',
	about: [],
	find: ({ pieces, client }) => {
		const wished = (client?.wishedEffects ?? []).filter((effect) => effect !== 'marked-waist');
		return wished.flatMap((effect): Violation[] => {
			const served = (works: 'for' | 'against') =>
				pieces.flatMap((piece: PieceFacts) =>
					wishesServed([effect], piece.garment, piece.moves)
						.filter((feature) => feature.works === works)
						.map(({ words }) => ({ id: piece.id, words }))
				);
			const [helps, hinders] = [served('for'), served('against')];
			// What helps elsewhere makes up for what hinders: cover by a layer, height by a heel.
			if (hinders.length > helps.length)
				return [
					{
						severity: 'hint',
						pieces: [...new Set(hinders.map(({ id }) => id))],
						measured: `wished for ${effects[effect].label}: ${hinders.map(({ words }) => words).join(', ')}`,
						swap: true
					}
				];
			return helps.length >= 2 && hinders.length === 0
				? [
						{
							severity: 'praise',
							pieces: [...new Set(helps.map(({ id }) => id))],
							measured: `for ${effects[effect].label}: ${[...new Set(helps.map(({ words }) => words))].join(', ')}`
						}
					]
				: [];
		});
	}
};
