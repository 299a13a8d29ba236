import { linearOfByte, type Light, type Pixels } from './pixels';

/** D65, and the matrix from linear sRGB to XYZ (IEC 61966-2-1). */
const whiteX = 0.95047;
const whiteZ = 1.08883;

const epsilon = 216 / 24389;
const kappa = 24389 / 27;
const folded = (ratio: number) => (ratio > epsilon ? Math.cbrt(ratio) : (kappa * ratio + 16) / 116);

/** CIELAB under D65 of linear light, as `l`, `a`, `b`. The same as `labOfHex`, without the hex. */
export function labOfLight([red, green, blue]: Light): [l: number, a: number, b: number] {
	const x = folded((0.4123908 * red + 0.3575843 * green + 0.1804808 * blue) / whiteX);
	const y = folded(0.212639 * red + 0.7151687 * green + 0.0721923 * blue);
	const z = folded((0.0193308 * red + 0.1191948 * green + 0.9505322 * blue) / whiteZ);
	return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/** CIELAB of a whole picture: `l`, `a` and `b` of each pixel behind one another. */
export function labOfPixels({ data }: Pixels): Float32Array {
	const count = data.length / 4;
	const lab = new Float32Array(count * 3);
	for (let at = 0; at < count; at++) {
		const i = at * 4;
		const [l, a, b] = labOfLight([
			linearOfByte[data[i] ?? 0] ?? 0,
			linearOfByte[data[i + 1] ?? 0] ?? 0,
			linearOfByte[data[i + 2] ?? 0] ?? 0
		]);
		lab[at * 3] = l;
		lab[at * 3 + 1] = a;
		lab[at * 3 + 2] = b;
	}
	return lab;
}
