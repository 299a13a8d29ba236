import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import { adaptLook, candidatesFor, scoringOf } from '../../src/lib/core';

describe('laws of a wearable version, over the demo', () => {
	const demo = composeDemo();
	it('each thing is worn as it is, and for one element', () => {
		let worn = 0;
		for (const who of demo.clients)
			for (const reference of demo.references) {
				const strict = {
					...who,
					limits: { never: [...who.limits.never, 'silk', 'black', 'no bare arms'], maxHeelCm: 3 }
				};
				const { offers } = candidatesFor({
					reference,
					client: strict,
					pieces: demo.pieces.filter(({ clientId }) => clientId === who.id),
					scoring: scoringOf(reference, {}, strict),
					seenOn: '2026-11-30'
				});
				const adapted = adaptLook(reference, strict, { offersFor: offers });
				const things = adapted.changes.flatMap(({ elementId, change }) =>
					change.kind === 'wear' ? [{ elementId, offer: change.offer }] : []
				);
				worn += things.length;
				expect(new Set(things.map(({ offer }) => offer.key)).size).toBe(things.length);
				for (const { elementId, offer } of things) {
					const garments = adapted.elements.filter(({ id }) => id === elementId).map((one) => one.garment);
					expect(garments, offer.title).toEqual([offer.garment]);
					expect(adapted.changes.filter((made) => made.elementId === elementId)).toHaveLength(1);
				}
			}
		expect(worn).toBeGreaterThan(5);
	});
});
