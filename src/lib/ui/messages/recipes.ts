/** Recipes of eras and aesthetics. */
import { count } from './count';

export const recipes = {
	title: 'Recipes',
	eras: 'Eras',
	aesthetics: 'Aesthetics',
	own: 'My own',
	ownEmpty: 'Take one or several references, and see what they have in common as a recipe.',
	make: 'Make a recipe from references',
	write: 'Write a recipe',
	readFile: 'Read a recipe file',
	fileTooLarge: 'The file is larger than a recipe can be (200 kB). Choose the text of one recipe.',
	fileNoText: 'The file is no text. A recipe is a text file, as “Save as a file” makes it.',
	saveFile: 'Save as a file',
	editText: 'Edit the recipe',
	copy: 'Copy and change',
	copyTitle: (title: string) => `${title}, my own`,
	text: 'The recipe, a line a thing',
	textHow:
		'First its title and kind (era or aesthetic), then headings: core, optional, never, colours, cloth, hair and make-up. Under each, a line a thing, the weightiest first: what it is, a bar, and why.',
	textBlank: `title: 
kind: aesthetic
silhouette: 
waist: 
hems: 
note: 

core


optional


never


colours


cloth


hair and make-up

`,
	textGood: 'Every line was understood.',
	textProblems: (n: number) => `${count(n, 'line wants', 'lines want')} looking at:`,
	line: (n: number) => `Line ${n}`,
	lineTaken: 'taken without it',
	written: 'Written in this studio',
	makeDo: 'Make the recipe',
	fromWhich: 'References that it is made from',
	fromNone: 'Choose at least one reference that has elements',
	name: 'Title',
	titleMissing: 'A title is needed',
	compare: 'Compare two recipes',
	compareWith: 'Compare',
	degree: 'How far it is taken',
	toReference: 'Make it a reference',
	core: 'Core',
	optional: 'May have',
	never: 'Never',
	beauty: 'Hair and make-up',
	instead: (what: string) => `in place of ${what}`,
	colours: 'Colours',
	cloth: 'Cloth',
	silhouette: 'Silhouette',
	volume: 'Volume',
	waist: 'Waist',
	hems: 'Hems',
	taken: 'taken at this degree',
	share: (percent: number) => `${percent} % of the recipe`,
	found: (percent: number) => `in ${percent} % of the looks`,
	removeAsk: (title: string) => `Delete the recipe ${title}?`,
	removeText: 'References that were made from it stay. Undo brings it back.',
	plate: (title: string, degree: string) => `${title}, ${degree}`,
	base: 'Put on',
	baseReference: 'A reference',
	basePieces: 'Pieces of a client',
	baseNone: 'No base: everything is added',
	pieces: 'Pieces on the base',
	first: 'First recipe',
	second: 'Second recipe',
	keeps: 'Keeps',
	adds: 'Adds',
	takesAway: 'Takes away',
	leaves: 'Leaves as it is',
	shared: 'Both',
	sharedKeeps: 'Both keep',
	sharedAdds: 'Both add',
	sharedNothing: 'They share nothing on this base.',
	nothing: 'nothing',
	because: { never: 'never in it', 'in-the-way': 'makes room for' } as Record<string, string>,
	madeFrom: (n: number) => `Made from ${count(n, 'reference', 'references')}`,
	linked: (title: string) => `From the recipe ${title}`
};
