<script lang="ts">
	import { coveringPath, regionOn, type PhotoRegion } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { photoUrl } from './photo-url.svelte';

	/** A thing as it was photographed, without what was around it. */
	let { picture, title }: { picture: PhotoRegion; title: string } = $props();

	const uid = $props.id();
	const found = live(() => {
		const id = picture.photo;
		return () => database.photos.get(id);
	});
	const photo = $derived(found.value);
	const shown = photoUrl(() => photo);
	/** The picture at the grid of its mask, so that the path fits it pixel by pixel. */
	const size = $derived({
		width: (picture.mask?.width ?? 100) / picture.width,
		height: (picture.mask?.height ?? 100) / picture.height
	});
	const region = $derived(regionOn(picture, size));
</script>

{#if region && shown.url}
	<svg
		viewBox="0 0 {region.width} {region.height}"
		role={title ? 'img' : undefined}
		aria-label={title || undefined}
		aria-hidden={title ? undefined : 'true'}
	>
		<clipPath id="{uid}-cut"><path d={coveringPath(region)} /></clipPath>
		<image
			href={shown.url}
			x={-region.x}
			y={-region.y}
			width={size.width}
			height={size.height}
			preserveAspectRatio="none"
			clip-path="url(#{uid}-cut)"
		/>
	</svg>
{/if}

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
		background: var(--plate-ground);
	}
</style>
