import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import { candidatesFor } from '../../src/lib/core/matching/candidates';
import { scoreEcho, scoringOf, wornPieces } from '../../src/lib/core/matching/score-echo';
import type { MarketAnswer } from '../../src/lib/core/exchange/market';
import type { Echo } from '../../src/lib/core/model/echo';
import { freshMatch, matchSchema } from '../../src/lib/core/model/worn';
import {
	planOf,
	plannedMatches,
	type PlannedEcho,
	type PlanOptions
} from '../../src/lib/core/budget/from-echoes';
import type { BudgetOption } from '../../src/lib/core/budget/problem';
import { solveEchoes } from '../../src/lib/core/budget/solve-echoes';
import { clashesFor } from '../../src/lib/core/checks/beside';
import { garmentType } from '../../src/lib/core/lexicon/taxonomy';
import { highsSolver } from '../../src/lib/workers/budget/highs-solver';

const demo = composeDemo();
const today = demo.writtenOn.slice(0, 10);
const options: PlanOptions = { today, currency: 'GBP', rates: {} };
const nth = (() => {
	let last = 0;
	return () => `00000000-0000-4000-8000-${String(++last).padStart(12, '0')}`;
})();

/** An echo of the demo as it is planned, with a shop that sells what its reference asks, as it is asked. */
function plannedEcho(change: Partial<Echo> = {}, arrivesInDays = 2): PlannedEcho {
	const kept = demo.echoes[0]!;
	const echo = { ...kept, matches: [], extras: [], schools: {}, ...change };
	const reference = demo.references.find(({ id }) => id === echo.referenceId)!;
	const client = demo.clients.find(({ id }) => id === echo.clientId)!;
	const shop = {
		id: nth(),
		name: 'Harbour Row',
		simulated: true,
		secondHand: false,
		sizeChart: { clothes: [], shoes: [] },
		postage: { flat: { amountMinor: 300, currency: 'GBP' } },
		returns: { days: 14, cost: { amountMinor: 0, currency: 'GBP' } }
	};
	const market: MarketAnswer = {
		simulated: true,
		shops: [shop],
		matches: reference.elements.map(({ id, garment }) => ({
			elementId: id,
			listings: [
				{
					listing: {
						id: nth(),
						shopId: shop.id,
						title: `as asked: ${garment.type}`,
						garment,
						price: { amountMinor: 2500, currency: 'GBP' },
						tier: 'save' as const,
						condition: 'new' as const,
						sizes: [{ label: 'one size', inStock: 3 }],
						arrivesInDays
					},
					closeness: 1
				}
			]
		}))
	};
	return {
		echo,
		reference,
		client,
		pieces: demo.pieces.filter(({ clientId }) => clientId === client.id),
		market,
		fitNotes: [],
		event: demo.events.find(({ clientId, date }) => clientId === client.id && date > today)
	};
}
const bought = ({ source }: BudgetOption) => source.kind === 'listing';

