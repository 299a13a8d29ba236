/** Pixels of a drawn plate to each of its own units: fine enough for paper. */
const fineness = 2;

/** A drawn plate as a PNG. */
export async function pngOf(svg: string): Promise<Blob> {
	const [, , width = 0, height = 0] = (/viewBox="([^"]+)"/.exec(svg)?.[1] ?? '').split(' ').map(Number);
	// A picture without a size of its own is drawn in none.
	const sized = svg.replace('<svg ', `<svg width="${width * fineness}" height="${height * fineness}" `);
	const address = URL.createObjectURL(new Blob([sized], { type: 'image/svg+xml' }));
	try {
		const image = new Image();
		image.src = address;
		await image.decode();
		const canvas = document.createElement('canvas');
		canvas.width = width * fineness;
		canvas.height = height * fineness;
		canvas.getContext('2d')?.drawImage(image, 0, 0);
		return await new Promise<Blob>((resolve, reject) =>
			canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png')
		);
	} finally {
		URL.revokeObjectURL(address);
	}
}
