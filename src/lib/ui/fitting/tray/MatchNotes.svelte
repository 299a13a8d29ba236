<script lang="ts">
	import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { besides, lastSaid, matchReasons, type Element, type MatchReason } from '$lib/core';
	import { chosenIn } from '../../frame/chosen';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** Why this answers the element, or nothing does; what could be there; and what it is beside the reference's. */
	let { table, element }: { table: FittingTable; element: Element } = $props();

	const match = $derived(table.matchOf(element));
	const noted = $derived(match ?? table.gapNoteOf(element));
	/** What the client answered to it when it was handed over. */
	const client = $derived(match && lastSaid(table.echo, match.id));
	const isWorn = $derived(match?.state === 'items');
	const standing = $derived(match?.beside?.is ?? '');
	/** What was noted beyond the reason is seen without being opened. */
	const told = $derived(
		[noted?.instead, noted?.note, match?.beside && m.fitting.besides[match.beside.is]]
			.filter(Boolean)
			.join(' · ')
	);
	function setBeside(is: string) {
		const found = besides.find((one) => one === is);
		void table.note(element, { beside: found && { is: found, why: match?.beside?.why ?? '' } });
	}
</script>

{#if match?.state !== 'done'}
	<div class="why">
		<Select
			size="sm"
			inline
			labelText={isWorn ? m.fitting.reason : m.fitting.whyNot}
			selected={noted?.reason ?? ''}
			on:change={(event) => void table.note(element, { reason: chosenIn(event) as MatchReason })}
		>
			{#if !noted}<SelectItem value="" text="–" />{/if}
			{#each matchReasons as reason (reason)}<SelectItem
					value={reason}
					text={m.fitting.reasons[reason] ?? reason}
				/>{/each}
		</Select>
		<details>
			<summary>{told || m.fitting.moreWhy}</summary>
			{#key element.id}
				<div class="fields">
					<TextInput
						size="sm"
						labelText={m.fitting.instead}
						value={noted?.instead ?? ''}
						maxlength={200}
						on:change={({ detail }) => void table.note(element, { instead: String(detail ?? '').trim() })}
					/>
					<TextInput
						size="sm"
						labelText={m.fitting.noteOfMatch}
						value={noted?.note ?? ''}
						maxlength={4000}
						on:change={({ detail }) => void table.note(element, { note: String(detail ?? '').trim() })}
					/>
					{#if isWorn}
						<Select
							size="sm"
							labelText={m.fitting.besideReference}
							selected={standing}
							on:change={(event) => setBeside(chosenIn(event))}
						>
							<SelectItem value="" text={m.notNoted} />
							{#each besides as one (one)}<SelectItem value={one} text={m.fitting.besides[one]} />{/each}
						</Select>
						{#if match?.beside}
							<TextInput
								size="sm"
								labelText={m.fitting.besideWhy}
								value={match.beside.why}
								maxlength={200}
								on:change={({ detail }) =>
									match.beside &&
									void table.note(element, {
										beside: { is: match.beside.is, why: String(detail ?? '').trim() }
									})}
							/>
						{/if}
					{/if}
				</div>
			{/key}
		</details>
	</div>
{/if}
{#if client}
	<p class="client" class:refused={client.says === 'no'}>{m.fitting.clientSays(client.says, client.note)}</p>
{/if}

<style>
	.why {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.75rem;
	}
	.why > :global(.bx--form-item) {
		flex: 0 0 auto;
		width: auto;
	}
	details {
		flex: 1 1 6rem;
		min-width: 0;
	}
	details[open] {
		flex-basis: 100%;
	}
	summary {
		min-height: 1.75rem;
		padding: 0.2rem 0;
		overflow: hidden;
		font-size: var(--step-0);
		text-overflow: ellipsis;
		white-space: nowrap;
		cursor: pointer;
	}
	.client {
		padding-left: 0.5rem;
		border-left: 3px solid var(--line);
		font-size: var(--step-0);
	}
	.refused {
		border-left-color: currentcolor;
	}
	.fields {
		padding: 0.25rem 0 0.5rem;
	}
</style>
