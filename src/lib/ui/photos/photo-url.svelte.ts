import type { Photo } from '$lib/core';
import { bytesOfPhoto } from '$lib/store/photos';

/** The address at which a photo can be shown, while a component is up; undefined until it is there, null when it is gone. */
export function photoUrl(photo: () => Pick<Photo, 'hash'> | undefined) {
	let url = $state<string | null | undefined>();
	let blob = $state.raw<Blob | undefined>();
	// What else is noted of a photo does not change its picture.
	const hash = $derived(photo()?.hash);
	$effect(() => {
		if (hash === undefined) return;
		let address: string | undefined;
		let left = false;
		void bytesOfPhoto({ hash }).then((bytes) => {
			if (left) return;
			blob = bytes;
			address = bytes && URL.createObjectURL(bytes);
			url = address ?? null;
		});
		return () => {
			left = true;
			if (address) URL.revokeObjectURL(address);
		};
	});
	return {
		get url() {
			return url;
		},
		get blob() {
			return blob;
		}
	};
}
