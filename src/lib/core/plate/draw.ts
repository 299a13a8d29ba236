import { isNarrowSkirt, seated } from '../body/seated';
import { placeOf } from '../lexicon/facets';
import type { MoveId } from '../lexicon/moves';
import { garmentType, typeHasFacet } from '../lexicon/taxonomy';
import type { DrawKind } from '../lexicon/types/source';
import { bagShapes } from './accessories/bags';
import { faceShapes, nailShapes } from './accessories/beauty';
import { beltShapes } from './accessories/belts';
import { backShapesOf, bodyShapes, headShapes } from './figure/body';
import * as drapes from './garments/drapes';
import { drawn, surfaced, type Drawing } from './drawing';
import { figureOf, plateSize } from './figure/figure';
import { backSeam, fastensBehind, fromBehind } from './from-behind';
import * as footwear from './accessories/footwear';
import { gloveShapes } from './accessories/gloves';
import { hairShapes } from './figure/hair';
import { eyewearShapes } from './accessories/eyewear';
import { headbandShapes } from './accessories/hair-ornaments';
import { hatShapes } from './accessories/headwear';
import { hosieryShapes } from './accessories/hosiery';
import * as jackets from './garments/jackets';
import * as jewellery from './accessories/jewellery';
import type {
	Plate,
	PlateBody,
	PlateLayer,
	PlateLook,
	PlatePattern,
	PlateShape,
	PlateSide,
	Posture
} from './model';
import { scarfShapes } from './accessories/neckwear';
import * as onePieces from './garments/one-pieces';
import { clothOf } from './cloth/paint';
import { skirtShapes } from './garments/skirts';
import { topShapes } from './garments/tops';
import { trousersShapes } from './garments/trousers';
import { underpinningShapes } from './garments/underpinnings';
import { wornAs } from './worn-as';

/** Each kind's drawing, and its place in the order from the skin outwards. */
const kinds: Record<DrawKind, { order: number; draw: (drawing: Drawing) => PlateShape[] }> = {
	tights: { order: 10, draw: hosieryShapes },
	shoe: { order: 20, draw: footwear.shoeShapes },
	sandal: { order: 20, draw: footwear.sandalShapes },
	boot: { order: 20, draw: footwear.bootShapes },
	socks: { order: 11, draw: hosieryShapes },
	trousers: { order: 30, draw: trousersShapes },
	shorts: { order: 30, draw: trousersShapes },
	skirt: { order: 30, draw: skirtShapes },
	top: {
		order: 40,
		draw: (drawing) => (opens(drawing) ? jackets.jacketShapes(drawing) : topShapes(drawing))
	},
	dress: { order: 45, draw: onePieces.dressShapes },
	jumpsuit: { order: 45, draw: onePieces.jumpsuitShapes },
	'two-piece': { order: 45, draw: onePieces.twoPieceShapes },
	'skirt-set': { order: 45, draw: onePieces.skirtSetShapes },
	belt: { order: 50, draw: beltShapes },
	saree: { order: 55, draw: drapes.sareeShapes },
	bracelet: { order: 58, draw: jewellery.wristShapes },
	ring: { order: 75, draw: jewellery.ringShapes },
	suit: { order: 60, draw: jackets.suitShapes },
	'skirt-suit': { order: 60, draw: jackets.skirtSuitShapes },
	jacket: { order: 60, draw: jackets.jacketShapes },
	coat: { order: 70, draw: jackets.coatShapes },
	dupatta: { order: 72, draw: drapes.dupattaShapes },
	gloves: { order: 74, draw: gloveShapes },
	necklace: { order: 56, draw: jewellery.necklaceShapes },
	scarf: { order: 78, draw: scarfShapes },
	brooch: { order: 79, draw: jewellery.broochShapes },
	nails: { order: 76, draw: nailShapes },
	hair: { order: 80, draw: () => [] },
	lips: { order: 90, draw: faceShapes },
	eyewear: { order: 92, draw: eyewearShapes },
	earrings: { order: 93, draw: jewellery.earringShapes },
	headband: { order: 94, draw: headbandShapes },
	hat: { order: 95, draw: hatShapes },
	bag: { order: 97, draw: bagShapes },
	under: { order: 5, draw: underpinningShapes },
	none: { order: 0, draw: () => [] }
};

