/** What is made when it is first asked for, and kept: tables that a page may never need are not made as it is loaded. */
export function onFirstUse<T extends object>(make: () => T): () => T {
	let made: T | undefined;
	return () => (made ??= make());
}
