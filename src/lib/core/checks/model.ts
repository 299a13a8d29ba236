import type { MoveId } from '../lexicon/moves';
import type { SchoolQuestion, Schools } from '../lexicon/schools';
import type { Client, Event } from '../model/client';
import type { Garment } from '../model/garment';
import type { Facts } from './facts';

/** Something worn, under an id of its own. */
export interface CheckedPiece {
	id: string;
	/** What it is called in findings. */
	title: string;
	garment: Garment;
	moves: readonly MoveId[];
}

/** Whom, for what and by which schools a look is checked; what is not known is not checked. */
export interface CheckContext {
	client?: Pick<
		Client,
		'limits' | 'avoidMaterials' | 'allergies' | 'wishedEffects' | 'coloursRefused' | 'ethics'
	>;
	event?: Pick<Event, 'weather' | 'dressCode'>;
	schools?: Partial<Schools>;
}

/** A warning is settled practice or the client's own limit; a hint is a habit that many share; praise says what was done well. */
export type Severity = 'warning' | 'hint' | 'praise';

/** What a rule has found. */
export interface Violation {
	severity: Severity;
	/** Ids of the pieces concerned. */
	pieces: string[];
	/** What was measured, in plain words. */
	measured: string;
	/** Moves that may mend it, by piece. */
	moves?: { id: string; move: MoveId }[];
	/** Should it be mended by another piece, or by leaving one off? Neither for praise. */
	swap?: boolean;
	leaveOff?: boolean;
}

/** One rule of the eye. */
export interface Rule {
	id: string;
	title: string;
	/** Why, as the trade gives it. */
	reason: string;
	/** Settled practice, or a habit that not all share. */
	standing: 'settled' | 'habit';
	/** Schools under which it is silent. */
	silentUnder?: { question: SchoolQuestion; schools: readonly string[] };
	find: (facts: Facts) => Violation[];
}

/** A finding of a rule about a look. */
export interface Finding extends Violation {
	rule: string;
	title: string;
	reason: string;
	standing: Rule['standing'];
}
