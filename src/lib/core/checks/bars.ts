/** What stands against one thing for one client, wherever it is offered: on a card, as a mend, as points to win back. */
import { cautionsFor, type Caution } from '../body/cautions';
import type { Garment } from '../model/garment';
import { factsOf, type PieceFacts } from './facts';
import { breaksLimit, questionOf } from './limits';
import type { CheckContext } from './model';

type ForClient = NonNullable<CheckContext['client']>;

/** Remembered by client and garment: the same cards are laid out again and again. */
const known = new WeakMap<object, WeakMap<Garment, Caution[]>>();

/** What of a client's limits in words a piece breaks, as stated or by its kind, and what must be asked. */
export const againstLimits = (client: Pick<ForClient, 'limits'>, piece: PieceFacts): Caution[] =>
	client.limits.never.flatMap((limit): Caution[] => {
		switch (breaksLimit(limit, piece)) {
			case 'yes':
				return [{ words: `never: ${limit}`, kind: 'against' }];
			case 'by-kind':
				return [{ words: `never: ${limit}; usually so with ${piece.type.plural}`, kind: 'against' }];
			case 'unknown':
				return [{ words: `never: ${limit}; ${questionOf(limit, piece)}`, kind: 'look' }];
			default:
				return [];
		}
	});

function workedOut(client: ForClient, garment: Garment): Caution[] {
	const [piece] = factsOf([{ id: '', title: '', garment, moves: [] }], {}).pieces;
	return piece ? [...againstLimits(client, piece), ...cautionsFor(client, garment)] : [];
}

/**
 * Everything that speaks against a garment for a client: limits in their own words, materials, ethics, allergies, colours
 * and heels. Labels and the client's clinician have the last word.
 */
export function barsFor(client: ForClient, garment: Garment): Caution[] {
	let ofClient = known.get(client);
	if (!ofClient) known.set(client, (ofClient = new WeakMap()));
	let bars = ofClient.get(garment);
	if (!bars) ofClient.set(garment, (bars = workedOut(client, garment)));
	return bars;
}

/** May it be recommended? Not where it breaks a limit or likely harms; what a label must tell is no reason to hide it. */
export const mayWear = (client: ForClient, garment: Garment): boolean =>
	barsFor(client, garment).every(({ kind }) => kind === 'look');
