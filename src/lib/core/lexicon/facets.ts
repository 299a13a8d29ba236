/**
 * Facets: what can be said of a garment besides its type, palette, print and metal.
 *
 * An ordinal facet lists its values in order; its similarity falls with the distance between them, measured
 * on `at` where the steps are uneven. A nominal facet lists values in groups that look alike; the similarity
 * between values comes from the groups (see `closeness/similarity.ts`).
 * Values and order: common practice, as the trade's terms have it.
 */

import { materialFamilies } from './materials';
import type { WordIn } from './named';

/** What kind of likeness a facet speaks of; schools weigh these against each other. */
export type FacetGroup = 'kind' | 'colour' | 'shape' | 'cloth' | 'detail';

export interface FacetValue<V extends string = string> {
	id: V;
	label: string;
	/** Place on the facet's own scale; by default the index. Hems: height above the floor as a share of stature. */
	at?: number;
}

interface FacetBase {
	label: string;
	group: FacetGroup;
	/** Similarity assumed when a garment does not state the facet (0..1): below what a stated near value earns. */
	prior: number;
}
export interface OrdinalFacet<V extends string = string> extends FacetBase {
	kind: 'ordinal';
	values: FacetValue<V>[];
	/** The words for "more" and "less" along the scale. */
	more: string;
	less: string;
}
export interface NominalFacet<V extends string = string> extends FacetBase {
	kind: 'nominal';
	values: FacetValue<V>[];
	/** Values in one group look alike. */
	groups: V[][];
}
export type Facet = OrdinalFacet | NominalFacet;

/** The values that a list of words names, as a union: "low@0.03 ankle | knee" are low, ankle and knee. */
type Named<W extends string> = Exclude<NameOf<WordIn<W>>, '|'>;
type NameOf<W extends string> = W extends `${infer Name}@${string}` ? Name : W;

const labelOf = (id: string) => id.replace(/-/g, ' ');
const list = <W extends string>(words: W): FacetValue<Named<W>>[] =>
	words.split(' ').map((word) => {
		const [name = '', at] = word.split('@');
		const id = name as Named<W>;
		return at === undefined ? { id, label: labelOf(id) } : { id, label: labelOf(id), at: Number(at) };
	});

const ordinal = <W extends string>(
	label: string,
	group: FacetGroup,
	[less, more]: [string, string],
	words: W,
	prior = 0.25
): OrdinalFacet<Named<W>> => ({ kind: 'ordinal', label, group, prior, values: list(words), less, more });

const grouped = <V extends string>(
	label: string,
	group: FacetGroup,
	families: FacetValue<V>[][],
	prior = 0.12
): NominalFacet<V> => ({
	kind: 'nominal',
	label,
	group,
	prior,
	groups: families.map((family) => family.map(({ id }) => id)),
	values: families.flat()
});

/** Groups are separated by "|". */
const nominal = <W extends string>(
	label: string,
	group: FacetGroup,
	words: W,
	prior = 0.12
): NominalFacet<Named<W>> =>
	grouped(
		label,
		group,
		words.split('|').map((family) => list(family.trim()) as FacetValue<Named<W>>[]),
		prior
	);

