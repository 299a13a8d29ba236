import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import {
	addDays,
	boughtIn,
	clientSays,
	lastSaid,
	lookbookOf,
	newInAnswer,
	readAnswer,
	spendOf,
	type BookSource,
	type Client,
	type Echo
} from '../../src/lib/core';
import { uuid } from '../records';

/** Laws of what leaves the studio, over the looks of the demo's clients. */
const demo = composeDemo();
const today = '2026-01-15';
const rates = { EUR: 0.86 };
const optionsFor = (client: Client) => ({
	client,
	pieces: demo.pieces.filter(({ clientId }) => clientId === client.id),
	currency: 'GBP',
	rates,
	today
});
const sourcesOf = (client: Client): BookSource[] =>
	demo.echoes
		.filter(({ clientId }) => clientId === client.id)
		.flatMap((echo) => {
			const reference = demo.references.find(({ id }) => id === echo.referenceId);
			const event = demo.events.find(({ id }) => id === echo.eventId);
			return reference ? [{ echo, reference, ...(event && { event }) }] : [];
		});
const clients = demo.clients.filter((client) => sourcesOf(client).length > 0);
const someLooks = fc
	.constantFrom(...clients)
	.chain((client) =>
		fc
			.shuffledSubarray(sourcesOf(client), { minLength: 1 })
			.map((sources) => ({ client, sources, book: lookbookOf(sources, optionsFor(client)) }))
	);
const itemsOf = ({ matches, extras }: Echo) => [
	...matches.flatMap(({ items }) => items),
	...extras.map(({ item }) => item)
];

describe('a lookbook of any looks of a client', () => {
	it('packs each thing once, for just the looks that wear it', () => {
		fc.assert(
			fc.property(someLooks, ({ sources, book }) => {
				const keyOf = (item: ReturnType<typeof itemsOf>[number]) =>
					item.source === 'piece' ? `${item.pieceId} ${item.partId}` : item.listing.id;
				const wanted = new Map<string, Set<string>>();
				for (const { echo } of sources)
					for (const item of itemsOf(echo))
						wanted.set(keyOf(item), (wanted.get(keyOf(item)) ?? new Set()).add(echo.title));
				expect(book.packing).toHaveLength(wanted.size);
				const counts = (looks: Iterable<ReadonlySet<string> | readonly string[]>) =>
					[...looks].map((one) => [...one].sort().join()).sort();
				expect(counts(book.packing.map(({ looks }) => looks))).toEqual(counts(wanted.values()));
			}),
			{ numRuns: 25 }
		);
	});
	it('stands in the order of the days, what has none last', () => {
		fc.assert(
			fc.property(someLooks, ({ book }) => {
				const days = book.looks.map(({ event }) => event?.date ?? '9999');
				expect(days).toEqual([...days].sort());
			}),
			{ numRuns: 25 }
		);
	});
	it('buys what the look buys, with a day to come and a day to go back, for the money that the studio counts', () => {
		for (const client of clients)
			for (const { echo, reference } of sourcesOf(client)) {
				const [look] = lookbookOf([{ echo, reference }], optionsFor(client)).looks;
				const told = look?.shopping.flatMap(({ items }) => items) ?? [];
				expect(told.map(({ title }) => title).sort()).toEqual(
					boughtIn(echo)
						.map(({ listing }) => listing.title)
						.sort()
				);
				for (const { arrives, returnBy } of told) {
					expect(arrives >= today).toBe(true);
					expect(returnBy >= arrives).toBe(true);
				}
				expect(look?.total).toEqual(spendOf(echo, 'GBP', rates).total);
			}
	});
	it('prepares nothing after the day', () => {
		for (const client of clients)
			for (const { preparation, event } of lookbookOf(sourcesOf(client), optionsFor(client)).looks)
				for (const { day } of preparation) expect(day! <= event!.date).toBe(true);
	});
	it('tells nothing that was noted for the studio', () => {
		const secret = 'SECRET-OF-THE-STUDIO';
		for (const client of clients) {
			const noted = sourcesOf(client).map(({ echo, reference, event }) => ({
				echo: {
					...echo,
					note: secret,
					matches: echo.matches.map((match) => ({ ...match, note: secret })),
					extras: echo.extras.map((extra) => ({ ...extra, note: secret })),
					gapNotes: echo.gapNotes.map((gap) => ({ ...gap, note: secret })),
					versions: echo.versions.map((version) => ({ ...version, note: secret }))
				},
				reference: {
					...reference,
					note: secret,
					elements: reference.elements.map((element) => ({ ...element, note: secret }))
				},
				...(event && { event: { ...event, note: secret } })
			}));
			const options = optionsFor(client);
			const book = lookbookOf(noted, {
				...options,
				client: { ...client, brief: secret, contact: secret },
				pieces: options.pieces.map((piece) => ({ ...piece, note: secret }))
			});
			expect(JSON.stringify(book)).not.toContain(secret);
			expect(JSON.stringify(book)).not.toMatch(/"gap"[^,}]*words|measurements/);
		}
	});
});

