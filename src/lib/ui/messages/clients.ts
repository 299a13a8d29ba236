/** Clients. */
export const clients = {
	title: 'Clients',
	add: 'Add a client',
	edit: 'Edit client',
	empty: 'No clients yet. Add the first: a name is enough to begin, measures and limits can follow.',
	name: 'Name',
	nameMissing: 'A name is needed',
	brief: 'Brief',
	briefHint: 'Who they are, what for, what they love and refuse',
	never: 'Never wears or shows',
	neverHint: 'Separate with commas',
	avoid: 'Materials to avoid',
	allergies: 'Allergies',
	unknownLimits: (words: string) =>
		`Kept, but no check knows it: ${words}. Say it as a garment, a feature, a colour or what must not show.`,
	refused: 'Colours refused',
	refusedHint: 'In words, with commas between: “orange” means every orange, “mustard” what is near it.',
	unknownColours: (words: string) =>
		`Not known as a colour: ${words}. Kept, but not checked; use a colour word that reading a look knows.`,
	ethics: 'Materials for ethics’ sake',
	wears: { fur: 'Wears fur, feather and skins', leather: 'Wears leather and suede' },
	wearsNo: { fur: 'no fur, feather or skins', leather: 'no leather or suede' },
	allergyNote: 'For allergies, follow the client’s clinician and the maker’s label.',
	effects: 'Wished effects',
	maxHeel: 'Highest heel, cm',
	heelBad: 'Write 0 to 20 cm, or leave it empty',
	/** Fields of a client, where two versions stand beside each other. */
	fields: {
		name: 'Name',
		brief: 'Brief',
		wishedEffects: 'Wished effects',
		measurements: 'Measures, cm',
		limits: 'Limits',
		avoidMaterials: 'Materials to avoid',
		allergies: 'Allergies',
		ethics: 'Materials for ethics’ sake',
		coloursRefused: 'Colours refused',
		schools: 'Schools of thought',
		figure: 'Figure'
	} as Record<string, string>,
	skin: 'Skin',
	hair: 'Hair',
	hairShape: 'Hair worn',
	removed: (name: string) => `Deleted ${name} with wardrobe and echoes`,
	removeAsk: (name: string) => `Delete ${name}?`,
	removeText: 'Their wardrobe, events and echoes go too. Undo brings all of it back.'
};
