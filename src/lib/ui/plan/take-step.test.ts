import { describe, expect, it } from 'vitest';
import { freshMatch, type Echo, type Match, type PlannedEcho } from '$lib/core';
import { freshEcho } from '$lib/core/model';
import type { Writer } from '$lib/store/writer';
import type { PlanStep } from '$lib/workers/budget';
import { uuid } from '../../../../tests/records';
import { takeStep } from './take-step';

const matchOf = (n: number): Match =>
	freshMatch({ id: uuid(n), elementIds: [uuid(5)], items: [], movesDone: [], reason: 'price' });
const echo: Echo = {
	...freshEcho({
		id: uuid(1),
		clientId: uuid(2),
		referenceId: uuid(3),
		title: 'Harbour night',
		createdOn: '2026-11-26'
	}),
	gapNotes: [
		{ elementId: uuid(5), reason: 'price', instead: '', note: '' },
		{ elementId: uuid(6), reason: 'price', instead: '', note: '' }
	]
};
const stepOf = (matches: Match[]) => ({ matches: [{ echoId: echo.id, matches }] }) as PlanStep;
/** A store of one echo. */
function storeOf(stored: Echo) {
	const writer: Pick<Writer, 'edit'> = {
		edit: async (_table, _id, recipe) => recipe(stored as never)
	};
	return { stored, writer };
}

describe('a step of a plan', () => {
	const [first, second] = [stepOf([matchOf(10)]), stepOf([matchOf(11)])];
	const plan = { planned: [{ echo } as PlannedEcho], answer: { steps: [first, second] } };

	it('is taken into its looks, and so is another one after it', async () => {
		const { stored, writer } = storeOf(structuredClone(echo));
		await takeStep(writer, plan, first);
		expect(stored.matches).toEqual([matchOf(10)]);
		expect(stored.gapNotes.map(({ elementId }) => elementId)).toEqual([uuid(6)]);
		await takeStep(writer, plan, second);
		expect(stored.matches).toEqual([matchOf(11)]);
	});
	it('overwrites nothing that was changed since it was planned', async () => {
		const { stored, writer } = storeOf({ ...structuredClone(echo), matches: [matchOf(12)] });
		await expect(takeStep(writer, plan, first)).rejects.toThrow(/Harbour night.*plan anew/i);
		expect(stored.matches).toEqual([matchOf(12)]);
	});
});
