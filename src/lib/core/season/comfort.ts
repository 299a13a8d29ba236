/** In which weather an outfit is pleasant to wear. */
import { inState, statesOf, type LayerState } from '../body/layers';
import {
	activities,
	cloOfType,
	cloTable,
	likened,
	thinToThick,
	type Activity,
	type Insulation
} from '../lexicon/insulation';
import { feelOf } from '../lexicon/material-feel';
import { garmentType } from '../lexicon/taxonomy';
import type { Event } from '../model/event';
import type { Garment } from '../model/garment';
import { predictedMeanVote } from './pmv';

type Worn = readonly { garment: Garment }[];

/** 0 thin … 1 thick: as stated, else by what its cloth weighs; halfway where neither tells. */
export function thicknessOf({ facets, type }: Garment): number {
	const weight = facets.weight?.value;
	if (weight !== undefined) return { light: 0, medium: 0.5, heavy: 1 }[weight];
	if (['chunky-knit', 'padded'].includes(facets.texture?.value ?? '')) return 1;
	const feel = feelOf.get(facets.material?.value ?? garmentType(type).usual.material ?? '');
	if (!feel) return 0.5;
	const [thin, thick] = thinToThick;
	return Math.max(0, Math.min(1, (feel.weight - thin) / (thick - thin)));
}

const sleeveOf = ({ facets, type }: Garment) =>
	facets.sleeveLength?.value ?? garmentType(type).usual.sleeveLength;
function bySleeve(garment: Garment, bare: Insulation, short: Insulation, long: Insulation): Insulation {
	const sleeve = sleeveOf(garment);
	if (sleeve === undefined) return long;
	if (['strapless', 'sleeveless', 'cap'].includes(sleeve)) return bare;
	return ['short', 'elbow'].includes(sleeve) ? short : long;
}

const isDoubleBreasted = ({ facets }: Garment) =>
	facets.closure?.value.startsWith('double-breasted') ?? false;
const jacketOf = (garment: Garment) =>
	isDoubleBreasted(garment) ? cloTable.doubleBreastedJacket : cloTable.singleBreastedJacket;
const plus = (...parts: Insulation[]): Insulation => ({
	thin: parts.reduce((sum, { thin }) => sum + thin, 0),
	thick: parts.reduce((sum, { thick }) => sum + thick, 0)
});
const shirt = (garment: Garment) =>
	bySleeve(garment, cloTable.sleevelessBlouse, cloTable.shortSleevedShirt, cloTable.longSleevedShirt);
const dress = (garment: Garment) =>
	bySleeve(garment, cloTable.sleevelessDress, cloTable.shortSleevedDress, cloTable.longSleevedDress);

/** How the things of a family are found in the tables. */
const ofFamily: Readonly<Record<string, (garment: Garment) => Insulation>> = {
	tees: (garment) => bySleeve(garment, cloTable.tee, cloTable.tee, cloTable.shortSleevedShirt),
	shirts: shirt,
	knitwear: () => cloTable.sweater,
	cardigans: () => cloTable.sweater,
	tailored: jacketOf,
	jackets: jacketOf,
	coats: () => cloTable.coat,
	trousers: () => cloTable.trousers,
	jeans: () => cloTable.trousers,
	shorts: ({ facets, type }) =>
		(facets.legLength?.value ?? garmentType(type).usual.legLength) === 'knee'
			? cloTable.walkingShorts
			: cloTable.shortShorts,
	skirts: () => cloTable.skirt,
	dresses: dress,
	jumpsuits: (garment) => plus(shirt(garment), cloTable.trousers),
	suits: (garment) =>
		plus(
			jacketOf(garment),
			cloTable.trousers,
			...(garment.type === 'three-piece-suit' ? [cloTable.waistcoat] : [])
		),
	'skirt-suits': (garment) => plus(jacketOf(garment), cloTable.skirt),
	'co-ords': (garment) => plus(shirt(garment), cloTable.trousers),
	'skirt-sets': (garment) => plus(shirt(garment), cloTable.skirt),
	kurtas: shirt,
	sherwanis: () => cloTable.doubleBreastedJacket,
	anarkalis: dress,
	'kurta-sets': (garment) => plus(shirt(garment), cloTable.trousers),
	salwars: () => cloTable.trousers,
	lehengas: () => cloTable.skirt,
	'lehenga-sets': (garment) => plus(shirt(garment), cloTable.skirt),
	drapes: () => likened.saree,
	stoles: () => likened.scarf,
	hosiery: () => cloTable.tights,
	underpinnings: () => cloTable.briefs,
	shoes: () => cloTable.shoes,
	sandals: () => cloTable.sandals,
	boots: () => cloTable.boots,
	scarves: () => likened.scarf,
	headwear: () => likened.hat,
	gloves: () => likened.gloves
};

