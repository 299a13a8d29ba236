<script lang="ts">
	import { TextInput } from 'carbon-components-svelte';
	import { untrack } from 'svelte';

	/** A list of words, typed with commas between them. */
	interface Props {
		label: string;
		hint?: string;
		words: string[];
		/** Says which words the studio can use; the others are kept and told of. */
		known?: (word: string) => boolean;
		unknownText?: (words: string) => string;
		/** What is typed, as a list; parted at commas where nothing else is said. */
		listed?: (text: string) => string[];
	}
	const atCommas = (text: string) =>
		text
			.split(',')
			.map((word) => word.trim())
			.filter(Boolean);
	let { label, hint, words = $bindable(), known, unknownText, listed = atCommas }: Props = $props();

	let text = $state(untrack(() => words.join(', ')));
	// Another client's words replace what is typed; the own ones, as they are typed, do not.
	$effect(() => {
		if (listed(untrack(() => text)).join() !== words.join()) text = words.join(', ');
	});
	const unknown = $derived(known ? words.filter((word) => !known(word)) : []);
</script>

<TextInput
	size="sm"
	labelText={label}
	helperText={hint}
	warn={unknown.length > 0}
	warnText={unknownText?.(unknown.join(', '))}
	value={text}
	on:input={({ detail }) => {
		text = String(detail ?? '');
		words = listed(text);
	}}
/>
