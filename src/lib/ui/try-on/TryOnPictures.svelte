<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { dayInWords, type Photo, type SheetLine, type TryOn, type Version } from '$lib/core';
	import { anyDetail } from '$lib/store/try-ons';
	import { chosenIn } from '../frame/chosen';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import { tryOn as tryOnTexts } from '../messages/try-on';
	import PhotoThumb from '../photos/PhotoThumb.svelte';

	interface Props {
		/** All try-ons of the echo, the oldest first, and the one that is looked at. */
		all: readonly TryOn[];
		tryOn: TryOn | undefined;
		pictures: readonly Photo[];
		picture: Photo | undefined;
		versions: readonly Version[];
		/** What is worn, for saying of which thing a picture is a detail. */
		lines: readonly SheetLine[];
		onchoose: (id: string) => void;
		onbegin: () => void;
		onpicture: (id: string) => void;
		onversion: (id: string) => void;
		/** What the picture shows: of a detail its element, or `anyDetail`; undefined for the whole look. */
		onshows: (of: string | undefined) => void;
		onremove: () => void;
	}
	let {
		all,
		tryOn,
		pictures,
		picture,
		versions,
		lines,
		onchoose,
		onbegin,
		onpicture,
		onversion,
		onshows,
		onremove
	}: Props = $props();

	const worn = $derived(lines.filter((line) => line.worn.length > 0));
	const detailIn = (photo: Photo | undefined) => tryOn?.details?.find(({ photoId }) => photoId === photo?.id);
	const titleOf = (elementId: string | undefined) =>
		worn.find((line) => line.elementId === elementId)?.worn[0]?.title ?? '';
</script>

{#if tryOn}
	<div class="row">
		{#if all.length > 1}
			<Select
				size="sm"
				inline
				labelText={tryOnTexts.which}
				selected={tryOn.id}
				on:change={(event) => onchoose(chosenIn(event))}
			>
				{#each all as one, i (one.id)}<SelectItem
						value={one.id}
						text="{i + 1}. {dayInWords(one.on)}"
					/>{/each}
			</Select>
		{/if}
		{#if versions.length > 0}
			<Select
				size="sm"
				inline
				labelText={tryOnTexts.version}
				selected={tryOn.versionId ?? ''}
				on:change={(event) => onversion(chosenIn(event))}
			>
				<SelectItem value="" text={tryOnTexts.wornNow} />
				{#each versions as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
			</Select>
		{/if}
		<Button size="small" kind="ghost" on:click={onbegin}>{tryOnTexts.another}</Button>
		<Button size="small" kind="ghost" on:click={onremove}>{tryOnTexts.remove}</Button>
	</div>
	{#if pictures.length === 0}<p class="soft">{tryOnTexts.noPicture}</p>{:else}
		<div class="row">
			<ul aria-label={tryOnTexts.pictures}>
				{#each pictures as photo, i (photo.id)}
					<li>
						<button
							aria-current={photo === picture ? 'true' : undefined}
							aria-label={detailIn(photo)
								? tryOnTexts.chooseDetail(i + 1, titleOf(detailIn(photo)?.elementId))
								: tryOnTexts.choose(i + 1)}
							onclick={() => onpicture(photo.id)}
						>
							<PhotoThumb {photo} alt="" />
						</button>
					</li>
				{/each}
			</ul>
			<Button
				size="small"
				kind="ghost"
				on:click={() => {
					if (picture) void performTold(m.photos.gone, (writer) => writer.remove('photos', picture.id));
				}}>{tryOnTexts.removePicture}</Button
			>
		</div>
		{#if picture}
			{@const detail = detailIn(picture)}
			<Select
				size="sm"
				inline
				labelText={tryOnTexts.shows}
				selected={detail ? (detail.elementId ?? anyDetail) : ''}
				on:change={(event) => onshows(chosenIn(event) || undefined)}
			>
				<SelectItem value="" text={tryOnTexts.showsWhole} />
				<SelectItem value={anyDetail} text={tryOnTexts.showsDetail} />
				{#each worn as line (line.elementId)}
					<SelectItem value={line.elementId} text={tryOnTexts.showsOf(titleOf(line.elementId))} />
				{/each}
			</Select>
		{/if}
	{/if}
{:else}
	<p>{tryOnTexts.none}</p>
	<div class="row"><Button size="small" kind="tertiary" on:click={onbegin}>{tryOnTexts.begin}</Button></div>
{/if}

<style>
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		list-style: none;
	}
	li button {
		width: 3.2rem;
		height: 4.2rem;
		padding: 0;
		border: 1px solid var(--line);
		cursor: pointer;
	}
	li button[aria-current] {
		outline: 2px solid var(--accent);
	}
	.row {
		align-items: center;
	}
</style>
