import { imageSize } from 'image-size';
import type { Photo } from '../model/photo';

/** Why a file is not taken for a photograph. */
export const photoProblems = [
	'empty',
	'not-a-picture',
	'phone-format',
	'other-format',
	'too-heavy',
	'too-large',
	'cut-off',
	'unreadable'
] as const;
export type PhotoProblem = (typeof photoProblems)[number];

/** What a file says of itself before any of it is opened. */
export type PhotoFileFacts =
	| { ok: true; mediaType: Photo['mediaType']; width: number; height: number }
	| { ok: false; problem: PhotoProblem };

/** Pictures of up to so many pixels are opened: a small file can hold an enormous picture. */
export const mostPixels = 24_000_000;
/** Larger files are no photographs of twenty-four megapixels. */
export const mostPhotoBytes = 60 * 1024 * 1024;

const text = (bytes: Uint8Array, from: number, to: number) =>
	String.fromCharCode(...bytes.subarray(from, to));
const startsWith = (bytes: Uint8Array, ...start: number[]) => start.every((byte, i) => bytes[i] === byte);

/** What a file is by its first bytes, whatever its name says. */
function kindOf(bytes: Uint8Array): Photo['mediaType'] | 'phone-format' | 'other-format' | undefined {
	if (startsWith(bytes, 0xff, 0xd8, 0xff)) return 'image/jpeg';
	if (startsWith(bytes, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
	if (text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 12) === 'WEBP') return 'image/webp';
	if (text(bytes, 4, 8) === 'ftyp') {
		const brands = text(bytes, 8, 64);
		if (/avi[fs]/.test(brands)) return 'image/avif';
		if (/hei[cxms]|hev[cx]|mif1|msf1/.test(brands)) return 'phone-format';
		return undefined;
	}
	const others = [text(bytes, 0, 4) === 'GIF8', text(bytes, 0, 2) === 'BM'];
	others.push(startsWith(bytes, 0x49, 0x49, 0x2a, 0), startsWith(bytes, 0x4d, 0x4d, 0, 0x2a));
	others.push(/^\s*(<\?xml|<svg)/.test(text(bytes, 0, 64)));
	return others.includes(true) ? 'other-format' : undefined;
}

/** Does the file end where its picture does? A download that broke off does not. */
function isWhole(bytes: Uint8Array, mediaType: Photo['mediaType']): boolean {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	if (mediaType === 'image/webp') return bytes.length >= view.getUint32(4, true) + 8;
	if (mediaType === 'image/png') {
		// A chunk is its length, four letters, its data and a checksum; the last is IEND (PNG, third edition, 5.3).
		for (let at = 8; at + 12 <= bytes.length; at += view.getUint32(at) + 12)
			if (text(bytes, at + 4, at + 8) === 'IEND') return true;
		return false;
	}
	if (mediaType === 'image/avif') {
		// Boxes follow one another, each with its length (ISO/IEC 14496-12, 4.2); a length of 0 reaches to the end.
		let at = 0;
		while (at + 8 <= bytes.length) {
			const length = view.getUint32(at);
			if (length === 0) return true;
			if (length < 8) return length === 1;
			at += length;
		}
		return at === bytes.length;
	}
	for (let at = bytes.length - 2; at > 0; at--) if (bytes[at] === 0xff && bytes[at + 1] === 0xd9) return true;
	return false;
}

/**
 * Looks at a file's first bytes and its end, before it is opened: what it is, how large its picture, and whether it is
 * whole. Nothing is decoded.
 */
export function photoFileFacts(bytes: Uint8Array): PhotoFileFacts {
	const refused = (problem: PhotoProblem): PhotoFileFacts => ({ ok: false, problem });
	if (bytes.length === 0) return refused('empty');
	if (bytes.length > mostPhotoBytes) return refused('too-heavy');
	const kind = kindOf(bytes);
	if (kind === undefined) return refused('not-a-picture');
	if (kind === 'phone-format' || kind === 'other-format') return refused(kind);
	let size: { width: number; height: number; orientation?: number };
	try {
		size = imageSize(bytes);
	} catch {
		return refused('unreadable');
	}
	const { width, height } = size;
	if (!(width > 0 && height > 0)) return refused('unreadable');
	if (width * height > mostPixels || Math.max(width, height) > 16_384) return refused('too-large');
	if (!isWhole(bytes, kind)) return refused('cut-off');
	return { ok: true, mediaType: kind, width, height };
}
