/** Ways of saying in a word or two that something is not worn: "bare legs", "lips are bare", "hatless". Common practice. */
import type { TypeId } from './types';

/** A place on the body that may be bare, and what is not worn there then. */
const places: readonly (readonly [place: string, type: TypeId])[] = [
	['lips', 'lipstick'],
	['mouth', 'lipstick'],
	['nails', 'nail-colour'],
	['eyes', 'eye-make-up'],
	['face', 'foundation'],
	['head', 'hat'],
	['legs', 'tights'],
	['ankles', 'socks'],
	['feet', 'shoes'],
	['hands', 'gloves'],
	['neck', 'necklace'],
	['throat', 'necklace'],
	['ears', 'earrings'],
	['wrists', 'bracelet']
];

const others: Partial<Record<TypeId, string>> = {
	shoes: 'barefoot, barefooted, bare-footed, in bare feet, shoeless',
	hat: 'hatless, bareheaded, bare-headed',
	tights: 'bare-legged, stockingless',
	socks: 'sockless',
	lipstick: 'bare-lipped',
	'nail-colour': 'unpainted nails, unvarnished nails',
	foundation: 'bare-faced, barefaced, make-up free, make-up-free',
	bra: 'braless',
	tie: 'tieless',
	belt: 'beltless',
	gloves: 'gloveless',
	scarf: 'scarfless',
	shirt: 'shirtless',
	top: 'topless, bare-chested, bare chest'
};

/** What each such phrase says is not worn. */
export const bared: ReadonlyMap<string, TypeId> = new Map([
	...Object.entries(others).flatMap(([type, words]) =>
		words.split(', ').map((phrase) => [phrase, type as TypeId] as const)
	),
	...places.flatMap(([place, type]) =>
		[
			`bare ${place}`,
			`${place} bare`,
			`${place} ${place.endsWith('s') || place === 'feet' ? 'are' : 'is'} bare`
		].map((phrase) => [phrase, type] as const)
	)
]);
