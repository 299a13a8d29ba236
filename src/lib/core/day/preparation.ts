/** What is to be done before a look is worn. */
import { heelOfShoe, heelWornCm } from '../body/heights';
import { hemLanding } from '../body/hem-landing';
import { labOfHex } from '../colour/spaces';
import {
	alteredDaysBefore,
	catchesLint,
	marginDays,
	newForDays,
	pressings,
	stiffLeathers,
	taskKinds,
	waterproofed,
	type TaskKind
} from '../lexicon/preparation';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { addDays, daysBetween, type Day } from '../time/days';
import type { Client } from '../model/client';
import type { Event } from '../model/event';
import type { Garment } from '../model/garment';
import type { Listing } from '../model/market';
import type { Piece } from '../model/piece';

/** One thing that is worn, as far as preparation asks. */
export interface Prepared {
	/** The same for the same thing: the key of its item. */
	key: string;
	title: string;
	garment: Garment;
	/** Its own length in cm, where it was measured. */
	lengthCm?: number;
	piece?: Pick<Piece, 'state' | 'acquired'>;
	listing?: Pick<Listing, 'arrivesInDays' | 'condition'>;
	/** What is to be made of it before it is worn so, in words, and the days that it takes. */
	altered?: { label: string; days: number; risk: string };
}

export interface Task {
	/** Stays the same as long as the thing and the deed do, so that a tick is kept. */
	key: string;
	kind: TaskKind;
	/** What it is done to. */
	title: string;
	/** How, and what to heed. */
	how: string;
	daysBefore: number;
}

/** The day on which a task is due for an event. */
export const dueOn = ({ daysBefore }: Pick<Task, 'daysBefore'>, { date }: Pick<Event, 'date'>): Day =>
	addDays(date, -daysBefore);

const cloth: readonly SlotId[] = ['top', 'legs', 'whole', 'suit', 'layer', 'outer', 'drape', 'scarf'];
const valueOf = ({ facets, type }: Garment, facet: 'material' | 'neckline' | 'back') =>
	facets[facet]?.value ?? garmentType(type).usual[facet];

const told = (
	kind: TaskKind,
	{ key, title }: Pick<Prepared, 'key' | 'title'>,
	how: string,
	daysBefore?: number
): Task => ({
	key: `${kind} ${key}`.slice(0, 120),
	kind,
	title,
	how,
	daysBefore: daysBefore ?? taskKinds[kind].daysBefore
});

type OnDay = Partial<Pick<Event, 'date' | 'weather' | 'setting'>>;
type For = Pick<Client, 'measurements' | 'allergies'>;

function toOrder(thing: Prepared): Task[] {
	const { listing } = thing;
	if (!listing) return [];
	const days = listing.arrivesInDays + marginDays;
	return [told('order', thing, `takes ${listing.arrivesInDays} days, and one to spare`, days)];
}

function toFetch(thing: Prepared): Task[] {
	if (thing.piece?.state === 'away') return [told('fetch', thing, 'it is away')];
	return thing.piece?.state === 'needs-care'
		? [told('clean', thing, 'clean, mend or press it by its label')]
		: [];
}

function toAlter(thing: Prepared): Task[] {
	if (!thing.altered) return [];
	const { label, days, risk } = thing.altered;
	return [told('alter', thing, `${label}: takes ${days} days. ${risk}`, days + alteredDaysBefore)];
}

function toHem(thing: Prepared, { measurements }: For, heelCm: number): Task[] {
	const { garment, lengthCm } = thing;
	const { slot } = garmentType(garment.type);
	if (!['legs', 'whole', 'suit'].includes(slot)) return [];
	const landing = hemLanding(garment, measurements, { lengthCm, heelCm });
	if (!landing || landing.aboveFloorCm >= 0.5) return [];
	const by = Math.max(1, Math.round(1 - landing.aboveFloorCm));
	return [
		told(
			'hem',
			thing,
			`${landing.measured ? 'measured' : 'as such hems are cut'}, it lies ${by} cm too low with ${heelCm > 0 ? `this heel of ${heelCm} cm` : 'these flat shoes'}: pin it in the shoes`
		)
	];
}