/** Is a top worn as a layer is: open, or hung over the shoulders? */
const opens = ({ moves }: Drawing) =>
	moves.includes('worn-open') || moves.includes('as-jacket') || moves.includes('draped-on-shoulders');

/** Where head and front hair come in the order. */
const headOrder = 85;
/** A tucked top lies under the waistband. */
const tuckedOrder = 25;
/** Boots over the legs that are tucked into them. */
const overLegsOrder = 35;
/** A jumper tied by its sleeves lies over what is worn. */
const offTheArmsOrder = 68;
const offTheArms: readonly MoveId[] = ['tied-on-shoulders', 'tied-round-waist', 'draped-on-shoulders'];
/** Ties and bows lie under a waistcoat, jacket or coat. */
const tieOrder = 48;
/** A necklace lies over knitwear and jackets, and under a coat. */
const necklaceOverKnit = 71;

function orderOf({ garment, moves }: Drawing, worn: readonly Drawing[]): number {
	const { draws } = garmentType(garment.type);
	if (draws === 'top' && moves.includes('tucked')) return tuckedOrder;
	if (draws === 'top' && (moves.includes('worn-open') || moves.includes('as-jacket')))
		return kinds.jacket.order;
	if (draws === 'top' && moves.some((move) => offTheArms.includes(move))) return offTheArmsOrder;
	if (draws === 'belt' && belted(worn)) return 73;
	if (draws === 'scarf' && ['tie', 'bow-tie', 'cravat', 'jabot'].includes(garment.type)) return tieOrder;
	if (
		draws === 'necklace' &&
		garment.type !== 'choker' &&
		worn.every((one) => garmentType(one.garment.type).draws !== 'coat')
	)
		return necklaceOverKnit;
	if (draws === 'boot' && overLegs(garment, worn)) return overLegsOrder;
	return kinds[draws].order;
}

/** A jacket or coat that is worn belted takes a belt over it. */
const belted = (worn: readonly Drawing[]) =>
	worn.some(
		({ garment, moves }) =>
			moves.includes('belted') && ['jacket', 'coat'].includes(garmentType(garment.type).draws)
	);

/** Are these boots worn over the legs: told so, or high ones with narrow legs? */
function overLegs(garment: Drawing['garment'], worn: readonly Drawing[]): boolean {
	const shaft = garment.facets.shaft?.value ?? garmentType(garment.type).usual.shaft ?? 'ankle';
	const high = placeOf('shaft', shaft) >= placeOf('shaft', 'mid-calf');
	return worn.some(
		(one) =>
			garmentType(one.garment.type).draws === 'trousers' &&
			(one.moves.includes('tucked-into-boots') ||
				(high && ['skinny', 'slim'].includes(drawn(one, 'leg', 'straight'))))
	);
}

/** What leaves no hair to be seen. */
const coversHair: readonly string[] = ['hijab', 'headscarf', 'turban', 'pagri'];

/** A garment with its moves as they are seen from one side in a posture; undefined where nothing of it is. */
function shownFrom(own: Drawing['garment'], moves: readonly MoveId[], behind: boolean, posture: Posture) {
	const worn = wornAs(own, moves);
	const sits = posture === 'sitting' && typeHasFacet(worn.type, 'skirtShape');
	const garment = sits ? seated(worn, drawn({ garment: worn }, 'hemLength', 'knee')) : worn;
	return behind ? fromBehind(garment, moves) : { garment, moves };
}

/** Does a skirt hold the knees together: a narrow one that reaches them, without a slit? */
const holdsTheKnees = ({ garment }: Drawing): boolean =>
	typeHasFacet(garment.type, 'skirtShape') &&
	isNarrowSkirt(garment) &&
	placeOf('hemLength', drawn({ garment }, 'hemLength', 'knee')) <= placeOf('hemLength', 'knee') &&
	drawn({ garment }, 'hemDetail', 'plain') !== 'slit';

/** Kinds of which each leg or foot has its own. */
const byLeg: ReadonlySet<DrawKind> = new Set<DrawKind>([
	...(['tights', 'socks', 'shoe', 'sandal', 'boot', 'trousers', 'shorts'] as const),
	...(['jumpsuit', 'suit', 'two-piece', 'under'] as const)
]);
const goesOf = (draws: DrawKind): Pick<PlateLayer, 'goes'> =>
	draws === 'bag' ? { goes: 'held' } : byLeg.has(draws) ? { goes: 'by-leg' } : {};

