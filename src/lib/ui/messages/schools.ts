/** Schools. */
export const schools = {
	all: 'All schools',
	edit: 'Schools of thought',
	ofEcho: (title: string) => `Schools for ${title}`,
	ofClient: (name: string) => `Schools of thought of ${name}`,
	intro:
		'Practitioners disagree here. What you choose changes weights and checks, and is named in what it changed.',
	changes: (what: string) => `Changes ${what}.`,
	moved: (points: string) => `What that moved: ${points} points`,
	nothingMoved: 'No element moved by a third of a point; the checks may have.',
	putAway: 'Put away'
};
