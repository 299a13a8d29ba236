import { askedBy } from '../../lexicon/dress-codes';
import type { Facts, PieceFacts } from '../facts';
import { breaksLimit, questionOf } from '../limits';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { suitTrousers } from '../tailored';
import { thresholds } from '../thresholds';

/** What a host rules out in so many words: "no jeans", "flat soles". */
const ruledOut = (words: string): string[] =>
	words.split(/[,;.]|\band\b/i).flatMap((clause) => {
		const [, without] = /^\s*(?:no|not|never|without|strictly no)\s+(.+?)\s*$/i.exec(clause) ?? [];
		if (without) return [without];
		return /\bflats? only\b|\bflat (?:soles?|shoes?|heels?)\b|\bsoft soles?\b/i.test(clause)
			? ['flats only']
			: [];
	});

function againstWords({ pieces }: Facts, words: string): Violation[] {
	const limits = ruledOut(words);
	return pieces.flatMap((piece): Violation[] =>
		limits.flatMap((limit): Violation[] => {
			const answer = breaksLimit(limit, piece);
			if (answer === 'no') return [];
			const asked = answer === 'unknown' ? `; ${questionOf(limit, piece)}` : '';
			return [
				{
					severity: answer === 'unknown' ? 'hint' : 'warning',
					pieces: [piece.id],
					measured: `“${words}”: ${piece.title}${asked}`,
					swap: answer !== 'unknown'
				}
			];
		})
	);
}

export const dressCode: Rule = {
	id: 'dress-code',
	title: 'Against the dress code',
	reason: 'The host has said how dressed up to come; the least dressed piece is the one that is seen.',
	standing: 'settled',
	about: ['type', 'formality', 'material', 'heelHeight'],
	find: (facts) => {
		const { event } = facts;
		if (!event) return [];
		const against = [...againstWords(facts, event.dressCode), ...offTheScale(facts, event.dressCode)];
		const told = new Set(against.flatMap(({ pieces }) => pieces));
		return [
			...against,
			...seldomMeant(facts, event.dressCode).filter(({ pieces: [id = ''] }) => !told.has(id))
		];
	}
};

/** Pieces as such a host seldom means them: nothing of it is forbidden. */
function seldomMeant({ pieces }: Facts, words: string): Violation[] {
	const { seldom = [], label } = askedBy(words) ?? {};
	return pieces.flatMap((piece): Violation[] => {
		const found = seldom.find((limit) => ['yes', 'by-kind'].includes(breaksLimit(limit, piece)));
		return found
			? [
					{
						severity: 'hint',
						pieces: [piece.id],
						measured: `${piece.title}: “${label}” seldom means ${found}; house rules have the last word`,
						swap: true
					}
				]
			: [];
	});
}

/** A plain shirt under a suit and a tie is as dressed up as they are. */
const isUnderSuit = ({ slot, type }: PieceFacts, facts: Facts) =>
	slot === 'top' &&
	type.family === 'shirts' &&
	facts.in('suit', 'layer').some((coat) => coat.slot === 'suit' || coat.type.family === 'tailored') &&
	facts.in('scarf').some((tie) => ['tie', 'bow-tie', 'cravat'].includes(tie.type.id));

/** Dark tailored trousers under a dinner jacket or a tailcoat are worn as its own. */
const isUnderEveningCoat = (piece: PieceFacts, facts: Facts) =>
	suitTrousers(facts).includes(piece) &&
	piece.print === undefined &&
	piece.main !== undefined &&
	piece.main.lab.l <= thresholds.darkLightness &&
	facts.in('layer').some(({ formality = 0 }) => formality >= thresholds.formalFrom);

/** Too casual or too dressed up for what the words ask for. */
function offTheScale(facts: Facts, words: string): Violation[] {
	const { pieces } = facts;
	const { least, most } = askedBy(words) ?? {};
	const judged = pieces.filter((piece) => !isUnderSuit(piece, facts) && !isUnderEveningCoat(piece, facts));
	const seen = judged.filter(({ formality, area }) => formality !== undefined && area >= 0.05);
	const over =
		most === undefined ? [] : seen.filter(({ formality = 0 }) => formality > most + thresholds.aboveCode);
	if (over.length > 0 && over.length === seen.length)
		return [
			{
				severity: 'hint',
				pieces: over.map(({ id }) => id),
				measured: `everything is dressier than “${words}” asks for`,
				swap: true
			}
		];
	if (least === undefined) return [];
	const below = judged.filter(
		({ formality, area, slot }) =>
			formality !== undefined && (area >= 0.05 || slot === 'feet') && formality < least - 1.1
	);
	const together = seen.reduce((sum, { formality = 0 }) => sum + formality, 0) / seen.length;
	const [lowest] = [...seen].sort((a, b) => (a.formality ?? 0) - (b.formality ?? 0));
	// No single piece may be far below, and yet the whole be too casual.
	if (below.length === 0 && lowest && together < least - thresholds.belowTogether)
		return [
			{
				severity: 'hint',
				pieces: seen.map(({ id }) => id),
				measured: `everything is on the casual side of “${words}”`,
				swap: true
			}
		];
	return below.map((piece): Violation => ({
		severity: 'warning',
		pieces: [piece.id],
		measured: `too casual for “${words}”: ${piece.title}`,
		swap: true
	}));
}
