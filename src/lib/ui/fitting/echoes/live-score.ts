/** The score of an echo that is not judged yet, apart from its card: it brings closeness and the eye with it. */
export { scoreEcho } from '$lib/core';
