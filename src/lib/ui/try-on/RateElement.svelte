<script lang="ts">
	import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import {
		asTried,
		besides,
		doesItsJob,
		lengthInWords,
		type AsTried,
		type Client,
		type ElementRating,
		type ElementSeen,
		type LengthUnit,
		type Match,
		type Photo,
		type SheetLine
	} from '$lib/core';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import { tryOn as tryOnTexts } from '../messages/try-on';
	import PhotoThumb from '../photos/PhotoThumb.svelte';

	interface Props {
		line: SheetLine;
		/** The thing's own length in cm, where it was measured, and the heel that is worn in the look. */
		lengthCm?: number;
		heelCm: number;
		rating?: ElementRating;
		seen?: ElementSeen;
		client: Client;
		units: LengthUnit;
		/** Is a click on the picture taken for it? */
		pointing: boolean;
		canMeasure: boolean;
		/** Pictures of it near by. */
		details: readonly Photo[];
		onrate: (rating: ElementRating) => void;
		onbeside: (is: NonNullable<Match['beside']>['is'] | undefined) => void;
		onmeasure: () => void;
		onpicture: (id: string) => void;
	}
	let {
		line,
		lengthCm,
		heelCm,
		rating,
		seen,
		client,
		units,
		pointing,
		canMeasure,
		details,
		onrate,
		onbeside,
		onmeasure,
		onpicture
	}: Props = $props();

	const [worn] = $derived(line.worn);
	const title = $derived(line.worn.map((one) => one.title).join(', '));
	const told = $derived(
		worn && seen ? asTried({ garment: worn.garment, lengthCm }, seen, client.measurements, heelCm) : []
	);
	function inWords(one: AsTried): string {
		if (one.kind === 'colour') return tryOnTexts.colourSays[one.says];
		if (one.kind === 'sleeve')
			return one.same ? tryOnTexts.sleevesSame : tryOnTexts.sleevesOther(one.measured, one.planned);
		if (one.higherCm === 0) return tryOnTexts.endsSame;
		const length = lengthInWords(Math.abs(one.higherCm), units);
		return (one.higherCm > 0 ? tryOnTexts.endsHigher : tryOnTexts.endsLower)(length);
	}
	const given = $derived<ElementRating>(rating ?? { elementId: line.elementId, change: '' });
	// As text, so that another change to the try-on leaves what is being typed.
	const keptLikeness = $derived(given.likeness?.toString() ?? '');
	let likeness = $derived(keptLikeness);
	const bad = $derived(likeness.trim() !== '' && !/^(100|[1-9]?\d)$/.test(likeness.trim()));
	const keptWords = $derived(given.change);
	let words = $derived(keptWords);

	function saveLikeness() {
		const next = likeness.trim() === '' ? undefined : Number(likeness);
		if (bad || next === given.likeness) return;
		const { likeness: _before, ...rest } = given;
		onrate(next === undefined ? rest : { ...rest, likeness: next });
	}
	function saveDoes(chosen: string) {
		const does = doesItsJob.find((one) => one === chosen);
		const { does: _before, ...rest } = given;
		onrate(does ? { ...rest, does } : rest);
	}
	const saveWords = () => {
		if (words.trim() !== given.change) onrate({ ...given, change: words.trim() });
	};
	const onEnter = (act: () => void) => (event: CustomEvent | KeyboardEvent) => {
		if ('key' in event && event.key === 'Enter') act();
	};
</script>

<li>
	<p>
		<strong>{title || m.lookbook.states[line.state === 'items' ? 'gap' : line.state]}</strong>
		<span class="soft">{line.asked}</span>
	</p>
	{#if worn}
		<div class="fields">
			<TextInput
				size="sm"
				inputmode="numeric"
				labelText={tryOnTexts.likeness}
				bind:value={likeness}
				invalid={bad}
				invalidText={tryOnTexts.likenessBad}
				on:blur={saveLikeness}
				on:keydown={onEnter(saveLikeness)}
			/>
			<Select
				size="sm"
				labelText={tryOnTexts.does}
				selected={given.does ?? 'open'}
				on:change={(event) => saveDoes(chosenIn(event))}
			>
				{#each ['open', ...doesItsJob] as one (one)}<SelectItem
						value={one}
						text={tryOnTexts.doesIt[one]}
					/>{/each}
			</Select>
			<Select
				size="sm"
				labelText={tryOnTexts.beside}
				selected={line.beside?.is ?? 'open'}
				on:change={(event) => onbeside(besides.find((one) => one === chosenIn(event)))}
			>
				<SelectItem value="open" text={tryOnTexts.besideOpen} />
				{#each besides as one (one)}<SelectItem value={one} text={tryOnTexts.isBeside[one]} />{/each}
			</Select>
		</div>
		<TextInput
			size="sm"
			labelText={tryOnTexts.change}
			maxlength={200}
			bind:value={words}
			on:blur={saveWords}
			on:keydown={onEnter(saveWords)}
		/>
		<div class="seen">
			{#each details as photo (photo.id)}
				<button class="thumb" aria-label={tryOnTexts.seeDetail(title)} onclick={() => onpicture(photo.id)}>
					<PhotoThumb {photo} alt="" />
				</button>
			{/each}
			{#if canMeasure}
				<Button size="small" kind={pointing ? 'tertiary' : 'ghost'} on:click={onmeasure}
					>{tryOnTexts.measureShort}<span class="visually-hidden">: {title}</span></Button
				>
			{/if}
			{#if told.length > 0}
				<span class="told">
					{#each told as one, i (i)}
						{#if one.kind === 'colour'}
							<i data-colour style:background={one.planned} title={tryOnTexts.reference}></i><i
								data-colour
								style:background={one.measured}
								title={tryOnTexts.tried}
							></i>
						{/if}
						<span>{inWords(one)}</span>
					{/each}
				</span>
			{/if}
		</div>
	{/if}
</li>

<style>
	li {
		display: grid;
		gap: 0.4rem;
		padding: 0.75rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(7.5rem, 1fr));
		gap: 0.5rem;
		align-items: end;
	}
	.seen,
	.told {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 0.5rem;
		align-items: center;
	}
	.thumb {
		width: 2.4rem;
		height: 3rem;
		padding: 0;
		border: 1px solid var(--line);
		cursor: pointer;
	}
	i {
		width: 1rem;
		height: 1rem;
		border: 1px solid var(--line-strong);
	}
</style>
