/** Jewels that are told by what they are of and where they are: "diamonds at her ears", "rubies round the throat". */
import { senseOf } from '../spans/senses';
import type { TypeId } from '../../lexicon/types';
import type { Span } from '../model';
import type { Reached } from './names';
import { type Clause, type Part } from '../meaning/parts';
import { sensesOfPhrase } from '../spans/spans';

const wornAt: Readonly<Record<string, TypeId>> = {
	ear: 'earrings',
	ears: 'earrings',
	lobes: 'earrings',
	earlobes: 'earrings',
	throat: 'necklace',
	wrist: 'bracelet',
	wrists: 'bracelet',
	finger: 'ring',
	fingers: 'ring'
};

/** Stones as they are worn, several of them; one alone is a colour or what a thing is made of. */
const stones: ReadonlyMap<string, string> = new Map([
	...'diamond emerald sapphire opal amethyst garnet crystal rhinestone pearl aquamarine moonstone'
		.split(' ')
		.map((stone): [string, string] => [`${stone}s`, stone]),
	['rubies', 'ruby'],
	['topazes', 'topaz']
]);

const stoneOf = ({ span }: Part): string | undefined => stones.get(span.text.toLowerCase());
const isMetal = ({ span }: Part): boolean => senseOf(span, 'metal') !== undefined;

/** The clause before a place, where it tells nothing but stones, or a metal that begins anew, with the jewel that is worn there. */
function jewelsBefore(
	{ clause, clauses }: Reached,
	place: Span
): { clause: Clause; type: TypeId } | undefined {
	const named = place.words.at(-1) ?? '';
	const type = Object.hasOwn(wornAt, named) ? wornAt[named] : undefined;
	const before = clauses.at(-1);
	const last = before?.parts.at(-1);
	if (!type || !before || !last || place.breakBefore || clause.parts.length > 0) return undefined;
	const isStuff = before.parts.every((part) => part.role === 'said' || (part === last && stoneOf(part)));
	const isAnew = ['start', 'stop', 'comma', 'and'].includes(before.before);
	const isJewel =
		stoneOf(last) !== undefined ? isAnew || before.before === 'with' : isAnew && before.parts.every(isMetal);
	return isStuff && isJewel && !before.denied ? { clause: before, type } : undefined;
}

/** What a place names as a jewel, and the clause before it that tells of what it is, made ready; undefined where it is a place alone. */
export function jewelAt(reached: Reached, place: Span): { clause: Clause; span: Span } | undefined {
	const found = jewelsBefore(reached, place);
	const last = found?.clause.parts.at(-1);
	if (!found || !last) return undefined;
	const stone = stoneOf(last);
	const senses = stone && sensesOfPhrase(stone)?.filter(({ kind }) => kind === 'facet' || kind === 'colour');
	const said: Part = { ...last, role: 'said', span: senses ? { ...last.span, senses } : last.span };
	return {
		clause: { ...found.clause, head: undefined, parts: [...found.clause.parts.slice(0, -1), said] },
		span: { ...place, senses: [{ kind: 'type', type: found.type }] }
	};
}
