import { garmentType, nudeOn, type Client, type Echo, type Element, type Reference } from '$lib/core';
import { askMarket, type MarketResult } from '$lib/store/market';

/**
 * What the shops have for a reference's elements. Asked again when what is asked for changes, or on demand; the
 * answer to an older question is dropped.
 */
export function marketFor(
	reference: () => Reference,
	schools: () => Echo['schools'],
	skin: () => Client['figure']['skin']
) {
	let answer = $state.raw<MarketResult | undefined>();
	let asked = $state(0);
	const question = $derived(
		JSON.stringify({
			elements: reference().elements.map(({ id, garment, signature, open }) => ({
				id,
				// What is asked in nude is asked in a colour: shops hear of no client.
				garment: nudeOn(skin(), garment),
				signature,
				open
			})),
			schools: schools()
		})
	);
	$effect(() => {
		void asked;
		answer = undefined;
		const { elements: wanted, schools: under } = JSON.parse(question) as {
			elements: Element[];
			schools: Echo['schools'];
		};
		const sold = wanted.filter(({ garment }) => garmentType(garment.type).division !== 'beauty');
		if (sold.length === 0) {
			answer = { ok: true, answer: { simulated: true, shops: [], matches: [] } };
			return;
		}
		const stop = new AbortController();
		askMarket({ elements: sold, schools: under }, stop.signal)
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
