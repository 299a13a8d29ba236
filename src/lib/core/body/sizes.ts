/** Which size of a chart suits a client, how sure that is, and where it will be tight or loose. */
import { bodyMeasures, type BodyMeasure } from '../lexicon/measures';
import { placeOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { FitNote } from '../model/fit-note';
import type { Garment } from '../model/garment';
import type { SizeRow } from '../model/market';
import { remembered, type Remembered } from './fit-memory';

/** A place where a size is not what the body is: by so many cm, below 0 tight, above 0 loose. */
export interface FitAt {
	measure: BodyMeasure;
	cm: number;
}

export type SizeAdvice =
	| {
			/** between: two labels are as near; the one given is the better of them. */
			state: 'fits' | 'between';
			label: string;
			/** The other label, between two. */
			other?: string;
			/** 0 to 1: less where measures or columns are missing, a label covers much, or the body lies at its edge. */
			confidence: number;
			fit: FitAt[];
			/** What is said of it: "between sizes: take the larger and have the waist taken in". */
			words: string[];
			memory?: Remembered;
	  }
	/** The measures lie outside the chart; the label named is the nearest. */
	| { state: 'none'; nearest: string; fit: FitAt[] }
	/** Nothing to go by: the measure named here is missing. */
	| { state: 'unknown'; missing: BodyMeasure };

type Column = Exclude<keyof SizeRow, 'label'>;
interface Governing {
	measure: BodyMeasure;
	column: Column;
	/** How much it counts; the first must be known. */
	weight: number;
}

const bust: Governing = { measure: 'bust', column: 'bustCm', weight: 1 };
const waist: Governing = { measure: 'waist', column: 'waistCm', weight: 0.7 };
const hip: Governing = { measure: 'hip', column: 'hipCm', weight: 1 };
const length: Governing[] = [
	{ measure: 'inseam', column: 'inseamCm', weight: 0.6 },
	{ measure: 'stature', column: 'statureCm', weight: 0.4 }
];
const stature: Governing = { measure: 'stature', column: 'statureCm', weight: 0.4 };

/** Skirts that stand off the hip go by the waist. */
const offTheHip = ['a-line', 'full', 'circle', 'tiered', 'ruffled', 'pleated', 'wrap', 'tulip', 'puff'];

/**
 * The girths and lengths that decide the size of a garment, the first before all: bust or chest for what hangs from the
 * shoulder, hip for bottoms, waist for skirts that stand off it, foot length for shoes (common practice).
 */
function governing(garment: Garment): Governing[] {
	const { slot, usual } = garmentType(garment.type);
	if (slot === 'feet') return [{ measure: 'foot', column: 'footCm', weight: 1 }];
	if (slot === 'legs') {
		const shape = garment.facets.skirtShape?.value ?? usual.skirtShape;
		return shape !== undefined && offTheHip.includes(shape)
			? [{ ...waist, weight: 1 }, { ...hip, weight: 0.2 }, stature]
			: [hip, waist, ...length];
	}
	if (slot === 'whole' || slot === 'suit') return [bust, waist, { ...hip, weight: 0.8 }, stature];
	return [bust, { ...waist, weight: 0.3 }, { ...hip, weight: 0.2 }, stature];
}

/**
 * Ease in cm that a fit is cut with at the bust: very close none, close 2.5 to 5, standard 5 to 10, loose 10 to 15, oversized 15
 * and more (Craft Yarn Council standards, values from memory; the middle of each is taken).
 */
const easeOfFit: Readonly<Record<string, number>> = {
	'skin-tight': 0,
	close: 3.75,
	tailored: 5,
	regular: 7.5,
	relaxed: 12.5,
	oversized: 17.5
};
/** Ease that is asked for to move at all; what is more than it can take up a body beyond the chart. */
const leastEaseCm = 5;
/** Cloth that gives takes up some, too, in cm of girth (common practice). */
const givesCm = 3;
const givingCloth = ['jersey', 'knit', 'elastane', 'sweatshirting', 'fleece'];
/** Beyond the chart by more than this, in cm, and beyond what the cut takes up, no size is advised. */
const mostBeyondCm = 2;
const lengths: readonly Column[] = ['inseamCm', 'statureCm'];

/** How much of a body beyond the chart the cut takes up, in cm of girth. */
function takesUpCm({ type, facets }: Garment): number {
	const { usual, family } = garmentType(type);
	const fit = facets.fit?.value ?? usual.fit ?? 'regular';
	const gives =
		givingCloth.includes(facets.material?.value ?? usual.material ?? '') || family === 'knitwear'
			? givesCm
			: 0;
	return Math.max(0, (easeOfFit[fit] ?? leastEaseCm) - leastEaseCm) * 0.5 + gives;
}

const isCutWide = ({ type, facets }: Garment) => {
	const fit = facets.fit?.value ?? garmentType(type).usual.fit;
	return fit !== undefined && placeOf('fit', fit) >= placeOf('fit', 'relaxed');
};

/** Where a body lies outside a row, in cm: below 0 the size is tight, above 0 loose. */
const apart = (cm: number, [from, to]: readonly [number, number]) =>
	cm < from ? from - cm : cm >= to ? to - cm - (cm === to ? 1e-9 : 0) : 0;

interface Tried {
	row: SizeRow;
	fit: FitAt[];
	/** How ill it fits: cm, each weighed; a girth that is tight counts double. */
	penalty: number;
}

function tried(row: SizeRow, measures: Client['measurements'], asked: readonly Governing[]): Tried {
	const fit = asked.flatMap(({ measure, column }): FitAt[] => {
		const cm = measures[measure];
		const range = row[column];
		return cm === undefined || range === undefined ? [] : [{ measure, cm: apart(cm, range) }];
	});
	const penalty = fit.reduce((sum, { measure, cm }) => {
		const { weight = 0, column } = asked.find((one) => one.measure === measure) ?? {};
		const twice = cm < 0 && column !== undefined && !lengths.includes(column);
		return sum + weight * Math.abs(cm) * (twice ? 2 : 1);
	}, 0);
	return { row, fit: fit.filter(({ cm }) => Math.abs(cm) >= 0.05), penalty };
}

const inWords = ({ measure, cm }: FitAt) => {
	const amount = `${Math.max(0.5, Math.round(Math.abs(cm) * 2) / 2)} cm`;
	if (measure === 'inseam' || measure === 'stature') return `${amount} too ${cm < 0 ? 'short' : 'long'}`;
	return `${cm < 0 ? 'tight' : 'loose'} by ${amount} at the ${bodyMeasures[measure].label}`;
};

/** How sure an advice is (this project's): each doubt takes its share. */
function sureness(
	{ row, fit }: Tried,
	measures: Client['measurements'],
	asked: readonly Governing[],
	between: boolean
): number {
	const unknown = asked.filter(
		({ measure, column }) => row[column] && measures[measure] === undefined
	).length;
	const wide = asked.some(({ column, measure }) => {
		const range = row[column];
		return range !== undefined && measure !== 'foot' && !lengths.includes(column) && range[1] - range[0] > 6;
	});
	const atEdge = asked.some(({ column, measure }) => {
		const range = row[column];
		const cm = measures[measure];
		const edge = measure === 'foot' ? 0.15 : 0.75;
		return range && cm !== undefined && cm >= range[0] && cm < range[1]
			? Math.min(cm - range[0], range[1] - cm) < edge
			: false;
	});
	const off = fit.reduce((sum, { cm }) => sum + Math.abs(cm), 0);
	return (
		0.95 *
		0.85 ** unknown *
		(wide ? 0.85 : 1) *
		(atEdge ? 0.85 : 1) *
		(between ? 0.7 : 1) *
		Math.max(0.4, 1 - 0.06 * off)
	);
}

/** Beyond the largest and the smallest row there is nothing to take. */
function beyondChart(rows: readonly SizeRow[], first: Governing, cm: number, gives: number): boolean {
	const ranges = rows.flatMap((row) => row[first.column] ?? []);
	const most = Math.max(...ranges);
	const least = Math.min(...ranges);
	const spare = first.measure === 'foot' ? 0 : mostBeyondCm;
	return cm >= most + gives + spare || cm < least - spare;
}

/** Two neighbours of which the smaller is tight somewhere and the larger loose, and neither much the worse. */
function liesBetween(all: readonly Tried[], best: number, second: number): boolean {
	if (Math.abs(second - best) !== 1) return false;
	const [smaller, larger] = [all[Math.min(best, second)], all[Math.max(best, second)]];
	const [nearer, other] = [all[best], all[second]];
	if (!smaller || !larger || !nearer || !other) return false;
	return (
		smaller.fit.some(({ cm }) => cm < -noticedCm) &&
		larger.fit.some(({ cm }) => cm > noticedCm) &&
		other.penalty < nearer.penalty * 2.5 + 1
	);
}
/** Less than this, in cm, nobody notices. */
const noticedCm = 0.5;

/** What is done about a place that is loose where another decided the size. */
const takenIn: Partial<Record<BodyMeasure, string>> = {
	waist: 'have the waist taken in',
	hip: 'let it fall loose at the hip',
	bust: 'have the bust taken in'
};

/**
 * Which label of a size chart suits a client in a garment. A body that lies between two labels gets the larger, unless the cut or
 * the cloth gives enough; a garment that is cut wide is not taken smaller. What was tried before, of this shop and kind of thing,
 * moves the advice: three equal notes by one label.
 *
 * @param chart rows of one shop and department, the smallest first, in the shop's own labels; girths of the body in cm
 * @param memory notes of this client on this shop and kind of thing
 */
export function bestSize(
	client: Pick<Client, 'measurements'>,
	chart: readonly SizeRow[],
	garment: Garment,
	memory: readonly FitNote[] = []
): SizeAdvice {
	const measures = client.measurements;
	const asked = governing(garment).filter(({ column }) => chart.some((row) => row[column] !== undefined));
	const [first] = asked;
	const cm = first && measures[first.measure];
	if (!first || cm === undefined)
		return { state: 'unknown', missing: first?.measure ?? governing(garment)[0]?.measure ?? 'bust' };
	const rows = chart.filter((row) => row[first.column] !== undefined);
	const gives = first.measure === 'foot' ? 0 : takesUpCm(garment);
	const all = rows.map((row) => tried(row, measures, asked));
	const order = all.map((_, i) => i).sort((a, b) => (all[a]?.penalty ?? 0) - (all[b]?.penalty ?? 0) || a - b);
	const best = order[0] ?? 0;
	const second = order[1];
	const chosen = all[best];
	if (!chosen) return { state: 'unknown', missing: first.measure };
	if (beyondChart(rows, first, cm, gives))
		return { state: 'none', nearest: chosen.row.label, fit: chosen.fit };

	const wide = isCutWide(garment);
	const between = second !== undefined && liesBetween(all, best, second);
	const labels = rows.map(({ label }) => label);
	// Of two the larger: what is loose can be taken in. What gives, or is cut wide, is taken as the chart has it.
	const upwards = between && gives < givesCm && !wide ? Math.max(best, second) : best;
	const memoryOf = memory.length > 0 ? remembered(memory, labels, upwards) : undefined;
	const at = upwards + (memoryOf?.shift ?? 0);
	const final = all[at] ?? chosen;
	const otherAt = upwards === best ? second : best;
	const other = between && otherAt !== undefined ? labels[otherAt] : undefined;
	const moved = (memoryOf?.shift ?? 0) !== 0;

	const loosest = final.fit.filter(({ cm: off, measure }) => off > 0 && takenIn[measure]);
	const words = [
		...(between && !moved
			? [
					upwards > (otherAt ?? upwards)
						? ['between sizes: take the larger', ...loosest.map(({ measure }) => takenIn[measure])].join(
								' and '
							)
						: `between sizes: take the smaller, the ${gives >= givesCm ? 'cloth gives' : 'cut is wide'}`
				]
			: []),
		...(wide ? ['cut wide: do not size down'] : []),
		...(moved && memoryOf
			? [
					`${memoryOf.shift > 0 ? 'larger' : 'smaller'} than the chart says: ${memoryOf.notes} of ${memoryOf.of} tried say so`
				]
			: final.fit.map(inWords))
	];
	const sure = sureness(final, measures, asked, between);
	return {
		state: between && !moved ? 'between' : 'fits',
		label: final.row.label,
		...(other !== undefined && !moved && { other }),
		// What was tried tells more than a chart: each note that speaks for it takes a third of the doubt away.
		confidence: memoryOf ? 1 - (1 - sure) * (2 / 3) ** Math.min(6, memoryOf.notes) : sure,
		fit: final.fit,
		words,
		...(memoryOf && { memory: memoryOf })
	};
}
