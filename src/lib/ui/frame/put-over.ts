/** Makes a stored record what a form says: fields that the form emptied go, its `rev` stays its own. */
export function putOver<T extends { rev: number }>(stored: T, typed: T): void {
	const { rev } = stored;
	for (const field of Object.keys(stored))
		if ((typed as Record<string, unknown>)[field] === undefined) Reflect.deleteProperty(stored, field);
	const given = Object.entries(typed).filter(([, value]) => value !== undefined);
	Object.assign(stored, Object.fromEntries(given), { rev });
}
