/** Makes a stored record what a form says: fields that the form emptied go, its `rev` stays its own. */
export function putOver<T extends { rev: number }>(stored: T, typed: T): void {
	const { rev } = stored;
	const said: Record<string, unknown> = { ...typed };
	for (const field of Object.keys(stored))
		if (said[field] === undefined) Reflect.deleteProperty(stored, field);
	const given = Object.entries(said).filter(([, value]) => value !== undefined);
	Object.assign(stored, Object.fromEntries(given), { rev });
}
