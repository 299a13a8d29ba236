<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { untrack } from 'svelte';
	import {
		moveOf,
		steer,
		stepIds,
		stepsOf,
		wishIds,
		wornOption,
		type CheckContext,
		type CheckedPiece,
		type Client,
		type Outfit,
		type OwnedOption,
		type SteerChange,
		type StepId,
		type Wish,
		type WornOption
	} from '$lib/core';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import PlateFigure from '../plate/PlateFigure.svelte';

	interface Props {
		outfit: Outfit;
		client: Client;
		rail: readonly OwnedOption[];
		context: CheckContext;
		/** What sets it apart among others: the shape of its leg. */
		caption?: string;
		onkeep: (worn: WornOption[]) => void;
	}
	let { outfit, client, rail, context, caption, onkeep }: Props = $props();

	/** What is worn: as it was built, and then as it is steered. */
	let worn = $state.raw<{ option: OwnedOption; piece: CheckedPiece }[]>(
		untrack(() =>
			outfit.options.map((option, i) => ({
				option,
				piece: wornOption(option, `${i}`)
			}))
		)
	);
	let wish = $state<Wish | StepId | ''>('');
	const isStep = (asked: string): asked is StepId => (stepIds as readonly string[]).includes(asked);
	const look = $derived({ worn: worn.map(({ piece: { id, garment, moves } }) => ({ id, garment, moves })) });
	const names = $derived(worn.map(({ piece }) => piece.title));
	/** Ways to what is asked: one change each, or two swaps for a step. */
	interface Way {
		changes: SteerChange[];
		worn: CheckedPiece[];
		dressiness: number;
	}
	const ways = $derived.by((): Way[] => {
		const pieces = worn.map(({ piece }) => piece);
		if (wish === '') return [];
		if (isStep(wish))
			return stepsOf(pieces, wish, { rail, context, fixed: ['0'] }).map(({ swaps, ...step }) => ({
				...step,
				changes: swaps.map((swap) => ({ kind: 'swap', ...swap }))
			}));
		return steer(pieces, wish, { rail, context }).map(({ change, ...steered }) => ({
			...steered,
			changes: [change]
		}));
	});
	const titleOf = (id: string) => worn.find(({ piece }) => piece.id === id)?.piece.title ?? '';
	const changeInWords = (change: SteerChange) => {
		if (change.kind === 'swap') return m.pieces.swap(titleOf(change.id), change.to.title);
		if (change.kind === 'move') return m.pieces.move(moveOf(change.move).label, titleOf(change.id));
		return m.pieces.leaveOff(titleOf(change.id));
	};
	const inWords = ({ changes }: Way) => changes.map(changeInWords).join('; ');
	function take({ changes, worn: next }: Way) {
		worn = next.flatMap((piece) => {
			const swap = changes.find((change) => change.kind === 'swap' && change.id === piece.id);
			const before = worn.find((one) => one.piece.id === piece.id);
			const option = swap?.kind === 'swap' ? swap.to : before?.option;
			return option ? [{ option, piece }] : [];
		});
	}
</script>

<article class="panel">
	{#if caption}<h3>{caption}</h3>{/if}
	<div class="drawing"><PlateFigure {look} body={client} title={names.join(', ')} /></div>
	<ul class="worn">
		{#each worn as { piece } (piece.id)}<li>{piece.title}</li>{/each}
	</ul>
	<p class="reasons">{outfit.reasons.join(' · ')}</p>
	{#each outfit.findings
		.filter(({ severity }) => severity === 'hint')
		.slice(0, 2) as finding (finding.rule + finding.pieces.join())}
		<p class="soft hint">{finding.measured}</p>
	{/each}
	<div class="no-print deeds">
		<Select
			size="sm"
			inline
			labelText={m.pieces.steerTo}
			selected={wish}
			on:change={(event) => (wish = chosenIn(event) as Wish | StepId | '')}
		>
			<SelectItem value="" text="–" />
			{#each wishIds as one (one)}<SelectItem value={one} text={one} />{/each}
			{#each stepIds as one (one)}<SelectItem value={one} text={m.pieces.steps[one]} />{/each}
		</Select>
		{#if wish !== '' && ways.length === 0}<p class="soft" role="status">{m.pieces.noSteer}</p>{/if}
		<ul class="ways">
			{#each ways as way (inWords(way))}
				<li>
					<span>{m.pieces.steers(inWords(way), way.dressiness)}</span>
					<Button size="small" kind="ghost" on:click={() => take(way)}>{m.pieces.take}</Button>
				</li>
			{/each}
		</ul>
		<Button
			size="small"
			kind="tertiary"
			on:click={() => onkeep(worn.map(({ option, piece }) => ({ option, moves: piece.moves })))}
			>{m.pieces.keep}</Button
		>
	</div>
</article>

<style>
	article {
		display: grid;
		gap: 0.5rem;
		align-content: start;
		height: 100%;
		font-size: var(--step-0);
		break-inside: avoid;
	}
	.drawing {
		height: 18rem;
	}
	ul {
		list-style: none;
	}
	.worn {
		columns: 2;
		font-size: var(--step--1);
	}
	.hint {
		font-size: var(--step--1);
	}
	.ways li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		border-top: 1px solid var(--line);
	}
	.deeds {
		display: grid;
		gap: 0.25rem;
		justify-items: start;
		align-self: end;
	}
	.ways {
		width: 100%;
	}
	@media print {
		.drawing {
			height: 11rem;
		}
	}
</style>
