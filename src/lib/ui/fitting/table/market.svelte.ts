import { isForSale, type AskedFor, type Reference } from '$lib/core';
import { today } from '$lib/store/clock';
import { askForLook, type MarketResult } from '$lib/store/market';

/**
 * What the shops have for a reference's elements. Asked again when what is asked for changes, or on demand; the
 * answer to an older question is dropped. Asked for the same elements again, as after a note on how a size fits, what the shops said
 * stays until they say it anew.
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
	/** The elements that the answer is for. */
	let answered = '';
	$effect(() => {
		void count;
		const { elements, ...rest } = JSON.parse(question) as Pick<Reference, 'elements'> & AskedFor;
		const now = JSON.stringify(elements);
		if (now !== answered) answer = undefined;
		answered = now;
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
		askAgain() {
			answer = undefined;
			count++;
		}
	};
}
