/**
 * The content security policy, once: for pages, which SvelteKit serves with a nonce for their own script, and for every
 * other response, workers among them.
 */
const directives = {
	'default-src': ['self'],
	'script-src': ['self'],
	'worker-src': ['self'],
	'style-src': ['self'],
	// Kit's own announcer and Carbon's positioned parts set style attributes.
	'style-src-attr': ['unsafe-inline'],
	'img-src': ['self', 'blob:', 'data:'],
	'font-src': ['self'],
	'connect-src': ['self'],
	'object-src': ['none'],
	'base-uri': ['none'],
	'form-action': ['self'],
	'frame-ancestors': ['none']
};

/** What pages may do; SvelteKit adds the nonce. */
export const pageDirectives = directives;

/** A worker may compile WebAssembly that it loads from here: solvers and models run in it. Nothing wider. */
const workerDirectives = { ...directives, 'script-src': ['self', 'wasm-unsafe-eval'] };

const quoted = (source) => (source.includes(':') ? source : `'${source}'`);
const inWords = (policy) =>
	Object.entries(policy)
		.map(([name, sources]) => `${name} ${sources.map(quoted).join(' ')}`)
		.join('; ');

/**
 * Is it a part that only a page or a worker loads, under the policy that this has? A policy of its own says nothing there, and is
 * longer than many such parts.
 */
export const isPart = (path) => /^\/_app\/immutable\/(?!workers\/)[^?]*\.(?:js|css|woff2)$/.test(path);

/** The policy of a response by its path: workers have theirs. */
export const policyOf = (path) =>
	inWords(/\/workers\/|\.worker[.-]/.test(path) ? workerDirectives : directives);
