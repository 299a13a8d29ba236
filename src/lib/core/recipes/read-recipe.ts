import { v5 } from 'uuid';
import { garmentType } from '../lexicon/taxonomy';
import type { Recipe, RecipeItem, RecipePart } from '../model/recipe';
import { readLook } from '../reading/read-look';

/** Namespace of the ids of recipes that are written as text: the same title always has the same id. */
const namespace = '0d1f5f59-54a5-4b1e-8f0a-0b7d8b9c4f11';

/** A line of a recipe that cannot be taken as it stands. */
export interface RecipeProblem {
	/** From 1. */
	line: number;
	text: string;
	problem: string;
}
export interface ReadRecipe {
	recipe: Recipe;
	problems: RecipeProblem[];
}

/** Sections by their heading, and what their lines are. */
const sections: Record<string, RecipePart | 'colours' | 'cloth' | 'beauty'> = {
	core: 'core',
	optional: 'optional',
	never: 'never',
	colours: 'colours',
	cloth: 'cloth',
	'hair and make-up': 'beauty'
};

const lineParts = (line: string): [said: string, reason: string] => {
	const [said = '', reason = ''] = line.split('|').map((part) => part.trim());
	return [said, reason];
};

/**
 * Reads a recipe from its text: `key: value` lines first, then sections under their headings, a line an item:
 * `phrase | reason`, each phrase read as any spoken look. A line that says no single thing, or words that are not
 * known, are reported with their place; the rest is read all the same.
 */
export function readRecipe(text: string): ReadRecipe {
	const head: Record<string, string> = {};
	const items: RecipeItem[] = [];
	const colours: Recipe['colours'] = [];
	const cloth: Recipe['cloth'] = [];
	const problems: RecipeProblem[] = [];
	let section: (typeof sections)[string] | undefined;

	const readItem = (said: string, reason: string, part: RecipePart): string | undefined => {
		const reading = readLook(said);
		const [element] = reading.elements;
		if (!element || reading.elements.length > 1)
			return element ? 'names more than one thing' : 'names no garment';
		const strange = reading.phrases.find(({ status }) => status === 'unknown' || status === 'doubted');
		const { garment, moves, role } = element;
		const id = v5(`${head.title ?? ''}\n${part}\n${said}`, namespace);
		items.push({ id, part, phrase: said, garment, moves, role, reason, found: 1 });
		return strange && reading.questions.length === 0 ? `“${strange.text}”: ${strange.takenFor}` : undefined;
	};
	const readTone = (said: string, reason: string): string | undefined => {
		const [swatch] = readLook(`${said} dress`).elements[0]?.garment.palette ?? [];
		if (!swatch) return 'is no colour word';
		colours.push({ swatch, word: said, reason });
		return undefined;
	};
	const readCloth = (said: string, reason: string): string | undefined => {
		const material = readLook(`${said} dress`).elements[0]?.garment.facets.material?.value;
		if (material === undefined) return 'is no material';
		cloth.push({ material, reason });
		return undefined;
	};

	text.split('\n').forEach((raw, i) => {
		const line = raw.trim();
		if (line === '') return;
		if (line in sections) {
			section = sections[line];
			return;
		}
		const report = (problem: string | undefined) => {
			if (problem !== undefined) problems.push({ line: i + 1, text: line, problem });
		};
		if (section === undefined) {
			const at = line.indexOf(':');
			if (at < 0) report('expected “key: value” before the first section');
			else head[line.slice(0, at)] = line.slice(at + 1).trim();
			return;
		}
		const [said, reason] = lineParts(line);
		if (section === 'colours') report(readTone(said, reason));
		else if (section === 'cloth') report(readCloth(said, reason));
		else report(readItem(said, reason, section === 'beauty' ? 'optional' : section));
	});
	if (!head.title) problems.push({ line: 1, text: '', problem: 'has no title' });
	const recipe: Recipe = {
		id: v5(head.title ?? '', namespace),
		rev: 0,
		kind: head.kind === 'era' ? 'era' : 'aesthetic',
		title: head.title ?? '',
		silhouette: { volume: head.silhouette ?? '', waist: head.waist ?? '', hems: head.hems ?? '' },
		items,
		colours,
		cloth,
		note: head.note ?? '',
		madeFrom: []
	};
	return { recipe, problems };
}

/** Hair, make-up, nails and scent, which are done and not worn. */
export const isBeauty = ({ garment }: RecipeItem) => garmentType(garment.type).division === 'beauty';
