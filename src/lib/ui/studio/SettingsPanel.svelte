<script lang="ts">
	import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { currencies, isTimeZone, weekDays, type Settings } from '$lib/core';
	import { change } from '$lib/store/journal';
	import { focusOn } from '../frame/focus';
	import { perform, performTold } from '../frame/perform';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import SchoolsForm from '../schools/SchoolsForm.svelte';

	let { settings }: { settings: Settings } = $props();

	const set = (recipe: (draft: Settings) => void) =>
		perform(() =>
			change(m.did.edited(m.studio.settings), (writer) => writer.edit('settings', settings.id, recipe))
		);
	let name = $derived(settings.studioName);
	function rename() {
		const next = name.trim();
		if (next && next !== settings.studioName) void set((draft) => void (draft.studioName = next));
	}
	let zone = $derived(settings.timeZone);
	function rezone() {
		const next = zone.trim();
		if (isTimeZone(next) && next !== settings.timeZone) void set((draft) => void (draft.timeZone = next));
	}
	let choosing = $state(false);
	/** Other currencies, with what one unit is worth; empty where none was entered. */
	const others = $derived(currencies.filter((code) => code !== settings.currency));
	function setRate(code: string, typed: string) {
		const rate = Number(typed.replace(',', '.'));
		if (typed.trim() !== '' && !(rate > 0 && rate <= 1_000_000)) return;
		if (settings.rates[code] === (typed.trim() === '' ? undefined : rate)) return;
		const { [code]: _before, ...others } = settings.rates;
		const rates = typed.trim() === '' ? others : { ...others, [code]: rate };
		void set((draft) => void (draft.rates = rates));
	}
	async function forget(word: string) {
		const forgot = await performTold(m.did.forgot(word), (writer) =>
			writer.edit(
				'settings',
				settings.id,
				(draft) => void (draft.taught = draft.taught.filter((one) => one.word !== word))
			)
		);
		if (forgot) await focusOn('#taught-title, #settings-title');
	}
</script>

<section class="panel">
	<h2 id="settings-title" tabindex="-1">{m.studio.settings}</h2>
	<TextInput
		size="sm"
		labelText={m.studio.name}
		bind:value={name}
		maxlength={120}
		on:blur={rename}
		on:keydown={(event) => {
			if (event.key === 'Enter') rename();
		}}
	/>
	<Select
		size="sm"
		labelText={m.studio.words}
		selected={settings.words}
		on:change={(event) => {
			const words = chosenIn(event) === 'us' ? 'us' : 'uk';
			void set((draft) => void (draft.words = words));
		}}
	>
		<SelectItem value="uk" text={m.studio.wordsOf.uk} />
		<SelectItem value="us" text={m.studio.wordsOf.us} />
	</Select>
	<Select
		size="sm"
		labelText={m.studio.currency}
		selected={settings.currency}
		on:change={(event) => {
			const currency = chosenIn(event);
			void set((draft) => {
				draft.currency = currency;
				// Rates were into the currency before.
				draft.rates = {};
			});
		}}
	>
		{#each currencies as code (code)}<SelectItem value={code} text={code} />{/each}
	</Select>
	<Select
		size="sm"
		labelText={m.studio.units}
		selected={settings.units}
		on:change={(event) => {
			const units = chosenIn(event) === 'in' ? 'in' : 'cm';
			void set((draft) => void (draft.units = units));
		}}
	>
		<SelectItem value="cm" text={m.studio.unitsOf.cm} />
		<SelectItem value="in" text={m.studio.unitsOf.in} />
	</Select>
	<Select
		size="sm"
		labelText={m.studio.weekStart}
		selected={settings.weekStart}
		on:change={(event) => {
			const day = weekDays.find((one) => one === chosenIn(event));
			if (day) void set((draft) => void (draft.weekStart = day));
		}}
	>
		{#each weekDays as day (day)}<SelectItem value={day} text={m.studio.weekDay[day]} />{/each}
	</Select>
	<TextInput
		size="sm"
		labelText={m.studio.timeZone}
		bind:value={zone}
		invalid={!isTimeZone(zone)}
		invalidText={m.events.zoneBad}
		maxlength={60}
		on:blur={rezone}
		on:keydown={(event) => {
			if (event.key === 'Enter') rezone();
		}}
	/>
	<Button size="small" kind="ghost" on:click={() => (choosing = true)}>{m.studio.schools}</Button>
	<details>
		<summary>{m.studio.rates}</summary>
		<p class="soft">{m.studio.ratesText(settings.currency)}</p>
		<div class="rates">
			{#each others as code (code)}
				<TextInput
					size="sm"
					inline
					labelText={m.studio.rateOf(code)}
					inputmode="decimal"
					value={settings.rates[code]?.toString() ?? ''}
					on:blur={(event) => setRate(code, (event.target as HTMLInputElement).value)}
				/>
			{/each}
		</div>
	</details>
	<Checkbox
		labelText={m.studio.letters}
		checked={settings.letters}
		on:check={({ detail }) => {
			if (detail !== settings.letters) void set((draft) => void (draft.letters = detail));
		}}
	/>
	{#if settings.taught.length > 0}
		<h3 id="taught-title" tabindex="-1">{m.studio.taught}</h3>
		<ul>
			{#each settings.taught as { word, means } (word)}
				<li>
					<span>{m.studio.taughtWord(word, means)}</span>
					<Button size="small" kind="ghost" on:click={() => void forget(word)}>{m.studio.forget(word)}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
</section>
<SchoolsForm
	bind:open={choosing}
	title={m.studio.schools}
	schools={settings.schools}
	onsave={(schools) => set((draft) => void (draft.schools = schools))}
/>

<style>
	section {
		width: 100%;
	}
	.rates {
		display: grid;
		gap: 0.25rem;
		margin-top: 0.5rem;
	}
	summary {
		min-height: 1.5rem;
		cursor: pointer;
	}
	ul {
		list-style: none;
		width: 100%;
	}
	li {
		display: flex;
		align-items: center;
		justify-content: space-between;
		border-top: 1px solid var(--line);
		overflow-wrap: anywhere;
	}
	h3 {
		font-size: var(--step-0);
	}
</style>
