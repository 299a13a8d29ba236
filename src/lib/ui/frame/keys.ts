/** Is the event aimed at a field where letters are text? Single-key commands keep out of there. */
export function isTyping(target: EventTarget | null): boolean {
	if (!(target instanceof HTMLElement)) return false;
	if (
		target.isContentEditable ||
		target instanceof HTMLTextAreaElement ||
		target instanceof HTMLSelectElement
	)
		return true;
	return (
		target instanceof HTMLInputElement &&
		!['checkbox', 'radio', 'button', 'color', 'range'].includes(target.type)
	);
}
