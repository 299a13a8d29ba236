<script lang="ts">
	import { tick } from 'svelte';
	import type { RecipeLine, RecipeProblem } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		text: string;
		/** What was read of it, a line each. */
		lines: readonly RecipeLine[];
		problems: readonly RecipeProblem[];
	}
	let { text = $bindable(), lines, problems }: Props = $props();

	let area = $state<HTMLTextAreaElement>();

	/** Puts the caret at the end of a line, where it goes on. */
	export async function goTo(line: number) {
		await tick();
		const at = text.split('\n').slice(0, line).join('\n').length;
		area?.focus();
		area?.setSelectionRange(at, at);
		area?.parentElement?.querySelector(`[data-line="${line}"]`)?.scrollIntoView({ block: 'center' });
	}
</script>

<label class="bx--label" for="recipe-text">{m.recipes.text}</label>
<p class="soft" id="recipe-text-how">{m.recipes.textHow}</p>
<div class="paper">
	<div class="lines">
		<textarea
			id="recipe-text"
			bind:this={area}
			bind:value={text}
			spellcheck="false"
			aria-describedby="recipe-text-how recipe-text-wrong"
			aria-invalid={problems.some(({ taken }) => !taken)}></textarea>
		{#each lines as line, at (at)}
			<span class="number figures" aria-hidden="true" data-line={at + 1}>{at + 1}</span>
			<!-- Sets the height of its row to that of the line typed over it. -->
			<span class="ghost" aria-hidden="true">{line.text || ' '}</span>
			<span class="took" title={line.problem?.problem ?? line.took}>
				{line.took ?? ''}
				{#if line.problem}
					<span class={line.problem.taken ? 'doubt' : 'wrong'}>{line.problem.problem}</span>
				{/if}
			</span>
		{/each}
	</div>
</div>
<div id="recipe-text-wrong" role="status">
	{#if problems.length > 0}
		<p>{m.recipes.textProblems(problems.length)}</p>
		<ul>
			{#each problems as { line, text: said, problem, taken } (`${line} ${problem}`)}
				<li class:wrong={!taken}>
					<button type="button" onclick={() => void goTo(line)}>{m.recipes.line(line)}</button>
					{#if said}<q>{said.slice(0, 60)}</q>{/if}
					{problem}{taken ? ` · ${m.recipes.lineTaken}` : ''}
				</li>
			{/each}
		</ul>
	{:else}<p class="soft">{m.recipes.textGood}</p>{/if}
</div>

<style>
	.paper {
		max-height: 24rem;
		overflow-y: auto;
		border: 1px solid var(--line-strong);
		background: var(--panel);
	}
	.lines {
		display: grid;
		grid-template-columns: 2.25rem minmax(0, 3fr) minmax(0, 2fr);
		position: relative;
		min-height: 12rem;
		align-content: start;
		padding-block: 0.5rem;
		font-size: var(--step-0);
		line-height: 1.5;
	}
	textarea,
	.ghost {
		box-sizing: border-box;
		margin: 0;
		padding: 0 0.5rem;
		border: 0;
		font: inherit;
		line-height: inherit;
		letter-spacing: normal;
		white-space: pre-wrap;
		overflow-wrap: break-word;
		grid-column: 2 / 3;
	}
	textarea {
		position: absolute;
		top: 0.5rem;
		left: 0;
		z-index: 1;
		width: 100%;
		height: calc(100% - 1rem);
		overflow: hidden;
		outline: none;
		resize: none;
		background: transparent;
		color: var(--ink);
	}
	.ghost {
		visibility: hidden;
	}
	.number {
		grid-column: 1;
		padding-right: 0.4rem;
		color: var(--ink-soft);
		text-align: right;
	}
	.took {
		grid-column: 3;
		padding: 0 0.5rem;
		border-left: 1px solid var(--line);
		color: var(--ink-soft);
		font-size: var(--step--1);
		line-height: 1.6;
		overflow: hidden;
		text-overflow: ellipsis;
		/* One line each: a taller account would part its line from the one that is typed over it. */
		white-space: nowrap;
	}
	.paper:focus-within {
		outline: 2px solid var(--accent);
		outline-offset: -1px;
	}
	li button {
		min-height: 1.75rem;
		padding: 0 0.25rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-decoration: underline;
		text-underline-offset: 0.2em;
		cursor: pointer;
	}
	p {
		font-size: var(--step-0);
	}
	.wrong {
		color: var(--warn);
		font-weight: 640;
	}
	.doubt {
		color: var(--ink);
		text-decoration: underline dashed var(--warn);
		text-underline-offset: 0.2em;
	}
	ul {
		list-style: none;
		font-size: var(--step-0);
	}
	@media (max-width: 40rem) {
		.lines {
			grid-template-columns: 2.25rem minmax(0, 1fr);
		}
		.took {
			display: none;
		}
	}
</style>
