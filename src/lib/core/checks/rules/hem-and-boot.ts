import { cutForCm } from '../../body/heights';
import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** Where a skirt or a leg is said to end, as a share of the stature; of what nobody said nothing is known. */
const hemOf = ({ stated, place }: PieceFacts) =>
	(['hemLength', 'legLength'] as const).flatMap((facet) => (stated(facet) ? (place(facet) ?? []) : []))[0];

export const hemAndBoot: Rule = {
	id: 'hem-and-boot',
	title: 'A hem that ends at the boot',
	reason: 'High shoes are shown or clearly covered, not half.',
	standing: 'habit',
	about: ['hemLength', 'legLength', 'shaft'],
	find: (facts) => {
		const [boots] = facts.in('feet').filter((piece) => piece.type.family === 'boots');
		const hemmed = facts.in('legs', 'whole').find((piece) => hemOf(piece) !== undefined);
		// Of plain “boots” nobody knows how high they are.
		const known = boots && (boots.stated('shaft') !== undefined || !boots.type.general);
		const [shaft, hem] = [known ? boots.place('shaft') : undefined, hemmed && hemOf(hemmed)];
		if (!boots || !hemmed || shaft === undefined || hem === undefined) return [];
		// Opaque tights close the gap between hem and shaft.
		if (facts.in('hosiery').length > 0) return [];
		const gapCm = Math.abs(hem - shaft) * cutForCm;
		return gapCm <= thresholds.hemAtBootCm
			? [
					{
						severity: 'hint',
						pieces: [hemmed.id, boots.id],
						measured: `the hem ends about ${gapCm.toFixed(0)} cm from the top of the boot`,
						swap: true
					}
				]
			: [];
	}
};
