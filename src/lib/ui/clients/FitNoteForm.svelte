<script lang="ts">
	import { Checkbox, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		fitNoteSchema,
		freshFitNote,
		sizedThingIds,
		sizedThings,
		tightSpotIds,
		tightSpots,
		type FitNote
	} from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import Ticks from '../frame/Ticks.svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		clientId: string;
		/** What is known of what was tried. */
		given?: Partial<Pick<FitNote, 'shop' | 'of' | 'label'>>;
	}
	let { open = $bindable(false), clientId, given = {} }: Props = $props();

	const form = formDraft<FitNote>({
		key: () => ['fit-note', clientId, ...Object.values(given)].join('/'),
		begin: () =>
			freshFitNote({ id: newId(), clientId, shop: '', of: 'top', label: '', on: today(), ...given })
	});
	const draft = $derived(form.value);
	let tried = $state(false);
	const { shape } = fitNoteSchema;
	const bad = $derived({
		shop: !shape.shop.safeParse(draft.shop).success,
		label: !shape.label.safeParse(draft.label).success,
		on: !shape.on.safeParse(draft.on).success
	});
	async function save() {
		tried = true;
		if (Object.values(bad).some(Boolean)) return false;
		const next = $state.snapshot(draft) as FitNote;
		const whole = { ...next, shop: next.shop.trim(), label: next.label.trim() };
		await change(m.did.added(`${whole.shop} ${whole.label}`), (writer) => writer.create('fitNotes', whole));
		return true;
	}
	const verdicts = ['small', 'right', 'large'] as const;
</script>

<FormDialog
	bind:open
	title={m.fit.add}
	draft={form}
	focus="#fit-shop"
	onopen={() => (tried = false)}
	onsave={save}
>
	<div class="fields">
		<TextInput
			id="fit-shop"
			size="sm"
			labelText={m.fit.shop}
			bind:value={draft.shop}
			invalid={tried && bad.shop}
			invalidText={m.fit.shopMissing}
			maxlength={80}
		/>
		<Select size="sm" labelText={m.fit.of} bind:selected={draft.of}>
			{#each sizedThingIds as id (id)}<SelectItem value={id} text={sizedThings[id]} />{/each}
		</Select>
		<TextInput
			size="sm"
			labelText={m.fit.label}
			bind:value={draft.label}
			invalid={tried && bad.label}
			invalidText={m.fit.labelMissing}
			maxlength={20}
		/>
		<Select size="sm" labelText={m.fit.verdict} bind:selected={draft.verdict}>
			{#each verdicts as value (value)}<SelectItem {value} text={m.fit.verdicts[value]} />{/each}
		</Select>
		<TextInput
			size="sm"
			type="date"
			max="9999-12-31"
			labelText={m.fit.on}
			bind:value={draft.on}
			invalid={tried && bad.on}
			invalidText={m.events.dateBad}
		/>
		<Checkbox labelText={m.fit.kept} bind:checked={draft.kept} />
		{#each ['tight', 'loose'] as const as how (how)}
			<Ticks
				legend={m.fit.where[how]}
				options={tightSpotIds.map((id) => ({ id, label: tightSpots[id] }))}
				chosen={draft[how]}
				onchange={(chosen) => (draft[how] = chosen)}
			/>
		{/each}
		<div class="wide">
			<TextArea rows={2} maxlength={4000} labelText={m.events.note} bind:value={draft.note} />
		</div>
	</div>
</FormDialog>