/** What a garment keeps warm, in clo: by its type, sleeve, closure and thickness (ASHRAE 55, ISO 9920). */
export function insulationOf(garment: Garment): number {
	const { family } = garmentType(garment.type);
	const { thin, thick } = cloOfType[garment.type] ?? ofFamily[family]?.(garment) ?? { thin: 0, thick: 0 };
	return thin + (thick - thin) * thicknessOf(garment);
}

/** What is worn under everything though no one notes it. */
const underneathClo = cloTable.briefs.thin;

/** What an outfit keeps warm, in clo: the sum of its garments (ASHRAE 55), with the underwear that nobody notes. */
export function outfitInsulation(worn: Worn): number {
	const noted = worn.some(({ garment }) => garment.type === 'briefs' || garment.type === 'boxer-shorts');
	return worn.reduce((sum, { garment }) => sum + insulationOf(garment), noted ? 0 : underneathClo);
}

/** Air temperatures between which the formula holds, °C (ISO 7730 is meant for moderate conditions). */
export const validC = { from: 10, to: 30 } as const;
/** Votes between which people are content: category B of ISO 7730, at most a tenth of them not. */
const content = [-0.5, 0.5] as const;
/** Air speed at the body in m/s, and humidity in %, as assumed (common practice): still rooms, a light breeze outdoors. */
const airSpeeds = { indoors: 0.1, outdoors: 0.4 } as const;
const humidity = 50;

export interface ComfortRange {
	state: LayerState;
	/** Insulation of what is worn so. */
	clo: number;
	/** Air temperatures, °C, in which it is pleasant; both at one end of what the formula covers where it lies beyond. */
	fromC: number;
	toC: number;
	/** It may be pleasant below or above what the formula covers, too: how far, nobody can tell by it. */
	beyond: { colder: boolean; warmer: boolean };
}

export interface ComfortOptions {
	setting?: 'indoors' | 'outdoors';
	/** The votes that will do; −0.5 to 0.5 without. */
	votes?: readonly [least: number, most: number];
}

/** The air temperature at which a clothed body votes so, °C; within what the formula covers, by bisection. */
function temperatureOf(vote: number, met: number, clo: number, airSpeed: number): number {
	const voteAt = (airC: number) => predictedMeanVote({ airC, radiantC: airC, airSpeed, humidity, met, clo });
	let { from, to }: { from: number; to: number } = validC;
	if (voteAt(from) >= vote) return from;
	if (voteAt(to) <= vote) return to;
	for (let step = 0; step < 24; step++) {
		const middle = (from + to) / 2;
		if (voteAt(middle) < vote) from = middle;
		else to = middle;
	}
	return (from + to) / 2;
}

/**
 * The air temperatures, °C, in which an outfit is pleasant, with everything on and with its layers off: predicted mean vote
 * within ±0.5 (ISO 7730:2005, category B) at the activity, in the shade, at 50 % humidity. Where the range reaches an end of what
 * the formula covers (10 to 30 °C), `beyond` says so. Rain, wind and sun are not in it.
 *
 * @example comfortRange(worn, 'standing')[0] // { state: 'everything on', clo: 0.93, fromC: 19.4, toC: 24.1, … }
 */
