import { v5 } from 'uuid';
import { garmentInWords } from '../closeness/words';
import { facetValue } from '../lexicon/facets';
import { moves as moveTable } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { Id } from '../model/basics';
import {
	recipeItemSchema,
	recipeSchema,
	type Recipe,
	type RecipeItem,
	type RecipePart
} from '../model/recipe';
import { readLook } from '../reading/read-look';
import { headKeys, partOfSection, sections, type HeadKey, type SectionKind } from './text-form';

/** Namespace of the ids of recipes that are written as text: the same title always has the same id. */
const namespace = '0d1f5f59-54a5-4b1e-8f0a-0b7d8b9c4f11';

/** A line of a recipe that cannot be taken as it stands, or only in part. */
export interface RecipeProblem {
	/** From 1. */
	line: number;
	text: string;
	problem: string;
	/** Is the line in the recipe all the same, with what was understood of it? */
	taken: boolean;
}
/** A line of the text and what it was taken for, in words; nothing for a heading, an empty line, a line that is left out. */
export interface RecipeLine {
	text: string;
	took?: string;
	problem?: RecipeProblem;
}
export interface ReadRecipe {
	recipe: Recipe;
	/** One a line of the text, in order. */
	lines: RecipeLine[];
	problems: RecipeProblem[];
}
export interface RecipeReading {
	/** The id of the recipe; by default one that its title gives. */
	id?: Id;
	/** The recipe as it was before it was written anew: what its lines say as they did is kept as it was. */
	was?: Recipe;
}

/** What came of a line: what it was taken for, and what is wrong with it. */
interface Outcome {
	took?: string;
	problem?: string;
}

const lineParts = (line: string): [said: string, reason: string] => {
	const [said = '', ...rest] = line.split('|').map((part) => part.trim());
	return [said, rest.join(' | ')];
};
const { shape } = recipeSchema;
const item = recipeItemSchema.shape;
const mostItems = 60;
const mostTones = 12;

/** Too long to be kept: said with the length that is kept. */
function tooLong(said: string, reason: string): string | undefined {
	if (!item.phrase.safeParse(said).success) return 'is longer than 200 letters';
	return item.reason.safeParse(reason).success ? undefined : 'has a reason longer than 300 letters';
}

/** Takes the first lines of a recipe, each once. */
function headReader() {
	const head: Partial<Record<HeadKey, string>> = {};
	function take(line: string): Outcome {
		const at = line.indexOf(':');
		if (at < 0) return { problem: 'expected “key: value” or a heading' };
		const key = headKeys.find((known) => known === line.slice(0, at).trim().toLowerCase());
		const value = line.slice(at + 1).trim();
		if (!key) return { problem: `is none of ${headKeys.join(', ')}` };
		if (head[key] !== undefined) return { problem: `“${key}” is there twice` };
		if (key === 'title' && !shape.title.safeParse(value).success)
			return { problem: 'a title has 1 to 120 letters' };
		if (key === 'kind' && value !== 'era' && value !== 'aesthetic')
			return { problem: 'a kind is “era” or “aesthetic”' };
		if (value.length > 4000) return { problem: 'is longer than 4,000 letters' };
		head[key] = value;
		return {};
	}
	return { head, take };
}

