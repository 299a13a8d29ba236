/** A file that is read from its beginning to its end, in few and large readings. */
import { Reader } from '@zip.js/zip.js/lib/zip-core-external.js';

/** Each reading of a file takes the browser some milliseconds, whatever it brings: it is read in parts of this size. */
const partBytes = 8 * 1024 * 1024;
/** The part in use, the one before it and the one that comes next. */
const mostParts = 3;

/** Reads a file in large parts, the next one while a part is used; memory is bounded by three of them. */
export class ReadAhead extends Reader<Blob> {
	readonly #file: Blob;
	readonly #parts = new Map<number, Promise<Uint8Array>>();

	constructor(file: Blob) {
		super(file);
		this.#file = file;
		this.size = file.size;
	}

	#part(number: number): Promise<Uint8Array> {
		const known = this.#parts.get(number);
		if (known) return known;
		const part = this.#file
			.slice(number * partBytes, (number + 1) * partBytes)
			.arrayBuffer()
			.then((bytes) => new Uint8Array(bytes));
		// Whoever needs it is told what went wrong with it.
		part.catch(() => undefined);
		this.#parts.set(number, part);
		for (const oldest of this.#parts.keys()) {
			if (this.#parts.size <= mostParts) break;
			this.#parts.delete(oldest);
		}
		return part;
	}

	/** The bytes from `start` on, at most `length`, fewer where the file ends before. */
	override async readUint8Array(start: number, length: number): Promise<Uint8Array> {
		const end = Math.min(start + length, this.size);
		const pieces: Uint8Array[] = [];
		for (let at = start; at < end;) {
			const number = Math.floor(at / partBytes);
			const coming = this.#part(number);
			if ((number + 1) * partBytes < this.size) void this.#part(number + 1);
			const from = at - number * partBytes;
			const piece = (await coming).subarray(from, from + end - at);
			// Cut off while it is read.
			if (piece.length === 0) throw new RangeError('The file is shorter than it was.');
			pieces.push(piece);
			at += piece.length;
		}
		const [only, another] = pieces;
		return only && !another ? only : joined(pieces, Math.max(0, end - start));
	}
}

function joined(pieces: readonly Uint8Array[], length: number): Uint8Array {
	const whole = new Uint8Array(length);
	let at = 0;
	for (const piece of pieces) {
		whole.set(piece, at);
		at += piece.length;
	}
	return whole;
}