describe('what a client sends back', () => {
	const answered = fc.constantFrom(...demo.echoes.filter(({ matches }) => matches.length > 0)).chain((echo) =>
		fc
			.record({
				pieces: fc.shuffledSubarray(echo.matches.map(({ id }) => id)).chain((ids) =>
					fc.tuple(
						...ids.map((of) =>
							fc
								.record({
									says: fc.option(fc.constantFrom(...clientSays), { nil: undefined }),
									note: fc.constantFrom('', 'too long', 'love it')
								})
								.map(({ says, note }) => ({ of, ...(says && { says }), note }))
						)
					)
				),
				on: fc.integer({ min: 0, max: 60 }).map((days) => addDays(today, days))
			})
			.map((answer) => ({ echo, answer }))
	);
	const fileOf = (echo: Echo, { pieces, on }: { pieces: readonly object[]; on: string }) =>
		JSON.stringify({
			format: 'prime-echo-answer',
			version: 1,
			on,
			looks: [{ look: echo.id, pieces, note: '' }]
		});
	it('is read back as it was written, and is new once', () => {
		fc.assert(
			fc.property(answered, ({ echo, answer }) => {
				const read = readAnswer(fileOf(echo, answer));
				if (!read.ok) throw new Error(read.message);
				const [look] = read.value.looks;
				expect(look?.pieces).toEqual(answer.pieces);
				const before = { ...echo, answers: [] };
				const found = newInAnswer({ pieces: look?.pieces ?? [] }, before, demo.pieces);
				const spoken = answer.pieces.filter(({ says, note }) => says !== undefined || note !== '');
				expect(found.map(({ of }) => of)).toEqual(spoken.map(({ of }) => of));
				const kept: Echo = {
					...echo,
					answers: [{ id: uuid(1), on: answer.on, pieces: look?.pieces ?? [], note: '' }]
				};
				expect(newInAnswer({ pieces: look?.pieces ?? [] }, kept, demo.pieces)).toEqual([]);
				for (const { of, says } of spoken) expect(lastSaid(kept, of)?.says).toBe(says);
			}),
			{ numRuns: 60 }
		);
	});
	it('of another form is refused, whatever it is', () => {
		fc.assert(
			fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
				expect(readAnswer(text).ok).toBe(false);
			}),
			{ numRuns: 200 }
		);
	});
	it('about what is gone since says so', () => {
		const echo = demo.echoes.find(({ matches }) => matches.length > 0)!;
		expect(
			newInAnswer({ pieces: [{ of: uuid(77), says: 'no', note: '' }] }, { ...echo, answers: [] }, demo.pieces)
		).toMatchObject([{ isGone: true, title: '' }]);
	});
});
