<script lang="ts">
	import {
		bodyMeasures,
		breakEvenWears,
		costPerWear,
		dayInWords,
		expectedWears,
		moneyInWords,
		type Listing,
		type Shop
	} from '$lib/core';
	import { m } from '../../messages';
	import { priceInWords } from './price-words';
	import type { Candidate } from './tray.svelte';

	/** What is to be known of a thing for sale before it is chosen: money, size, colours, when it comes, and how often it will be worn. */
	interface Props {
		candidate: Candidate;
		listing: Listing;
		shop: Shop;
	}
	let { candidate, listing, shop }: Props = $props();

	const words = m.fitting.listing;
	const advice = $derived(candidate.size);
	/** What it costs until it hangs on the rail, where that is more or less than its price. */
	const landed = $derived(candidate.landed);
	const price = $derived(candidate.bought ? words.bought : priceInWords(listing, landed));
	/** How the price that counts is made up, line by line; nothing where it is the price and no more. */
	const reckoned = $derived.by(() => {
		if (!landed || landed.lines.length < 2) return '';
		const { currency } = listing.price;
		const lines = landed.lines.map(({ kind, amountMinor }, i) => {
			const amount = moneyInWords({
				amountMinor: Math.abs(amountMinor),
				currency: kind === 'conversion' ? landed.total.currency : currency
			});
			return kind === 'conversion'
				? words.converted(landed.total.currency)
				: words.line(
						i === 0 ? '' : amountMinor < 0 ? '−' : '+',
						amount,
						words.kinds[kind](listing.reduced?.code?.word)
					);
		});
		return [...lines, listing.reduced?.until && words.until(dayInWords(listing.reduced.until))]
			.filter(Boolean)
			.join(', ');
	});
	const size = $derived.by(() => {
		if (!advice) return '';
		switch (advice.state) {
			case 'suits':
				return m.fitting.sizes.suits(advice.label);
			case 'sold-out': {
				const again = listing.sizes.find(({ label }) => label === advice.label)?.again;
				return m.fitting.sizes['sold-out'](advice.label) + (again ? words.again(dayInWords(again)) : '');
			}
			case 'unknown':
				return m.fitting.sizes.unknown(bodyMeasures[advice.missing].label);
			case 'no-chart':
				return m.fitting.sizes.noChart(advice.labels.join(', '));
			case 'one-size':
				return advice.label;
			default:
				return m.fitting.sizes.none;
		}
	});
	const facts = $derived(
		[
			price,
			!candidate.bought && candidate.item.source === 'listing' && candidate.item.part && words.wholeSet,
			listing.soldWith && words.soldApart,
			shop.name,
			listing.condition !== 'new' && listing.condition.replace('-', ' '),
			size,
			m.fitting.arrives(listing.arrivesInDays)
		].filter(Boolean)
	);
	/** Where the size will be tight or loose, and how sure that is. */
	const sizeWords = $derived.by(() => {
		const told = advice && 'advice' in advice ? advice.advice : undefined;
		if (!told || told.words.length === 0) return '';
		return [...told.words, m.fit.sure(Math.round(told.confidence * 100))].join(' · ');
	});
	const colours = $derived(
		listing.alsoIn && listing.colour
			? words.colours(listing.colour, listing.alsoIn.map(({ colour }) => colour).join(', '))
			: ''
	);
	/** A common aim for what a wear should cost: one of the currency’s units. */
	const aimMinor = 100;
	const perWear = $derived.by(() => {
		const expected = expectedWears(listing.garment, listing.condition);
		const total = landed?.total ?? listing.price;
		const each = expected && costPerWear(total, expected.wears);
		if (!expected || !each) return '';
		const aim = moneyInWords({ amountMinor: aimMinor, currency: total.currency });
		return (
			words.perWear(moneyInWords(each), expected.wears) +
			(each.amountMinor > aimMinor ? words.breakEven(aim, breakEvenWears(total, aimMinor)) : '') +
			(expected.because.length > 0 ? ` (${expected.because.join(', ')})` : '')
		);
	});
</script>

<span class="facts">{facts.join(' · ')}</span>
{#if reckoned}<span>{reckoned}</span>{/if}
{#if sizeWords}<span>{sizeWords}</span>{/if}
{#if colours}<span class="soft">{colours}</span>{/if}
{#if perWear}<span class="soft">{perWear}</span>{/if}
{#each candidate.unsuitable as against, i (i)}
	{#if against.kind === 'late'}<span class="caution">{words.late(dayInWords(against.arrives))}</span>
	{:else if against.kind === 'dear'}<span class="caution"
			>{words.dear(
				moneyInWords({
					amountMinor: against.overMinor,
					currency: landed?.total.currency ?? listing.price.currency
				})
			)}</span
		>
	{:else if against.kind === 'no-rate'}<span class="caution">{words.noRate(against.currency)}</span>{/if}
{/each}

<style>
	.facts {
		font-weight: 560;
	}
	.caution {
		color: var(--warn);
		font-weight: 560;
	}
</style>
