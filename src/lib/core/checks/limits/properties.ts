/**
 * What a client may not want worn or shown, that is no kind of piece: does this thing, worn so, have this property? Asked of one place by
 * every limit and caution. A stated value is the answer; without one, what is usual for its kind; where neither tells, it is not known,
 * and somebody is asked.
 */
import { spansOf } from '../../reading/spans/spans';
import type { Property } from '../property';
import { clausesOf, partsShown } from './clauses';
import { clothProperties } from './of-cloth';
import { fasteningProperties } from './of-fastenings';
import { kindProperties } from './of-kinds';
import { lookProperties } from './of-looks';
import { modestyProperties } from './of-modesty';
import { placeProperties } from './of-places';
import { bodyProperties } from './of-the-body';

/** The first that is said counts with the others. */
const properties: readonly Property[] = [
	...bodyProperties,
	...modestyProperties,
	...lookProperties,
	...placeProperties,
	...fasteningProperties,
	...kindProperties,
	...clothProperties
];

/** Words that a limit has besides what it speaks of: they name nothing by themselves. */
const idle =
	/\b(?:things?|clothes|clothing|pieces?|items?|garments?|fabrics?|cloths?|materials?|trim(?:s|med|mings?)?|styles?|stuff|outfits?|any(?:thing)?|kind|of|the|her|his|their|a|an|in|with|very|too|real|genuine|next|to|skin|round|around|about|at|on|visible|showing|allergic|allergy|intolerant|sensitive|banned|out|off|table|makes?|gives?|brings?|itch|rash|hives|no longer|anymore|any more)\b/gi;

/** Whole words: of "fur-collared" nothing is left. */
const wordsWith = (said: RegExp) => new RegExp(`[^\\s,]*(?:${said.source})[^\\s,]*`, 'gi');

/** "Skirts must cover the knee", "dresses that hide her arms". */
const covering =
	/^(.+?) (?:(?:that|which|must|should|have to|has to|need to|always) )?(?:cover|hide|conceal)s? (?:(?:the|her|his|their|my) )?(\w+)$/i;

/** "Dark red" is a colour of its own, "neutrals" are none. */
const namesColour = (words: string) =>
	spansOf(words).some(({ senses }) => senses.some(({ kind }) => kind === 'colour'));

export interface Said {
	properties: readonly Property[];
	/** What the clause says besides: "leather *skirts*". */
	rest: string;
	/** It says what a thing must do, and is no name of one: "skirts must cover the knee". */
	isDemand?: true;
}

/** The properties that a clause of a limit speaks of, and what it says besides. */
export function propertiesIn(words: string, only = false): Said {
	const shown = partsShown(words);
	const isOfBody = shown.length > 0 && shown.every((word) => properties.some(({ part }) => part?.test(word)));
	if (isOfBody)
		return {
			properties: properties.filter(({ part }) => shown.some((word) => part?.test(word))),
			rest: ''
		};
	// "Skirts must cover the knee" is of skirts alone.
	const [, thing = '', covered = ''] = covering.exec(words) ?? [];
	const ofThing = thing ? properties.filter(({ part }) => part?.test(covered)) : [];
	if (ofThing.length > 0) return { properties: ofThing, rest: thing, isDemand: true };
	const text = only ? `${words} only` : words;
	const found = properties.filter(
		({ said, positive, ofColour }) =>
			said?.test(text) && Boolean(positive) === only && !(ofColour && namesColour(text.replace(said, ' ')))
	);
	const rest = found.reduce((left, { said }) => (said ? left.replace(wordsWith(said), ' ') : left), text);
	return {
		properties: found,
		rest: rest
			.replace(idle, ' ')
			.replace(/ only$/, '')
			.trim()
	};
}

/** The properties that a limit in words speaks of. */
export const propertiesSaid = (limit: string): readonly Property[] =>
	clausesOf(limit).flatMap(({ words, only }) => propertiesIn(words, only).properties);