const drawsOf = ({ garment }: { garment: Drawing['garment'] }) => garmentType(garment.type).draws;

/**
 * Draws a look on a figure as plain geometry: true colours, lengths at the body's landmarks, each garment a
 * layer under its own id. The figure takes the client's measures where they are known. Garments that have
 * nothing to show (underpinnings, scent) have no layer. From behind their backs are drawn, and nothing that hangs in front.
 *
 * @param posture what a posture changes of the garments is drawn: a hem that rides up, a slit that parts; `posed` carries the whole
 */
export function drawPlate(
	look: PlateLook,
	body: PlateBody = {},
	from: PlateSide = 'front',
	posture: Posture = 'standing'
): Plate {
	const behind = from === 'behind';
	const shoes = look.worn.find(({ garment }) => garmentType(garment.type).slot === 'feet');
	const figure = figureOf(body, shoes && drawn(shoes, 'heelHeight', 'flat'));
	const patterns: PlatePattern[] = [];
	// What is worn unseen is drawn by itself alone.
	const seen = look.worn.filter(
		({ garment }) => look.worn.length === 1 || garmentType(garment.type).draws !== 'under'
	);
	const all = seen.flatMap(({ id, garment: own, moves: done, side }, i) => {
		const shown = shownFrom(own, done, behind, posture);
		if (!shown) return [];
		const { garment, moves } = shown;
		// Several things may answer one element: each has a cloth of its own.
		const again = seen.slice(0, i).some((other) => other.id === id);
		const cloth = clothOf(again ? `${id}-${i}` : id, garment);
		if (cloth.pattern) patterns.push(cloth.pattern);
		if (cloth.texture) patterns.push(cloth.texture);
		// What is worn on the other side lies under nothing of this one.
		const under = seen
			.slice(0, i)
			.filter(
				(other) => drawsOf(other) === drawsOf({ garment }) && (!side || !other.side || other.side === side)
			).length;
		return [
			{ id, side, drawing: { garment, moves, figure, cloth, under, behind, posture } satisfies Drawing }
		];
	});
	const seams = (drawing: Drawing, id: string): PlateShape[] => {
		const worn = look.worn.find((one) => one.id === id);
		return behind && worn && fastensBehind(worn.garment)
			? [backSeam(figure, worn.garment, drawing.cloth.line)]
			: [];
	};
	const worn = all.map(({ drawing }) => drawing);
	const drawings = all
		.map((one) => ({ ...one, order: orderOf(one.drawing, worn) }))
		.sort((a, b) => a.order - b.order);
	const layersWhere = (chosen: (order: number) => boolean): PlateLayer[] =>
		drawings
			.filter(({ order }) => chosen(order))
			.map(({ id, side, drawing }) => ({
				id,
				...(side && { side }),
				...goesOf(drawsOf(drawing)),
				shapes: [
					...surfaced(kinds[garmentType(drawing.garment.type).draws].draw(drawing), drawing),
					...seams(drawing, id)
				]
			}))
			.filter(({ shapes }) => shapes.length > 0);

	const hairElement = all.find(({ drawing }) => garmentType(drawing.garment.type).draws === 'hair');
	const covered = worn.some(({ garment }) => coversHair.includes(garment.type));
	const underHat = worn.some(({ garment }) => garmentType(garment.type).draws === 'hat');
	const hair = covered
		? { behind: [], front: [] }
		: hairShapes(figure, hairElement?.drawing.garment, underHat);
	const hairId = hairElement?.id ?? 'hair';
	return {
		width: plateSize.width,
		height: plateSize.height,
		landmarks: figure.landmarks,
		trunk: figure.trunk,
		patterns,
		lights: worn.map(({ cloth }) => cloth.light),
		...(behind && { mirrored: true }),
		...(worn.some(holdsTheKnees) && { shortSteps: true }),
		layers: [
			...(behind ? [] : [{ id: hairId, shapes: hair.behind }]),
			{ id: 'figure', goes: 'by-leg', shapes: behind ? backShapesOf(figure) : bodyShapes(figure) },
			...layersWhere((order) => order < headOrder),
			{ id: 'head', shapes: headShapes(figure) },
			// From behind, what falls behind the shoulders lies over what is worn there.
			{ id: hairId, shapes: behind ? hair.behind : hair.front },
			...layersWhere((order) => order >= headOrder)
		]
	};
}
