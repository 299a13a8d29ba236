import {
	checkLook,
	mendsOf,
	resolveItem,
	withChange,
	type Change,
	type CheckedPiece,
	type Client,
	type Echo,
	type Event,
	type Finding,
	type Mend,
	type Piece,
	type Reference,
	type WorthyOffer
} from '$lib/core';

/** What the eye looks at. */
export interface CheckSource {
	echo: Echo;
	reference: Reference;
	client: Client;
	event: Event | undefined;
	pieces: readonly Piece[];
	/** What could be worn for an element instead. */
	offersFor: (elementId: string) => readonly WorthyOffer[];
}

/** As many spare pieces as are tried for a mend. */
const tried = 8;

/** The findings on what an echo wears, their mends, and one of them held up to be looked at. */
export function lookCheck(source: () => CheckSource) {
	let tryOn = $state.raw<Mend | undefined>();

	const echo = $derived(source().echo);
	const pieces = $derived(source().pieces);
	const worn = $derived.by((): CheckedPiece[] => {
		const matched = echo.matches.flatMap((match) =>
			match.items.flatMap((item) => {
				const resolved = resolveItem(item, pieces);
				const [id] = match.elementIds;
				return resolved && id ? [{ id, ...resolved, moves: match.movesDone }] : [];
			})
		);
		const extras = echo.extras.flatMap(({ id, item }) => {
			const resolved = resolveItem(item, pieces);
			return resolved ? [{ id, ...resolved, moves: [] }] : [];
		});
		return [...matched, ...extras];
	});
	const context = $derived({
		client: source().client,
		event: source().event,
		schools: { ...source().client.schools, ...echo.schools }
	});
	const findings = $derived(checkLook(worn, context));

	const offerOf = (id: string, key: string) =>
		source()
			.offersFor(id)
			.find(({ item }) => JSON.stringify(item) === key);

	return {
		get findings() {
			return findings;
		},
		/** Findings that ask for something. */
		get faults() {
			return findings.filter(({ severity }) => severity !== 'praise').length;
		},
		titleOf: (id: string) => worn.find((piece) => piece.id === id)?.title ?? '',
		/** Changes after which a finding is gone, the closest first. */
		mendsOf: (finding: Finding): Mend[] =>
			mendsOf(finding, worn, {
				context,
				reference: source().reference,
				sparesFor: (id) =>
					[...source().offersFor(id)]
						.filter(({ cost, earned }) => !cost && earned > 0)
						.sort((a, b) => b.earned - a.earned)
						.slice(0, tried)
						.map(({ item, title, garment }) => ({ key: JSON.stringify(item), title, garment }))
			}),
		/** The mend that is held up, to see it on the plate before it is taken. */
		get tryOn() {
			return tryOn;
		},
		hold: (mend: Mend | undefined) => (tryOn = mend),
		/** What is worn with the held mend, as a look to draw. */
		get preview() {
			return tryOn && { worn: withChange(worn, tryOn.change) };
		},
		/** The owned piece that a swap takes. */
		offerIn: (change: Extract<Change, { kind: 'swap' }>) => offerOf(change.id, change.to.key)
	};
}
export type LookCheck = ReturnType<typeof lookCheck>;
