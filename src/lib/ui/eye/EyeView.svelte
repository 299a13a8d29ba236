<script lang="ts">
	import { group } from 'd3-array';
	import { Button } from 'carbon-components-svelte';
	import { agreementOf, ratedIn, schoolLabel, type Rated } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { studioSettings } from '$lib/store/settings.svelte';
	import AgreementChart from '../charts/AgreementChart.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import { eye as eyeTexts } from '../messages/eye';
	import OwnWeights from './OwnWeights.svelte';

	const echoes = live(
		() => () => database.echoes.filter(({ judgements }) => judgements.length > 0).toArray()
	);
	const settings = studioSettings();
	const rated = $derived(ratedIn(echoes.value ?? []));
	const agreementIn = (all: readonly Rated[]) =>
		agreementOf(
			all.map(({ score }) => score),
			all.map(({ rating }) => rating)
		);
	const whole = $derived(agreementIn(rated));
	const rows = $derived([
		...[...group(rated, ({ school }) => school)].map(([school, all]) => ({
			key: `school ${school}`,
			label: schoolLabel(school),
			agreement: agreementIn(all)
		})),
		...[...group(rated, ({ kind }) => kind)].map(([kind, all]) => ({
			key: `kind ${kind}`,
			label: m.references.kinds[kind] ?? kind,
			agreement: agreementIn(all)
		}))
	]);
</script>

<Title of={eyeTexts.title} />
<div class="page">
	<div class="page-head">
		<h1>{eyeTexts.title}</h1>
		<Button size="small" kind="tertiary" href="/eye/drills">{eyeTexts.drills}</Button>
	</div>
	<p class="soft lead">{eyeTexts.lead}</p>
	<Pending query={echoes}>
		{#if rated.length === 0}
			<p class="panel">{eyeTexts.none}</p>
		{:else}
			<div class="parts">
				<section class="panel" aria-labelledby="agreement-title">
					<h2 id="agreement-title">{eyeTexts.agreement}</h2>
					<p>
						{eyeTexts.meanDifference(whole.meanDifference)}
						{eyeTexts.meanAmount(whole.meanAmount)}
						{#if whole.tau !== undefined}{eyeTexts.tau(whole.tau)}{/if}
						{#if whole.limits}{eyeTexts.limits(...whole.limits)}{/if}
					</p>
					<AgreementChart
						points={rated}
						meanDifference={whole.meanDifference}
						limits={whole.limits}
						said={eyeTexts.chartSaid(whole.count, whole.meanDifference)}
						axes={{ mean: eyeTexts.axisMean, difference: eyeTexts.axisDifference }}
					/>
					<h3>{eyeTexts.by}</h3>
					<table>
						<thead>
							<tr>
								<th scope="col">{eyeTexts.byColumns.of}</th>
								<th scope="col">{eyeTexts.byColumns.count}</th>
								<th scope="col">{eyeTexts.byColumns.difference}</th>
								<th scope="col">{eyeTexts.byColumns.tau}</th>
							</tr>
						</thead>
						<tbody>
							{#each rows as { key, label, agreement } (key)}
								<tr>
									<th scope="row">{label}</th>
									<td class="figures">{agreement.count}</td>
									<td class="figures">{eyeTexts.higher(agreement.meanDifference)}</td>
									<td class="figures">{agreement.tau?.toFixed(2) ?? '–'}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</section>
				{#if settings.value}<OwnWeights {rated} settings={settings.value} />{/if}
			</div>
		{/if}
	</Pending>
</div>

<style>
	.lead {
		margin: -0.75rem 0 1.25rem;
	}
	.parts {
		display: grid;
		grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
		gap: 1rem;
		align-items: start;
	}
	section {
		display: grid;
		gap: 0.75rem;
	}
	h3 {
		font-size: var(--step-1);
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.3rem 0.5rem 0.3rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
	}
	th::first-letter {
		text-transform: uppercase;
	}
	th[scope='row'] {
		font-weight: 400;
	}
	td {
		text-align: right;
	}
	th[scope='col']:not(:first-child) {
		text-align: right;
	}
	@media (max-width: 60rem) {
		.parts {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
