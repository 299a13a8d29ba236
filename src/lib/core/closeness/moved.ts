/** What moved between two scores of the same look, and why. */
import type { Element } from '../model/reference';
import type { LookCloseness, Loss } from './look';
import { aspectLabel, garmentName } from './words';

export interface Moved {
	elementId: string;
	/** Points of the 100 that the element earns more, or less. */
	points: number;
	/** "colour costs 4.1 instead of 2.6 points". */
	words: string;
}

const nameOf = ({ kind, aspect }: Pick<Loss, 'kind' | 'aspect'>) =>
	aspect
		? kind === 'unasked'
			? `${aspectLabel(aspect)} that was not asked for`
			: aspectLabel(aspect)
		: {
				gap: 'the gap',
				'left-out': 'leaving it out',
				'too-far': 'a match too far off',
				aspect: 'a feature',
				signature: 'the signature',
				unasked: 'what was not asked for',
				moves: 'how it is worn',
				count: 'how many are worn'
			}[kind];
const lossKey = ({ kind, aspect }: Pick<Loss, 'kind' | 'aspect'>) => `${kind} ${aspect ?? ''}`;

/** What explains most of the change: that the element holds more or fewer points, or what one loss costs now and cost. */
function why(
	before: readonly Loss[],
	after: readonly Loss[],
	held: readonly [before: number, after: number]
): string {
	const all = [...after, ...before].filter(
		(loss, i, list) => list.findIndex((other) => lossKey(other) === lossKey(loss)) === i
	);
	const pointsIn = (losses: readonly Loss[], loss: Loss) =>
		losses.find((other) => lossKey(other) === lossKey(loss))?.points ?? 0;
	const [most] = all
		.map((loss) => ({ loss, from: pointsIn(before, loss), to: pointsIn(after, loss) }))
		.sort((a, b) => Math.abs(b.to - b.from) - Math.abs(a.to - a.from));
	const [was, is] = held;
	if (!most || Math.abs(most.to - most.from) < Math.abs(is - was))
		return `it holds ${is.toFixed(1)} instead of ${was.toFixed(1)} points`;
	return `${nameOf(most.loss)} costs ${most.to.toFixed(1)} instead of ${most.from.toFixed(1)} points`;
}

/**
 * Elements whose earnings differ between two scores of one look by at least `least` points, the most moved first, each
 * with the loss that changed most.
 */
export function movedBetween(
	before: LookCloseness,
	after: LookCloseness,
	elements: readonly Element[],
	least = 0.3
): (Moved & { name: string })[] {
	const of = (losses: readonly Loss[], id: string) => losses.filter(({ elementId }) => elementId === id);
	return elements
		.flatMap((element) => {
			const scored = [before, after].map(({ elements: all }) =>
				all.find(({ elementId }) => elementId === element.id)
			);
			const [was, is] = [scored[0]?.earned ?? 0, scored[1]?.earned ?? 0];
			const held = [scored[0]?.points ?? 0, scored[1]?.points ?? 0] as const;
			const points = is - was;
			return Math.abs(points) < least
				? []
				: [
						{
							elementId: element.id,
							name: garmentName(element.garment),
							points,
							words: why(of(before.losses, element.id), of(after.losses, element.id), held)
						}
					];
		})
		.sort((a, b) => Math.abs(b.points) - Math.abs(a.points));
}
