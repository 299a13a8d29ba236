<script lang="ts">
	import { colourName, placeOnBody, sleeveInWords, type PhotoReading } from '$lib/core';
	import { m } from '../messages';

	let { reading }: { reading: PhotoReading | undefined } = $props();

	const percent = (share: number) => Math.round(share * 100);
</script>

<section aria-labelledby="measured-title" aria-live="polite">
	<h2 id="measured-title">{m.photos.measured}</h2>
	{#if !reading}
		<p class="soft">{m.photos.nothing}</p>
	{:else}
		<ul>
			{#each reading.palette as { hex, share, sure, lightnessSure }, i (i)}
				<li>
					<i data-colour style:background={hex}></i>
					<span
						>{m.photos.swatch(colourName(hex), percent(share))}
						<span class="soft figures"
							>{m.photos.sure(percent(sure))} · {m.photos.lightness(percent(lightnessSure))}</span
						></span
					>
				</li>
			{/each}
		</ul>
		<dl>
			<dt>{m.photos.print}</dt>
			<dd>
				{m.photos.prints[reading.print.hint]}
				<span class="soft">{m.photos.sure(percent(reading.print.sure))}</span>
			</dd>
			<dt>{m.photos.sheen}</dt>
			<dd>{reading.sheen.hint} <span class="soft">{m.photos.sure(percent(reading.sheen.sure))}</span></dd>
			{#if reading.onBody}
				{@const { from, to, cut } = reading.onBody}
				{@const sleeves = sleeveInWords(reading.onBody)}
				<dt>{m.photos.onBody}</dt>
				<dd>
					{[
						m.photos.reaches(
							cut?.above ? m.photos.pictureEdge : placeOnBody(from),
							cut?.below ? m.photos.pictureEdge : placeOnBody(to)
						),
						sleeves
					]
						.filter(Boolean)
						.join(' · ')}
				</dd>
			{/if}
			<dt>{m.photos.share}</dt>
			<dd class="figures">{(reading.share * 100).toFixed(1)} %</dd>
		</dl>
	{/if}
</section>

<style>
	h2 {
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.5rem;
		padding: 0.15rem 0;
		font-size: var(--step-0);
	}
	li > span {
		display: grid;
	}
	.soft {
		font-size: var(--step--1);
	}
	i {
		width: 1.75rem;
		height: 1.75rem;
		flex: none;
		border: 1px solid var(--line-strong);
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.1rem 0.75rem;
		margin-top: 0.35rem;
		font-size: var(--step-0);
	}
	dt {
		color: var(--ink-soft);
	}
</style>
