<script lang="ts">
	import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { chosenIn } from '../frame/chosen';
	import { lists as listsTexts } from '../messages/lists';
	import type { ListDraft } from './list-draft.svelte';

	interface Props {
		draft: ListDraft;
		/** The studio's, for a shop that is not told to have another. */
		currency: string;
		/** Are missing fields told? */
		told: boolean;
	}
	let { draft, currency, told }: Props = $props();
	const { shop } = $derived(draft);
	const tiers = ['save', 'middle', 'spend'] as const;
	const cuts = ['women', 'men'] as const;
</script>

<div class="fields">
	<TextInput
		size="sm"
		labelText={listsTexts.shop}
		maxlength={120}
		invalid={told && draft.wrong.name}
		invalidText={listsTexts.shopNeeded}
		bind:value={shop.name}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.currency}
		placeholder={currency}
		maxlength={3}
		invalid={draft.wrong.currency}
		invalidText={listsTexts.badCurrency}
		bind:value={shop.currency}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.postage}
		invalid={draft.wrong.postage}
		invalidText={listsTexts.badPostage}
		bind:value={shop.postage}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.freeFrom}
		invalid={draft.wrong.freeFrom}
		invalidText={listsTexts.badPostage}
		bind:value={shop.freeFrom}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.days}
		invalid={draft.wrong.days}
		invalidText={listsTexts.badDays}
		bind:value={shop.days}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.returns}
		invalid={draft.wrong.returns}
		invalidText={listsTexts.badReturns}
		bind:value={shop.returns}
	/>
	<TextInput
		size="sm"
		labelText={listsTexts.returnCost}
		invalid={draft.wrong.returnCost}
		invalidText={listsTexts.badPostage}
		bind:value={shop.returnCost}
	/>
	<Select
		size="sm"
		labelText={listsTexts.tier}
		selected={shop.tier}
		on:change={(event) => (shop.tier = tiers.find((one) => one === chosenIn(event)) ?? 'middle')}
	>
		{#each tiers as tier (tier)}<SelectItem value={tier} text={listsTexts.tiers[tier]} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={listsTexts.cut}
		selected={shop.cut}
		on:change={(event) => (shop.cut = cuts.find((one) => one === chosenIn(event)) ?? 'women')}
	>
		{#each cuts as cut (cut)}<SelectItem value={cut} text={listsTexts.cuts[cut]} />{/each}
	</Select>
</div>
<p class="soft">{listsTexts.chart}</p>
