<script lang="ts">
	import { Checkbox, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		dayInWords,
		freshWear,
		wearable,
		wearSchema,
		type Client,
		type Echo,
		type Piece,
		type Wear
	} from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { pieceIdsIn } from '$lib/store/worn';
	import { chosenIn } from '../frame/chosen';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { putOver } from '../frame/put-over';
	import { ledger as ledgerTexts } from '../messages/ledger';

	interface Props {
		open: boolean;
		clients: readonly Client[];
		echoes: readonly Echo[];
		pieces: readonly Piece[];
		/** The wear to edit; a new one without. */
		wear?: Wear;
		/** What a new one begins with. */
		given: { clientId?: string; on?: string; echoId?: string; eventId?: string };
	}
	let { open = $bindable(false), clients, echoes, pieces, wear, given }: Props = $props();

	const form = formDraft<Wear>({
		key: () => `wear/${wear?.id ?? 'new'}`,
		begin: () => (wear ? ($state.snapshot(wear) as Wear) : begun()),
		from: (record) => record as unknown as Wear
	});
	function begun(): Wear {
		const echo = echoes.find(({ id }) => id === given.echoId);
		return freshWear({
			id: newId(),
			clientId: echo?.clientId ?? given.clientId ?? clients[0]?.id ?? '',
			on: given.on ?? today(),
			...(echo && { echoId: echo.id, pieceIds: [...pieceIdsIn([echo])] }),
			...(given.eventId && { eventId: given.eventId })
		});
	}
	const draft = $derived(form.value);
	let tried = $state(false);
	let sought = $state('');

	const own = $derived(pieces.filter(({ clientId }) => clientId === draft.clientId));
	/** As many as can be looked over: what is worn first, then what is sought. */
	const most = 12;
	const shown = $derived.by(() => {
		const worn = own.filter(({ id }) => draft.pieceIds.includes(id));
		const words = sought.trim().toLowerCase();
		const others = own.filter(
			(piece) =>
				!worn.includes(piece) && wearable(piece) && words !== '' && piece.name.toLowerCase().includes(words)
		);
		return [...worn, ...others.slice(0, most)];
	});
	const bad = $derived({
		on: !wearSchema.shape.on.safeParse(draft.on).success,
		pieces: draft.pieceIds.length === 0
	});
	const looks = $derived(echoes.filter(({ clientId }) => clientId === draft.clientId));

	function wearLook(id: string) {
		const echo = looks.find((one) => one.id === id);
		if (echo) {
			draft.echoId = echo.id;
			draft.pieceIds = [...pieceIdsIn([echo])];
		} else delete draft.echoId;
	}
	function chooseClient(id: string) {
		draft.clientId = id;
		draft.pieceIds = [];
		delete draft.echoId;
		delete draft.eventId;
	}
	const take = (id: string, isWorn: boolean) =>
		(draft.pieceIds = isWorn ? [...draft.pieceIds, id] : draft.pieceIds.filter((one) => one !== id));

	async function save() {
		tried = true;
		if (bad.on || bad.pieces) return false;
		const next = $state.snapshot(draft) as Wear;
		const what =
			looks.find(({ id }) => id === next.echoId)?.title ?? ledgerTexts.piecesWorn(next.pieceIds.length);
		await change(ledgerTexts.did(what, dayInWords(next.on)), (writer) =>
			wear
				? writer.edit('wears', wear.id, (stored) => putOver(stored, next), next.rev)
				: writer.create('wears', next)
		);
		return true;
	}
</script>

<FormDialog
	bind:open
	title={wear ? ledgerTexts.edit : ledgerTexts.note}
	draft={form}
	size="sm"
	focus="#wear-on"
	onopen={() => {
		tried = false;
		sought = '';
	}}
	onsave={save}
>
	<TextInput
		id="wear-on"
		labelText={ledgerTexts.on}
		bind:value={draft.on}
		invalid={tried && bad.on}
		invalidText={ledgerTexts.onBad}
		maxlength={10}
	/>
	{#if !wear}
		<Select
			labelText={ledgerTexts.client}
			selected={draft.clientId}
			on:change={(event) => chooseClient(chosenIn(event))}
		>
			{#each clients as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
		</Select>
	{/if}
	<Select
		labelText={ledgerTexts.look}
		selected={draft.echoId ?? ''}
		on:change={(event) => wearLook(chosenIn(event))}
	>
		<SelectItem value="" text={ledgerTexts.noLook} />
		{#each looks as { id, title } (id)}<SelectItem value={id} text={title} />{/each}
	</Select>
	<TextInput labelText={ledgerTexts.find} bind:value={sought} />
	<fieldset>
		<legend>{ledgerTexts.pieces}</legend>
		{#each shown as { id, name } (id)}
			<Checkbox
				labelText={name}
				checked={draft.pieceIds.includes(id)}
				on:check={({ detail }) => {
					if (detail !== draft.pieceIds.includes(id)) take(id, detail);
				}}
			/>
		{/each}
		{#if tried && bad.pieces}<p class="wrong" role="alert">{ledgerTexts.piecesMissing}</p>{/if}
	</fieldset>
	<TextArea rows={2} maxlength={4000} labelText={ledgerTexts.remark} bind:value={draft.note} />
</FormDialog>

<style>
	legend {
		font-size: var(--step--1);
		color: var(--ink-soft);
	}
	.wrong {
		color: var(--warn);
		font-size: var(--step-0);
	}
</style>
