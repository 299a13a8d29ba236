<script lang="ts">
	import {
		Checkbox,
		RadioButton,
		RadioButtonGroup,
		Select,
		SelectItem,
		TextInput
	} from 'carbon-components-svelte';
	import {
		aspectLabel,
		elementSchema,
		garmentType,
		moveIds,
		moveOf,
		moves,
		roleIds,
		roles,
		statedAspects,
		type Element,
		type Garment,
		type Reading
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import GarmentFields from '../garment/GarmentFields.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		/** The element to edit; a new one without. */
		element?: Element;
		/** Rank for a new element. */
		nextRank: number;
		onsave: (element: Element) => void;
	}
	let { open = $bindable(false), element, nextRank, onsave }: Props = $props();

	type Draft = Omit<Element, 'garment'>;
	const fresh = (): Draft => ({
		id: newId(),
		rank: nextRank,
		role: 'key',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [],
		note: ''
	});
	let draft = $state(fresh());
	let garment = $state<Garment | undefined>();
	let provenance = $state<'seen' | 'inferred'>('seen');
	let tried = $state(false);
	/** Counts openings: each begins with an empty line to say it in. */
	let opening = $state(0);

	function begin() {
		draft = element ? $state.snapshot(element) : fresh();
		garment = element ? $state.snapshot(element.garment) : undefined;
		provenance = 'seen';
		tried = false;
		opening++;
	}

	/** What the element states, and so can be signature or open. */
	const stated = $derived(garment ? statedAspects(garment) : []);
	/** The moves that this garment can be worn with. */
	const offered = $derived.by(() => {
		if (!garment) return [];
		const { slot } = garmentType(garment.type);
		return moveIds.filter((id) => moveOf(id).slots.includes(slot));
	});
	/** How it is worn, and details, come with what is said of it. */
	function take({ elements: [said] }: Reading) {
		if (!said) return;
		draft.moves = [...new Set([...draft.moves, ...said.moves])];
		if (draft.note === '') draft.note = said.note;
	}
	const toggled = <T,>(list: T[], entry: T, on: boolean): T[] =>
		on ? [...new Set([...list, entry])] : list.filter((other) => other !== entry);

	function save() {
		tried = true;
		const next = {
			...$state.snapshot(draft),
			signature: draft.signature.filter((aspect) => stated.includes(aspect)),
			open: draft.open.filter((aspect) => stated.includes(aspect)),
			garment: $state.snapshot(garment)
		};
		const checked = elementSchema.safeParse(next);
		if (!checked.success) return;
		open = false;
		onsave(checked.data);
	}
</script>

<FormDialog
	bind:open
	title={element ? m.references.editElement : m.references.addElement}
	onopen={begin}
	onsave={save}
>
	{#key opening}
		<GarmentFields bind:garment {provenance} invalid={tried && !garment} onsaid={take} />
	{/key}
	<div class="fields">
		<Select size="sm" labelText={m.references.role} bind:selected={draft.role}>
			{#each roleIds as role (role)}<SelectItem value={role} text={roles[role].label} />{/each}
		</Select>
		<RadioButtonGroup legendText={m.references.seen} bind:selected={provenance}>
			<RadioButton labelText="seen" value="seen" />
			<RadioButton labelText="inferred" value="inferred" />
		</RadioButtonGroup>
	</div>
	{#if garment}
		<div class="two">
			<fieldset>
				<legend class="bx--label">{m.references.signature}</legend>
				{#each stated as aspect (aspect)}
					<Checkbox
						labelText={aspectLabel(aspect)}
						checked={draft.signature.includes(aspect)}
						on:check={({ detail }) => {
							draft.signature = toggled(draft.signature, aspect, detail);
							if (detail) draft.open = toggled(draft.open, aspect, false);
						}}
					/>
				{/each}
				<p class="bx--form__helper-text">{m.references.signatureHint}</p>
			</fieldset>
			<fieldset>
				<legend class="bx--label">{m.references.open}</legend>
				{#each stated as aspect (aspect)}
					<Checkbox
						labelText={aspectLabel(aspect)}
						checked={draft.open.includes(aspect)}
						on:check={({ detail }) => {
							draft.open = toggled(draft.open, aspect, detail);
							if (detail) draft.signature = toggled(draft.signature, aspect, false);
						}}
					/>
				{/each}
				<p class="bx--form__helper-text">{m.references.openHint}</p>
			</fieldset>
		</div>
		{#if offered.length > 0}
			<fieldset class="moves">
				<legend class="bx--label">{m.references.moves}</legend>
				{#each offered as move (move)}
					<Checkbox
						labelText={moves[move].label}
						checked={draft.moves.includes(move)}
						on:check={({ detail }) => (draft.moves = toggled(draft.moves, move, detail))}
					/>
				{/each}
			</fieldset>
		{/if}
		<TextInput size="sm" labelText={m.references.note} bind:value={draft.note} />
	{/if}
</FormDialog>

<style>
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 1rem;
	}
	.moves {
		columns: 3;
	}
</style>