export const facets = {
	fit: ordinal('fit', 'shape', ['closer', 'looser'], 'skin-tight close tailored regular relaxed oversized'),
	topLength: ordinal('length', 'shape', ['shorter', 'longer'], 'cropped@0.66 waist@0.61 hip@0.52 thigh@0.44'),
	hemLength: ordinal(
		'hem',
		'shape',
		['shorter', 'longer'],
		'hip@0.5 micro@0.45 mini@0.39 above-knee@0.325 knee@0.285 midi@0.18 maxi@0.09 ankle@0.05 floor@0.005'
	),
	legLength: ordinal(
		'leg length',
		'shape',
		['shorter', 'longer'],
		'micro@0.46 short@0.42 mid-thigh@0.37 knee@0.285 cropped@0.13 ankle@0.06 full@0.03 floor@0.005 stacked@0'
	),
	rise: ordinal('rise', 'shape', ['lower', 'higher'], 'low mid high'),
	sleeveLength: ordinal(
		'sleeve length',
		'shape',
		['shorter', 'longer'],
		'strapless sleeveless cap short elbow three-quarter long'
	),
	heelHeight: ordinal(
		'heel height',
		'shape',
		['lower', 'higher'],
		'flat@1 low@2.5 kitten@4.2 mid@6.5 high@9 very-high@11.5'
	),
	shaft: ordinal(
		'shaft',
		'shape',
		['lower', 'higher'],
		'low@0.03 ankle@0.08 mid-calf@0.15 knee@0.26 over-knee@0.33'
	),
	size: ordinal('size', 'shape', ['smaller', 'larger'], 'micro@0 small@0.5 medium@2 large@3.5 oversized@4'),
	sheen: ordinal('sheen', 'cloth', ['more matte', 'shinier'], 'matte soft-sheen satin shiny glittering'),
	weight: ordinal('weight', 'cloth', ['lighter', 'heavier'], 'light medium heavy'),
	opacity: ordinal('opacity', 'cloth', ['sheerer', 'more opaque'], 'sheer semi-sheer opaque', 0.6),
	distress: ordinal('distress', 'detail', ['cleaner', 'more worn'], 'clean faded worn ripped', 0.6),
	formality: ordinal(
		'formality',
		'detail',
		['more casual', 'dressier'],
		'sport casual smart-casual business cocktail formal'
	),
	neckline: nominal(
		'neckline',
		'detail',
		'crew round scoop jewel boat square | v deep-v wrap | sweetheart cowl plunge | roll funnel mock | keyhole henley | halter high-neck | one-shoulder asymmetric | strapless off-shoulder'
	),
	collar: nominal(
		'collar',
		'detail',
		'shirt button-down spread cutaway pointed wing | revere camp | band mandarin stand funnel | pussy-bow | peter-pan sailor ruffled lace | shawl notched | fur | hood | collarless'
	),
	lapel: nominal('lapel', 'detail', 'notch peak | shawl | collarless'),
	closure: nominal(
		'closure',
		'detail',
		'single-breasted buttoned snap toggle covered | double-breasted double-breasted-4x2 double-breasted-6x2 | zip asymmetric-zip | wrap tie | open | pull-on | lace-up buckle velcro | drawstring elastic | hook'
	),
	sleeveShape: nominal(
		'sleeve shape',
		'shape',
		'plain raglan set-in | puff leg-of-mutton | bishop balloon | bell flutter ruffled | dolman kimono cape | slashed'
	),
	leg: nominal(
		'leg',
		'shape',
		'skinny slim tapered | straight relaxed | baggy balloon wide | bootcut flared'
	),
	skirtShape: nominal(
		'skirt shape',
		'shape',
		'pencil straight column | bias mermaid | a-line wrap | full circle tiered ruffled | pleated | tulip puff | peplum asymmetric'
	),
	waistline: nominal('waistline', 'shape', 'natural marked | empire | dropped | unmarked'),
	shoulder: nominal('shoulder', 'shape', 'natural soft dropped | padded structured | cold-shoulder'),
	back: nominal('back', 'detail', 'covered | low open | keyhole racer crossed'),
	toe: nominal('toe', 'detail', 'pointed almond | round | square | open peep'),
	heelShape: nominal(
		'heel',
		'detail',
		'stiletto kitten spool | block cuban stacked cone | wedge platform | flat'
	),
	sole: nominal('sole', 'detail', 'thin | lug chunky platform | rope cork crepe-sole'),
	strap: nominal(
		'strap',
		'detail',
		'ankle-strap t-bar mary-jane strappy | slingback mule | toe-post | crossbody shoulder chain | top-handle | clutch wrist'
	),
	brim: ordinal('brim', 'shape', ['narrower', 'wider'], 'none narrow medium wide'),
	frame: nominal('frame', 'detail', 'round oval | cat-eye | square rectangular | aviator | rimless shield'),
	hemDetail: nominal(
		'hem detail',
		'detail',
		'plain | raw frayed | fringed tasselled feathered | slit | ruffled scalloped lace-trimmed | handkerchief asymmetric high-low curved | turned-up ribbed elasticated | bordered | trained'
	),
	hairLength: ordinal('hair length', 'shape', ['shorter', 'longer'], 'cropped chin shoulder long'),
	hairTexture: nominal('hair texture', 'detail', 'straight sleek | wavy curly | coily | tousled'),
	nailShape: nominal('nail shape', 'detail', 'round oval almond | square | pointed'),
	scent: nominal(
		'scent',
		'detail',
		'floral powdery sweet | fresh citrus green | woody smoky leathery | spicy amber musky'
	),
	texture: nominal(
		'texture',
		'cloth',
		'smooth | ribbed waffle fine-knit | cable chunky-knit | quilted padded | boucle tweed herringbone | brushed fluffy | jacquard self-stripe | lace crochet broderie cut-out | embroidered mirror-work applique | sequinned beaded metallic | velvet suede pile fur-like | pleated ruched smocked | crinkled | woven perforated | grained croc patent'
	),
	material: grouped(
		'material',
		'cloth',
		materialFamilies.map((family) => family.map(({ id, label }) => ({ id, label })))
	)
} as const satisfies Record<string, Facet>;

export type FacetId = keyof typeof facets;
/** The values of a facet. */
export type ValueOf<F extends FacetId> = (typeof facets)[F]['values'][number]['id'];
/** Values by their facet, as far as they are said. */
export type FacetValues = { [F in FacetId]?: ValueOf<F> };
/** One facet with one of its values. */
export type FacetWithValue = { [F in FacetId]: readonly [F, ValueOf<F>] }[FacetId];
export const facetIds = Object.keys(facets) as FacetId[];

/** The facet under its id, widened so that any value can be looked up in it. */
export const facetOf = (id: FacetId): Facet => facets[id];

/** A value's entry, or undefined where the facet has no such value. */
export function facetValue(id: FacetId, value: string): FacetValue | undefined {
	return facetOf(id).values.find((entry) => entry.id === value);
}

/** Place of a value on its ordinal scale; throws on a value that the scale does not have. */
export function placeOf(id: FacetId, value: string): number {
	const { values } = facetOf(id);
	const index = values.findIndex((entry) => entry.id === value);
	const entry = values[index];
	if (!entry) throw new RangeError(`"${value}" is no ${facets[id].label}`);
	return entry.at ?? index;
}
