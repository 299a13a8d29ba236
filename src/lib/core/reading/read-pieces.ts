/** Pieces of a rail from words: what each is, and the facts that go to fields of their own. */
import {
	awayPattern,
	bareSize,
	donePattern,
	currencyOfWord,
	flawPattern,
	labelPattern,
	monthNames,
	mostAlike,
	notACount,
	numberWords,
	pricePattern,
	sizePatterns,
	waysItCame,
	yearPattern
} from '../lexicon/piece-facts';
import type { Money } from '../model/basics';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import type { Element } from '../model/reference';
import { readMoney } from '../money/amounts';
import type { Reading, ReadPhrase } from './model';
import { readLook, type ReadOptions } from './read-look';

/** One piece as it was said. */
export interface SaidPiece extends Pick<Element, 'garment'> {
	sizeLabel: string;
	price?: Money;
	acquired: { how: Piece['acquired']['how']; on?: string };
	state: Piece['state'];
	/** Flaws, details that no field holds, and words that were not understood. */
	note: string;
	/** How many of it there are. */
	count: number;
	/** Its colours are one each of them: "three tees: white, grey and black". */
	oneColourEach?: true;
}

/** The garment of each of what was said: as many as were counted, in a colour each where as many colours were said of them. */
export const garmentsSaid = ({ garment, count, oneColourEach }: SaidPiece): Garment[] =>
	oneColourEach && garment.palette.length === count
		? garment.palette.map((colour) => ({ ...garment, palette: [{ ...colour, share: 1 }] }))
		: Array.from({ length: count }, () => garment);

export interface PiecesReading extends Reading {
	/** In the order of the elements. */
	pieces: SaidPiece[];
	/** The text without the facts, blanks in their place. */
	rest: string;
	/** Lines that say something and name no piece, as they stand in the text; empty where each became one. They stay to be put right. */
	left: string;
}

/** Something said of a piece that is no part of its look. */
interface Fact {
	start: number;
	end: number;
	text: string;
	takenFor: string;
	tell: (piece: SaidPiece) => void;
}

const severalOf = (count: number) => `${count} of them`;

