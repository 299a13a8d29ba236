/** What the demo's clients answered to looks that were handed over to them. */
import type { ClientAnswer, Match, Reference } from '../../src/lib/core/index';

/** One line of the file, in words. */
export interface AnswerLine {
	look: string;
	daysAgo: number;
	/** The shown name of an element's type; empty for the look as a whole. */
	element: string;
	says: string;
	note: string;
}

/**
 * The answers to one look, a day each.
 *
 * @param made says ids and days as the demo makes them
 * @throws Error where a line speaks of what is not worn
 */
export function answersTo(
	lines: readonly AnswerLine[],
	{ elements }: Reference,
	matches: readonly Match[],
	made: {
		idOf: (...parts: string[]) => string;
		dayAt: (days: number) => string;
		typeOf: (name: string) => string | undefined;
	}
): ClientAnswer[] {
	const days = [...new Set(lines.map(({ daysAgo }) => daysAgo))].sort((a, b) => b - a);
	return days.map((daysAgo): ClientAnswer => {
		const said = lines.filter((line) => line.daysAgo === daysAgo);
		const pieces = said
			.filter(({ element }) => element !== '')
			.map(({ look, element, says, note }): ClientAnswer['pieces'][number] => {
				const asked = elements.find(({ garment }) => garment.type === made.typeOf(element));
				const match = matches.find(({ elementIds }) => asked && elementIds.includes(asked.id));
				if (!match) throw new Error(`answers.txt: ${look} wears no "${element}"`);
				return { of: match.id, ...((says === 'yes' || says === 'no') && { says }), note };
			});
		return {
			id: made.idOf('answer', said[0]?.look ?? '', String(daysAgo)),
			on: made.dayAt(-daysAgo),
			pieces,
			note: said.find(({ element }) => element === '')?.note ?? ''
		};
	});
}
