/** The frame around every view, and what all views say alike. */
import { count } from './count';

export const frame = {
	app: 'Prime Echo',
	places: {
		desk: 'Desk',
		clients: 'Clients',
		references: 'References',
		recipes: 'Recipes',
		fitting: 'Fitting table',
		studio: 'Studio'
	},
	skip: 'Skip to the work',
	undo: 'Undo',
	undoWhat: (label: string) => `Undo: ${label}`,
	redoWhat: (label: string) => `Redo: ${label}`,
	nothingToUndo: 'Nothing to undo',
	nothingToRedo: 'Nothing to redo',
	undone: (label: string) => `Undone: ${label}`,
	redone: (label: string) => `Done again: ${label}`,
	/** What was done, in the past tense: the names of changes for undo and redo. */
	did: {
		added: (what: string) => `Added ${what}`,
		edited: (what: string) => `Edited ${what}`,
		deleted: (what: string) => `Deleted ${what}`,
		moved: (what: string) => `Moved ${what}`,
		began: (what: string) => `Began ${what}`,
		judged: (what: string) => `Judged ${what}`,
		chose: (what: string, element: string) => `Chose ${what} for ${element}`,
		putOn: (what: string) => `Put on ${what}`,
		tookOff: (what: string) => `Took off ${what}`,
		leftOut: (what: string) => `Left out ${what}`,
		done: (what: string) => `Done: ${what}`,
		cleared: (what: string) => `Cleared ${what}`,
		changedMoves: (what: string) => `Changed how ${what} is worn`,
		pinned: (what: string) => `Pinned ${what}`,
		unpinned: (what: string) => `Unpinned ${what}`,
		matchedAll: 'Matched the look from the wardrobe',
		notedWhy: (what: string) => `Noted why: ${what}`,
		letStand: (title: string) => `Let stand: ${title}`,
		raisedAgain: (title: string) => `Raised again: ${title}`,
		changedSchools: (questions: string) => `Changed schools: ${questions}`,
		changedSchool: (school: string) => `Counted as close: ${school}`,
		forgot: (word: string) => `Forgot ${word}`,
		taught: (word: string, means: string) => `Taught: ${word} means ${means}`,
		setLimit: 'Set the spend limit',
		tookLimitOff: 'Took the spend limit off'
	},
	keys: 'Keys',
	save: 'Save',
	cancel: 'Cancel',
	edit: 'Edit',
	remove: 'Delete',
	loading: 'One moment…',
	notNoted: 'not noted',
	failed: 'That did not work',
	notSaved: 'Not saved',
	notUndone: 'Not undone',
	alreadyUndone: (label: string) => `No longer there to undo: ${label}`,
	close: 'Close',
	unforeseen:
		'Something went wrong that Prime Echo did not foresee. Nothing saved before is lost. Try again; if it stays so, reload the page.',
	storeClosed: 'This window has let go of the studio. Reload the page to go on; nothing saved is lost.',
	diskFull:
		'This browser has no room left. Nothing saved before is lost: make a backup under Studio, free some space, then try again.',
	storeBroken:
		'The browser’s store cannot be opened. Private windows and full disks do this; another window may help.',
	notFound: 'This is not here any more. It may have been deleted; Undo brings it back.',
	cm: 'cm',
	form: {
		discardAsk: 'Discard what you typed?',
		discard: 'Discard',
		keep: 'Keep typing',
		restored: 'Here is what you typed before and did not save.',
		afresh: 'Start afresh',
		changedElsewhere: 'This was changed elsewhere while you were typing.',
		chooseEach: 'Choose what to keep, then save again. What only one side changed is joined already.',
		mine: (words: string) => `As typed here: ${words}`,
		theirs: (words: string) => `As saved elsewhere: ${words}`
	},
	counts: {
		clients: (n: number) => count(n, 'client', 'clients'),
		pieces: (n: number) => count(n, 'piece', 'pieces'),
		references: (n: number) => count(n, 'reference', 'references'),
		elements: (n: number) => count(n, 'element', 'elements'),
		echoes: (n: number) => count(n, 'echo', 'echoes')
	}
};
