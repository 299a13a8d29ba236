<script lang="ts">
	import { NumberInput, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import { tick } from 'svelte';
	import {
		freshPiece,
		garmentInWords,
		garmentSchema,
		pieceSchema,
		readMoney,
		type Piece,
		type PiecesReading,
		type Reading
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { chosenIn } from '../frame/chosen';
	import { formDraft } from '../frame/form.svelte';
	import { noted } from '../frame/noted';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';
	import { draftOf, lineOver, pieceFrom, type PartDraft, type PieceDraft } from './piece-draft';
	import PieceParts from './PieceParts.svelte';

	interface Props {
		open: boolean;
		clientId: string;
		/** The piece to edit; a new one without. */
		piece?: Piece;
		currency: string;
	}
	let { open = $bindable(false), clientId, piece, currency }: Props = $props();

	const form = formDraft<PieceDraft>({
		key: () => `piece/${piece?.id ?? `new/${clientId}`}`,
		begin: () =>
			piece
				? draftOf($state.snapshot(piece) as Piece, currency)
				: {
						...draftOf(freshPiece({ id: newId(), clientId, parts: [] }), currency),
						parts: [{ id: newId(), name: '', garment: undefined }]
					},
		from: (record) => draftOf(record as unknown as Piece, currency),
		label: (field) => m.wardrobe.fields[field] ?? field,
		words: (field, value) =>
			field === 'parts' || field === 'configurations'
				? (value as PartDraft[]).map(({ garment }) => (garment ? garmentInWords(garment) : '–')).join('; ')
				: undefined
	});
	const draft = $derived(form.value);
	const parts = $derived(draft.parts);
	let tried = $state(false);

	/** What is said besides the look goes to its field, as long as nobody wrote there by hand. */
	let lay: ReturnType<typeof lineOver> | undefined;
	function take(reading: Reading | PiecesReading) {
		const [said] = 'pieces' in reading ? reading.pieces : [];
		// Told by an effect of the line: a select whose value changes in the midst of one takes its old value back.
		void tick().then(() => {
			lay ??= lineOver(draft, currency);
			lay(said);
		});
	}
	function begin() {
		tried = false;
		lay = undefined;
	}

	const priceBad = $derived(draft.price.trim() !== '' && readMoney(draft.price, currency) === undefined);
	const suggestedName = $derived.by(() => {
		const garment = parts[0]?.garment;
		const words = garment ? garmentInWords(garment) : '';
		return (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 120);
	});

	/** Lengths of the piece itself that decide what it can become and where it ends. */
	const ownMeasures = ['length', 'side'] as const;
	const measureBad = (measure: (typeof ownMeasures)[number]) =>
		!pieceSchema.shape.measuresCm.safeParse({ [measure]: draft.measuresCm[measure] ?? 0 }).success;

	function setMeasure(measure: (typeof ownMeasures)[number], cm: number | null) {
		draft.measuresCm = noted(draft.measuresCm, measure, cm);
	}

	async function save() {
		tried = true;
		const entered = $state.snapshot(draft) as PieceDraft;
		if (
			priceBad ||
			ownMeasures.some(measureBad) ||
			entered.configurations.some(({ name }) => name.trim() === '') ||
			[...entered.parts, ...entered.configurations].some(
				({ garment }) => !garmentSchema.safeParse(garment).success
			)
		)
			return false;
		const next = pieceFrom(entered, { name: suggestedName, currency, before: piece });
		await change(piece ? m.did.edited(next.name) : m.did.added(next.name), (writer) =>
			piece
				? writer.edit(
						'pieces',
						piece.id,
						(stored) => void Object.assign(stored, next, { rev: stored.rev }),
						next.rev
					)
				: writer.create('pieces', next)
		);
		return true;
	}

	const ways = ['unknown', 'new', 'pre-owned', 'vintage', 'thrifted', 'made', 'gift'] as const;
	const states = ['ready', 'needs-care', 'away', 'retired'] as const;
</script>

<FormDialog
	bind:open
	title={piece ? m.wardrobe.edit : m.wardrobe.add}
	draft={form}
	onopen={begin}
	onsave={save}
>
	<PieceParts
		bind:parts={draft.parts}
		bind:configurations={draft.configurations}
		{currency}
		{tried}
		onsaid={take}
		onsettled={() => (lay = undefined)}
	/>
	<div class="fields">
		<div class="wide">
			<TextInput
				labelText={m.wardrobe.name}
				helperText={m.wardrobe.nameHint}
				placeholder={suggestedName}
				bind:value={draft.name}
				maxlength={120}
			/>
		</div>
		<TextInput
			size="sm"
			labelText={m.wardrobe.price}
			bind:value={draft.price}
			invalid={priceBad}
			invalidText={m.wardrobe.priceBad}
		/>
		<TextInput size="sm" labelText={m.wardrobe.size} bind:value={draft.sizeLabel} maxlength={30} />
		<Select
			size="sm"
			labelText={m.wardrobe.acquired}
			selected={draft.acquired.how}
			on:change={(event) => (draft.acquired.how = chosenIn(event) as (typeof ways)[number])}
		>
			{#each ways as way (way)}<SelectItem value={way} text={way === 'unknown' ? m.notNoted : way} />{/each}
		</Select>
		<Select
			size="sm"
			labelText={m.wardrobe.state}
			selected={draft.state}
			on:change={(event) => (draft.state = chosenIn(event) as (typeof states)[number])}
		>
			{#each states as state (state)}<SelectItem
					value={state}
					text={m.wardrobe.states[state] ?? state}
				/>{/each}
		</Select>
		{#each ownMeasures as measure (measure)}
			<NumberInput
				size="sm"
				allowEmpty
				hideSteppers
				labelText={m.wardrobe.measures[measure].label}
				helperText={m.wardrobe.measures[measure].hint}
				value={draft.measuresCm[measure] ?? null}
				invalid={measureBad(measure)}
				invalidText={m.wardrobe.measureBad}
				on:change={({ detail }) => setMeasure(measure, detail)}
			/>
		{/each}
		<TextInput size="sm" labelText={m.wardrobe.place} bind:value={draft.place} maxlength={80} />
		<div class="wide">
			<TextArea
				rows={2}
				maxlength={4000}
				labelText={m.wardrobe.altered}
				helperText={m.wardrobe.alteredHint}
				bind:value={draft.altered}
			/>
		</div>
		<div class="wide">
			<TextArea rows={2} maxlength={4000} labelText={m.wardrobe.note} bind:value={draft.note} />
		</div>
	</div>
</FormDialog>
