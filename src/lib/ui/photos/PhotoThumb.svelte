<script lang="ts">
	import type { Photo } from '$lib/core';
	import { m } from '../messages';
	import { photoUrl } from './photo-url.svelte';

	let { photo, alt }: { photo: Photo; alt: string } = $props();

	const shown = photoUrl(() => photo);
</script>

{#if shown.url}
	<img src={shown.url} {alt} width={photo.width} height={photo.height} loading="lazy" decoding="async" />
{:else}
	<span class="soft" role="img" aria-label={alt}>{shown.url === null ? m.photos.missing : ''}</span>
{/if}

<style>
	img,
	span {
		display: block;
		width: 100%;
		height: 100%;
		object-fit: cover;
		background: var(--plate-ground);
		font-size: var(--step--1);
	}
</style>
