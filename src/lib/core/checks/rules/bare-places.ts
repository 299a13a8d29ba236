import { onFirstUse } from '../../lexicon/on-first-use';
import type { PieceFacts } from '../facts';
import { propertiesSaid } from '../limits/properties';
import type { Rule } from '../rule';

/** Places of the body as limits call them; shoulders alone are no statement. */
const places = onFirstUse(() =>
	['cleavage', 'bare back', 'midriff', 'thighs'].map((place) => ({
		name: place.replace('bare ', ''),
		holds: propertiesSaid(place)[0]?.holds
	}))
);
/** So many at once are more than one thing to look at (common practice: one at a time). */
const tooMany = 3;
/** Where much is bare by custom: beach, sport, and blouses under a drape. */
const forSport = ['swimsuit', 'bikini', 'swim-shorts', 'unitard', 'gym-set', 'sports-top', 'running-shorts'];
const byCustom = ({ type }: PieceFacts) => type.division === 'south-asian' || forSport.includes(type.id);

export const barePlaces: Rule = {
	id: 'bare-places',
	title: 'Bare in several places',
	reason:
		'One bare place is looked at; several at once take the eye from each other: choose the one that is meant, and cover the others.',
	standing: 'habit',
	addIn: ['layer', 'outer', 'drape', 'hosiery'],
	about: ['topLength', 'hemLength', 'neckline', 'back'],
	find: ({ pieces, in: inSlots, client }) => {
		if (client?.boldness === 'bold' || inSlots('layer', 'outer', 'drape').length > 0) return [];
		const worn = inSlots('top', 'whole', 'legs');
		if (worn.some(byCustom)) return [];
		// Over tights no thigh is bare.
		const hose = pieces.some(({ slot, type }) => slot === 'hosiery' && /tights|stockings/.test(type.id));
		const bare = places().flatMap(({ name, holds }) => {
			const by = worn.filter((piece) => ['yes', 'by-kind'].includes(holds?.(piece) ?? 'no'));
			return by.length > 0 && !(name === 'thighs' && hose) ? [{ name, by }] : [];
		});
		if (bare.length < tooMany) return [];
		return [
			{
				severity: 'hint',
				pieces: [...new Set(bare.flatMap(({ by }) => by.map(({ id }) => id)))],
				measured: `${bare.map(({ name }) => name).join(', ')} are bare at once`,
				swap: true
			}
		];
	}
};
