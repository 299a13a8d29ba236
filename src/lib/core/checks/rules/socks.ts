import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import { measureColour } from '../../colour/similarity';
import { nude, skins } from '../../lexicon/skins';
import type { Facts, PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { isTailored, lacedShoes } from '../tailored';
import { thresholds } from '../thresholds';

const sporty = ['trainers', 'canvas-plimsolls', 'high-tops', 'chunky-trainers', 'football-boots'];
/**
 * Do trousers cut as for a suit meet shoes that are laced or buckled: what is between them is seen at every step? White socks with loafers are
 * a look of their own.
 */
const asForSuit = (facts: Facts) => isTailored(facts) && lacedShoes(facts).length > 0;

/** Tights and stockings in the colour of some skin are worn as skin. */
const nudes = [nude, ...Object.values(skins)].map((hex) => measureColour(hex).lab);
const isAsSkin = ({ type, main, print }: PieceFacts) =>
	/tights|stockings/.test(type.id) &&
	!print &&
	main !== undefined &&
	nudes.some((lab) => deltaE00(lab, main.lab) <= thresholds.continues / 2);

export const socks: Rule = {
	id: 'socks',
	title: 'Socks that belong nowhere',
	reason: 'Socks and hosiery continue the shoe or the trouser, or repeat a colour of the outfit on purpose.',
	standing: 'habit',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	about: ['palette'],
	find: (facts) => {
		const [worn] = facts.in('hosiery');
		const main = worn?.main;
		if (!worn || !main || isAsSkin(worn) || ['sheer', 'semi-sheer'].includes(worn.value('opacity') ?? ''))
			return [];
		const others = facts.pieces.filter(
			({ id, slot }) => id !== worn.id && !['hair', 'face', 'nails', 'under', 'scent'].includes(slot)
		);
		// White socks with sports shoes, and black ones with anything, are nobody's mistake.
		const usual = main.family === 'black' || facts.in('feet').some(({ type }) => sporty.includes(type.id));
		// A white shirt is too far up to speak for white socks between dark trousers and dark shoes.
		const near = ['white', 'cream'].includes(main.family) && asForSuit(facts);
		const besides = near ? others.filter(({ slot }) => ['feet', 'legs', 'suit'].includes(slot)) : others;
		const belongs = besides.some(({ colours }) =>
			colours.some(
				({ lab, family }) =>
					deltaE00(lab, main.lab) <= thresholds.continues || familiesRelated(family, main.family)
			)
		);
		return usual || belongs || others.length === 0
			? []
			: [
					{
						severity: 'hint',
						pieces: [worn.id],
						measured: near
							? `${worn.title}: ${main.family} shows between suit and shoe, and is in neither`
							: `${worn.title}: ${main.family} is in neither shoe, trouser nor anything else`,
						swap: true,
						leaveOff: true
					}
				];
	}
};
