/** Short notices in the frame; one may carry an action such as Undo. */
export interface Notice {
	id: number;
	kind: 'info' | 'error';
	title: string;
	text?: string;
	action?: { label: string; run: () => void };
}

let last = 0;
/** What was done last, and what went wrong: one of each, so that nothing stacks up. */
const shown = $state<{ info?: Notice; error?: Notice }>({});
/** Long enough to read and to reach the action; errors stay until they are closed. */
const infoMs = 8000;
let timer: ReturnType<typeof setTimeout> | undefined;

export const notices = {
	get shown(): readonly Notice[] {
		return [shown.error, shown.info].filter((notice) => notice !== undefined);
	},
	get info(): Notice | undefined {
		return shown.info;
	},
	get error(): Notice | undefined {
		return shown.error;
	},
	show(notice: Omit<Notice, 'id'>): void {
		const id = ++last;
		shown[notice.kind] = { ...notice, id };
		if (notice.kind === 'error') return;
		clearTimeout(timer);
		timer = setTimeout(() => notices.close(id), infoMs);
	},
	close(id: number): void {
		for (const kind of ['info', 'error'] as const) if (shown[kind]?.id === id) shown[kind] = undefined;
	}
};
