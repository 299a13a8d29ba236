import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const busyCollars = ['pussy-bow', 'ruffled', 'lace', 'fur', 'sailor'];
/** Nothing round the neck lies well beside a neckline that crosses it. */
const oneSided = ['one-shoulder', 'asymmetric'];
const busyNecks = [...oneSided, 'roll', 'funnel', 'mock', 'high-neck', 'cowl', 'halter'];
/** They lie on the neck or at its base; others hang below it, or are not known to be short. */
const short = ['pearl-necklace', 'choker', 'collar-necklace', 'kundan-set'];
const hanging = ['long-beads', 'rani-haar', 'pendant', 'layered-necklaces', 'lariat'];

const collarOf = (piece: PieceFacts) => {
	const collar = piece.value('collar') ?? '';
	return busyCollars.includes(collar) ? `${collar} collar` : undefined;
};
const neckOf = (piece: PieceFacts) => {
	const neckline = piece.value('neckline') ?? '';
	return busyNecks.includes(neckline) ? `${neckline} neck` : undefined;
};

export const busyNeck: Rule = {
	id: 'busy-neck',
	title: 'A necklace on a busy neck',
	reason: 'A busy neckline wants a bare neck: let the earrings lead.',
	standing: 'habit',
	about: ['type', 'neckline', 'collar'],
	find: (facts) => {
		const [busy] = facts.in('top', 'whole').filter((piece) => collarOf(piece) ?? neckOf(piece));
		const necklaces = facts.in('neck').filter(({ type }) => {
			if (busy && collarOf(busy)) return !hanging.includes(type.id);
			return oneSided.includes(busy?.value('neckline') ?? '') || short.includes(type.id);
		});
		return busy && necklaces.length > 0
			? [
					{
						severity: 'hint',
						pieces: [...necklaces.map(({ id }) => id), busy.id],
						measured: `the ${necklaces[0]?.title} lies on the ${collarOf(busy) ?? neckOf(busy)} of the ${busy.title}`,
						leaveOff: true
					}
				]
			: [];
	}
};
