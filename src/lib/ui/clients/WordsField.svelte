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
	}
	let { label, hint, words = $bindable(), known, unknownText }: Props = $props();

	const listed = (text: string) =>
		text
			.split(',')
			.map((word) => word.trim())
			.filter(Boolean);
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
