/** Charts for sizes of which only the labels are known. */
import type { Department } from '../lexicon/brief';
import { hipAboveBustCm, mensLetters, womensLetters } from '../lexicon/letter-sizes';
import type { Shop, SizeRow } from '../model/market';
import { footOfEu, footOfUk } from './size-systems';

/** "EU 39", "39", "UK 6.5", "uk6½": the system and the number of a shoe size; a bare number above 20 is EU, else UK. */
function shoeSizeOf(label: string): { system: 'EU' | 'UK'; size: number } | undefined {
	const [, said, whole = '', half = ''] = /^(eu|uk)?\s*(\d{1,2})(\.5|½)?$/i.exec(label.trim()) ?? [];
	if (whole === '') return undefined;
	const size = Number(whole) + (half === '' ? 0 : 0.5);
	const system = said?.toUpperCase() ?? (size > 20 ? 'EU' : 'UK');
	return { system: system === 'UK' ? 'UK' : 'EU', size };
}

function shoeRow(label: string): SizeRow | undefined {
	const read = shoeSizeOf(label);
	if (!read) return undefined;
	const [footOf, step] = read.system === 'EU' ? [footOfEu, 0.5] : [footOfUk, 0.25];
	return { label, footCm: [footOf(read.size - step), footOf(read.size + step)] };
}

function letterRow(label: string, department: Department): SizeRow | undefined {
	const letter = label
		.trim()
		.toUpperCase()
		.replace(/^XXXL$/, '3XL');
	const letters = department === 'men' ? mensLetters : womensLetters;
	const girth = letters.find((row) => row.label === letter)?.girthCm;
	if (!girth) return undefined;
	const [from, to] = girth;
	const hip: [number, number] = [from + hipAboveBustCm, to + hipAboveBustCm];
	return { label, bustCm: [from, to], ...(department === 'men' ? {} : { hipCm: hip }) };
}

/** Smallest first, by the girth or the foot that they begin with. */
const bySize = (a: SizeRow, b: SizeRow) =>
	(a.bustCm?.[0] ?? a.footCm?.[0] ?? 0) - (b.bustCm?.[0] ?? b.footCm?.[0] ?? 0);
const rowsOf = (labels: ReadonlySet<string>, rowOf: (label: string) => SizeRow | undefined) =>
	[...labels].flatMap((label) => rowOf(label) ?? []).sort(bySize);

/**
 * A chart for labels of which nothing more is known: letters as EN 13402-3 has them, shoes by the length of the foot that a size is
 * made for (values from memory). Of other labels nothing is said: numbered clothes are cut by every shop otherwise.
 */
export const chartOfLabels = (
	labels: { clothes: ReadonlySet<string>; shoes: ReadonlySet<string> },
	department: Department
): Shop['sizeChart'] => ({
	clothes: rowsOf(labels.clothes, (label) => letterRow(label, department)),
	shoes: rowsOf(labels.shoes, shoeRow)
});
