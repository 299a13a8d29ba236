/** The labelled phrases: spoken looks with what a stylist would note of each. */
import { readFileSync } from 'node:fs';
import { colourWords, familyOf, garmentType, labOfHex, readLook, type Element } from '../src/lib/core/index';

export interface LabelledPhrase {
	line: number;
	text: string;
	/** One list of claims an element: its type first, then "aspect=value". */
	elements: { type: string; claims: string[] }[];
	absent: string[];
	/** Words for things that are not known, each asked about as a thing of its own. */
	asked: string[];
	/** Types that were offered in place of a named one. */
	choices: string[];
}

const hexOf = new Map(
	colourWords.flatMap(({ word, also, hex }) =>
		[word, ...also].map((form) => [form.replace(/ /g, '-'), hex] as const)
	)
);

function claimsOf(words: string[]): string[] {
	return words.flatMap((word) => {
		if (word.startsWith('@')) return [`family=${word.slice(1)}`];
		if (word.includes('=')) {
			const [aspect = '', value = ''] = word.split('=');
			const [family = '', scale] = value.split(':');
			return aspect === 'print' && scale ? [`print=${family}`, `scale=${scale}`] : [word];
		}
		return word.split(',').map((colour) => {
			if (!hexOf.has(colour)) throw new Error(`"${colour}" is no colour word`);
			return `colour=${hexOf.get(colour)}`;
		});
	});
}

/** A labelled line; throws with its place on a label that the lexicon does not hold. */
export function labelledLine(text: string, file: string, line: number): LabelledPhrase {
	const [phrase = '', ...labels] = text.split('|').map((part) => part.trim());
	const marked = (mark: string) =>
		labels.filter((label) => label.startsWith(`${mark}:`)).map((label) => label.slice(mark.length + 1));
	const elements = labels
		.filter((label) => !/^(no|ask|or):/.test(label))
		.map((label) => {
			const [name = '', ...words] = label.split(/\s+/);
			const type = name.replace('?', '');
			try {
				garmentType(type);
				return { type, claims: claimsOf(words) };
			} catch (error) {
				throw new Error(`${file}, line ${line}: ${(error as Error).message}`, { cause: error });
			}
		});
	return { line, text: phrase, elements, absent: marked('no'), asked: marked('ask'), choices: marked('or') };
}

/** Reads the data file; throws with its line on a label that the lexicon does not hold. */
export function labelledPhrases(file = 'tests/unit/data/phrases.txt'): LabelledPhrase[] {
	return readFileSync(file, 'utf8')
		.split('\n')
		.flatMap((text, i) =>
			text.trim() === '' || text.startsWith('#') ? [] : [labelledLine(text, file, i + 1)]
		);
}

/** What a read element claims, in the words of the labels; a colour by its word, or by its family where toned. */
function claimed({ garment, moves }: Element): string[] {
	return [
		...garment.palette.map(({ hex }) => `colour=${hex}`),
		...Object.entries(garment.facets).map(([facet, stated]) => `${facet}=${stated.value}`),
		...(garment.print ? [`print=${garment.print.family.value}`] : []),
		...(garment.print?.scale ? [`scale=${garment.print.scale.value}`] : []),
		...(garment.metal ? [`metal=${garment.metal.value}`] : []),
		...moves.map((move) => `move=${move}`)
	];
}

/** A labelled family is met by any colour of it. */
const meets = (label: string, claim: string) =>
	label === claim ||
	(label.startsWith('family=') &&
		claim.startsWith('colour=') &&
		familyOf(labOfHex(claim.slice(7))) === label.slice(7));

interface Tally {
	right: number;
	/** Claimed but not labelled. */
	surplus: number;
	/** Labelled but not claimed. */
	missed: number;
}
export interface ReadingScore {
	phrases: number;
	elements: Tally & { precision: number; recall: number };
	facets: Tally & { precision: number; recall: number };
	/** One line an error. */
	errors: string[];
}

const withRates = (tally: Tally) => ({
	...tally,
	precision: tally.right / Math.max(1, tally.right + tally.surplus),
	recall: tally.right / Math.max(1, tally.right + tally.missed)
});

/** Takes out of a list the first entry that meets a test; undefined where none does. */
function takeOut<T>(list: T[], test: (entry: T) => boolean): T | undefined {
	const at = list.findIndex(test);
	return at < 0 ? undefined : list.splice(at, 1)[0];
}

/**
 * Reads every labelled phrase and counts what was right, claimed in vain and missed.
 *
 * @param byFamily another kind of the labelled family counts as found: "knee boots" for "boots, knee high"
 */
export function scoreReading(phrases: readonly LabelledPhrase[], byFamily = false): ReadingScore {
	const elements: Tally = { right: 0, surplus: 0, missed: 0 };
	const facets: Tally = { right: 0, surplus: 0, missed: 0 };
	const errors: string[] = [];
	for (const { line, text, elements: labels, absent, asked, choices } of phrases) {
		const reading = readLook(text);
		const left = [...reading.elements];
		const wrong: string[] = [];
		const isLabelled = (type: string) => labels.some((label) => label.type === type);
		const isNear = (type: string, label: string) =>
			byFamily && !isLabelled(type) && garmentType(type).family === garmentType(label).family;
		for (const label of labels) {
			const found =
				takeOut(left, ({ garment }) => garment.type === label.type) ??
				takeOut(left, ({ garment }) => isNear(garment.type, label.type));
			if (!found) {
				elements.missed++;
				facets.missed += label.claims.length;
				wrong.push(`missed ${label.type}`);
				continue;
			}
			elements.right++;
			// What is usual of the type may be said besides, and need not be: "wedges" have a wedge heel.
			const usual = [label.type, found.garment.type].flatMap((type) =>
				Object.entries(garmentType(type).usual).map(([facet, value]) => `${facet}=${value}`)
			);
			const claims = claimed(found);
			for (const claim of label.claims)
				if (takeOut(claims, (other) => meets(claim, other)) !== undefined) facets.right++;
				else if (!usual.includes(claim)) {
					facets.missed++;
					wrong.push(`${label.type} missed ${claim}`);
				}
			const implied = found.garment.palette.filter(({ provenance }) => provenance === 'inferred');
			const surplus = claims.filter(
				(claim) => !usual.includes(claim) && !implied.some(({ hex }) => claim === `colour=${hex}`)
			);
			facets.surplus += surplus.length;
			wrong.push(...surplus.map((claim) => `${label.type} claimed ${claim}`));
		}
		elements.surplus += left.length;
		wrong.push(...left.map(({ garment }) => `claimed ${garment.type}`));
		const denied = [...reading.absent];
		for (const type of absent)
			if (takeOut(denied, (other) => other === type) === undefined) wrong.push(`missed no ${type}`);
		wrong.push(...denied.map((type) => `claimed no ${type}`));
		for (const word of asked)
			if (!reading.things.some((thing) => thing.word === word)) wrong.push(`did not ask what ${word} are`);
		const offered = reading.questions.flatMap((question) => question.choices);
		for (const type of choices) if (!offered.includes(type)) wrong.push(`did not offer ${type}`);
		if (wrong.length > 0) errors.push(`line ${line}: ${text}: ${wrong.join('; ')}`);
	}
	return { phrases: phrases.length, elements: withRates(elements), facets: withRates(facets), errors };
}
