import { isForSale, type AskedFor, type Reference } from '$lib/core';
import { today } from '$lib/store/clock';
import { askForLook, type MarketResult } from '$lib/store/market';

/**
 * What the shops have for a reference's elements. Asked again when what is asked for changes, or on demand; the
 * answer to an older question is dropped.
 */
export function marketFor(look: () => Pick<Reference, 'elements'>, asked: () => Omit<AskedFor, 'on'>) {
	let answer = $state.raw<MarketResult | undefined>();
	let count = $state(0);
	/** All that an answer hangs on: a change of something else asks for nothing. */
	const question = $derived.by(() => {
		const { client, fitNotes, schools } = asked();
		const { measurements, figure } = client;
		const elements = look().elements.filter(isForSale);
		return JSON.stringify({ elements, schools, client: { measurements, figure }, fitNotes });
	});
	$effect(() => {
		void count;
		answer = undefined;
		const { elements, ...rest } = JSON.parse(question) as Pick<Reference, 'elements'> & AskedFor;
		const stop = new AbortController();
		askForLook({ elements }, { ...rest, on: today() }, stop.signal)
			.then((result) => (answer = result))
			.catch(() => undefined);
		return () => stop.abort();
	});
	return {
		/** Undefined while it is asked. */
		get answer() {
			return answer;
		},
		askAgain: () => count++
	};
}
