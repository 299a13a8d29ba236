import type { FacetId } from '../lexicon/facets';
import type { Detail } from '../lexicon/details';
import type { MetalId } from '../lexicon/metals';
import type { MoveId } from '../lexicon/moves';
import type { PrintId } from '../lexicon/prints';
import type { TypeId } from '../lexicon/types';
import type { Link, Tone } from '../lexicon/reading-words';
import type { Element } from '../model/reference';

/** One thing that a phrase can mean. A phrase may mean several; the garment that it is said of decides. */
export type Sense =
	| { kind: 'type'; type: TypeId; locale?: 'uk' | 'us' }
	/** Says that something is not worn: "bare legs". */
	| { kind: 'none'; type: TypeId }
	| { kind: 'facet'; facet: FacetId; value: string; free: boolean }
	| { kind: 'colour'; hex: string }
	| { kind: 'tone'; tone: Tone }
	| { kind: 'print'; family: PrintId }
	| { kind: 'metal'; metal: MetalId }
	| { kind: 'move'; move: MoveId }
	| { kind: 'detail'; detail: Detail }
	/** A length said in figures, as of a heel. */
	| { kind: 'length'; cm: number }
	| { kind: 'link'; link: Link }
	/** A word for the look as a whole ("everything"), or for things of a kind that has no one name ("jewellery"). */
	| { kind: 'stands-for'; what: 'look' | 'things' }
	/** Says something for which there is no field; `words` where more than the phrase is kept. */
	| { kind: 'note'; words?: string }
	| { kind: 'hedge' }
	/** Carries nothing by itself; `ofName` where it is a part of a name, `heads` where it names the look. */
	| { kind: 'filler'; ofName?: true; heads?: true; ofColour?: true };

export interface Token {
	/** As it is looked up: small letters, no accents, no apostrophes. */
	word: string;
	/** Place in the text, from 0; `end` is behind the last letter. */
	start: number;
	end: number;
	/** A comma, a full stop or a line's end stands before it. */
	breakBefore?: 'comma' | 'stop';
	/** A hyphen joins it to the word before. */
	hyphenated: boolean;
	/** A bracket opens before it. */
	aside?: true;
	/** What stands in the bracket is asked: "(cardigan?)". */
	guessed?: true;
	/** A slash joins it to the word before: "red/black". */
	slashed?: true;
	/** A colon or a dash stands before it: what went before may be what it is listed under. */
	labelled?: true;
}

/** One or several words that mean something together. */
export interface Span {
	text: string;
	words: readonly string[];
	start: number;
	end: number;
	breakBefore?: 'comma' | 'stop';
	hyphenated: boolean;
	aside?: true;
	guessed?: true;
	slashed?: true;
	labelled?: true;
	/** Empty for an unknown word. */
	senses: readonly Sense[];
	/** The phrase with its mistyped words as they were taken. */
	meant?: string;
}

/**
 * What became of a phrase:
 * understood · doubted (taken for something, with a question or a second thought) · denied ("no belt") ·
 * idle (carries nothing that could be compared) · unknown.
 */
export type ReadStatus = 'understood' | 'doubted' | 'denied' | 'idle' | 'unknown';

/** A phrase of the text and what it was taken for. The phrases of a reading cover all its words, in order. */
export interface ReadPhrase {
	text: string;
	/** Place in the text, from 0; `end` is behind the last letter. */
	start: number;
	end: number;
	status: ReadStatus;
	/** In words: "colour: navy", "joins", "not known". */
	takenFor: string;
	/** Index of the element that it speaks of; absent where it speaks of none. */
	element?: number;
	/** What it says of the element, where it says one thing. */
	says?: { aspect: 'type' | 'palette' | 'print' | 'metal' | FacetId | 'move' | 'note'; value: string };
	/** Words of the lexicon that may have been meant, nearest first. */
	suggestions?: string[];
}

/** A word that means two things, or two things offered as a choice, and which of them was taken. */
export interface Question {
	/** Index of its phrase in the reading. */
	phrase: number;
	word: string;
	taken: string;
	/** Type ids to choose from, the taken one included. */
	choices: string[];
}

/** A thing of its own whose name is not known: what it is must be asked. */
export interface StrangeThing {
	/** Index of its name's phrase in the reading. */
	phrase: number;
	/** Its name, as it stands. */
	word: string;
	/** What is said of it, as it stands: "lilac", "in silk". */
	said: string[];
}

export interface Reading {
	text: string;
	/** In the order in which they are named. */
	elements: Element[];
	/** Things that are no elements yet, since nothing is known of what they are. */
	things: StrangeThing[];
	/** Types that the text says are not worn. */
	absent: string[];
	phrases: ReadPhrase[];
	questions: Question[];
}
