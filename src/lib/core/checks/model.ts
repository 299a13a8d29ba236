import type { MoveId } from '../lexicon/moves';
import type { Schools } from '../lexicon/schools';
import type { SlotId } from '../lexicon/slots';
import type { Side } from '../lexicon/sides';
import type { LayerState } from '../body/layers';
import type { Client } from '../model/client';
import type { EthicalMaterial, EthicalStep } from '../lexicon/brief';
import type { Event, Weather } from '../model/event';
import type { Garment } from '../model/garment';
import type { Listing } from '../model/market';
import type { Piece } from '../model/piece';
import type { DegreeId } from '../model/recipe';

/** Something worn, under an id of its own. */
export interface CheckedPiece {
	id: string;
	/** What it is called in findings. */
	title: string;
	garment: Garment;
	moves: readonly MoveId[];
	/** The side on which it is worn by itself, where it is one of a pair. */
	side?: Side | undefined;
	/** Its own length in cm, from the shoulder point or the waist, where it was measured. */
	lengthCm?: number;
	/** Whether an owned piece is at hand and fit to be worn. */
	state?: Piece['state'];
	/** What its note says of it. */
	note?: string;
	/** What is told of it where it is bought for the look. */
	bought?: Pick<Listing, 'tier' | 'condition'>;
}

/** Whom, for what and by which schools a look is checked; what is not known is not checked. */
export interface CheckContext {
	client?: Pick<Client, 'limits' | 'avoidMaterials' | 'allergies' | 'wishedEffects' | 'coloursRefused'> & {
		/** How far they go with a material; a plain yes or no is understood, too. */
		ethics: Partial<Record<EthicalMaterial, EthicalStep | boolean>>;
	} & Partial<
			Pick<
				Client,
				'measurements' | 'figure' | 'metals' | 'boldness' | 'coloursLoved' | 'handling' | 'colouring'
			>
		>;
	event?: { weather?: Pick<Weather, 'airC' | 'rain'> } & Pick<Event, 'dressCode'> &
		Partial<Pick<Event, 'title' | 'setting' | 'food' | 'standingHours' | 'walkingKm'>>;
	schools?: Partial<Schools>;
	/** How far an era or a mood is to be taken. */
	degree?: DegreeId;
}

/** What else of the day a look must bear: layers come off, and one sits down. */
export type LookState = LayerState | 'sitting';

/** A warning is settled practice or the client's own limit; a hint is a habit that many share; praise says what was done well. */
export type Severity = 'warning' | 'hint' | 'praise';

/** Settled practice, or a habit that not all share. */
export type Standing = 'settled' | 'habit';

/** What a rule has found. */
export interface Violation {
	severity: Severity;
	/** Ids of the pieces concerned. */
	pieces: string[];
	/** What was measured, in plain words. */
	measured: string;
	/** What of the client it is about, where its rule speaks of many things: to let one limit stand is to let no other stand. */
	of?: string;
	/** Moves that may mend it, by piece. */
	moves?: { id: string; move: MoveId }[];
	/** Where something worn besides may mend it, where that is narrower than its rule says. */
	addIn?: readonly SlotId[];
	/** Should it be mended by another piece, or by leaving one off? Neither for praise. */
	swap?: boolean;
	leaveOff?: boolean;
}

/** A finding of a rule about a look. */
export interface Finding extends Violation {
	rule: string;
	title: string;
	reason: string;
	standing: Standing;
	/** Only so: with the coat or the jacket off, or sitting. */
	state?: Exclude<LookState, 'everything on'>;
}
