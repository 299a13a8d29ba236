<script lang="ts">
	import { Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import { freshReference, referenceKinds, type Reference } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		/** The reference to edit; a new one without. */
		reference?: Reference;
		onsaved?: (id: string) => void;
	}
	let { open = $bindable(false), reference, onsaved }: Props = $props();

	type Draft = Pick<Reference, 'id' | 'rev' | 'kind' | 'title' | 'credit' | 'note'> & { boards: string };
	const draftOf = ({ id, rev, kind, title, credit, boards, note }: Reference): Draft => ({
		id,
		rev,
		kind,
		title,
		credit,
		note,
		boards: boards.join(', ')
	});
	const form = formDraft<Draft>({
		key: () => `reference/${reference?.id ?? 'new'}`,
		begin: () =>
			draftOf(
				reference
					? ($state.snapshot(reference) as Reference)
					: freshReference({ id: newId(), kind: 'person', title: '' })
			),
		from: (record) => draftOf(record as unknown as Reference),
		label: (field) => m.references.fields[field] ?? field
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	async function save() {
		tried = true;
		const { id, rev, boards, ...facts } = $state.snapshot(draft);
		if (facts.title.trim() === '') return false;
		const next = {
			...facts,
			boards: [...new Set(boards.split(',').map((board) => board.trim().slice(0, 60)))].filter(Boolean)
		};
		await change(reference ? m.did.edited(next.title) : m.did.added(next.title), (writer) =>
			reference
				? writer.edit('references', reference.id, (stored) => void Object.assign(stored, next), rev)
				: writer.create('references', freshReference({ id, ...next }))
		);
		onsaved?.(id);
		return true;
	}
</script>

<FormDialog
	bind:open
	title={reference ? m.references.edit : m.references.add}
	size="sm"
	draft={form}
	focus="#reference-title"
	onopen={() => (tried = false)}
	onsave={save}
>
	<div class="fields">
		<div class="wide">
			<TextInput
				id="reference-title"
				labelText={m.references.name}
				bind:value={draft.title}
				invalid={tried && draft.title.trim() === ''}
				invalidText={m.references.titleMissing}
				maxlength={120}
			/>
		</div>
		<Select labelText={m.references.kind} bind:selected={draft.kind}>
			{#each referenceKinds as kind (kind)}<SelectItem
					value={kind}
					text={m.references.kinds[kind] ?? kind}
				/>{/each}
		</Select>
		<TextInput labelText={m.references.who} bind:value={draft.credit.who} maxlength={120} />
		<TextInput labelText={m.references.source} bind:value={draft.credit.source} maxlength={200} />
		<div class="wide">
			<TextInput
				labelText={m.references.boards}
				helperText={m.references.boardsHint}
				bind:value={draft.boards}
				maxlength={400}
			/>
		</div>
		<div class="wide">
			<TextArea rows={3} maxlength={4000} labelText={m.references.note} bind:value={draft.note} />
		</div>
	</div>
</FormDialog>
