/**
 * Keeps fields of a form in step with a line of words while that is typed: each holds what the line says now, or what stood there
 * before the line was begun; what was changed by hand meanwhile stays as it is.
 *
 * @param fields reads and writes the fields, as they stand in the form
 * @returns to be called each time the line is read, with what it lays over the fields that stood there before it
 */
export function followLine<T extends object>(fields: {
	read: () => T;
	write: (next: T) => void;
}): (lay: (before: T) => T) => void {
	const before = fields.read();
	let laid = before;
	return (lay) => {
		const next = lay(before);
		const now = fields.read();
		const kept = { ...now };
		for (const field of Object.keys(now) as (keyof T)[])
			if (JSON.stringify(now[field]) === JSON.stringify(laid[field])) kept[field] = next[field];
		fields.write(kept);
		laid = next;
	};
}
