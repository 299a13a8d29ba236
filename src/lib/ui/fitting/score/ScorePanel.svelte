<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import {
		aspectLabel,
		bandOf,
		closenessSchools,
		garmentType,
		lossInWords,
		schoolQuestions,
		type Loss
	} from '$lib/core';
	import Waterfall, { type Fall } from '../../charts/Waterfall.svelte';
	import { chosenIn } from '../../frame/chosen';
	import { turn } from '../../frame/turns.svelte';
	import { m } from '../../messages';
	import { eye as eyeTexts } from '../../messages/eye';
	import SchoolsForm from '../../schools/SchoolsForm.svelte';
	import Moved from './Moved.svelte';
	import SpendPanel from './SpendPanel.svelte';
	import WinBacks from './WinBacks.svelte';
	import type { FittingTable } from '../table/table.svelte';

	interface Props {
		table: FittingTable;
		currency: string;
		onjudge: () => void;
		/** Keeps what is worn as a version. */
		onkeep: () => void;
	}
	let { table, currency, onjudge, onkeep }: Props = $props();

	const score = $derived(table.score);
	const band = $derived(bandOf(score.score));
	/** As many losses as stand in the panel at first; the others are opened by their sum. */
	const few = 5;
	let all = $state(false);
	const shown = $derived(all ? score.losses.length : few);

	function lossWords(loss: Loss): string {
		const element = table.elements.find(({ id }) => id === loss.elementId);
		if (!element) return '';
		const scored = table.scoreOf(element);
		return lossInWords(loss, element, scored?.garment, scored?.closeness);
	}
	const nameOf = (loss: Loss) => {
		const element = table.elements.find(({ id }) => id === loss.elementId);
		return element ? garmentType(element.garment.type).singular : '';
	};

	const falls = $derived(
		score.losses.slice(0, shown).map((loss): Fall & { elementId: string } => ({
			id: `${loss.elementId} ${loss.kind} ${loss.aspect ?? ''}`,
			elementId: loss.elementId,
			name: nameOf(loss),
			words: (loss.aspect ? `${aspectLabel(loss.aspect)}: ` : '') + lossWords(loss),
			points: loss.points
		}))
	);
	const rest = $derived(score.losses.slice(shown));

	/** What the eye finds takes longer than the score, which waits for none of it. */
	const found = turn();
	/** A close echo is none to go out in while the hips are bare. */
	const undressed = $derived(
		found.come
			? table.check.findings.filter(({ rule, severity }) => rule === 'not-dressed' && severity === 'warning')
			: []
	);

	let choosing = $state(false);
</script>

<section class="score" id="score" tabindex="-1" aria-label={m.fitting.score}>
	<div class="sum">
		<p class="number figures" aria-live="polite">
			<span class="visually-hidden">{m.fitting.score}</span>{Math.round(score.score)}
		</p>
		<div>
			<strong>{band.label}</strong>
			<p class="soft">{band.sentence}</p>
			{#if table.ownScore !== undefined}<p class="small">
					<a href="/eye">{eyeTexts.ownScore(Math.round(table.ownScore))}</a>
				</p>{/if}
			<p class="soft small">{m.fitting.confidence(Math.round(score.confidence * 100))}</p>
			{#each undressed as { measured } (measured)}<p class="small undressed">
					{m.fitting.undressed(measured)}
				</p>{/each}
		</div>
		<div class="school">
			<Select
				size="sm"
				labelText={m.fitting.school}
				selected={table.echo.schools.closeness ?? 'piece-for-piece'}
				on:change={(event) => {
					const school = schoolQuestions.closeness.find((one) => one === chosenIn(event));
					if (school) void table.changeSchools({ closeness: school });
				}}
			>
				{#each schoolQuestions.closeness as school (school)}
					<SelectItem value={school} text={closenessSchools[school].label} />
				{/each}
			</Select>
			<Button size="small" kind="ghost" on:click={() => (choosing = true)}>{m.schools.all}</Button>
		</div>
	</div>
	<div class="losses">
		<h3>{m.fitting.losses}</h3>
		{#if score.losses.length === 0}<p class="soft">{m.fitting.noLosses}</p>{/if}
		{#if all && score.losses.length > few}
			<button class="points-row fewer" onclick={() => (all = false)}>{m.fitting.fewerLosses}</button>
		{/if}
		<Waterfall
			{falls}
			rest={{
				points: rest.reduce((sum, { points }) => sum + points, 0),
				words: m.fitting.otherLosses(rest.length)
			}}
			score={score.score}
			title={m.fitting.waterfall(Math.round(score.score))}
			onrest={() => (all = true)}
			onpick={({ id }) => {
				const fall = falls.find((one) => one.id === id);
				if (fall) table.select(fall.elementId);
			}}
		/>
	</div>
	<div class="losses">
		{#if table.moved}<Moved {table} />{:else}<WinBacks {table} />{/if}
	</div>
	<SpendPanel {table} {currency} {onjudge} {onkeep} />
</section>
<SchoolsForm
	bind:open={choosing}
	title={m.schools.ofEcho(table.echo.title)}
	schools={table.echo.schools}
	onsave={table.changeSchools}
/>

<style>
	.score {
		display: grid;
		grid-template-columns: 15rem minmax(0, 1.25fr) minmax(0, 1fr) 16.5rem;
		gap: 1.25rem;
		padding: 0.6rem 1.25rem;
		line-height: 1.35;
		background: var(--panel);
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.sum {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0 1rem;
		align-items: start;
	}
	.school {
		grid-column: 1 / -1;
		position: relative;
	}
	/* Beside the label of the field, which is as wide as the column. */
	.school :global(.bx--btn) {
		position: absolute;
		top: -0.5rem;
		right: 0;
		min-height: 1.75rem;
		padding: 0 0.4rem;
	}
	.sum > div {
		padding-top: 0.25rem;
	}
	.number {
		font-family: var(--display);
		font-size: var(--step-4);
		line-height: 0.95;
		font-weight: 380;
		letter-spacing: -0.03em;
	}
	.small {
		font-size: var(--step--1);
	}
	.undressed {
		font-weight: 640;
	}
	.undressed::first-letter {
		text-transform: uppercase;
	}
	h3 {
		font-size: var(--step-0);
		margin-bottom: 0.25rem;
	}
	.losses {
		min-width: 0;
		/* All losses scroll in their place; the panel stays as high as it is. */
		max-height: 11.5rem;
		overflow-y: auto;
	}
	.fewer {
		display: block;
		text-decoration: underline;
	}
	@media (max-width: 70rem) {
		.score {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		}
		.losses {
			grid-row: 2;
		}
	}
	@media (max-width: 40rem) {
		.score {
			grid-template-columns: minmax(0, 1fr);
		}
		.losses {
			grid-row: auto;
		}
	}
</style>
