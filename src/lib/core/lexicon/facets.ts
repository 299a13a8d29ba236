/**
 * Facets: what can be said of a garment besides its type, palette, print and metal.
 *
 * An ordinal facet lists its values in order; its similarity falls with the distance between them, measured
 * on `at` where the steps are uneven. A nominal facet lists values in groups that look alike; the similarity
 * between values comes from the groups (see `closeness/similarity.ts`).
 * Values and order: common practice, as the trade's terms have it.
 */

/** What kind of likeness a facet speaks of; schools weigh these against each other. */
export type FacetGroup = 'kind' | 'colour' | 'shape' | 'cloth' | 'detail';

export interface FacetValue {
	id: string;
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
export interface OrdinalFacet extends FacetBase {
	kind: 'ordinal';
	values: FacetValue[];
	/** The words for "more" and "less" along the scale. */
	more: string;
	less: string;
}
export interface NominalFacet extends FacetBase {
	kind: 'nominal';
	values: FacetValue[];
	/** Values in one group look alike. */
	groups: string[][];
}
export type Facet = OrdinalFacet | NominalFacet;

const labelOf = (id: string) => id.replace(/-/g, ' ');
const list = (words: string): FacetValue[] =>
	words.split(' ').map((word) => {
		const [id = '', at] = word.split('@');
		return at === undefined ? { id, label: labelOf(id) } : { id, label: labelOf(id), at: Number(at) };
	});

const ordinal = (
	label: string,
	group: FacetGroup,
	[less, more]: [string, string],
	words: string,
	prior = 0.4
): OrdinalFacet => ({ kind: 'ordinal', label, group, prior, values: list(words), less, more });

/** Groups are separated by "|". */
const nominal = (label: string, group: FacetGroup, words: string, prior = 0.3): NominalFacet => {
	const groups = words.split('|').map((group) => group.trim().split(' '));
	return { kind: 'nominal', label, group, prior, groups, values: list(groups.flat().join(' ')) };
};

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
	size: ordinal('size', 'shape', ['smaller', 'larger'], 'micro small medium large oversized'),
	sheen: ordinal('sheen', 'cloth', ['more matte', 'shinier'], 'matte soft-sheen satin shiny glittering'),
	weight: ordinal('weight', 'cloth', ['lighter', 'heavier'], 'light medium heavy'),
	opacity: ordinal('opacity', 'cloth', ['sheerer', 'more opaque'], 'sheer semi-sheer opaque', 0.6),
	formality: ordinal(
		'formality',
		'detail',
		['more casual', 'dressier'],
		'sport casual smart-casual business cocktail formal'
	),
	neckline: nominal(
		'neckline',
		'detail',
		'crew round scoop boat square | v deep-v wrap sweetheart cowl | roll funnel mock keyhole | halter one-shoulder strapless off-shoulder bardot'
	),
	collar: nominal(
		'collar',
		'detail',
		'shirt button-down spread revere camp | band mandarin stand | pussy-bow peter-pan sailor | shawl notched hood'
	),
	lapel: nominal('lapel', 'detail', 'notch peak | shawl | collarless'),
	closure: nominal(
		'closure',
		'detail',
		'single-breasted buttoned snap | double-breasted-4x2 double-breasted-6x2 double-breasted | zip | wrap tie open | pull-on lace-up buckle | drawstring elastic'
	),
	sleeveShape: nominal(
		'sleeve shape',
		'shape',
		'plain raglan | puff bishop balloon | bell flutter | dolman kimono'
	),
	leg: nominal(
		'leg',
		'shape',
		'skinny slim tapered | straight relaxed | baggy balloon wide | bootcut flared'
	),
	skirtShape: nominal(
		'skirt shape',
		'shape',
		'pencil straight column bias mermaid | a-line wrap | full circle tiered pleated | tulip peplum asymmetric'
	),
	waistline: nominal('waistline', 'shape', 'natural marked | empire | dropped | unmarked'),
	toe: nominal('toe', 'detail', 'pointed almond | round | square | open peep'),
	heelShape: nominal(
		'heel',
		'detail',
		'stiletto kitten spool | block cuban stacked cone | wedge platform | flat'
	),
	strap: nominal(
		'strap',
		'detail',
		'ankle-strap t-bar mary-jane | slingback mule | crossbody shoulder | top-handle clutch'
	),
	frame: nominal('frame', 'detail', 'round oval | cat-eye | square rectangular | aviator'),
	hemDetail: nominal(
		'hem detail',
		'detail',
		'plain | raw frayed fringed | slit | ruffled scalloped handkerchief | turned-up ribbed'
	),
	texture: nominal(
		'texture',
		'cloth',
		'smooth | ribbed cable chunky-knit fine-knit | quilted padded | boucle tweed brushed | jacquard lace embroidered broderie | sequinned beaded metallic | velvet suede pile fur-like | pleated ruched crinkled | grained patent croc'
	),
	material: nominal(
		'material',
		'cloth',
		'cotton poplin linen chambray | denim canvas twill corduroy | jersey knit merino cashmere wool mohair | tweed flannel felt boucle-wool | silk satin crepe viscose georgette | chiffon organza tulle lace net | velvet velour | leather suede imitation-leather patent-leather | faux-fur shearling | sequin lame brocade | nylon polyester technical | straw raffia cane | metal pearl glass crystal resin bead'
	)
} as const satisfies Record<string, Facet>;

export type FacetId = keyof typeof facets;
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
