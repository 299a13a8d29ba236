import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { photoFileFacts } from './photo-file';

const made = (format: 'jpeg' | 'png' | 'webp' | 'avif', width = 60, height = 40) =>
	sharp({ create: { width, height, channels: 3, background: '#7d1f2b' } })
		.toFormat(format)
		.toBuffer()
		.then((bytes) => new Uint8Array(bytes));
const bytes = (...values: (number | string)[]) =>
	new Uint8Array(
		values.flatMap((value) => (typeof value === 'string' ? [...Buffer.from(value, 'latin1')] : value))
	);

/** A PNG of a hundred megapixels: the header says so, and little follows (PNG, third edition, 11.2.1). */
async function enormous(): Promise<Uint8Array> {
	const png = await made('png');
	new DataView(png.buffer).setUint32(16, 10_000);
	new DataView(png.buffer).setUint32(20, 10_000);
	return png;
}

describe('a file is looked at before it is opened', () => {
	it.each(['jpeg', 'png', 'webp', 'avif'] as const)(
		'a %s is told by its bytes, with its size',
		async (format) => {
			expect(photoFileFacts(await made(format))).toEqual({
				ok: true,
				mediaType: `image/${format}`,
				width: 60,
				height: 40
			});
		}
	);
	it.each(['jpeg', 'png', 'webp', 'avif'] as const)('a %s that breaks off is refused', async (format) => {
		const whole = await made(format, 300, 200);
		expect(photoFileFacts(whole.slice(0, whole.length - 40))).toEqual({ ok: false, problem: 'cut-off' });
	});
	it.each([
		['nothing', bytes(), 'empty'],
		['a text by another name', bytes('hello, this is a list of clothes'), 'not-a-picture'],
		['an archive', bytes('PK', 3, 4, 'studio.json'), 'not-a-picture'],
		['a phone’s picture', bytes(0, 0, 0, 24, 'ftypheic', 0, 0, 0, 0, 'mif1heic'), 'phone-format'],
		['an animation', bytes('GIF89a', 1, 0, 1, 0), 'other-format'],
		['a drawing', bytes('<svg xmlns="http://www.w3.org/2000/svg"/>'), 'other-format'],
		['a scan', bytes(0x49, 0x49, 0x2a, 0, 8, 0, 0, 0), 'other-format'],
		['a JPEG of nothing but its first bytes', bytes(0xff, 0xd8, 0xff, 0xe0), 'unreadable']
	] as const)('%s is refused', (_, file, problem) => {
		expect(photoFileFacts(file)).toEqual({ ok: false, problem });
	});
	it('a picture of a hundred megapixels in a small file is refused before it is decoded', async () =>
		expect(photoFileFacts(await enormous())).toEqual({ ok: false, problem: 'too-large' }));
	it('and a file larger than any photograph', () => {
		const heavy = new Uint8Array(60 * 1024 * 1024 + 1);
		expect(photoFileFacts(heavy)).toEqual({ ok: false, problem: 'too-heavy' });
	});
});
