/** Short notices at the edge of the frame; one may carry an action such as Undo. */
export interface Notice {
	id: number;
	kind: 'info' | 'error';
	title: string;
	text?: string;
	action?: { label: string; run: () => void };
}

let last = 0;
const shown = $state<Notice[]>([]);
/** Long enough to read and to reach the action; errors stay until they are closed. */
const infoMs = 8000;

export const notices = {
	get shown(): readonly Notice[] {
		return shown;
	},
	show(notice: Omit<Notice, 'id'>): void {
		const id = ++last;
		shown.push({ ...notice, id });
		while (shown.length > 3) shown.shift();
		if (notice.kind === 'info') setTimeout(() => notices.close(id), infoMs);
	},
	close(id: number): void {
		const index = shown.findIndex((notice) => notice.id === id);
		if (index >= 0) shown.splice(index, 1);
	}
};
