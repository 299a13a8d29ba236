<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { schoolGuide, schoolLabel, schoolQuestions, type SchoolQuestion, type Schools } from '$lib/core';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';

	interface Props {
		open: boolean;
		/** Whose schools they are, in the heading. */
		title: string;
		schools: Partial<Schools>;
		onsave: (schools: Partial<Schools>) => Promise<unknown>;
	}
	let { open = $bindable(false), title, schools, onsave }: Props = $props();

	const questions = Object.keys(schoolQuestions) as SchoolQuestion[];
	type Draft = Record<SchoolQuestion, string>;
	const form = formDraft<Draft>({
		key: () => `schools/${title}`,
		begin: () =>
			Object.fromEntries(
				questions.map((question) => [question, schools[question] ?? schoolQuestions[question][0]])
			) as Draft
	});
	const draft = $derived(form.value);
	/** What was not chosen before and still is the default stays unsaid. */
	async function save() {
		const chosen = questions.filter(
			(question) => schools[question] !== undefined || draft[question] !== schoolQuestions[question][0]
		);
		await onsave(
			Object.fromEntries(chosen.map((question) => [question, draft[question]])) as Partial<Schools>
		);
		return true;
	}
</script>

<FormDialog bind:open {title} draft={form} focus="select" onsave={save}>
	<p class="soft">{m.schools.intro}</p>
	<div class="questions">
		{#each questions as question (question)}
			<Select
				labelText={schoolGuide[question].asks}
				helperText={m.schools.changes(schoolGuide[question].changes)}
				bind:selected={draft[question]}
			>
				{#each schoolQuestions[question] as school (school)}
					<SelectItem value={school} text={schoolLabel(school)} />
				{/each}
			</Select>
		{/each}
	</div>
</FormDialog>

<style>
	.questions {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
		gap: 1rem 1.5rem;
	}
</style>
