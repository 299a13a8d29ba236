/** The studio as a whole. */
export const studio = {
	title: 'Studio',
	backup: 'Backup',
	backupText: 'One file with every record of this studio. Keep it where the laptop is not.',
	makeBackup: 'Make a backup',
	lastBackup: (day: string) => `Last backup from this browser: ${day}`,
	noBackup: 'No backup was made from this browser yet.',
	backupDue: 'The last backup is a while ago.',
	packing: 'Packing the studio…',
	packed: (name: string) => `Saved as ${name}`,
	restore: 'Restore',
	restoreText:
		'Puts a backup in place of the studio in this browser. The file is checked first; a bad one changes nothing.',
	choose: 'Choose a backup file',
	reading: 'Reading the backup…',
	restoreAsk: 'Put this backup in place of the present studio?',
	restoreWhat: (file: string, there: string, here: string) =>
		`${file} holds ${there}. This browser holds ${here}, which it replaces. Undo does not reach behind a restore: make a backup first if in doubt.`,
	restoreDo: 'Restore',
	restored: (what: string) => `Restored: ${what}`,
	refused: 'Not restored, and nothing was changed',
	clear: 'Clear',
	clearText: 'Takes every record out of this browser.',
	clearDo: 'Clear the studio',
	clearAsk: 'Clear the whole studio?',
	clearWarn: (what: string) => `${what} go for good. Only a backup brings them back.`,
	settings: 'Settings',
	name: 'Name of the studio',
	words: 'Words',
	wordsOf: { uk: 'British: a vest is worn underneath', us: 'American: a vest is worn over a shirt' },
	currency: 'Currency',
	rates: 'Rates of other currencies',
	ratesText: (currency: string) =>
		`What one unit is worth in ${currency}. Prices without a rate are kept apart and said so.`,
	rateOf: (code: string) => `1 ${code} is`,
	letters: 'Single letters act on the fitting table, where a rung or a card has the focus',
	taught: 'Words of this studio',
	taughtWord: (word: string, means: string) => `“${word}” means ${means}`,
	forget: (word: string) => `Forget ${word}`,
	space: (used: string, free: string | undefined) =>
		free === undefined
			? `${used} MB used in this browser`
			: `${used} MB used in this browser, ${free} MB free`,
	kept: 'This browser keeps the studio until you clear it.',
	notKept: 'This browser may clear the studio when its disk runs low. A backup now and then keeps it safe.',
	demo: 'Demo',
	demoText: 'Loads the demo studio in place of the present one.',
	demoDo: 'Load the demo studio',
	demoAsk: 'Put the demo studio in place of the present one?',
	versions: (records: string, method: string) => `Records version ${records}, method version ${method}`,
	about: 'About',
	aboutText:
		'Prime Echo keeps all records in this browser, on this machine. Nothing is sent anywhere; shops are simulated by the server on this machine, which sees elements of looks and never a client.'
};
