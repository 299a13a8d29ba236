/** What a garment is, said or chosen. */
import { count } from './count';

export const garment = {
	type: 'What it is',
	typePlaceholder: 'Type a word: blazer, midi skirt, court shoes',
	typeMissing: 'Choose what it is',
	colours: 'Colours, largest first',
	addColour: 'Add a colour',
	exact: 'Exact colour',
	removeColour: (name: string) => `Take ${name} out`,
	print: 'Print',
	scale: 'Scale of print',
	metal: 'Metal',
	moreDetails: 'More details',
	fewerDetails: 'Fewer details'
};

export const say = {
	look: 'Say it as you see it',
	piece: 'Say it',
	pieces: 'Say what hangs there',
	placeholder: 'black wool blazer, peak lapels, sleeves pushed up',
	how: 'Colour, cloth, fit, length, detail, garment, in any order; a comma between things. A pasted paragraph works too.',
	howPieces:
		'What it is, and in the same breath its size, price, when and how it came: “three white tees, M, £12; camel coat, L, £140 in 2019, pre-owned”.',
	teach: (word: string) => `“${word}” means…`,
	teachBad: 'One word or phrase that reading knows, as “jumper” or “off-the-shoulder”',
	teachDo: 'Teach it',
	hopeless: 'No garment is named yet. Say what it is as well: coat, jeans, boots, low bun.',
	gloss: 'What was understood, word by word',
	phrase: (text: string, taken: string) => `${text}: ${taken}. Put right`,
	right: (text: string) => `Put right: ${text}`,
	which: (word: string) => `“${word}”: which is it?`,
	whatIs: (word: string) =>
		`What is “${word}”? Say it in words that are known; what is said of it waits for it.`,
	mistyped: 'It may have been meant for:',
	meant: 'Not known. Was it:',
	noneMeant: 'Not known. Write it otherwise, or take it out.',
	insteadOf: (text: string) => `in place of “${text}”`,
	takeOut: 'Take it out',
	leave: 'Leave as it is',
	refused: 'That cannot be said in this place. Use the fields for it.',
	add: (n: number) => (n > 1 ? `Add ${n}` : 'Add'),
	understood: (elements: number, unknown: number, questions: number, slips: number) =>
		[
			count(elements, 'thing', 'things'),
			slips > 0 ? count(slips, 'word taken for another', 'words taken for others') : '',
			unknown > 0 ? count(unknown, 'word not known', 'words not known') : '',
			questions > 0 ? count(questions, 'question', 'questions') : ''
		]
			.filter(Boolean)
			.join(', ')
};