/** Finds facts one kind after another; what one has taken, the next does not see. */
function factsIn(text: string, currency: string): { facts: Fact[]; rest: string } {
	let rest = text;
	const facts: Fact[] = [];
	const take = (
		pattern: RegExp,
		told: (match: RegExpExecArray) => Omit<Fact, 'start' | 'end' | 'text'> | undefined
	) => {
		const all = new RegExp(pattern.source, pattern.flags.includes('g') ? pattern.flags : `${pattern.flags}g`);
		for (let match = all.exec(rest); match; match = all.exec(rest)) {
			const [whole] = match;
			if (whole.trim() === '') {
				all.lastIndex++;
				continue;
			}
			const fact = told(match);
			if (!fact) continue;
			const start = match.index + (whole.length - whole.trimStart().length);
			const end = match.index + whole.trimEnd().length;
			facts.push({ ...fact, start, end, text: text.slice(start, end) });
			rest = rest.slice(0, start) + ' '.repeat(end - start) + rest.slice(end);
		}
	};

	take(pricePattern, ([, many, before, signed, figure, word, paid]) => {
		const sum = signed
			? readMoney(signed, currency)
			: readMoney(figure ?? paid ?? '', currencyOfWord[(word ?? '').toLowerCase()] ?? currency);
		const among = many === undefined ? 1 : (numberWords[many.toLowerCase()] ?? Number(many));
		if (!sum || among < 1) return undefined;
		const price = { ...sum, amountMinor: Math.round(sum.amountMinor / among) };
		// "£48, was £95": what it was before is not what was paid.
		return {
			takenFor: before ? 'what it cost before' : among > 1 ? `price paid for one of ${among}` : 'price paid',
			tell: (piece) => void (piece.price = before ? (piece.price ?? price) : price)
		};
	});
	const noted = (piece: SaidPiece, words: string) =>
		void (piece.note = [piece.note, words.trim()].filter(Boolean).join(', '));
	// "Taken in in May 2025": the day of that is none on which it came.
	take(donePattern, ([done]) => ({
		takenFor: 'what was done to it: noted',
		tell: (piece) => noted(piece, done)
	}));
	take(yearPattern, ([, month, year]) => {
		const at = month ? monthNames.findIndex((name) => name.startsWith(month.slice(0, 3).toLowerCase())) : 0;
		const on = `${year}-${String(at + 1).padStart(2, '0')}-01`;
		return { takenFor: `came in ${year}`, tell: (piece) => void (piece.acquired.on = on) };
	});
	for (const { how, said } of waysItCame)
		take(new RegExp(`\\b(?:bought |got |found )?(?:${said.source})\\b`, 'i'), () => ({
			takenFor: `how it came: ${how}`,
			tell: (piece) => void (piece.acquired.how = how)
		}));
	take(awayPattern, ([where]) => ({
		takenFor: 'where it is: noted, away',
		tell: (piece) => {
			noted(piece, where);
			piece.state = 'away';
		}
	}));
	take(flawPattern, ([flaw]) => ({
		takenFor: 'a flaw: noted, needs care',
		tell: (piece) => {
			noted(piece, flaw);
			if (piece.state === 'ready') piece.state = 'needs-care';
		}
	}));
	take(labelPattern, ([label]) => ({
		takenFor: 'of its label: noted',
		tell: (piece) => noted(piece, label)
	}));
	const sized = (label: string) => ({
		takenFor: `size ${label}`,
		tell: (piece: SaidPiece) => void (piece.sizeLabel ||= label)
	});
	for (const pattern of sizePatterns) take(pattern, ([, label = '']) => sized(label.trim().slice(0, 30)));
	take(bareSize, ([, label = '']) => sized(label));
	const numbers = [...Object.keys(numberWords), '\\d{1,2}'].join('|');
	take(
		new RegExp(
			`(?<=^|[,;.\\n]\\s*|\\band\\s+)(?:a\\s+)?(${numbers})(\\s*[x×]\\s*|\\s+)(?:pairs?\\s+of\\s+)?(?=\\p{L})`,
			'iu'
		),
		(match) => {
			const after = rest.slice(match.index + match[0].trimEnd().length);
			const said = (match[1] ?? '').toLowerCase();
			const count = numberWords[said] ?? Number(said);
			if (notACount.test(after) || !(count >= 1 && count <= mostAlike)) return undefined;
			return {
				takenFor: count === 1 ? 'one' : severalOf(count),
				tell: (piece) => void (piece.count = count)
			};
		}
	);
	// "Gold bangles x6".
	take(/(?<=\p{L}\s*)(?<!\p{L})[x×]\s?(\d{1,2})\b/iu, ([, said]) => {
		const count = Number(said);
		if (!(count >= 1 && count <= mostAlike)) return undefined;
		return { takenFor: `${count} alike`, tell: (piece) => void (piece.count = count) };
	});
	return { facts: facts.sort((a, b) => a.start - b.start), rest };
}

/** Where the words of each element begin: its first phrase. */
const beginningsOf = ({ elements, phrases }: Reading): number[] =>
	elements.map((_, i) =>
		Math.min(...phrases.filter(({ element }) => element === i).map(({ start }) => start))
	);

/**
 * Whether the colours of several are one each: as many as there are of it, all said after its name. "Two white and navy tees" are
 * of both.
 */
function areOneEach({ count, garment }: SaidPiece, element: number, phrases: readonly ReadPhrase[]): boolean {
	if (count < 2 || garment.palette.length !== count || garment.print) return false;
	const own = phrases.filter((phrase) => phrase.element === element);
	const name = own.find(({ says }) => says?.aspect === 'type');
	const colours = own.filter(({ says }) => says?.aspect === 'palette');
	return name !== undefined && colours.length === count && colours.every(({ start }) => start > name.start);
}

/** "Three tees, one white, one grey, one black" are three: the first is one of them as well, where the others make up the number. */
function countOnce(pieces: readonly SaidPiece[], phrases: readonly ReadPhrase[]): void {
	const named = phrases.flatMap(({ element, says }) => (says?.aspect === 'type' ? [element ?? -1] : []));
	pieces.forEach((first, at) => {
		const { count, garment } = first;
		const all = pieces.slice(at, at + count);
		const areAlike =
			count > 1 && all.length === count && all.every((one) => one.garment.type === garment.type);
		// One name is said of them all.
		if (areAlike && named.filter((element) => element >= at && element < at + count).length === 1)
			first.count = 1;
	});
}

