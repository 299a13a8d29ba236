/** The sheet of keys. */
export const keySheet = {
	title: 'Keys',
	everywhere: 'Everywhere',
	table: 'Fitting table',
	reading: 'Reading a reference',
	list: [
		['everywhere', 'Ctrl Z', 'undo'],
		['everywhere', 'Ctrl Shift Z', 'redo'],
		['everywhere', '?', 'this sheet'],
		['reading', 'Enter', 'add what was said; on an element, show its features'],
		['reading', 'Alt ↑ · Alt ↓', 'move the element up or down'],
		['reading', '← · →', 'previous and next feature'],
		['reading', 'S · O', 'make the feature signature, or open'],
		['reading', 'R', 'next role'],
		['reading', 'E · Delete', 'edit or delete the element'],
		['table', '↑ · ↓', 'previous and next rung, or card'],
		['table', '→ · ←', 'from the rung to its cards, and back'],
		['table', 'Enter', 'choose the card'],
		['table', 'X', 'leave the element out'],
		['table', 'Backspace', 'take the match away'],
		['table', 'D', 'mark hair, make-up or nails as done'],
		['table', 'P', 'pin the match, or let it go'],
		['table', 'M', 'match what I have, around the pins'],
		['table', 'C', 'set the card beside another'],
		['table', '/', 'find among the cards'],
		['table', 'H · O · L', 'hems, overlay, layers off'],
		['table', 'K', 'check the look, or back to the cards'],
		['table', 'G', 'the day: warmth, hems, preparation; or back to the cards'],
		['table', 'T · A', 'on an open finding: try its first mend on, take it'],
		['table', 'W', 'why this figure: every feature of the match']
	] as [string, string, string][]
};
