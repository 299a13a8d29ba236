<script lang="ts">
	import { dayInWords, firstToOrder, sizesForAll, type ShopList } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		lists: readonly ShopList[];
		totalMinor: number;
		money: (minor: number) => string;
	}
	let { lists, totalMinor, money }: Props = $props();

	const first = $derived(firstToOrder(lists));
	const postageInWords = (minor: number) =>
		minor === 0 ? m.plan.noPostage : `${m.plan.postage} ${money(minor)}`;
</script>

{#if first}
	<p>
		<strong>{m.plan.first}</strong>
		{first.thing.orderBy
			? m.plan.firstBy(first.thing.title, first.shop.name, dayInWords(first.thing.orderBy))
			: m.plan.firstScarce(first.thing.title, first.shop.name)}
	</p>
{/if}
{#each lists as { shop, things, postageMinor } (shop.id)}
	<section>
		<h3>
			{shop.name}
			<span class="soft">{postageInWords(postageMinor)} · {m.plan.sendBack(shop.returns.days)}</span>
		</h3>
		<ul>
			{#each things as { listingId, title, priceMinor, landedMinor, size, isScarce, lookTitles, arrives } (listingId)}
				<li>
					<span class="what"
						>{title}
						<span class="soft"
							>{[
								size && !sizesForAll.includes(size) && `${m.plan.size} ${size}`,
								`${m.plan.arrives} ${dayInWords(arrives)}`,
								isScarce && m.plan.scarce
							]
								.filter(Boolean)
								.join(' · ')}</span
						>
						<span class="soft"
							>{m.plan.forLooks(lookTitles.join(', '))}{#if lookTitles.length > 1}
								· <strong>{m.plan.serves(lookTitles.length)}</strong>{/if}</span
						></span
					>
					<span class="figures"
						>{money(priceMinor)}
						{#if landedMinor !== priceMinor}<span class="soft">{m.plan.landed(money(landedMinor))}</span
							>{/if}</span
					>
				</li>
			{/each}
		</ul>
	</section>
{/each}
<p class="total"><span>{m.plan.total}</span> <span class="figures">{money(totalMinor)}</span></p>

<style>
	section {
		margin-top: 0.75rem;
	}
	h3 {
		font-size: var(--step-1);
	}
	.soft {
		font-family: var(--text);
		font-size: var(--step--1);
		font-weight: 400;
	}
	li .soft {
		display: block;
	}
	ul {
		list-style: none;
	}
	li,
	.total {
		display: flex;
		justify-content: space-between;
		gap: 1rem;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	li .figures {
		flex: none;
		text-align: right;
	}
	.total {
		margin-top: 0.5rem;
		border-bottom: 0;
		font-weight: 600;
	}
</style>
