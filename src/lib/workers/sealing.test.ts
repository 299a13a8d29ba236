import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { derivedBits, isSealed, leastPassphrase, seal, unseal } from './sealing';

const hex = (bytes: ArrayBuffer) => Buffer.from(bytes).toString('hex');
const text = (letters: string) => new TextEncoder().encode(letters);
const bytesOf = async (file: Blob) => new Uint8Array(await file.arrayBuffer());
const passphrase = 'a lighthouse in winter';

describe('the key from a passphrase', () => {
	it('is PBKDF2-HMAC-SHA-256 as in RFC 7914, section 11 (values from memory)', async () => {
		const told =
			'55 ac 04 6e 56 e3 08 9f ec 16 91 c2 25 44 b6 05 f9 41 85 21 6d de 04 65 e6 8b 9d 57 c2 0d ac bc ' +
			'49 ca 9c cc f1 79 b6 45 99 16 64 b3 9d 77 ef 31 7c 71 b8 45 b1 e3 0b d5 09 11 20 41 d3 a1 97 83';
		expect(hex(await derivedBits('passwd', text('salt'), 1, 512))).toBe(told.replaceAll(' ', ''));
	});
	it('is the same however the letters of the passphrase are composed', async () => {
		const one = await derivedBits('caf\u00e9 au lait', text('salt'), 2, 256);
		const other = await derivedBits('cafe\u0301 au lait', text('salt'), 2, 256);
		expect(hex(one)).toBe(hex(other));
	});
});

describe('a sealed file', () => {
	const sizes = [0, 1, 1024 * 1024, 2.5 * 1024 * 1024];
	it.each(sizes)('of %d bytes comes out as it went in, and shows nothing of itself', async (size) => {
		const plain = Uint8Array.from({ length: size }, (_, i) => (i * 31) % 251);
		const sealed = await seal(new Blob([plain]), passphrase);
		expect(await isSealed(sealed)).toBe(true);
		const opened = await unseal(sealed, passphrase);
		expect(opened.ok && Buffer.compare(await bytesOf(opened.value), plain)).toBe(0);
		if (size > 64)
			expect(Buffer.from(await bytesOf(sealed)).includes(Buffer.from(plain.slice(0, 32)))).toBe(false);
	});
	it('names what it was sealed with in its first line, each time with another salt', async () => {
		const header = async () =>
			JSON.parse((await (await seal(new Blob(['x']), passphrase)).text()).split('\n')[0]!);
		const [one, other] = [await header(), await header()];
		expect(one).toMatchObject({
			cipher: 'AES-256-GCM',
			kdf: 'PBKDF2-HMAC-SHA-256',
			iterations: 600_000
		});
		expect(one.salt).not.toBe(other.salt);
		expect(one.prefix).not.toBe(other.prefix);
	});
	it('says that a passphrase is not the one, and takes none that is too short', async () => {
		const sealed = await seal(new Blob(['the studio']), passphrase);
		const opened = await unseal(sealed, `${passphrase} `);
		expect(opened).toMatchObject({ ok: false, message: expect.stringContaining('passphrase') });
		await expect(seal(new Blob(['x']), 'x'.repeat(leastPassphrase - 1))).rejects.toThrow(RangeError);
	});
	it('that was cut off, put together anew or changed in any byte is refused (generated)', async () => {
		const plain = Uint8Array.from({ length: 2 * 1024 * 1024 + 100 }, (_, i) => i % 256);
		const sealed = await bytesOf(await seal(new Blob([plain]), passphrase));
		const start = sealed.indexOf(10) + 1;
		const piece = 1024 * 1024 + 16;
		const cutOff = sealed.slice(0, start + 2 * piece);
		const swapped = Uint8Array.from([
			...sealed.slice(0, start),
			...sealed.slice(start + piece, start + 2 * piece),
			...sealed.slice(start, start + piece),
			...sealed.slice(start + 2 * piece)
		]);
		for (const spoiled of [cutOff, swapped]) {
			const opened = await unseal(new Blob([spoiled]), passphrase);
			expect(opened.ok).toBe(false);
		}
		await fc.assert(
			fc.asyncProperty(
				fc.integer({ min: 0, max: sealed.length - 1 }),
				fc.integer({ min: 1, max: 255 }),
				async (at, by) => {
					const changed = sealed.slice();
					changed[at] = (changed[at]! + by) % 256;
					const opened = await unseal(new Blob([changed]), passphrase);
					expect(opened.ok).toBe(false);
				}
			),
			{ numRuns: 5 }
		);
	});
	it('is told from a plain backup by its first line', async () => {
		expect(await isSealed(new Blob([Uint8Array.from([0x50, 0x4b, 3, 4])]))).toBe(false);
		expect(await isSealed(new Blob(['{"format":"prime-echo-studio"}\n']))).toBe(false);
	});
});