/** Takes the lines under the headings. `idOf` gives an item its id. */
function itemReader(was: Recipe | undefined, idOf: (part: RecipePart, said: string) => Id) {
	const items: RecipeItem[] = [];
	const colours: Recipe['colours'] = [];
	const cloth: Recipe['cloth'] = [];

	function takeItem(said: string, reason: string, part: RecipePart): Outcome {
		const same = (one: RecipeItem) => one.part === part && one.phrase === said;
		const times = items.filter(same).length;
		const known = was?.items.filter(same)[times];
		if (times > 0 && !known) return { problem: 'is there twice' };
		if (items.length >= mostItems) return { problem: `is more than ${mostItems} things` };
		if (known) {
			items.push({ ...known, reason });
			return { took: inWords(known) };
		}
		const reading = readLook(said);
		const [element] = reading.elements;
		if (!element || reading.elements.length > 1)
			return { problem: element ? 'names more than one thing' : 'names no garment' };
		const strange = reading.phrases.find(({ status }) => status === 'unknown' || status === 'doubted');
		const { garment, moves, role } = element;
		const taken = { id: idOf(part, said), part, phrase: said, garment, moves, role, reason, found: 1 };
		items.push(taken);
		return {
			took: inWords(taken),
			...(strange && reading.questions.length === 0 && { problem: `“${strange.text}”: ${strange.takenFor}` })
		};
	}
	function takeTone(said: string, reason: string): Outcome {
		if (colours.some(({ word }) => word === said)) return { problem: 'is there twice' };
		if (colours.length >= mostTones) return { problem: `is more than ${mostTones} colours` };
		if (said.length > 40) return { problem: 'is no colour word' };
		const known = was?.colours.find(({ word }) => word === said);
		const swatch = known?.swatch ?? readLook(`${said} dress`).elements[0]?.garment.palette[0];
		if (!swatch) return { problem: 'is no colour word' };
		colours.push({ swatch, word: said, reason });
		return { took: said };
	}
	function takeCloth(said: string, reason: string): Outcome {
		const known = was?.cloth.find(({ material }) => clothWord(material) === said);
		const material = known?.material ?? readLook(`${said} dress`).elements[0]?.garment.facets.material?.value;
		if (material === undefined) return { problem: 'is no material' };
		if (cloth.some((one) => one.material === material)) return { problem: 'is there twice' };
		if (cloth.length >= mostTones) return { problem: `is more than ${mostTones} cloths` };
		cloth.push({ material, reason });
		return { took: clothWord(material) };
	}
	function take(line: string, section: SectionKind): Outcome {
		const [said, reason] = lineParts(line);
		const long = tooLong(said, reason);
		if (long) return { problem: long };
		if (section === 'colours') return takeTone(said, reason);
		if (section === 'cloth') return takeCloth(said, reason);
		return takeItem(said, reason, partOfSection(section));
	}
	return { items, colours, cloth, take };
}

/** A material as a line of a recipe names it. */
export const clothWord = (material: string) => facetValue('material', material)?.label ?? material;

const inWords = ({ garment, moves }: Pick<RecipeItem, 'garment' | 'moves'>) =>
	[garmentInWords(garment), ...moves.map((move) => moveTable[move].label)].join(', ');

/**
 * Reads a recipe from its text: `key: value` lines first, then sections under their headings, a line an item:
 * `phrase | reason`, each phrase read as any spoken look. A line that says no single thing is reported with its place
 * and left out; one with words that are not known is reported and taken without them; the rest is read all the same.
 */
export function readRecipe(text: string, { id, was }: RecipeReading = {}): ReadRecipe {
	const { head, take: takeHead } = headReader();
	const inner = itemReader(was, (part, said) =>
		id === undefined ? v5(`${head.title ?? ''}\n${part}\n${said}`, namespace) : v5(`${part}\n${said}`, id)
	);
	let section: SectionKind | undefined;

	const lines = text.split(/\r?\n/).map((raw, i): RecipeLine => {
		const line = raw.trim();
		if (line === '') return { text: raw };
		const heading = sections[line.toLowerCase().replace(/:$/, '')];
		if (heading) {
			section = heading;
			return { text: raw };
		}
		const { took, problem } = section === undefined ? takeHead(line) : inner.take(line, section);
		return {
			text: raw,
			...(took !== undefined && { took }),
			...(problem !== undefined && {
				problem: { line: i + 1, text: line, problem, taken: took !== undefined }
			})
		};
	});
	const problems = lines.flatMap(({ problem }) => problem ?? []);
	if (head.title === undefined && !problems.some((one) => one.text.startsWith('title')))
		problems.unshift({ line: 1, text: '', problem: 'has no title: begin with “title: …”', taken: false });
	const recipe: Recipe = {
		id: id ?? v5(head.title ?? '', namespace),
		rev: was?.rev ?? 0,
		kind: head.kind === 'era' ? 'era' : 'aesthetic',
		title: head.title ?? '',
		silhouette: { volume: head.silhouette ?? '', waist: head.waist ?? '', hems: head.hems ?? '' },
		items: inner.items,
		colours: inner.colours,
		cloth: inner.cloth,
		note: head.note ?? '',
		madeFrom: was?.madeFrom ?? []
	};
	return { recipe, lines, problems };
}

/** Hair, make-up, nails and scent, which are done and not worn. */
export const isBeauty = ({ garment }: Pick<RecipeItem, 'garment'>) =>
	garmentType(garment.type).division === 'beauty';
