import type { Rule } from '../rule';

/** Cloths that give, and do not pull at a button. */
const givesWay = ['jersey', 'knit', 'elastane', 'merino', 'cashmere', 'velour'];
const onButtons = ['buttoned', 'snap', 'covered', 'single-breasted', 'double-breasted'];

export const gapes: Rule = {
	id: 'gapes',
	title: 'It gapes',
	reason: 'Woven cloth that clings pulls open between its buttons, first when the wearer sits or reaches.',
	standing: 'settled',
	about: ['fit', 'closure'],
	find: (facts) =>
		facts
			.in('top', 'whole', 'layer')
			.filter((piece) => {
				const buttoned =
					onButtons.includes(piece.value('closure') ?? '') || piece.value('collar') === 'shirt';
				return (
					piece.stated('fit') === 'skin-tight' &&
					buttoned &&
					!givesWay.includes(piece.value('material') ?? '')
				);
			})
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.title} clings and closes with buttons: press studs between them, or a size more`,
				swap: true
			}))
};
