<script lang="ts">
	import { Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import { referenceKinds, type Reference } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { perform } from '../frame/perform';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		/** The reference to edit; a new one without. */
		reference?: Reference;
		onsaved?: (id: string) => void;
	}
	let { open = $bindable(false), reference, onsaved }: Props = $props();

	const fresh = (): Reference => ({
		id: newId(),
		rev: 0,
		kind: 'person',
		title: '',
		credit: { who: '', source: '' },
		boards: [],
		photos: [],
		elements: [],
		note: ''
	});
	let boards = $state('');
	let draft = $state(fresh());
	let tried = $state(false);

	function begin() {
		draft = reference ? $state.snapshot(reference) : fresh();
		boards = draft.boards.join(', ');
		tried = false;
	}

	async function save() {
		tried = true;
		const next = {
			...$state.snapshot(draft),
			boards: [...new Set(boards.split(',').map((board) => board.trim().slice(0, 60)))].filter(Boolean)
		};
		if (next.title.trim() === '') return;
		const { kind, title, credit, boards: onBoards, note } = next;
		const saved = await perform(() =>
			change(reference ? m.did.edited(title) : m.did.added(title), (writer) =>
				reference
					? writer.edit(
							'references',
							reference.id,
							(stored) => void Object.assign(stored, { kind, title, credit, boards: onBoards, note }),
							next.rev
						)
					: writer.create('references', next)
			)
		);
		if (!saved) return;
		open = false;
		onsaved?.(next.id);
	}
</script>

<FormDialog
	bind:open
	title={reference ? m.references.edit : m.references.add}
	size="sm"
	focus="#reference-title"
	onopen={begin}
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
				bind:value={boards}
				maxlength={400}
			/>
		</div>
		<div class="wide">
			<TextArea rows={3} maxlength={4000} labelText={m.references.note} bind:value={draft.note} />
		</div>
	</div>
</FormDialog>