describe('an echo as a look of a budget', () => {
	it('is worth what its matches then score, to the point', () => {
		const one = plannedEcho();
		const planned = planOf([one], options);
		const [look] = planned.problem.looks;
		// The best for each element by itself, one after another, as long as nothing is worn twice.
		const chosen: BudgetOption[] = [];
		for (const option of [...look!.options].sort((a, b) => b.earned - a.earned)) {
			const places = [...option.elementIds, ...option.blocks];
			const isFree = chosen.every(
				(other) =>
					![...other.elementIds, ...other.blocks].some((place) => places.includes(place)) &&
					(option.source.kind !== 'owned' ||
						other.source.kind !== 'owned' ||
						option.source.pieceId !== other.source.pieceId)
			);
			if (isFree) chosen.push(option);
		}
		const matches = plannedMatches(planned, one, chosen, nth);
		const points = chosen.reduce((sum, { earned }) => sum + earned, look!.settled);
		const { score } = scoreEcho({ ...one.echo, matches }, one.reference, one.pieces, one.client);
		expect(chosen.length).toBeGreaterThan(3);
		expect(score).toBeCloseTo(points, 6);
		expect(matches.every(({ byHand }) => !byHand)).toBe(true);
		// In the very form in which they are stored, so that a look can be told to be as it was planned.
		expect(JSON.stringify(matches)).toBe(JSON.stringify(matches.map((match) => matchSchema.parse(match))));
	});

	it('keeps what is pinned, pays for it, and offers nothing else in its place', () => {
		const fresh = plannedEcho();
		const [element] = fresh.reference.elements;
		const scoring = scoringOf(fresh.reference, {}, fresh.client);
		const { item } = candidatesFor({ ...fresh, scoring, seenOn: today })
			.offers(element!.id)
			.find((offer) => offer.item.source === 'listing')!;
		const pinned = freshMatch({
			id: nth(),
			elementIds: [element!.id],
			items: [item],
			movesDone: element!.moves,
			reason: 'price',
			pinned: true
		});
		const planned = planOf([{ ...fresh, echo: { ...fresh.echo, matches: [pinned] } }], options);
		const [look] = planned.problem.looks;
		expect(look!.options.filter(({ isPinned }) => isPinned)).toEqual([
			expect.objectContaining({ source: expect.objectContaining({ kind: 'listing', priceMinor: 2500 }) })
		]);
		expect(look!.options.some(({ elementIds }) => elementIds.includes(element!.id))).toBe(false);
		expect(look!.settled).toBeGreaterThan(0);
		expect(plannedMatches(planned, fresh, [], nth)).toEqual([pinned]);
	});

	it('leaves a match whose piece stays as it was, with its note and its moves', () => {
		const fresh = plannedEcho();
		const first = planOf([fresh], options);
		const option = first.problem.looks[0]!.options.find(
			({ source, elementIds }) => source.kind === 'owned' && elementIds.length === 1
		)!;
		const [match] = plannedMatches(first, fresh, [option], nth);
		const noted = { ...match!, note: 'hem let down', reason: 'body' as const };
		const again = { ...fresh, echo: { ...fresh.echo, matches: [noted] } };
		expect(plannedMatches(planOf([again], options), again, [option], nth)).toEqual([noted]);
	});

	it('passes over what arrives too late, and what has no rate, and says so', () => {
		const late = planOf([plannedEcho({}, 100)], options);
		expect(late.problem.looks[0]!.options.some(bought)).toBe(false);
		expect(late.passedOver.length).toBeGreaterThan(0);
		expect(late.passedOver.every(({ why, arrives }) => why === 'late' && arrives! > today)).toBe(true);
		const foreign = planOf([plannedEcho()], { ...options, currency: 'EUR' });
		expect(foreign.problem.looks[0]!.options.some(bought)).toBe(false);
		expect(foreign.passedOver.every(({ why }) => why === 'no-rate')).toBe(true);
		const withRate = planOf([plannedEcho()], { ...options, currency: 'EUR', rates: { GBP: 2 } });
		expect(withRate.problem.looks[0]!.options.filter(bought)[0]?.source).toMatchObject({ priceMinor: 5000 });
		expect(withRate.problem.shops[0]).toMatchObject({ postageMinor: 600 });
	});

	it('wears nothing together that the client never does, also beside what is pinned', async () => {
		const solver = highsSolver(await loadHighs());
		const plain = plannedEcho();
		const wornBy = async (one: PlannedEcho) => {
			const planned = planOf([one], options);
			const solved = await solveEchoes(planned.problem, solver);
			const matches = plannedMatches(planned, one, solved!.looks[0]!.chosen, nth);
			return { matches, worn: wornPieces({ matches, extras: [] }, one.pieces) };
		};
		const free = await wornBy(plain);
		const [a, b] = free.worn.map(({ garment }) => garmentType(garment.type).plural);
		const never = [`no ${a} with ${b}`];
		const client = { ...plain.client, limits: { ...plain.client.limits, never } };
		const clashes = clashesFor(client)!;
		expect(clashes(free.worn)).not.toEqual([]);
		const apart = await wornBy({ ...plain, client });
		expect(apart.worn.length).toBeGreaterThan(2);
		expect(clashes(apart.worn)).toEqual([]);
		const pinned = [{ ...free.matches[0]!, pinned: true }];
		const beside = await wornBy({ ...plain, client, echo: { ...plain.echo, matches: pinned } });
		expect(beside.matches[0]).toEqual(pinned[0]);
		expect(clashes(beside.worn)).toEqual([]);
	});

	it('has the wishes of its schools, and its own limit only where looks are held to theirs', () => {
		const wished = plannedEcho({
			schools: { metals: 'match-all', boldness: 'one-statement' },
			spendLimit: { amountMinor: 4000, currency: 'GBP' }
		});
		expect(planOf([wished], options).problem.looks[0]).toMatchObject({ oneMetal: true, mostStatements: 1 });
		expect(planOf([wished], options).problem.looks[0]).not.toHaveProperty('budgetMinor');
		expect(planOf([wished], { ...options, byLook: true }).problem.looks[0]).toMatchObject({
			budgetMinor: 4000
		});
		expect(planOf([plannedEcho()], options).problem.looks[0]).not.toHaveProperty('oneMetal');
	});
});
