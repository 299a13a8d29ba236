/** The desk and the welcome. */
export const welcome = {
	title: 'A reference look, brought home',
	text: 'Read a look into its elements, answer each from your client’s rail or a cheap substitute, and see how close the echo comes and why.',
	demo: 'Open the demo studio',
	demoText:
		'A stylist’s studio in the invented town of Saltmere, with wardrobes, references and finished echoes.',
	empty: 'Start my own studio',
	emptyText: 'Begin with a first client. Everything stays in this browser.',
	restore: 'I have a backup',
	opening: 'Opening the demo studio…'
};

export const desk = {
	title: 'Desk',
	unfinished: 'On the fitting table',
	unfinishedEmpty:
		'No echo is waiting. Take a reference to the fitting table and match it to a client’s rail.',
	judged: 'Judged',
	judgedEmpty: 'Echoes with a verdict gather here, with how close they came.',
	events: 'Coming up',
	due: 'To be done',
	dueEmpty: 'Nothing is waiting to be prepared. What an echo for an event needs gathers here.',
	inSeason: 'Its season has come',
	begin: 'Take a look to the fitting table',
	demoOccupied: 'This browser holds a studio of your own. The demo can be loaded in its place under Studio.',
	demoNote: 'This is the demo studio: every person, shop and look in it is invented.',
	start: 'To begin: add a client with a few pieces, then a reference look, then bring them together.'
};
