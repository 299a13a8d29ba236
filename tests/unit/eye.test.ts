import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
	checkLook,
	mendsOf,
	readLook,
	rules,
	schoolQuestions,
	withChange,
	type CheckContext
} from '../../src/lib/core';
import { eyePage } from '../../scripts/eye';
import { labelledOutfits, piecesOf, scoreEye } from '../outfits';

const faultsOf = (text: string, context: CheckContext = {}) =>
	checkLook(piecesOf(text), context)
		.filter(({ severity }) => severity !== 'praise')
		.map(({ rule }) => rule);

describe('the rules', () => {
	const outfits = labelledOutfits();

	it('find what a stylist would and nothing else, nine times in ten, on the labelled outfits', () => {
		expect(outfits.length).toBeGreaterThanOrEqual(40);
		const { precision, recall } = scoreEye(outfits);
		expect(precision).toBeGreaterThanOrEqual(0.9);
		expect(recall).toBeGreaterThanOrEqual(0.9);
	});

	it('praise what a stylist would', () => {
		const praising = outfits.filter(({ praised }) => praised.length > 0);
		expect(praising.length).toBeGreaterThanOrEqual(5);
		for (const { text, worn, context, praised } of praising)
			for (const rule of praised)
				expect(
					checkLook(worn, context).some((found) => found.rule === rule && found.severity === 'praise'),
					`${rule}: ${text}`
				).toBe(true);
	});

	it.each(rules.map(({ id }) => id).filter((id) => id !== 'spending'))(
		'%s is raised by a labelled outfit',
		(id) =>
			expect(
				outfits.some(
					({ worn, context, faults, praised }) =>
						[...faults, ...praised].includes(id) && checkLook(worn, context).some(({ rule }) => rule === id)
				)
			).toBe(true)
	);

	it.each([
		['buy-nothing-new', 'red scarf', { tier: 'save', condition: 'new' }, true],
		['buy-nothing-new', 'red scarf', { tier: 'save', condition: 'good' }, false],
		['best-version-once', 'black blazer', { tier: 'save', condition: 'new' }, true],
		['trends-cheap-staples-well', 'gold hoops', { tier: 'spend', condition: 'new' }, true],
		['trends-cheap-staples-well', 'camel coat', { tier: 'save', condition: 'new' }, true],
		['trends-cheap-staples-well', 'camel coat', { tier: 'save', condition: 'good' }, false],
		['trends-cheap-staples-well', 'camel coat', { tier: 'spend', condition: 'new' }, false]
	] as const)('spending under %s: %s %o', (money, phrase, bought, found) => {
		const worn = piecesOf(phrase).map((piece) => ({ ...piece, bought }));
		expect(checkLook(worn, { schools: { money } }).some(({ rule }) => rule === 'spending')).toBe(found);
	});

	it('yield to rules that there are', () => {
		for (const { id, yieldsTo = [] } of rules)
			for (const other of yieldsTo)
				expect(
					rules.some((rule) => rule.id === other),
					id
				).toBe(true);
	});

	it('say what is found only with a layer off, or sitting', () => {
		const never = (limit: string): CheckContext => ({
			client: {
				limits: { never: [limit] },
				avoidMaterials: [],
				allergies: [],
				wishedEffects: [],
				coloursRefused: [],
				ethics: { fur: true, leather: true }
			}
		});
		const found = (text: string, limit: string) =>
			checkLook(piecesOf(text), never(limit)).filter(({ rule }) => rule === 'client-limits');
		expect(found('navy blazer; sleeveless white top; navy trousers', 'sleeveless')).toMatchObject([
			{ state: 'jacket off' }
		]);
		expect(found('knee-length grey pencil skirt; white shirt', 'above the knee')).toMatchObject([
			{ state: 'sitting' }
		]);
		expect(found('grey mini skirt; white shirt', 'above the knee')[0]?.state).toBeUndefined();
		expect(found('knee-length full grey skirt; white shirt', 'above the knee')).toEqual([]);
	});

	it('each say what they are called, why, and how settled they are', () => {
		for (const { id, title, reason } of rules) {
			expect(title, id).not.toBe('');
			expect(reason.split(' ').length, id).toBeGreaterThanOrEqual(5);
		}
		expect(new Set(rules.map(({ id }) => id)).size).toBe(rules.length);
	});

	it('are on the page that lists them, which is up to date: npm run lexicon', () => {
		expect(readFileSync('docs/eye.md', 'utf8')).toBe(eyePage());
	});

	it('are silent under schools that there are', () => {
		for (const { silentUnder, id } of rules)
			for (const school of silentUnder?.schools ?? [])
				expect(schoolQuestions[silentUnder!.question] as readonly string[], id).toContain(school);
	});

	it.each<[string, string, CheckContext['schools']]>([
		['two-volumes', 'oversized grey hoodie; black wide-leg trousers', { volume: 'relaxed-with-relaxed' }],
		['metals-together', 'gold necklace; silver watch; gold hoops; navy dress', { metals: 'mix-freely' }],
		[
			'statements',
			'leopard print coat; sequinned skirt; black roll-neck',
			{ boldness: 'all-in-take-one-off' }
		],
		['formality-apart', 'hoodie; dinner trousers; patent oxford shoes', { formality: 'clash-on-purpose' }]
	])('%s falls silent under the school that disagrees', (rule, text, schools) => {
		expect(faultsOf(text)).toContain(rule);
		expect(faultsOf(text, { schools })).not.toContain(rule);
	});

	it('praise what was done well', () => {
		const praised = checkLook(piecesOf('navy dress; red belt; red court shoes'))
			.filter(({ severity }) => severity === 'praise')
			.map(({ rule }) => rule);
		expect(praised).toContain('accent-repeated');
	});

	it('put warnings before hints and hints before praise', () => {
		const order = { warning: 0, hint: 1, praise: 2 };
		for (const { worn, context } of outfits) {
			const list = checkLook(worn, context).map(({ severity }) => order[severity]);
			expect(list).toEqual([...list].sort());
		}
	});
});

