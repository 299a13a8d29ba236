import type { ColourFamily } from '../../colour/family';
import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { isTailored, lacedShoes } from '../tailored';

const browns: readonly ColourFamily[] = ['brown', 'camel'];
/** Black leather or brown; undefined of what is neither, as a belt of cloth or in a colour of its own. */
function leatherOf({ main, value }: PieceFacts): 'black' | 'brown' | undefined {
	const material = value('material') ?? 'leather';
	if (!main || !/leather|suede|nubuck/.test(material)) return undefined;
	if (main.family === 'black') return 'black';
	return browns.includes(main.family) ? 'brown' : undefined;
}

export const beltAndShoe: Rule = {
	id: 'belt-and-shoe',
	title: 'Belt and shoe',
	reason: 'With a suit the belt continues the shoe: black with black, brown with brown.',
	standing: 'habit',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	about: ['palette', 'material'],
	find: (facts) => {
		const belt = facts.in('waist').find(leatherOf);
		// "Black shoes" with a suit are such.
		const shoes = facts.in('feet').filter(({ type }) => type.id === 'shoes');
		const shoe = [...lacedShoes(facts), ...shoes].find(leatherOf);
		if (!belt || !shoe || !isTailored(facts) || leatherOf(belt) === leatherOf(shoe)) return [];
		return [
			{
				severity: 'hint',
				pieces: [belt.id, shoe.id],
				measured: `${leatherOf(belt)} belt and ${leatherOf(shoe)} shoes`,
				swap: true
			}
		];
	}
};
