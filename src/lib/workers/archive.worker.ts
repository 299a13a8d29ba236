/// <reference lib="webworker" />
import { expose } from 'comlink';
import { packStudio, unpackStudio, type Read, type StudioDocument } from '../core';

/** Packs and unpacks backups away from the page, so that it stays at hand while a large studio is written. */
const archive = {
	pack(document: StudioDocument, onProgress: (share: number) => void): Blob {
		const parts: BlobPart[] = [];
		packStudio(document, (bytes) => parts.push(bytes as Uint8Array<ArrayBuffer>), onProgress);
		return new Blob(parts, { type: 'application/zip' });
	},

	async unpack(file: Blob): Promise<Read<StudioDocument>> {
		const archive = unpackStudio();
		const reader = file.stream().getReader();
		for (;;) {
			const { done, value } = await reader.read();
			if (done) return archive.finish();
			archive.push(value);
		}
	}
};

export type ArchiveWorker = typeof archive;
expose(archive);
