/**
 * Files under a passphrase. The key comes from the passphrase by PBKDF2-HMAC-SHA-256 (RFC 8018) with 600,000 rounds (OWASP
 * Password Storage Cheat Sheet, 2023; value from memory) and a salt of its own for every file; the file is enciphered by AES-256-GCM (NIST SP
 * 800-38D) in pieces, so that memory stays bounded. Each piece has a nonce of its own, made of the file's random start, the
 * piece's number and whether it is the last (the STREAM construction: Hoang, Reyhanitabar, Rogaway & Vizár 2015, CRYPTO), so a piece
 * that is changed, moved, left out or added is found. What it was made with stands in the file's first line, which is part of
 * what is authenticated.
 */
import * as z from 'zod';
import type { Read } from '../core';

const format = 'prime-echo-sealed';
const iterations = 600_000;
/** A file may ask for more work than this one does, but not for so much that it hangs. */
const mostIterations = 10_000_000;
const pieceBytes = 1024 * 1024;
const tagBytes = 16;
const prefixBytes = 7;
const saltBytes = 16;
/** The first line is no longer than this. */
const mostHeaderBytes = 1024;

/** Shorter ones are guessed. */
export const leastPassphrase = 10;

const bytesSchema = (length: number) =>
	z
		.base64()
		.transform(fromBase64)
		.pipe(z.instanceof(Uint8Array).refine((bytes) => bytes.length === length));
const headerSchema = z.object({
	format: z.literal(format),
	version: z.literal(1),
	cipher: z.literal('AES-256-GCM'),
	kdf: z.literal('PBKDF2-HMAC-SHA-256'),
	iterations: z.int().min(1).max(mostIterations),
	pieceBytes: z
		.int()
		.min(1)
		.max(16 * 1024 * 1024),
	salt: bytesSchema(saltBytes),
	prefix: bytesSchema(prefixBytes)
});

function toBase64(bytes: Uint8Array): string {
	return btoa(String.fromCharCode(...bytes));
}
function fromBase64(text: string): Uint8Array<ArrayBuffer> {
	return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}

/** The bits that a passphrase gives; letters that look alike and are written otherwise are one (NFKC). */
export async function derivedBits(
	passphrase: string,
	salt: Uint8Array<ArrayBuffer>,
	rounds: number,
	length: number
): Promise<ArrayBuffer> {
	const own = await crypto.subtle.importKey(
		'raw',
		new TextEncoder().encode(passphrase.normalize('NFKC')),
		'PBKDF2',
		false,
		['deriveBits']
	);
	return crypto.subtle.deriveBits({ name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds }, own, length);
}

const keyFrom = async (passphrase: string, salt: Uint8Array<ArrayBuffer>, rounds: number, use: KeyUsage) =>
	crypto.subtle.importKey('raw', await derivedBits(passphrase, salt, rounds, 256), 'AES-GCM', false, [use]);

/** The nonce of a piece: 7 random bytes of the file, 4 of the piece's number, 1 for the last one. */
function nonceOf(prefix: Uint8Array, piece: number, isLast: boolean): Uint8Array<ArrayBuffer> {
	const nonce = new Uint8Array(12);
	nonce.set(prefix);
	new DataView(nonce.buffer).setUint32(prefixBytes, piece);
	nonce[11] = isLast ? 1 : 0;
	return nonce;
}

/**
 * Puts a file under a passphrase. `onProgress` gets shares 0..1.
 *
 * @throws RangeError for a passphrase shorter than `leastPassphrase`
 */
export async function seal(
	file: Blob,
	passphrase: string,
	onProgress: (share: number) => void = () => undefined
): Promise<Blob> {
	if (passphrase.length < leastPassphrase) throw new RangeError('the passphrase is too short');
	const salt = crypto.getRandomValues(new Uint8Array(saltBytes));
	const prefix = crypto.getRandomValues(new Uint8Array(prefixBytes));
	const header = new TextEncoder().encode(
		`${JSON.stringify({
			format,
			version: 1,
			cipher: 'AES-256-GCM',
			kdf: 'PBKDF2-HMAC-SHA-256',
			iterations,
			pieceBytes,
			salt: toBase64(salt),
			prefix: toBase64(prefix)
		})}\n`
	);
	const key = await keyFrom(passphrase, salt, iterations, 'encrypt');
	const count = Math.max(1, Math.ceil(file.size / pieceBytes));
	const parts: BlobPart[] = [header];
	for (let piece = 0; piece < count; piece++) {
		const plain = await file.slice(piece * pieceBytes, (piece + 1) * pieceBytes).arrayBuffer();
		const iv = nonceOf(prefix, piece, piece === count - 1);
		const sealed = await crypto.subtle.encrypt({ name: 'AES-GCM', iv, additionalData: header }, key, plain);
		// A Blob each, which the browser may keep on disk.
		parts.push(new Blob([sealed]));
		onProgress((piece + 1) / count);
	}
	return new Blob(parts, { type: 'application/octet-stream' });
}

const refused = (message: string): Read<never> => ({ ok: false, message, problems: [] });

async function headerOf(file: Blob) {
	const start = new Uint8Array(await file.slice(0, mostHeaderBytes).arrayBuffer());
	const end = start.indexOf(10);
	if (end < 0 || start[0] !== 123) return undefined;
	const bytes = start.slice(0, end + 1);
	try {
		const read = headerSchema.safeParse(JSON.parse(new TextDecoder().decode(bytes)));
		return read.success ? { ...read.data, bytes } : undefined;
	} catch {
		return undefined;
	}
}

/** Is a file one that was put under a passphrase? By its first line, whatever it is called. */
export async function isSealed(file: Blob): Promise<boolean> {
	const start = await file.slice(0, 64).text();
	return start.startsWith(`{"format":"${format}"`);
}

/** Takes a file out from under its passphrase. A wrong passphrase and a file that is not as it was written are told apart where they can be. */
export async function unseal(file: Blob, passphrase: string): Promise<Read<Blob>> {
	const header = await headerOf(file);
	if (!header)
		return refused('This sealed file is damaged in its first line, or a newer Prime Echo wrote it.');
	const key = await keyFrom(passphrase, header.salt, header.iterations, 'decrypt');
	const body = file.slice(header.bytes.length);
	const sealedBytes = header.pieceBytes + tagBytes;
	const count = Math.max(1, Math.ceil(body.size / sealedBytes));
	const parts: Blob[] = [];
	for (let piece = 0; piece < count; piece++) {
		const sealed = await body.slice(piece * sealedBytes, (piece + 1) * sealedBytes).arrayBuffer();
		const iv = nonceOf(header.prefix, piece, piece === count - 1);
		try {
			const plain = await crypto.subtle.decrypt(
				{ name: 'AES-GCM', iv, additionalData: header.bytes },
				key,
				sealed
			);
			parts.push(new Blob([plain]));
		} catch {
			return refused(
				piece === 0
					? 'The passphrase is not the one that this file was sealed with, or the file is damaged. Nothing was changed; try the passphrase again, capitals and spaces included.'
					: 'The passphrase is right, but the sealed file is damaged or cut off. Nothing was changed.'
			);
		}
	}
	return { ok: true, value: new Blob(parts) };
}
