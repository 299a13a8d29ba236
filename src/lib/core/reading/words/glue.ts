/** Words that may stand inside a phrase. */

/** Words that point at a thing that is known already, or soon will be. */
export const definites = new Set([
	'the',
	'his',
	'her',
	'its',
	'their',
	'my',
	'this',
	'that',
	'these',
	'those'
]);
export const indefinites: ReadonlySet<string> = new Set(['a', 'an']);
export const articles = new Set([...indefinites, ...definites]);
export const verbs: ReadonlySet<string> = new Set(['is', 'are', 'was', 'were']);
/** Words that may stand inside a phrase without changing it: "cuffs turned back", "the cuffs are turned back". */
export const glue = new Set([...articles, ...verbs]);
