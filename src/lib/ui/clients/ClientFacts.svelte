<script lang="ts">
	import {
		bodyMeasureIds,
		dayInWords,
		effects,
		ethicalMaterials,
		lengthInWords,
		schoolLabel,
		tightSpots,
		type Client,
		type LengthUnit
	} from '$lib/core';
	import MeasureCourse from '../charts/MeasureCourse.svelte';
	import { m } from '../messages';

	/** What is known of a client, and how their measures went. */
	let { client, unit }: { client: Client; unit: LengthUnit } = $props();

	const facts = $derived.by((): [string, string][] => {
		const { measurements, allergies, avoidMaterials, limits, wishedEffects, ethics, handling } = client;
		const length = (cm: number | undefined) => (cm === undefined ? '' : lengthInWords(cm, unit));
		const all: [string, string][] = [
			[m.clients.pronouns, client.pronouns],
			[m.clients.contact, client.contact],
			['Height', length(measurements.stature)],
			[
				'Bust, waist, hip',
				[measurements.bust, measurements.waist, measurements.hip].map(length).filter(Boolean).join(' · ')
			],
			[
				m.clients.saidSizes,
				client.sizes.map(({ label, shop }) => (shop ? `${label} at ${shop}` : label)).join(', ')
			],
			[m.clients.allergies, allergies.join(', ')],
			[m.clients.avoid, avoidMaterials.join(', ')],
			[m.clients.never, limits.never.join(', ')],
			[m.clients.ethics, ethicsInWords(ethics)],
			[m.clients.loved, client.coloursLoved.join(', ')],
			[m.clients.refused, client.coloursRefused.join(', ')],
			[m.clients.metalsSaid, client.metals.join(', ')],
			[m.clients.parts.handling, handlingInWords(handling)],
			[m.schools.edit, Object.values(client.schools).map(schoolLabel).join(', ')],
			[m.clients.effects, wishedEffects.map((id) => effects[id].label).join(', ')]
		];
		return all.filter(([, words]) => words !== '');
	});
	const ethicsInWords = (ethics: Client['ethics']) =>
		ethicalMaterials
			.flatMap((material) => {
				const step = ethics[material];
				return step === 'any' ? [] : [m.clients.ethicalSaid[step](m.clients.ethical[material].toLowerCase())];
			})
			.join(', ');
	const handlingInWords = ({
		reach,
		hand,
		overHead,
		pockets,
		light,
		softSeams,
		tightSpots: tight
	}: Client['handling']) =>
		[
			reach !== 'any' && m.clients.handlingFacts[reach],
			hand !== 'both' && m.clients.handlingFacts[hand],
			!overHead && m.clients.handlingFacts.overHead,
			pockets && m.clients.handlingFacts.pockets,
			light && m.clients.handlingFacts.light,
			softSeams && m.clients.handlingFacts.softSeams,
			...tight.map((spot) => m.clients.nothingTight(tightSpots[spot]))
		]
			.filter(Boolean)
			.join(', ');

	/** Measures that were taken on more than one day and changed, with all their days. */
	const courses = $derived.by(() => {
		if (!client.measuredOn) return [];
		const sets = [...client.earlierMeasurements, { on: client.measuredOn, cm: client.measurements }];
		return bodyMeasureIds.flatMap((measure) => {
			const course = sets.flatMap(({ on, cm }) => {
				const length = cm[measure];
				return on === undefined || length === undefined ? [] : [{ on, cm: length }];
			});
			return course.length > 1 && new Set(course.map(({ cm }) => cm)).size > 1 ? [{ measure, course }] : [];
		});
	});
</script>

<dl class="facts">
	{#each facts as [label, value] (label)}
		<div>
			<dt class="soft">{label}</dt>
			<dd>{value}</dd>
		</div>
	{/each}
</dl>
{#if courses.length > 0}
	<section aria-labelledby="course-title" class="course">
		<h2 id="course-title">
			{m.clients.course}
			<span class="soft">{m.clients.measured(dayInWords(client.measuredOn ?? ''))}</span>
		</h2>
		<div class="courses">
			{#each courses as { measure, course } (measure)}<MeasureCourse {measure} {course} {unit} />{/each}
		</div>
	</section>
{/if}

<style>
	.facts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem 2rem;
		margin-bottom: 2rem;
		font-size: var(--step-0);
	}
	dt {
		font-size: var(--step--1);
	}
	.courses {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem 2.5rem;
	}
	.course {
		margin-bottom: 2rem;
	}
	.course h2 {
		margin-bottom: 0.5rem;
	}
	.course h2 span {
		font: 400 var(--step--1) var(--text);
	}
</style>
