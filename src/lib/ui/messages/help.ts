/** Help where it is needed. */
export const help = {
	title: 'Help',
	open: 'Guide and method',
	pages: { guide: 'A stylist’s first hour', method: 'How each figure comes about' },
	whyThis: 'How closeness is worked out, with sources',
	whyChapter: 'closeness-of-a-piece',
	steps: {
		title: 'Three steps to a first look',
		leave: 'Leave the steps',
		left: 'The steps are put away.',
		done: 'done',
		client: 'A client',
		clientHow:
			'A name is enough. Then hang some pieces on the rail: say them, paste them or photograph them.',
		reference: 'A reference',
		referenceHow: 'Whose look, an era or an aesthetic. Say it from large to small, or paste a paragraph.',
		echo: 'The fitting table',
		echoHow: 'Bring the two together. The tray shows what answers each element, best first.'
	}
};