function toBreakIn(thing: Prepared, day: OnDay): Task[] {
	const { garment, piece, listing } = thing;
	if (garmentType(garment.type).slot !== 'feet') return [];
	const since = piece?.acquired.on;
	const isNew =
		listing?.condition === 'new' ||
		(piece?.acquired.how === 'new' &&
			since !== undefined &&
			day.date !== undefined &&
			daysBetween(since, day.date) <= newForDays);
	const heel = heelOfShoe(garment);
	const hard = stiffLeathers.includes(valueOf(garment, 'material') ?? '');
	if (!isNew || !(hard || (heel !== undefined && heel.cm >= 4))) return [];
	return [
		told(
			'break-in',
			thing,
			'wear them at home, a little longer each day; on carpet, so that they can go back'
		)
	];
}

const bared = ['strapless', 'off-shoulder', 'one-shoulder', 'halter', 'plunge', 'deep-v'];
function toPatchTest(thing: Prepared, { allergies }: For): Task[] {
	const { garment } = thing;
	const { slot, id } = garmentType(garment.type);
	if (!['top', 'whole'].includes(slot)) return [];
	const open =
		bared.includes(valueOf(garment, 'neckline') ?? '') ||
		['open', 'low', 'backless'].includes(valueOf(garment, 'back') ?? '') ||
		garment.facets.sleeveLength?.value === 'strapless' ||
		id === 'bandeau';
	if (!open) return [];
	const known = allergies.length > 0 ? ` Known: ${allergies.join(', ')}.` : '';
	return [
		told(
			'patch-test',
			thing,
			`skin tape may be wanted: try a strip on the inner arm for a day and a night, and leave it off if the skin reddens.${known}`
		)
	];
}

function toWaterproof(thing: Prepared, { weather, setting }: OnDay): Task[] {
	const { slot } = garmentType(thing.garment.type);
	const material = valueOf(thing.garment, 'material') ?? '';
	if (!['feet', 'bag', 'outer', 'layer'].includes(slot) || !waterproofed.includes(material)) return [];
	if (!weather?.rain || setting === 'indoors') return [];
	return [
		told('waterproof', thing, 'spray in the open air and try a hidden place first; let it dry for a day')
	];
}

function toSmooth(thing: Prepared): Task[] {
	const { garment } = thing;
	if (!cloth.includes(garmentType(garment.type).slot)) return [];
	const pressing = pressings.find((row) => row.cloth.includes(valueOf(garment, 'material') ?? ''));
	return pressing ? [told(pressing.kind, thing, pressing.how)] : [];
}

/** Darker than this (L*), lint shows. */
const darkLightness = 35;
function toDeLint(thing: Prepared): Task[] {
	const { garment } = thing;
	const [main] = [...garment.palette].sort((a, b) => b.share - a.share);
	if (!cloth.includes(garmentType(garment.type).slot) || !main || labOfHex(main.hex).l > darkLightness)
		return [];
	return catchesLint.includes(valueOf(garment, 'material') ?? '')
		? [told('de-lint', thing, 'on the day, when it is on')]
		: [];
}

/**
 * What is to be done to what is worn before a day, the earliest first: order, alter, hem, break in, clean, test on the skin, try on,
 * waterproof, press or steam by the fibre, pack, de-lint. Labels, makers and the client's clinician have the last word.
 */
export function preparationOf(worn: readonly Prepared[], client: For, day: OnDay = {}): Task[] {
	const heelCm = heelWornCm(worn);
	const tasks = worn.flatMap((thing) => [
		...toOrder(thing),
		...toFetch(thing),
		...toAlter(thing),
		...toHem(thing, client, heelCm),
		...toBreakIn(thing, day),
		...toPatchTest(thing, client),
		...toWaterproof(thing, day),
		...toSmooth(thing),
		...toDeLint(thing)
	]);
	const whole = { key: 'look', title: 'the whole look' };
	if (worn.length > 0)
		tasks.push(
			told('try-on', whole, 'all of it with what goes underneath: standing, sitting, walking, arms up'),
			told('pack', whole, 'with pins, a needle, a cloth and flat shoes')
		);
	return tasks
		.filter((task, i, all) => all.findIndex(({ key }) => key === task.key) === i)
		.sort((a, b) => b.daysBefore - a.daysBefore);
}
