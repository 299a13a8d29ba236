import { garmentType, nudeOn, type Echo, type Reference, type SkinTone } from '$lib/core';
import { askMarket, type MarketResult } from '$lib/store/market';

/** What the shops are asked for a look. What is asked in nude is asked in a colour, and hair and make-up not at all: shops hear of no client. */
export const marketQuestion = (
	{ elements }: Pick<Reference, 'elements'>,
	schools: Echo['schools'],
	skin: SkinTone | undefined
) => ({
	elements: elements
		.filter(({ garment }) => garmentType(garment.type).division !== 'beauty')
		.map(({ id, garment, signature, open }) => ({ id, garment: nudeOn(skin, garment), signature, open })),
	schools
});

/**
 * What the shops have for a reference's elements. Asked again when what is asked for changes, or on demand; the
 * answer to an older question is dropped.
 */
export function marketFor(
	reference: () => Reference,
	schools: () => Echo['schools'],
	skin: () => SkinTone | undefined
) {
	let answer = $state.raw<MarketResult | undefined>();
	let asked = $state(0);
	const question = $derived(JSON.stringify(marketQuestion(reference(), schools(), skin())));
	$effect(() => {
		void asked;
		answer = undefined;
		const wanted = JSON.parse(question) as ReturnType<typeof marketQuestion>;
		if (wanted.elements.length === 0) {
			answer = { ok: true, answer: { simulated: true, shops: [], matches: [] } };
			return;
		}
		const stop = new AbortController();
		askMarket(wanted, stop.signal)
			.then((result) => (answer = result))
			.catch(() => undefined);
		return () => stop.abort();
	});
	return {
		/** Undefined while it is asked. */
		get answer() {
			return answer;
		},
		askAgain: () => asked++
	};
}
