import type { BodyMeasure } from './measures';
import type { FacetId, FacetValues, ValueOf } from './facets';
import type { MetalId } from './metals';
import type { FamilyId, TypeId } from './types';
import { alterations, type Altering } from './alterations';
import type { AlterationId, TransformationId } from './transformation-ids';

/** A facet with some of its values. */
type OneOf = { [F in FacetId]: { facet: F; values: readonly ValueOf<F>[] } }[FacetId];

/** What must be true of a piece, or of the client, before it can become another. */
export type Need =
	/** The piece must end a hand below the crotch of this client. */
	| { kind: 'covers-seat' }
	/** Its length, or the diagonal of a square, must go round the body with so much to spare. */
	| { kind: 'goes-round'; measure: BodyMeasure; extraCm: number; by: 'length' | 'diagonal' }
	| { kind: 'at-least-cm'; cm: number }
	/** A facet must have one of these values; where it is not stated, it must be looked at. */
	| (OneOf & { kind: 'facet'; words: string })
	/** It must not have one of these. */
	| (OneOf & { kind: 'not'; words: string })
	/** None of its colours may be darker than this, L* of CIELAB. */
	| { kind: 'lighter-than'; darkest: number; words: string }
	/** Only the eye can tell. */
	| { kind: 'look'; words: string };

export type TransformationCaution =
	'pins' | 'scissors' | 'heat' | 'long-ends' | 'tight' | 'ceremonial' | 'dye' | 'bleach';

/** A way in which one kind of piece becomes another. */
export interface Transformation {
	/** "worn as a dress" */
	label: string;
	from: {
		types?: readonly TypeId[];
		families?: readonly FamilyId[];
		/** Values one of which the piece must state or usually have. */
		facets?: { [F in FacetId]?: readonly ValueOf<F>[] };
	};
	/** The type that it becomes; the same without. What is stated stays where the new type can have it. */
	to: { type?: TypeId; facets?: FacetValues; palette?: string; metal?: MetalId };
	needs: readonly Need[];
	how: string;
	minutes: number;
	undone: 'at-once' | 'with-an-iron' | 'by-unpicking' | 'never';
	cautions?: readonly TransformationCaution[];
	/** What it costs, where it is made rather than worn so. */
	altering?: Altering;
}

const round = (measure: BodyMeasure, extraCm: number, by: 'length' | 'diagonal' = 'length'): Need => ({
	kind: 'goes-round',
	measure,
	extraCm,
	by
});
const look = (words: string): Need => ({ kind: 'look', words });
const coversSeat: Need = { kind: 'covers-seat' };
const opens: Need = {
	kind: 'not',
	facet: 'closure',
	values: ['pull-on'],
	words: 'a front that buttons or opens'
};
const notHeavy: Need = { kind: 'not', facet: 'weight', values: ['heavy'], words: 'cloth that is not thick' };
const opaque: Need = {
	kind: 'not',
	facet: 'opacity',
	values: ['sheer', 'semi-sheer'],
	words: 'cloth that does not show what is under it'
};
const longSleeves: Need = {
	kind: 'facet',
	facet: 'sleeveLength',
	values: ['long', 'three-quarter'],
	words: 'long sleeves'
};

const scarves: TypeId[] = ['scarf', 'neckerchief', 'skinny-scarf', 'headscarf'];
const squares: TypeId[] = ['scarf', 'headscarf', 'neckerchief'];
const broad: TypeId[] = ['shawl', 'blanket-scarf', 'pashmina-shawl', 'dupatta', 'phulkari-dupatta'];
const fullLegs = { legLength: ['full', 'floor', 'stacked'] } as const;

