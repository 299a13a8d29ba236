/** Two things of one name, which is told once: "a gold and a silver bangle", "a blue cotton and a white linen shirt". */
import type { Sense } from '../model';
import type { Clause, Part } from '../meaning/parts';

/** What a word speaks of: colour, metal, a facet. */
const speaksOf = (sense: Sense): string | undefined => {
	if (sense.kind === 'facet') return sense.facet;
	return sense.kind === 'colour' || sense.kind === 'metal' || sense.kind === 'print' ? sense.kind : undefined;
};
const subjectsOf = ({ span }: Part): string[] => span.senses.flatMap((sense) => speaksOf(sense) ?? []);

/** Does the second of two, each with an article, say of the same what the first says, and alone have a name? */
export function isParallel(first: Clause, second: Clause): boolean {
	const isOpen = ({ bare, definite, denied, labelled }: Clause) => !bare && !definite && !denied && !labelled;
	if (second.before !== 'and' || second.paused || !isOpen(second)) return false;
	if (!isOpen(first) || first.head || first.thing || first.ofOne || first.parts.length === 0) return false;
	if (!['start', 'stop', 'comma', 'list', 'with'].includes(first.before)) return false;
	const said = second.parts.slice(
		0,
		second.parts.findIndex((part) => part === second.head)
	);
	const spoken = new Set(said.flatMap(subjectsOf));
	return first.parts.every(
		(part) => part.role === 'said' && subjectsOf(part).some((subject) => spoken.has(subject))
	);
}
