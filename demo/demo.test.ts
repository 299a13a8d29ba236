import { describe, expect, it } from 'vitest';
import { garmentInWords, readDocument, scoreLook, wornIn } from '../src/lib/core';
import { composeDemo } from './compose';

describe('the demo studio', () => {
	const demo = composeDemo();

	it('passes the same reading as a user’s backup', () => {
		expect(readDocument(JSON.stringify(demo))).toMatchObject({ ok: true });
	});

	it('is large enough to feel real', () => {
		expect(demo.clients).toHaveLength(3);
		expect(demo.references.length).toBeGreaterThanOrEqual(8);
		expect(new Set(demo.references.map(({ kind }) => kind)).size).toBe(3);
		const wardrobes = demo.clients.map(
			({ id }) => demo.pieces.filter(({ clientId }) => clientId === id).length
		);
		expect(wardrobes.filter((pieces) => pieces >= 60)).toHaveLength(2);
		expect(demo.events.length).toBeGreaterThanOrEqual(5);
	});

	it('has echoes with a verdict, whose losses add up', () => {
		const judged = demo.echoes.filter(({ judgements }) => judgements.length > 0);
		expect(judged.length).toBeGreaterThanOrEqual(1);
		for (const { judgements } of judged)
			for (const { score, losses } of judgements)
				expect(losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(100 - score, 6);
	});

	it('answers most of what its echoes ask for', () => {
		for (const echo of demo.echoes) {
			const reference = demo.references.find(({ id }) => id === echo.referenceId);
			const { score } = scoreLook(reference ?? { elements: [] }, wornIn(echo, demo.pieces));
			expect(score, echo.title).toBeGreaterThan(50);
		}
	});

	it('keeps to its clients’ own limits: no wool for the client who avoids it', () => {
		const tamsin = demo.clients.find(({ avoidMaterials }) => avoidMaterials.includes('wool'));
		for (const { parts } of demo.pieces.filter(({ clientId }) => clientId === tamsin?.id))
			for (const { garment } of parts) expect(garmentInWords(garment)).not.toMatch(/wool|merino|cashmere/);
	});

	it('has ids that stay the same', () => {
		expect(composeDemo()).toEqual(demo);
	});
});
