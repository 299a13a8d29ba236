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
		plan: 'Plan',
		orders: 'Orders',
		ledger: 'Ledger',
		eye: 'Eye',
		studio: 'Studio'
	},
	skip: 'Skip to the work',
	skipTo: { tray: 'Skip to the cards', score: 'Skip to the score' },
	undo: 'Undo',
	undoWhat: (label: string) => `Undo: ${label}`,
	redoWhat: (label: string) => `Redo: ${label}`,
	nothingToUndo: 'Nothing to undo',
	nothingToRedo: 'Nothing to redo',
	undoing: 'Undoing …',
	redoing: 'Doing it again …',
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
		putOnSide: (what: string, side: string) => `Put on ${what}, on the ${side}`,
		tookOff: (what: string) => `Took off ${what}`,
		leftOut: (what: string) => `Left out ${what}`,
		done: (what: string) => `Done: ${what}`,
		prepared: (what: string, done: boolean) => (done ? `Prepared: ${what}` : `To prepare again: ${what}`),
		held: (what: string) => `Put by ${what} for its season`,
		released: (what: string) => `Took ${what} out of hold`,
		sawDay: (what: string) => `Took note of the day of ${what}`,
		cleared: (what: string) => `Cleared ${what}`,
		changedMoves: (what: string) => `Changed how ${what} is worn`,
		changedSide: (what: string) => `Changed the side of ${what}`,
		pinned: (what: string) => `Pinned ${what}`,
		unpinned: (what: string) => `Unpinned ${what}`,
		matchedAll: 'Matched the look from the wardrobe',
		keptVersion: (name: string) => `Kept the version “${name}”`,
		wentBackTo: (name: string) => `Went back to “${name}”`,
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
	newVersion: 'Take the newer version',
	newVersionText: 'A newer Prime Echo is ready. The page is loaded anew; what is typed in a form stays.',
	keys: 'Keys',
	save: 'Save',
	cancel: 'Cancel',
	edit: 'Edit',
	remove: 'Delete',
	loading: 'One moment…',
	viewFailed: 'Something on this page broke.',
	viewFailedText: 'Your records are safe: nothing saved is lost. Try again, or go on elsewhere.',
	tryAgain: 'Try again',
	store: {
		title: 'The studio is held elsewhere',
		outrun:
			'Another tab runs a newer Prime Echo, so this one has let go of the studio and will write nothing more. Reload this page to go on; nothing saved is lost.',
		deleted: 'The studio of this browser was deleted in another tab. Reload this page.',
		newer:
			'This browser’s studio was written by a newer Prime Echo than this page. Nothing was changed. Reload; if it stays so, update Prime Echo.',
		blocked:
			'Another tab or window of Prime Echo holds the studio, so it cannot be brought up to date. Close that one; this page then goes on by itself.',
		blockedBy: (tabs: string) =>
			`The studio is held by ${tabs}. Close that tab; this page then goes on by itself.`
	},
	notNoted: 'not noted',
	failed: 'That did not work',
	notSaved: 'Not saved',
	notUndone: 'Not undone',
	alreadyUndone: (label: string) => `No longer there to undo: ${label}`,
	close: 'Close',
	unforeseen:
		'Something went wrong that Prime Echo did not foresee. Nothing saved before is lost. Try again; if it stays so, reload the page.',
	storeClosed: 'This window has let go of the studio. Reload the page to go on; nothing saved is lost.',
	demoPhotos: {
		title: (n: number) =>
			n === 1 ? 'A photograph of the demo is not here' : `${n} photographs of the demo are not here`,
		full: 'There is no room left for them in this browser. Free some, then load the page anew.',
		unreachable: 'The server did not give them. They are asked for again when the page is loaded anew.'
	},
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
		echoes: (n: number) => count(n, 'echo', 'echoes'),
		showAll: (n: number) => `Show all ${n}`
	}
};
