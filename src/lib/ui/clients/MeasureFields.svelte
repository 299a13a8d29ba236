<script lang="ts">
	import { NumberInput } from 'carbon-components-svelte';
	import {
		bodyMeasureIds,
		bodyMeasures,
		cmFrom,
		drawPlate,
		lengthIn,
		measureQuestions,
		type BodyMeasure,
		type Client,
		type LengthUnit
	} from '$lib/core';
	import { noted } from '../frame/noted';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';

	interface Props {
		measurements: Client['measurements'];
		unit: LengthUnit;
	}
	let { measurements = $bindable(), unit }: Props = $props();

	/** The measure whose field has the focus: how it is taken is shown beside it. */
	let at = $state<BodyMeasure>('stature');
	const guide = $derived(bodyMeasures[at]);
	const body = $derived({ measurements, figure: 'form' as const });
	const marks = $derived.by(() => {
		const { landmarks } = drawPlate({ worn: [] }, body);
		return guide.marks.map((mark) => ({ id: mark, y: landmarks[mark], words: '' }));
	});
	const questions = $derived(measureQuestions(measurements));

	const outOfRange = (measure: BodyMeasure) => {
		const cm = measurements[measure];
		const { min, max } = bodyMeasures[measure];
		return cm !== undefined && (cm < min || cm > max);
	};
	const range = (measure: BodyMeasure) => {
		const { min, max } = bodyMeasures[measure];
		return `${lengthIn(unit, min)}–${lengthIn(unit, max)} ${unit}`;
	};
	const shown = (measure: BodyMeasure) => {
		const cm = measurements[measure];
		return cm === undefined ? null : lengthIn(unit, cm);
	};
	function note(measure: BodyMeasure, typed: number | null) {
		// Only what was typed changes a measure: showing it in inches rounds it.
		if (typed === shown(measure)) return;
		measurements = noted(measurements, measure, typed === null ? null : cmFrom(unit, typed));
	}
</script>

<div class="measures">
	<div class="fields">
		{#each bodyMeasureIds as measure (measure)}
			<div onfocusin={() => (at = measure)}>
				<NumberInput
					id="measure-{measure}"
					size="sm"
					hideSteppers
					allowEmpty
					step={unit === 'in' ? 0.25 : 0.5}
					labelText="{bodyMeasures[measure].label}, {unit}"
					value={shown(measure)}
					invalid={outOfRange(measure)}
					invalidText={range(measure)}
					on:change={({ detail }) => note(measure, detail)}
				/>
			</div>
		{/each}
		{#if questions.length > 0}
			<ul class="wide questions" role="status">
				{#each questions as question (question)}<li>{question}</li>{/each}
			</ul>
		{/if}
	</div>
	<figure>
		<div class="drawing">
			<PlateFigure look={{ worn: [] }} {body} hems={{ own: [], other: marks }} title="" />
		</div>
		<figcaption aria-live="polite"><strong>{guide.label}</strong> {guide.how}</figcaption>
	</figure>
	<p class="soft wide">{m.clients.measuresNote}</p>
</div>

<style>
	.measures {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 9rem;
		gap: 1rem;
	}
	.measures > .wide {
		grid-column: 1 / -1;
	}
	.drawing {
		height: 13rem;
	}
	figcaption {
		min-height: 6.5em;
		margin-top: 0.4rem;
		font-size: var(--step--1);
	}
	figcaption strong {
		display: block;
	}
	figcaption strong::first-letter {
		text-transform: uppercase;
	}
	.questions {
		list-style: none;
		color: var(--warn);
		font-size: var(--step-0);
	}
	@media (max-width: 40rem) {
		.measures {
			grid-template-columns: minmax(0, 1fr);
		}
		.drawing {
			height: 9rem;
		}
	}
</style>
