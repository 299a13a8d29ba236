/** What stands against one thing for one client, wherever it is offered: on a card, as a mend, as points to win back. */
import { cautionsFor, type Caution } from '../body/cautions';
import { ethicalMaterials, type EthicalMaterial, type EthicalStep } from '../lexicon/brief';
import { materialKinds, quotedFor } from '../lexicon/limit-properties';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import { factsOf, type PieceFacts } from './facts';
import { breaksLimit, limitInWords, questionOf } from './limits';
import type { CheckContext, CheckedPiece } from './model';
import { madeOf } from './limits/of-cloth';

type ForClient = NonNullable<CheckContext['client']>;

/** What is told of a garment besides: as what it is bought, where it is not owned, and what is noted of it. */
type Told = Pick<CheckedPiece, 'bought' | 'note'>;

interface Remembered {
	note: string | undefined;
	bars: Caution[];
}
/** Remembered by client and garment, worn and bought new: the same cards are laid out again and again. */
const known = {
	worn: new WeakMap<object, WeakMap<Garment, Remembered>>(),
	new: new WeakMap<object, WeakMap<Garment, Remembered>>()
};

/** A question about a piece, with what its note says, where that is why it is asked. */
function asked(words: string, avoided: string, { note }: PieceFacts): Caution {
	const quoted = quotedFor(avoided, note);
	return { words: quoted ? `${words} ${quoted[0]?.toUpperCase()}${quoted.slice(1)}` : words, kind: 'look' };
}

/** What of a client's limits in words a piece breaks, as stated or by its kind, and what must be asked. */
export const againstLimits = (client: Pick<ForClient, 'limits'>, piece: PieceFacts): Caution[] =>
	client.limits.never.flatMap((limit): Caution[] => {
		switch (breaksLimit(limit, piece)) {
			case 'yes':
				return [{ words: limitInWords(limit), kind: 'against' }];
			case 'by-kind':
				return [{ words: `${limitInWords(limit)}; usually so with ${piece.type.plural}`, kind: 'against' }];
			case 'unknown':
				return [asked(`${limitInWords(limit)}; ${questionOf(limit, piece)}`, limit, piece)];
			default:
				return [];
		}
	});

/** What a client who goes no further than this makes of a thing of the material. */
const ethicalWords: Record<EthicalMaterial, string> = {
	fur: 'fur',
	leather: 'leather',
	feather: 'feathers',
	down: 'down',
	wool: 'wool',
	silk: 'silk'
};

/** How far a client goes with a material; who was only asked yes or no said of feathers what they said of fur. */
function stepOf(ethics: ForClient['ethics'], material: EthicalMaterial): EthicalStep {
	const said = ethics[material] ?? (material === 'feather' && ethics.fur === false ? false : 'any');
	if (typeof said === 'boolean') return said ? 'any' : 'never';
	return said;
}

/**
 * What of a client's ethics a piece goes against: by what is stated of it or usual for its kind; where neither tells, it is
 * asked. What must be pre-owned speaks only against what is bought new.
 */
export const againstEthics = (
	{ ethics }: Pick<ForClient, 'ethics'>,
	piece: PieceFacts,
	boughtNew: boolean
): Caution[] =>
	ethicalMaterials.flatMap((material): Caution[] => {
		const step = stepOf(ethics, material);
		if (step === 'any' || (step === 'pre-owned' && !boughtNew)) return [];
		const words =
			step === 'never'
				? `no ${ethicalWords[material]} for this client`
				: `${ethicalWords[material]} only pre-owned for this client`;
		switch (madeOf(piece, material)) {
			case 'yes':
				return [{ words, kind: 'against' }];
			case 'by-kind':
				return [{ words: `${words}; ${piece.type.plural} usually are of it`, kind: 'against' }];
			case 'unknown':
				return [asked(`${words}; ${materialKinds[material].asks}`, material, piece)];
			default:
				return [];
		}
	});

/** Is a thing bought new, as far as is known? What a client owns is not bought. */
const isNew = ({ bought }: Pick<CheckedPiece, 'bought'>) => bought?.condition === 'new';

/** What a client's own word has against one thing worn: limits and ethics. What is not known of it the stylist is asked. */
export const againstTheirWord = (client: ForClient, piece: PieceFacts): Caution[] => [
	...againstLimits(client, piece),
	...againstEthics(client, piece, isNew(piece))
];

function workedOut(client: ForClient, garment: Garment, told: Told): Caution[] {
	const [piece] = factsOf([{ id: '', title: '', garment, moves: [], ...told }], {}).pieces;
	return piece ? [...againstTheirWord(client, piece), ...cautionsFor(client, garment, told.note)] : [];
}

/**
 * Everything that speaks against a garment for a client: limits in their own words, materials, ethics, allergies, colours
 * and heels. Labels and the client's clinician have the last word.
 */
export function barsFor(client: ForClient, garment: Garment, told: Told = {}): Caution[] {
	const memory = isNew(told) ? known.new : known.worn;
	let ofClient = memory.get(client);
	if (!ofClient) memory.set(client, (ofClient = new WeakMap()));
	let remembered = ofClient.get(garment);
	if (!remembered || remembered.note !== told.note)
		ofClient.set(garment, (remembered = { note: told.note, bars: workedOut(client, garment, told) }));
	return remembered.bars;
}

/** Something that could be worn, owned or for sale, with what is told of it besides what it looks like. */
export interface Thing {
	garment: Garment;
	/** What is noted of it; of a way in which a piece is worn, its piece has the note. */
	note?: string;
	piece?: Pick<Piece, 'note'>;
	listing?: NonNullable<CheckedPiece['bought']>;
}
/** What is told of a thing besides what it looks like. */
export function toldOf({ note, piece, listing }: Thing): Told {
	const noted = note ?? piece?.note;
	return { ...(listing && { bought: listing }), ...(noted && { note: noted }) };
}

/** May it be recommended? Not where it breaks a limit or likely harms; what a label must tell is no reason to hide it. */
export const mayWear = (client: ForClient, thing: Thing): boolean =>
	barsFor(client, thing.garment, toldOf(thing)).every(({ kind }) => kind === 'look');
