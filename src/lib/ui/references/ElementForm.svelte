<script lang="ts">
	import {
		Checkbox,
		RadioButton,
		RadioButtonGroup,
		Select,
		SelectItem,
		TextInput
	} from 'carbon-components-svelte';
	import { tick } from 'svelte';
	import {
		aspectLabel,
		comesInPairs,
		elementSchema,
		garmentInWords,
		garmentType,
		isDoneWith,
		moveIds,
		moves,
		roleIds,
		roles,
		severalSlots,
		statedAspects,
		type Element,
		type Garment,
		type Reading
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import GarmentFields from '../garment/GarmentFields.svelte';
	import { followLine } from '../frame/follow-line';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';
	import HowWorn from './HowWorn.svelte';

	interface Props {
		open: boolean;
		/** The element to edit; a new one without. */
		element?: Element;
		/** The reference that a new element is added to, and its rank there. */
		referenceId: string;
		nextRank: number;
		/** Saves it; `opened` is the element as it was when the form was opened. Rejects when it was not saved. */
		onsave: (element: Element, opened: Element | undefined) => Promise<unknown>;
	}
	let { open = $bindable(false), element, referenceId, nextRank, onsave }: Props = $props();

	type Draft = Omit<Element, 'garment'> & { garment: Garment | undefined; provenance: 'seen' | 'inferred' };
	const fresh = (): Draft => ({
		id: newId(),
		garment: undefined,
		rank: nextRank,
		role: 'key',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [],
		note: '',
		provenance: 'seen'
	});
	const draftOf = (known: Element): Draft => ({ ...known, provenance: 'seen' });
	const form = formDraft<Draft>({
		key: () => `element/${element?.id ?? `new/${referenceId}`}`,
		begin: () => (element ? draftOf($state.snapshot(element) as Element) : fresh()),
		from: (record) => draftOf(record as unknown as Element),
		label: (field) => m.references.elementFields[field] ?? field,
		words: (field, value) => (field === 'garment' && value ? garmentInWords(value as Garment) : undefined)
	});
	const draft = $derived(form.value);
	const garment = $derived(draft.garment);
	const provenance = $derived(draft.provenance);
	let tried = $state(false);

	/** What the element states, and so can be signature or open. */
	const stated = $derived(garment ? statedAspects(garment) : []);
	/** The moves that this garment can be worn with. */
	const offered = $derived.by(() => {
		if (!garment) return [];
		const type = garmentType(garment.type);
		return moveIds.filter((id) => isDoneWith(id, type));
	});
	/** How it is worn, how many and details come with what is said of it, as long as nobody changed them by hand. */
	const begun = () =>
		followLine<Pick<Draft, 'moves' | 'count' | 'side' | 'note'>>({
			read: () => ({ moves: draft.moves, count: draft.count, side: draft.side, note: draft.note }),
			write: (next) => Object.assign(draft, next)
		});
	let follow: ReturnType<typeof begun> | undefined;
	function take({ elements: [said] }: Reading) {
		// After the effect of the line that tells of it: a select whose value changes in the midst of one takes its old value back.
		void tick().then(() => {
			follow ??= begun();
			follow((before) => ({
				moves: [...new Set([...before.moves, ...(said?.moves ?? [])])],
				count: said?.count ?? before.count,
				side: said?.side ?? before.side,
				note: before.note || (said?.note ?? '')
			}));
		});
	}
	function begin() {
		tried = false;
		follow = undefined;
	}
	const slotOf = (of: Garment | undefined) => garmentType(of?.type ?? 'top').slot;
	const toggled = <T,>(list: T[], entry: T, on: boolean): T[] =>
		on ? [...new Set([...list, entry])] : list.filter((other) => other !== entry);

	async function save() {
		tried = true;
		const { provenance: _provenance, count, side, ...facts } = $state.snapshot(draft);
		const checked = elementSchema.safeParse({
			...facts,
			...(count !== undefined && severalSlots.has(slotOf(facts.garment)) && { count }),
			...(side !== undefined && facts.garment && comesInPairs(facts.garment.type) && { side }),
			signature: facts.signature.filter((aspect) => stated.includes(aspect)),
			open: facts.open.filter((aspect) => stated.includes(aspect))
		});
		if (!checked.success) return false;
		await onsave(checked.data, element);
		return true;
	}
</script>

<FormDialog
	bind:open
	title={element ? m.references.editElement : m.references.addElement}
	draft={form}
	onopen={begin}
	onsave={save}
>
	<GarmentFields
		bind:garment={draft.garment}
		{provenance}
		invalid={tried && !garment}
		onsaid={take}
		onsettled={() => (follow = undefined)}
	/>
	<div class="fields">
		<Select size="sm" labelText={m.references.role} bind:selected={draft.role}>
			{#each roleIds as role (role)}<SelectItem value={role} text={roles[role].label} />{/each}
		</Select>
		<RadioButtonGroup legendText={m.references.seen} bind:selected={draft.provenance}>
			<RadioButton labelText="seen" value="seen" />
			<RadioButton labelText="inferred" value="inferred" />
		</RadioButtonGroup>
		{#if garment}<HowWorn type={garment.type} bind:count={draft.count} bind:side={draft.side} />{/if}
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
		<TextInput size="sm" labelText={m.references.note} bind:value={draft.note} maxlength={4000} />
	{/if}
</FormDialog>

<style>
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 1rem;
	}
	.moves {
		columns: 3 11rem;
	}
</style>
