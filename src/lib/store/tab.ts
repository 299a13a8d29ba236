/**
 * Which tab this is, and which others are open. A tab takes back what was done in it, or in tabs that are closed; what is
 * done in another open tab is that one's to take back.
 */
const lockName = (tab: string) => `prime-echo-tab ${tab}`;

/** Each load of the app is a tab of its own; the one before it is closed by then. */
export const thisTab: string = crypto.randomUUID();

/** Locks end with the tab, however it ends; a machine without them has one tab as far as can be told. */
const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
void locks?.request(lockName(thisTab), () => new Promise(() => undefined));

/** The other tabs that are open now. */
export async function otherTabs(): Promise<ReadonlySet<string>> {
	const held = (await locks?.query())?.held ?? [];
	const tabs = held.flatMap(({ name }) =>
		name?.startsWith(lockName('')) ? [name.slice(lockName('').length)] : []
	);
	return new Set(tabs.filter((tab) => tab !== thisTab));
}
