import type { Rule } from '../rule';

const busyCollars = ['pussy-bow', 'ruffled', 'lace', 'fur', 'sailor'];
const busyNecks = ['roll', 'funnel', 'mock', 'high-neck', 'cowl', 'halter'];

export const busyNeck: Rule = {
	id: 'busy-neck',
	title: 'A necklace on a busy neck',
	reason: 'A busy neckline wants a bare neck: let the earrings lead.',
	standing: 'habit',
	about: ['type', 'neckline', 'collar'],
	find: (facts) => {
		const necklaces = facts
			.in('neck')
			.filter(
				({ type }) => !['long-beads', 'rani-haar', 'pendant', 'layered-necklaces', 'lariat'].includes(type.id)
			);
		const [busy] = facts
			.in('top', 'whole')
			.filter(
				(piece) =>
					busyCollars.includes(piece.value('collar') ?? '') ||
					busyNecks.includes(piece.value('neckline') ?? '')
			);
		return busy && necklaces.length > 0
			? [
					{
						severity: 'hint',
						pieces: [...necklaces.map(({ id }) => id), busy.id],
						measured: `the ${necklaces[0]?.title} lies on the ${busy.value('collar') && busyCollars.includes(busy.value('collar') ?? '') ? `${busy.value('collar')} collar` : `${busy.value('neckline')} neck`} of the ${busy.title}`,
						leaveOff: true
					}
				]
			: [];
	}
};
