/** The score of an echo that is not judged yet, apart from its card: it brings the eye with it, which a card has no need of. */
export { scoreEcho } from '$lib/core';
