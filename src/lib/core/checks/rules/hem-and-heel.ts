import { hemLanding } from '../../body/hem-landing';
import type { Facts, PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** A heel that does not say how high it is, is not known. */
const heelOf = (shoes: PieceFacts): number | undefined =>
	shoes.value('heelHeight') === undefined ? undefined : (shoes.place('heelHeight') ?? 0);

/** What a measured length does on this client, over this heel. */
function measuredTrail({ client }: Facts, long: PieceFacts, heelCm: number): number | undefined {
	if (long.lengthCm === undefined || !client?.measurements) return undefined;
	const landing = hemLanding(long.garment, client.measurements, { lengthCm: long.lengthCm, heelCm });
	return landing && Math.max(0, -landing.aboveFloorCm);
}

const cutForHeels: Record<string, readonly (string | undefined)[]> = {
	floor: ['wide', 'flared', 'bootcut', 'straight', undefined],
	// What is stacked on purpose stacks on the shoe, unless it is wide.
	stacked: ['wide', 'flared', undefined]
};
const isCutForHeels = (piece: PieceFacts) =>
	cutForHeels[piece.stated('legLength') ?? '']?.includes(piece.value('leg')) ?? false;

export const hemAndHeel: Rule = {
	id: 'hem-and-heel',
	title: 'A floor-length hem without its heel',
	reason: 'Wide floor-length trousers need the heel they were hemmed for; without it they trail.',
	standing: 'settled',
	about: ['legLength', 'heelHeight'],
	find: (facts) => {
		const [shoes] = facts.in('feet');
		const heelCm = shoes && heelOf(shoes);
		if (!shoes || heelCm === undefined) return [];
		return facts.in('legs', 'whole').flatMap((long): Violation[] => {
			const trail = measuredTrail(facts, long, heelCm);
			const trails =
				trail === undefined ? isCutForHeels(long) && heelCm < thresholds.heelForLongHemsCm : trail > 0;
			const how = trail === undefined ? 'the hem trails' : `the hem trails by ${trail.toFixed(0)} cm`;
			return trails
				? [
						{
							severity: 'warning',
							pieces: [long.id, shoes.id],
							measured: `floor-length over about ${heelCm} cm of heel: ${how}`,
							moves: [{ id: long.id, move: 'hem-cuffed' }],
							swap: true
						}
					]
				: [];
		});
	}
};