describe('mends', () => {
	const worn = piecesOf('oversized grey hoodie; black wide-leg trousers; black trainers');
	const finding = checkLook(worn).find(({ rule }) => rule === 'two-volumes')!;

	it('are moves that were tried and after which the finding is gone', () => {
		const [first] = mendsOf(finding, worn);
		expect(first?.change).toMatchObject({ kind: 'move', move: 'tucked' });
		expect(checkLook(withChange(worn, first!.change)).map(({ rule }) => rule)).not.toContain('two-volumes');
	});

	it('are other pieces, those that keep most closeness first; what brings a new fault is no mend', () => {
		const reference = {
			elements: readLook('fitted white tee; black wide-leg trousers; black trainers').elements.map(
				({ garment, moves }, i) => ({
					id: `piece-${i}`,
					garment,
					moves,
					rank: i + 1,
					role: 'key' as const,
					weightFactor: 1,
					signature: [],
					open: [],
					note: ''
				})
			)
		};
		const spare = (title: string) => ({ key: title, title, garment: readLook(title).elements[0]!.garment });
		const mends = mendsOf(finding, worn, {
			reference,
			sparesFor: (id) =>
				id === 'piece-0'
					? [spare('fitted red jumper'), spare('fitted white tee'), spare('evening shirt')]
					: []
		});
		const swaps = mends.flatMap(({ change }) => (change.kind === 'swap' ? [change.to.title] : []));
		expect(swaps[0]).toBe('fitted white tee');
		expect(swaps).not.toContain('evening shirt');
		expect(mends[0]?.points).toBeGreaterThan(0);
	});

	it('leave off what is small and never what is worn for decency', () => {
		const blouse = piecesOf('ivory pussy-bow blouse; pearl necklace; grey pencil skirt');
		const busy = checkLook(blouse).find(({ rule }) => rule === 'busy-neck')!;
		const changes = mendsOf(busy, blouse).map(({ change }) => change);
		expect(changes).toEqual([{ kind: 'leave-off', id: 'piece-1' }]);
		expect(withChange(blouse, changes[0]!)).toHaveLength(2);
	});

	it('are not offered for praise', () => {
		const praise = checkLook(piecesOf('navy dress; red belt; red court shoes')).find(
			({ severity }) => severity === 'praise'
		)!;
		expect(mendsOf(praise, worn)).toEqual([]);
	});
});