export function comfortRange(
	worn: Worn,
	activity: Activity,
	{ setting = 'indoors', votes: [least, most] = content }: ComfortOptions = {}
): ComfortRange[] {
	const { met } = activities[activity];
	const airSpeed = airSpeeds[setting];
	return statesOf(worn).map((state) => {
		const clo = outfitInsulation(inState(worn, state));
		const fromC = temperatureOf(least, met, clo, airSpeed);
		const toC = temperatureOf(most, met, clo, airSpeed);
		return {
			state,
			clo,
			fromC,
			toC,
			beyond: { colder: fromC <= validC.from, warmer: toC >= validC.to }
		};
	});
}

export type WarmthVerdict = 'fine' | 'cold' | 'hot' | 'beyond';

export interface WarmthOn {
	/** beyond: so cold or hot that the formula does not tell; the eye has to. */
	verdict: WarmthVerdict;
	/** In which states it is pleasant. */
	states: LayerState[];
	ranges: ComfortRange[];
}

/** How an outfit does at an air temperature, °C, in any of its layer states. */
export function warmthAt(airC: number, ranges: ComfortRange[]): WarmthOn {
	const states = ranges.filter(({ fromC, toC }) => airC >= fromC && airC <= toC).map(({ state }) => state);
	const colder = ranges.every(({ fromC, beyond }) => airC < fromC && !beyond.colder);
	const hotter = ranges.every(({ toC, beyond }) => airC > toC && !beyond.warmer);
	const verdict: WarmthVerdict =
		states.length > 0
			? 'fine'
			: colder
				? 'cold'
				: hotter
					? 'hot'
					: outside(airC)
						? 'beyond'
						: between(airC, ranges);
	return { verdict, states, ranges };
}
const outside = (airC: number) => airC < validC.from || airC > validC.to;
/** Too cold with a layer off and too hot with it on: the nearer of the two. */
function between(airC: number, ranges: readonly ComfortRange[]): WarmthVerdict {
	const gap = (range: ComfortRange) => (airC < range.fromC ? range.fromC - airC : airC - range.toC);
	const [nearest] = [...ranges].sort((a, b) => gap(a) - gap(b));
	return nearest && airC < nearest.fromC ? 'cold' : 'hot';
}

/** Kilometres from which a day is one of walking, and from which one strolls. */
const walkingFromKm = 3;
const strollingFromKm = 0.8;

/** What people mostly do at an event, as far as it tells. */
export function activityAt(event: Partial<Pick<Event, 'walkingKm' | 'standingHours' | 'food'>>): Activity {
	const { walkingKm = 0, standingHours, food } = event;
	if (walkingKm >= walkingFromKm) return 'walking';
	if (walkingKm >= strollingFromKm) return 'strolling';
	if (food === 'seated' && (standingHours ?? 0) <= 1) return 'sitting';
	return 'standing';
}

/** Highest and lowest air temperature of an ordinary day of a month, °C, and days with rain. */
export interface MonthNormal {
	lowC: number;
	highC: number;
	rainDays: number;
}

/** By day, when things are worn: nearer to the highest than to the lowest. */
export const dayC = ({ lowC, highC }: MonthNormal): number => lowC + (highC - lowC) * 0.7;

/** Out of doors people walk, and take a slight chill sooner than a slight sweat (this project's). */
const contentOutdoors = [-1, 0.5] as const;

/**
 * The months, 1 to 12, in which an outfit is worn as it is, with everything on, out of doors and walking, by what is usual at
 * a place. Where it is colder or hotter than the formula covers, and the outfit is as warm or as light as that asks, the month counts.
 */
export function monthsFor(worn: Worn, normals: readonly MonthNormal[]): number[] {
	const [whole] = comfortRange(worn, 'walking', { setting: 'outdoors', votes: contentOutdoors });
	if (!whole) return [];
	return normals.flatMap((normal, i) =>
		['fine', 'beyond'].includes(warmthAt(dayC(normal), [whole]).verdict) ? [i + 1] : []
	);
}
