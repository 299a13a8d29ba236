/** What stands against one thing for one client, wherever it is offered: on a card, as a mend, as points to win back. */
import { cautionsFor, type Caution } from '../body/cautions';
import type { Garment } from '../model/garment';
import { factsOf } from './facts';
import { breaksLimit } from './limits';
import type { CheckContext } from './model';

type ForClient = NonNullable<CheckContext['client']>;

/** Remembered by client and garment: the same cards are laid out again and again. */
const known = new WeakMap<object, WeakMap<Garment, Caution[]>>();

function workedOut(client: ForClient, garment: Garment): Caution[] {
	const [piece] = factsOf([{ id: '', title: '', garment, moves: [] }], {}).pieces;
	const broken = piece ? client.limits.never.filter((limit) => breaksLimit(limit, piece)) : [];
	return [
		...broken.map((limit): Caution => ({ words: `never: ${limit}`, kind: 'against' })),
		...cautionsFor(client, garment)
	];
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