/** What an owned piece can turn into (common practice; minutes are a practised hand's). One table. */
export const transformations: Record<Exclude<TransformationId, AlterationId>, Transformation> = {
	'shirt-as-dress': {
		label: 'worn as a shirt dress',
		from: { families: ['shirts'], facets: { fit: ['oversized', 'relaxed'] } },
		to: { type: 'shirt-dress', facets: { hemLength: 'mini' } },
		needs: [coversSeat, opaque],
		how: 'Button it to the breastbone, belt it at the waist, slip shorts underneath; sit down in it before the day.',
		minutes: 3,
		undone: 'at-once'
	},
	'shirt-knotted': {
		label: 'knotted as a short top',
		from: { families: ['shirts'] },
		to: { facets: { topLength: 'cropped' } },
		needs: [opens, notHeavy],
		how: 'Leave the lower buttons open, cross the fronts and knot them at the waist, tails tucked under.',
		minutes: 1,
		undone: 'with-an-iron'
	},
	'shirt-as-overshirt': {
		label: 'worn open as a light jacket',
		from: { families: ['shirts'], facets: { fit: ['oversized', 'relaxed', 'regular'] } },
		to: { type: 'overshirt', facets: { closure: 'open' } },
		needs: [opens],
		how: 'Open over a close top, cuffs turned back twice.',
		minutes: 1,
		undone: 'at-once'
	},
	'shirt-off-the-shoulder': {
		label: 'pulled off the shoulder',
		from: { families: ['shirts'], facets: { fit: ['oversized', 'relaxed'] } },
		to: { type: 'off-shoulder-top', facets: { neckline: 'off-shoulder' } },
		needs: [opens, look('a collar that lies flat when it is folded in')],
		how: 'Open the upper buttons, fold the collar in, draw it down over both shoulders and button it under the arm.',
		minutes: 3,
		undone: 'at-once'
	},
	'shirt-back-to-front': {
		label: 'worn back to front',
		from: { families: ['shirts'] },
		to: { type: 'blouse', facets: { neckline: 'high-neck', back: 'open' } },
		needs: [opens, look('a band that does not press on the throat')],
		how: 'Buttons down the back, the collar folded in, a second pair of hands for the fastening.',
		minutes: 3,
		undone: 'at-once'
	},
	'sleeves-rolled-short': {
		label: 'sleeves rolled to the elbow',
		from: { families: ['shirts', 'tailored', 'jackets'], facets: { sleeveLength: ['long'] } },
		to: { facets: { sleeveLength: 'elbow' } },
		needs: [notHeavy],
		how: 'Turn the cuff back twice its width, then roll once over it.',
		minutes: 1,
		undone: 'with-an-iron'
	},
	'sleeves-pushed': {
		label: 'sleeves pushed up',
		from: { families: ['knitwear', 'cardigans', 'tees'], facets: { sleeveLength: ['long'] } },
		to: { facets: { sleeveLength: 'three-quarter' } },
		needs: [look('a cuff that grips the forearm')],
		how: 'Push them above the widest part of the forearm; a hair band under the fold holds them.',
		minutes: 1,
		undone: 'at-once'
	},
	'jacket-as-dress': {
		label: 'belted as a dress',
		from: { families: ['tailored', 'coats'] },
		to: { type: 'blazer-dress', facets: { hemLength: 'mini' } },
		needs: [coversSeat, opens],
		how: 'Close it, pin the wrap at the waist from inside, belt it; slip shorts underneath.',
		minutes: 5,
		undone: 'at-once',
		cautions: ['pins']
	},
	'waistcoat-as-dress': {
		label: 'worn as a dress',
		from: { types: ['long-waistcoat'] },
		to: { type: 'sheath-dress', facets: { sleeveLength: 'sleeveless', hemLength: 'mini' } },
		needs: [coversSeat, opens],
		how: 'Closed over a slip; pin the gaps between the buttons from inside.',
		minutes: 5,
		undone: 'at-once',
		cautions: ['pins']
	},
	'coat-as-dress': {
		label: 'closed and belted as a wrap dress',
		from: { types: ['trench-coat', 'wrap-coat', 'duster-coat'] },
		to: { type: 'wrap-dress', facets: { closure: 'wrap' } },
		needs: [notHeavy],
		how: 'Closed to the neck line, belted over a slip, the lapels turned as a V.',
		minutes: 3,
		undone: 'at-once'
	},
	'dress-as-skirt': {
		label: 'worn as a skirt',
		from: {
			types: ['slip-dress', 'sundress', 'tiered-dress', 'tea-dress', 'dress']
		},
		to: { type: 'skirt' },
		needs: [look('a bodice thin enough to hide under a jumper or a tucked shirt')],
		how: 'A jumper over it, or a shirt knotted at the waist; the straps slipped down if they show.',
		minutes: 2,
		undone: 'at-once'
	},
	'dress-as-tunic': {
		label: 'worn over trousers as a tunic',
		from: { families: ['dresses'], facets: { hemLength: ['mini', 'above-knee', 'knee', 'micro'] } },
		to: { type: 'tunic', facets: { topLength: 'thigh' } },
		needs: [notHeavy, look('narrow trousers that do not show through')],
		how: 'Over narrow trousers, side seams straight.',
		minutes: 1,
		undone: 'at-once'
	},
	'dress-as-coat': {
		label: 'unbuttoned as a light coat',
		from: { types: ['shirt-dress', 'wrap-dress', 'kimono-robe', 'kaftan'] },
		to: { type: 'duster-coat', facets: { closure: 'open' } },
		needs: [opens],
		how: 'Open over top and trousers, the belt taken out or tied behind.',
		minutes: 1,
		undone: 'at-once'
	},
	'slip-as-dress': {
		label: 'worn as a slip dress',
		from: { types: ['slip', 'nightdress'] },
		to: { type: 'slip-dress' },
		needs: [opaque],
		how: 'Over a skin-toned slip, straps shortened, a jacket at hand.',
		minutes: 2,
		undone: 'at-once'
	},
	'scarf-as-top': {
		label: 'tied as a top',
		from: { types: squares },
		to: { type: 'bandeau' },
		needs: [round('bust', 30, 'diagonal'), opaque],
		how: 'Folded once to a triangle, the long side round the bust, knotted behind; skin tape at the edge.',
		minutes: 4,
		undone: 'at-once',
		cautions: ['tight']
	},
	'scarf-as-sash': {
		label: 'tied as a sash',
		from: { types: [...scarves, 'dupatta', 'shawl'] },
		to: { type: 'sash' },
		needs: [round('waist', 30, 'diagonal')],
		how: 'Folded along the diagonal to a hand’s width, knotted at the side.',
		minutes: 1,
		undone: 'at-once'
	},
	'scarf-as-headband': {
		label: 'folded as a headband',
		from: { types: scarves },
		to: { type: 'headband' },
		needs: [round('head', 15, 'diagonal')],
		how: 'Folded to three fingers’ width, knotted under the hair.',
		minutes: 1,
		undone: 'at-once'
	},
	'scarf-as-headscarf': {
		label: 'worn as a headscarf',
		from: { types: squares },
		to: { type: 'headscarf' },
		needs: [round('head', 40, 'diagonal')],
		how: 'Folded to a triangle, tied under the chin or at the nape.',
		minutes: 2,
		undone: 'at-once',
		cautions: ['ceremonial']
	},
	'scarf-as-neckerchief': {
		label: 'knotted close to the neck',
		from: { types: ['scarf', 'headscarf', 'skinny-scarf'] },
		to: { type: 'neckerchief' },
		needs: [notHeavy],
		how: 'Folded to two fingers’ width, a small knot to the side.',
		minutes: 1,
		undone: 'at-once'
	},
	'scarf-as-hair-bow': {
		label: 'tied as a bow in the hair',
		from: { types: ['skinny-scarf', 'neckerchief', 'scarf'] },
		to: { type: 'hair-bow' },
		needs: [notHeavy],
		how: 'Round the ponytail, one knot, two loops.',
		minutes: 1,
		undone: 'at-once'
	},
	'scarf-as-bow-tie': {
		label: 'tied as a bow at the neck',
		from: { types: ['skinny-scarf', 'neckerchief'] },
		to: { type: 'bow-tie' },
		needs: [{ kind: 'at-least-cm', cm: 80 }, notHeavy],
		how: 'Under the collar, tied as a flat bow.',
		minutes: 2,
		undone: 'at-once'
	},
	'shawl-as-skirt': {
		label: 'wrapped as a skirt',
		from: { types: broad },
		to: { type: 'sarong' },
		needs: [round('hip', 50), opaque],
		how: 'Round the hip over a slip, the end pinned from inside.',
		minutes: 3,
		undone: 'at-once',
		cautions: ['pins', 'long-ends']
	},
	'drape-as-scarf': {
		label: 'worn as a scarf',
		from: { types: broad },
		to: { type: 'scarf' },
		needs: [notHeavy],
		how: 'Folded lengthwise, once round the neck.',
		minutes: 1,
		undone: 'at-once',
		cautions: ['long-ends']
	},
	'scarf-as-dupatta': {
		label: 'draped as a dupatta',
		from: { types: ['scarf', 'shawl', 'blanket-scarf', 'pashmina-shawl'] },
		to: { type: 'dupatta' },
		needs: [{ kind: 'at-least-cm', cm: 200 }, notHeavy],
		how: 'Over one shoulder in even pleats, pinned from inside.',
		minutes: 4,
		undone: 'at-once',
		cautions: ['pins', 'long-ends']
	},
	'saree-as-gown': {
		label: 'draped as a gown',
		from: { families: ['drapes'] },
		to: { type: 'pre-draped-saree', facets: { hemLength: 'floor' } },
		needs: [{ kind: 'at-least-cm', cm: 500 }],
		how: 'Pleated at one side over a saree petticoat, the pallu brought round as a collar and belted.',
		minutes: 20,
		undone: 'at-once',
		cautions: ['pins', 'long-ends', 'ceremonial']
	},
	'saree-as-lehenga': {
		label: 'draped in the manner of a lehenga',
		from: { families: ['drapes'] },
		to: { type: 'half-saree', facets: { hemLength: 'floor' } },
		needs: [{ kind: 'at-least-cm', cm: 500 }],
		how: 'Pleats all round the waist over a full petticoat, the pallu across as a half saree.',
		minutes: 20,
		undone: 'at-once',
		cautions: ['pins', 'long-ends']
	},
	'kurta-as-dress': {
		label: 'worn as a dress',
		from: { types: ['kurta', 'straight-kurta', 'a-line-kurta', 'angrakha'] },
		to: { type: 'shift-dress', facets: { hemLength: 'knee' } },
		needs: [coversSeat, look('side slits that end below mid-thigh, or slip shorts beneath')],
		how: 'Without its trousers, over a slip, belted if the waist is to show.',
		minutes: 2,
		undone: 'at-once'
	},
	'choli-as-crop-top': {
		label: 'worn as a cropped top',
		from: { types: ['choli', 'backless-choli'] },
		to: { type: 'crop-top', facets: { topLength: 'cropped' } },
		needs: [],
		how: 'With a high-waisted skirt or trousers that meets it.',
		minutes: 1,
		undone: 'at-once'
	},
	'lehenga-as-skirt': {
		label: 'worn as a full skirt',
		from: { families: ['lehengas'] },
		to: { type: 'circle-skirt' },
		needs: [],
		how: 'With a plain fine top tucked in; the drawstring knotted inside.',
		minutes: 2,
		undone: 'at-once',
		cautions: ['long-ends']
	},
	'anarkali-as-dress': {
		label: 'worn as a dress by itself',
		from: { types: ['anarkali'] },
		to: { type: 'dress', facets: { hemLength: 'maxi' } },
		needs: [opaque],
		how: 'Without churidar and dupatta, over a slip.',
		minutes: 2,
		undone: 'at-once'
	},
	'jeans-cuffed': {
		label: 'cuffed to show the ankle',
		from: { families: ['jeans', 'trousers'], facets: fullLegs },
		to: { facets: { legLength: 'ankle', hemDetail: 'turned-up' } },
		needs: [
			{
				kind: 'not',
				facet: 'leg',
				values: ['flared', 'bootcut'],
				words: 'a leg that does not widen at the hem'
			}
		],
		how: 'Two turns of three fingers’ width, the inner seam a little higher.',
		minutes: 2,
		undone: 'with-an-iron'
	},
	'jeans-cropped': {
		label: 'cropped for good',
		from: { families: ['jeans'], facets: fullLegs },
		to: { facets: { legLength: 'cropped', hemDetail: 'raw' } },
		needs: [look('that it is not needed long again')],
		how: 'Try on with the shoe, mark, cut two fingers longer, wash, then fray or cut again.',
		minutes: 30,
		undone: 'never',
		cautions: ['scissors']
	},
	'jeans-to-shorts': {
		label: 'cut to shorts',
		from: { families: ['jeans'] },
		to: { type: 'denim-shorts', facets: { legLength: 'mid-thigh', hemDetail: 'raw' } },
		needs: [look('that it is past its best as jeans')],
		how: 'Mark on the body, sitting too; cut longer at the back.',
		minutes: 30,
		undone: 'never',
		cautions: ['scissors']
	},
	'trousers-pegged': {
		label: 'pegged at the ankle',
		from: { families: ['jeans', 'trousers'], facets: { leg: ['straight', 'relaxed', 'baggy', 'wide'] } },
		to: { facets: { leg: 'tapered', legLength: 'ankle' } },
		needs: [notHeavy],
		how: 'Pinch the inner seam, fold it to the back and turn the hem up over it twice.',
		minutes: 2,
		undone: 'with-an-iron'
	},
	'skirt-as-dress': {
		label: 'drawn up as a strapless dress',
		from: { types: ['tiered-skirt', 'skirt', 'sarong', 'wrap-skirt'] },
		to: { type: 'sundress', facets: { sleeveLength: 'strapless', neckline: 'strapless', hemLength: 'knee' } },
		needs: [look('a waistband that stretches over the bust and stays'), opaque],
		how: 'The waistband above the bust, a belt at the waist; skin tape at the edge.',
		minutes: 3,
		undone: 'at-once',
		cautions: ['tight']
	},
	'skirt-rolled-shorter': {
		label: 'shortened by rolling the waistband',
		from: { families: ['skirts'], facets: { hemLength: ['midi', 'knee'] } },
		to: { facets: { hemLength: 'above-knee' } },
		needs: [notHeavy, look('a top worn over the band')],
		how: 'Roll the band inwards, evenly; the top hangs over it.',
		minutes: 2,
		undone: 'at-once'
	},
	'cardigan-as-top': {
		label: 'buttoned up as a top',
		from: { types: ['cardigan', 'twinset'] },
		to: { type: 'knitted-top', facets: { closure: 'buttoned' } },
		needs: [opens, { kind: 'not', facet: 'fit', values: ['oversized'], words: 'a close or regular fit' }],
		how: 'Buttoned to the top, a camisole underneath; press studs where it gapes.',
		minutes: 2,
		undone: 'at-once'
	},
	'cardigan-back-to-front': {
		label: 'buttoned down the back',
		from: { types: ['cardigan'] },
		to: { type: 'jumper', facets: { neckline: 'crew' } },
		needs: [opens],
		how: 'Buttons at the back, over a camisole.',
		minutes: 3,
		undone: 'at-once'
	},
	'jumper-on-shoulders': {
		label: 'tied over the shoulders as a scarf',
		from: { families: ['knitwear', 'cardigans'] },
		to: { type: 'scarf' },
		needs: [longSleeves, notHeavy],
		how: 'Folded in half, sleeves crossed once in front.',
		minutes: 1,
		undone: 'at-once'
	},
	'robe-as-jacket': {
		label: 'worn as a light jacket',
		from: { types: ['kimono-robe', 'kaftan', 'abaya'] },
		to: { type: 'kimono-jacket', facets: { closure: 'open' } },
		needs: [look('that it is not a sacred or ceremonial garment to its wearer')],
		how: 'Open over top and trousers, belted or loose.',
		minutes: 1,
		undone: 'at-once',
		cautions: ['ceremonial', 'long-ends']
	},
	'swimsuit-as-bodysuit': {
		label: 'worn as a bodysuit',
		from: { types: ['swimsuit'] },
		to: { type: 'bodysuit' },
		needs: [opaque],
		how: 'Under a skirt or trousers; no shine in daylight.',
		minutes: 1,
		undone: 'at-once'
	},
	'beads-doubled': {
		label: 'wound twice',
		from: { types: ['long-beads', 'chain-necklace'] },
		to: { type: 'pearl-necklace', facets: { size: 'medium' } },
		needs: [{ kind: 'at-least-cm', cm: 80 }],
		how: 'Twice round the neck, the clasp behind.',
		minutes: 1,
		undone: 'at-once'
	},
	'chain-as-belt': {
		label: 'worn as a chain belt',
		from: { types: ['chain-necklace', 'long-beads', 'lariat'] },
		to: { type: 'chain-belt' },
		needs: [round('waist', 10)],
		how: 'Round the waist over cloth, hooked into itself.',
		minutes: 1,
		undone: 'at-once'
	},
	'chain-as-bracelet': {
		label: 'wound round the wrist',
		from: { types: ['chain-necklace', 'pearl-necklace', 'pendant'] },
		to: { type: 'bracelet' },
		needs: [{ kind: 'at-least-cm', cm: 36 }],
		how: 'Twice or three times round, the clasp inside.',
		minutes: 1,
		undone: 'at-once'
	},
	'brooch-in-hair': {
		label: 'pinned to a hair grip',
		from: { types: ['brooch'] },
		to: { type: 'hair-clip' },
		needs: [look('a pin that closes')],
		how: 'Through a strip of ribbon on a grip, never straight into the hair.',
		minutes: 2,
		undone: 'at-once',
		cautions: ['pins']
	},
	'strap-inside': {
		label: 'strap tucked in, carried as a clutch',
		from: {
			types: ['shoulder-bag', 'chain-bag', 'crossbody-bag', 'baguette-bag'],
			facets: { size: ['small', 'medium', 'micro'] }
		},
		to: { type: 'clutch', facets: { strap: 'clutch' } },
		needs: [look('a strap that comes off or folds inside')],
		how: 'Unhook the strap or fold it into the bag.',
		minutes: 1,
		undone: 'at-once'
	},
	'strap-knotted': {
		label: 'strap shortened to the shoulder',
		from: { types: ['crossbody-bag', 'chain-bag', 'saddle-bag'] },
		to: { type: 'shoulder-bag', facets: { strap: 'shoulder' } },
		needs: [],
		how: 'Knot the strap, or double the chain through its rings.',
		minutes: 1,
		undone: 'at-once'
	},
	'hood-off': {
		label: 'hood taken off',
		from: { families: ['coats', 'jackets'], facets: { collar: ['hood'] } },
		to: { facets: { collar: 'funnel' } },
		needs: [look('a hood that unbuttons or unzips')],
		how: 'Unfasten the hood; keep its screws or buttons together.',
		minutes: 1,
		undone: 'at-once'
	},
	'boots-under-trousers': {
		label: 'hidden under trousers, so that only the foot is seen',
		from: { types: ['knee-boots', 'riding-boots', 'cowboy-boots', 'over-knee-boots'] },
		to: { type: 'ankle-boots', facets: { shaft: 'ankle' } },
		needs: [look('a leg wide enough to fall over the shaft')],
		how: 'Trousers over the shaft, a smooth sock between.',
		minutes: 1,
		undone: 'at-once'
	},
	'tights-footless': {
		label: 'cut off at the ankle',
		from: { types: ['opaque-tights', 'tights'] },
		to: { type: 'footless-tights' },
		needs: [opaque],
		how: 'Cut a finger below the ankle; it rolls by itself.',
		minutes: 2,
		undone: 'never',
		cautions: ['scissors']
	}
};

/** The transformation under its id. */
const all: Record<TransformationId, Transformation> = { ...transformations, ...alterations };
export const transformationOf = (id: TransformationId): Transformation => all[id];
