import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ReadAhead } from './read-ahead';

const megabyte = 1024 * 1024;
const size = 19 * megabyte + 7;
/** Bytes that tell where they lie. */
const bytes = Uint8Array.from({ length: size }, (_, i) => (i ^ (i >>> 8) ^ (i >>> 16)) & 255);

/** A file that says how much of it was read at once, and how often. */
function watched() {
	const readings: number[] = [];
	class Watched extends Blob {
		override slice(start?: number, end?: number, type?: string) {
			const part = super.slice(start, end, type);
			readings.push(part.size);
			return part;
		}
	}
	return { file: new Watched([bytes]), readings };
}

describe('a file read in large parts', () => {
	it('gives what lies there, wherever it is asked and in any order (generated)', async () => {
		const source = new ReadAhead(new Blob([bytes]));
		await fc.assert(
			fc.asyncProperty(fc.nat(size + 10), fc.nat(9 * megabyte), async (start, length) => {
				const read = await source.readUint8Array(start, length);
				const wanted = bytes.subarray(start, start + length);
				expect(read.length).toBe(wanted.length);
				expect(Buffer.compare(read, wanted)).toBe(0);
			}),
			{ numRuns: 60 }
		);
	});

	it('is read once from its beginning to its end, in few readings', async () => {
		const { file, readings } = watched();
		const source = new ReadAhead(file);
		for (let at = 0; at < size; at += 100_000) await source.readUint8Array(at, 100_000);
		expect(readings).toHaveLength(3);
		expect(readings.reduce((sum, one) => sum + one, 0)).toBe(size);
	});

	it('tells whoever asks that it can no longer be read', async () => {
		const gone = Object.assign(new Blob([bytes]), {
			slice: () => ({ arrayBuffer: () => Promise.reject(new DOMException('gone', 'NotReadableError')) })
		}) as unknown as Blob;
		await expect(new ReadAhead(gone).readUint8Array(0, 10)).rejects.toThrow('gone');
	});

	it('tells, and does not wait for ever, where the file was cut off meanwhile', async () => {
		const cut = Object.assign(new Blob([bytes]), { slice: () => new Blob([]) }) as unknown as Blob;
		await expect(new ReadAhead(cut).readUint8Array(0, 10)).rejects.toThrow('shorter');
	});
});
