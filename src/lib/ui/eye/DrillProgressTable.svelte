<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { dayInWords } from '$lib/core';
	import type { DrillProgress } from '$lib/core/drills';
	import { eye as eyeTexts } from '../messages/eye';

	/** How far each drill has come, with how right the answers of each day were. */
	let { progress }: { progress: readonly DrillProgress[] } = $props();

	const width = 132;
	const height = 30;
	const days = 14;
	const x = scaleLinear([0, days], [0, width]);
	const y = scaleLinear([0, 1], [0, height]);
</script>

<section class="panel" aria-labelledby="progress-title">
	<h2 id="progress-title">{eyeTexts.drill.progress}</h2>
	<table>
		<thead>
			<tr>
				{#each Object.entries(eyeTexts.drill.columns) as [key, label] (key)}<th scope="col">{label}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each progress as { drill, questions, asked, known, due, course } (drill)}
				<tr>
					<th scope="row">{eyeTexts.drill.names[drill]}</th>
					<td class="figures">{asked} / {questions}</td>
					<td class="figures">{known}</td>
					<td class="figures">{due}</td>
					<td>
						{#if course.length > 0}
							<svg
								viewBox="0 0 {width} {height}"
								role="img"
								aria-label={course
									.slice(-days)
									.map(({ day, right }) => eyeTexts.drill.course(Math.round(right * 100), dayInWords(day)))
									.join('; ')}
							>
								{#each course.slice(-days) as { day, right }, i (day)}
									<rect x={x(i) + 1} y={height - y(right)} width={x(1) - 2} height={y(right)} />
								{/each}
								<line x1="0" x2={width} y1={height - 0.5} y2={height - 0.5} />
							</svg>
						{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>

<style>
	section {
		overflow-x: auto;
	}
	table {
		width: 100%;
		margin-top: 0.5rem;
		border-collapse: collapse;
		font-size: var(--step-0);
	}
	th,
	td {
		padding: 0.35rem 0.75rem 0.35rem 0;
		border-top: 1px solid var(--line);
		text-align: left;
		white-space: nowrap;
	}
	th[scope='row'] {
		font-weight: 400;
	}
	svg {
		width: 8.25rem;
		height: 1.9rem;
	}
	rect {
		fill: var(--ink);
	}
	line {
		stroke: var(--line-strong);
	}
</style>