/** Stretches of words that are not known, with the small words that stand between them: "resoled in march". */
function unknownRuns(phrases: readonly ReadPhrase[], text: string): { start: number; end: number }[] {
	const runs: { start: number; end: number }[] = [];
	let open: { start: number; end: number } | undefined;
	let reached = 0;
	for (const { status, element, start, end } of phrases) {
		// A comma, a fact that was taken out or a word that says something ends a run.
		if (/[^ ]| {2}/.test(text.slice(reached, start)) || !['unknown', 'idle'].includes(status))
			open = undefined;
		reached = end;
		if (status !== 'unknown' || element !== undefined) continue;
		if (open) open.end = end;
		else runs.push((open = { start, end }));
	}
	return runs;
}

/** Where lines and sentences end: facts do not reach over them. */
const endsIn = (text: string) => [...text.matchAll(/[;\n]|\.(?=\s)/g)].map(({ index }) => index);

/**
 * Reads what hangs on a rail, a line or a pasted list: what each piece is, and in the same breath its size, price, how and
 * when it came, flaws and how many there are. A fact belongs to the piece named before it in its line, or, a number and what
 * stands before any, to the one after. Nothing is lost: words that are not understood go to the piece's note.
 *
 * @param currency the studio's, for prices without a sign
 * @example readPieces('navy pleated wool trousers, high rise, 38, £60 in 2021, pre-owned').pieces[0]?.sizeLabel // "38"
 */
export function readPieces(text: string, options: ReadOptions = {}, currency = 'GBP'): PiecesReading {
	const { facts, rest } = factsIn(text, currency);
	const reading = readLook(rest, { ...options, isRail: true });
	const pieces = reading.elements.map(({ garment, note }): SaidPiece => ({
		garment,
		sizeLabel: '',
		acquired: { how: 'unknown' },
		state: 'ready',
		note,
		count: 1
	}));
	const begins = beginningsOf(reading);
	const ends = endsIn(rest);
	const lineOf = (at: number) => ends.filter((end) => end < at).length;
	const ownerOf = (at: number, leads: boolean): number => {
		const before = begins.findLastIndex((start) => start < at && lineOf(start) === lineOf(at));
		const after = begins.findIndex((start) => start >= at && lineOf(start) === lineOf(at));
		if (leads && after >= 0) return after;
		return before >= 0 ? before : after;
	};

	const factPhrases = facts.map(({ start, end, text: said, takenFor, tell }): ReadPhrase => {
		const owner = ownerOf(start, / of them$|^one$/.test(takenFor));
		const piece = pieces[owner];
		if (!piece)
			return { text: said, start, end, status: 'doubted', takenFor: `${takenFor}, of nothing named` };
		tell(piece);
		return { text: said, start, end, status: 'understood', takenFor, element: owner };
	});
	countOnce(pieces, reading.phrases);
	pieces.forEach((piece, at) => {
		if (!areOneEach(piece, at, reading.phrases)) return;
		piece.oneColourEach = true;
		for (const fact of factPhrases)
			if (fact.element === at && fact.takenFor === severalOf(piece.count)) fact.takenFor += ', a colour each';
	});
	// What was not understood is kept with the piece that it was said of, as it stood there.
	for (const { start, end } of unknownRuns(reading.phrases, rest)) {
		const piece = pieces[ownerOf(start, false)];
		if (piece) piece.note = [piece.note, rest.slice(start, end)].filter(Boolean).join(', ');
	}
	const phrases = [...reading.phrases, ...factPhrases].sort((a, b) => a.start - b.start);
	const left = [...ends, rest.length].flatMap((end, line) => {
		const start = line === 0 ? 0 : (ends[line - 1] ?? 0) + 1;
		const isNamed = begins.some((begin) => lineOf(begin) === line);
		const saysMore = phrases.some(
			(one) => one.status !== 'idle' && one.element === undefined && one.start >= start && one.end <= end
		);
		return !isNamed && saysMore ? [text.slice(start, end).trim()] : [];
	});
	return { ...reading, text, rest, pieces, left: left.join('; '), phrases };
}
