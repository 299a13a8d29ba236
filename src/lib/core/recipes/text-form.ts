/** The form in which a recipe is written: `key: value` lines, then headings with a line an item under each. */
import type { RecipePart } from '../model/recipe';

/** Keys of the first lines, in the order in which they are written. */
export const headKeys = ['title', 'kind', 'silhouette', 'waist', 'hems', 'note'] as const;
export type HeadKey = (typeof headKeys)[number];

/** What the lines under a heading are. */
export type SectionKind = RecipePart | 'colours' | 'cloth' | 'beauty';

/** Headings, and what their lines are, in the order in which they are written. */
export const sections: Readonly<Record<string, SectionKind>> = {
	core: 'core',
	optional: 'optional',
	never: 'never',
	colours: 'colours',
	cloth: 'cloth',
	'hair and make-up': 'beauty'
};

/** The part of a recipe that a thing under a heading belongs to: hair and make-up may be left out. */
export const partOfSection = (section: 'beauty' | RecipePart): RecipePart =>
	section === 'beauty' ? 'optional' : section;
