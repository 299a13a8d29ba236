/** Names that mean several things, and which of them what else the look holds makes likely: suits, lengths, what may be underwear. */
import { sensesOf } from '../spans/senses';
import type { MaterialId } from '../../lexicon/materials';
import { garmentType, type GarmentType } from '../../lexicon/taxonomy';
import type { Group } from '../meaning/owners';
import type { Description } from '../meaning/takings';
import type { Read } from './matched';
import { asksToMatch } from './named-together';

/** "An ivory bouclé jacket, an ivory bouclé mini": of one colour and one cloth, they are a suit. */
function isOfOneCloth({ description: one }: Read, { description: other }: Read): boolean {
	const stuffOf = ({ facets }: Description) => facets.texture?.value ?? facets.material?.value;
	const coloursOf = ({ colours }: Description) => colours.map(({ hex }) => hex).join(' ');
	return (
		stuffOf(one) !== undefined &&
		stuffOf(one) === stuffOf(other) &&
		coloursOf(one) === coloursOf(other) &&
		one.print?.family.value === other.print?.family.value
	);
}

const dupattas: ReadonlySet<string> = new Set(['dupatta', 'phulkari-dupatta']);

/** "A suit", beside a dupatta, is one of kameez and salwar; it is asked. */
function nameSuits(read: Read[], described: (group: Group, type: GarmentType) => Description): void {
	const hasDupatta = read.some(({ named, group }) => dupattas.has(named.type.id) && !group.denied);
	if (!hasDupatta) return;
	for (const one of read) {
		if (one.group.head.span.words.join(' ') !== 'suit' || one.named.type.id !== 'suit') continue;
		const type = garmentType('salwar-kameez');
		one.named = { type, choices: [type.id, 'suit'] };
		one.description = described(one.group, type);
	}
}

/** "A pleated midi": cut so it is oftener a skirt (common practice). */
const cutAsSkirts = new Set(['pleated', 'pencil']);

/** Of two kinds that a name can mean the one that covers both halves, and the one that covers a half; undefined where it means others. */
function wholeAndHalf(choices: readonly string[]): { whole: GarmentType; half: GarmentType } | undefined {
	const types = choices.map((id) => garmentType(id));
	const whole = types.find(({ slot }) => slot === 'whole');
	const half = types.find(({ slot, family }) => slot === 'top' || family === 'skirts');
	return types.length === 2 && whole && half ? { whole, half } : undefined;
}

/**
 * A bare "midi" or "A-line" is a skirt or a dress: a skirt where the look has a top besides and nothing else on the legs, a dress where it
 * has a bottom, or where a top's name says how it is made ("corset midi"). "A red one-shoulder", "a jumper" is a top where it has one.
 * "A jacket, matching mini" is a suit's. Where none of these holds it is asked.
 */
function nameHalves(read: Read[]): void {
	for (const one of read) {
		const { choices } = one.named;
		const meant = wholeAndHalf(choices);
		if (!meant) continue;
		const { whole, half } = meant;
		const isSkirt = half.slot === 'legs';
		const others = read.filter((other) => other !== one && !other.group.denied);
		const isWornIn = ({ named, description }: Read, slot: string) =>
			named.type.slot === slot || (slot === 'top' && description.moves.includes('as-top'));
		const has = (slot: string) => others.some((other) => isWornIn(other, slot));
		const kinds = one.group.clauses
			.flatMap(({ parts }) => parts.filter(({ role }) => role === 'kind'))
			.flatMap(({ span }) => sensesOf(span, 'type'))
			.filter(({ type }) => garmentType(type).slot !== 'legs');
		const isSuits =
			(has('layer') && (asksToMatch(one.group) || one.group.isPart)) ||
			others.some((other) => other.named.type.slot === 'layer' && isOfOneCloth(one, other));
		let means: GarmentType | undefined;
		if (isSkirt && (kinds.length > 0 || has('legs'))) means = whole;
		else if (has(isSkirt ? 'top' : 'legs') || (isSkirt && isSuits)) means = half;
		const shape = one.description.facets.skirtShape?.value ?? '';
		const usual = isSkirt ? (cutAsSkirts.has(shape) ? half : whole) : one.named.type;
		one.named = { type: means ?? usual, choices: means ? [] : choices };
		one.description.type = one.named.type;
	}
}

/** Cloth of which trousers are made, and nothing that is worn under them. */
const outerCloth: readonly MaterialId[] = [
	'flannel',
	'tweed',
	'wool',
	'denim',
	'corduroy',
	'twill',
	'gabardine',
	'canvas',
	'leather',
	'suede',
	'linen',
	'velvet',
	'moleskin'
];

/**
 * "Pants" that may be underwear or trousers: what a look shows is seldom worn under it. They are trousers, unless other underwear is named
 * or the legs have a garment already; still asked where they were.
 */
function nameSeen(read: Read[], described: (group: Group, type: GarmentType) => Description): void {
	for (const one of read) {
		const [seen] = sensesOf(one.group.head.span, 'type')
			.map(({ type }) => garmentType(type))
			.filter(({ slot }) => slot !== 'under');
		const { type } = one.named;
		const isItsName = type.singular === one.group.head.span.words.join(' ');
		if (type.slot !== 'under' || isItsName || !seen) continue;
		const others = read.filter((other) => other !== one && !other.group.denied);
		// "Flannel pants, suspenders": beside a cloth of which no underwear is made, what may be something else tells of none.
		const isOuter = outerCloth.some((cloth) => cloth === one.description.facets.material?.value);
		const tells = ({ named }: Read) =>
			named.type.slot === seen.slot ||
			(named.type.slot === 'under' && !(isOuter && named.choices.length > 1));
		if (others.some(tells)) continue;
		one.named = { ...one.named, type: seen };
		one.description = described(one.group, seen);
	}
}

/** Settles such names, one after another. `described` tells what is said of a group, taken for a type. */
export function nameByOthers(
	read: Read[],
	described: (group: Group, type: GarmentType) => Description
): void {
	nameSeen(read, described);
	nameSuits(read, described);
	nameHalves(read);
}
