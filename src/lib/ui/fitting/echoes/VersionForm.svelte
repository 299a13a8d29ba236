<script lang="ts">
	import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { versionKinds, type Echo } from '$lib/core';
	import { keepVersion } from '$lib/store/versions';
	import { chosenIn } from '../../frame/chosen';
	import { formDraft } from '../../frame/form.svelte';
	import FormDialog from '../../frame/FormDialog.svelte';
	import { performTold } from '../../frame/perform';
	import { m } from '../../messages';

	/** Keeps what an echo wears now under a name. */
	let { open = $bindable(false), echo }: { open: boolean; echo: Echo } = $props();

	const form = formDraft<{ name: string; kind: (typeof versionKinds)[number] }>({
		key: () => `version/${echo.id}`,
		begin: () => ({ name: '', kind: 'restyled' })
	});
	const draft = $derived(form.value);
	/** As many as an echo holds. */
	const most = 24;
	const full = $derived(echo.versions.length >= most);

	async function save() {
		if (full) return false;
		const name = draft.name.trim() || m.fitting.versions.kinds[draft.kind];
		const { kind } = $state.snapshot(draft);
		return performTold(m.did.keptVersion(name), keepVersion(echo.id, { name, kind }));
	}
</script>

<FormDialog
	bind:open
	title={m.fitting.versions.keep}
	size="sm"
	focus="#version-name"
	draft={form}
	onopen={() => undefined}
	onsave={save}
>
	<p class="soft">{full ? m.fitting.versions.full(most) : m.fitting.versions.note}</p>
	<TextInput
		id="version-name"
		labelText={m.fitting.versions.name}
		placeholder={m.fitting.versions.kinds[draft.kind]}
		bind:value={draft.name}
		maxlength={120}
	/>
	<Select
		size="sm"
		labelText={m.fitting.versions.kind}
		selected={draft.kind}
		on:change={(event) => (draft.kind = versionKinds.find((kind) => kind === chosenIn(event)) ?? draft.kind)}
	>
		{#each versionKinds as kind (kind)}<SelectItem
				value={kind}
				text={m.fitting.versions.kinds[kind]}
			/>{/each}
	</Select>
</FormDialog>
