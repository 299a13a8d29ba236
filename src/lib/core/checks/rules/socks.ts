import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const sporty = ['trainers', 'canvas-plimsolls', 'high-tops', 'chunky-trainers'];

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
		if (!worn || !main || ['sheer', 'semi-sheer'].includes(worn.value('opacity') ?? '')) return [];
		const others = facts.pieces.filter(
			({ id, slot }) => id !== worn.id && !['hair', 'face', 'nails', 'under', 'scent'].includes(slot)
		);
		// White socks with sports shoes, and black ones with anything, are nobody's mistake.
		const usual = main.family === 'black' || facts.in('feet').some(({ type }) => sporty.includes(type.id));
		const belongs = others.some(({ colours }) =>
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
						measured: `${worn.title}: ${main.family} is in neither shoe, trouser nor anything else`,
						swap: true,
						leaveOff: true
					}
				];
	}
};
