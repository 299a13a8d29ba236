import { familiesRelated } from '../../colour/family';
import { printGroups } from '../../lexicon/prints';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

const scaleOf = (piece: PieceFacts) => piece.garment.print?.scale?.value ?? 'medium';
const shareColour = (one: PieceFacts, other: PieceFacts) =>
	one.colours.some((a) => other.colours.some((b) => familiesRelated(a.family, b.family)));
const shareLine = (one: PieceFacts, other: PieceFacts) =>
	printGroups.some((group) => group.includes(one.print ?? '') && group.includes(other.print ?? ''));

export const printsTogether: Rule = {
	id: 'prints-together',
	title: 'Prints together',
	reason: 'Prints mix when they share a colour and differ in scale, or share a kind of line.',
	standing: 'settled',
	yieldsTo: ['statements'],
	about: ['print'],
	find: ({ pieces }) => {
		const printed = pieces.filter(({ print, area }) => print !== undefined && area >= 0.02);
		return printed.flatMap((one, i) =>
			printed.slice(i + 1).flatMap((other): Violation[] => {
				const both = [one.id, other.id];
				if (one.print === other.print && shareColour(one, other)) return [];
				const mixes = shareColour(one, other) && (scaleOf(one) !== scaleOf(other) || shareLine(one, other));
				if (mixes)
					return [
						{ severity: 'praise', pieces: both, measured: `${one.print} and ${other.print} share a colour` }
					];
				return shareColour(one, other) || shareLine(one, other)
					? []
					: [
							{
								severity: 'hint',
								pieces: both,
								measured:
									one.colours.length > 0 && other.colours.length > 0
										? `${one.print} and ${other.print} share no colour and no kind of line`
										: `${one.print} and ${other.print} share no kind of line; look whether they share a colour`,
								swap: true,
								leaveOff: true
							}
						];
			})
		);
	}
};
