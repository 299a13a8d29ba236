import { patternWords } from './prints';
import type { FacetId, FacetWithValue } from './facets';

/** A part of a garment that words can be about: "gold hardware", "a square neck", "no collar". */
export interface Detail {
	words: readonly string[];
	/** The facets that a word before the part may speak of. */
	facets: readonly FacetId[];
	/** A metal said of it is the garment's metal. */
	takesMetal?: boolean;
	/** Covers so much of the garment that its colour counts as one of the garment's. */
	coversCloth?: boolean;
	/** It is worked on the cloth: its colour is one of the garment's, and never its ground. */
	isWork?: boolean;
	/** What it is made of follows it: "trimmed with lace". */
	leads?: boolean;
	/** What its mere mention says. */
	alone?: FacetWithValue;
	/** The family or division that alone has such a part: of any other the word says nothing. */
	only?: string;
	/** A garment has it or has it not, so that its mere mention is kept: "with piping". */
	added?: true;
	/** What its absence says: "no sleeves". */
	without?: FacetWithValue;
}

const detail = (
	words: string,
	facets: FacetId[] = [],
	more: Omit<Detail, 'words' | 'facets'> = {}
): Detail => ({
	words: words.split(',').map((word) => word.trim()),
	facets,
	...more
});

/** What is stuck on a hat, and is what other things are made of: "a fedora with a red feather". */
export const plume: Detail = detail('feather, feathers', [], { only: 'headwear' });

/** "With a small white print": a print of no kind, which is kept as it is told. */
export const patternPart: Detail = detail(`${patternWords.join(', ')}, design, designs`);

/** "Lace along the top": where something is that no part is named for. */
export const edge: Detail = detail('top, bottom');

/** "Leather at the elbows", "fur at the wrist": places on the body that a garment has no part for. */
export const spot: Detail = detail(
	'elbow, elbows, wrist, wrists, ankle, ankles, knee, knees, throat, ears, tips, chest, bust, breast, rib, ribs, hip, hips, thigh, thighs, calf, calves, side, sides'
);

/** Parts of garments, as they are named (common practice). What a part says that no facet holds goes to the note. */
export const details: readonly Detail[] = [
	detail('sleeve, sleeves, sleeved', ['sleeveShape', 'sleeveLength'], {
		coversCloth: true,
		without: ['sleeveLength', 'sleeveless']
	}),
	detail('neck, necks, neckline, necklines, necked, necklined', ['neckline', 'collar']),
	detail('collar, collars, collared', ['collar', 'lapel'], { without: ['collar', 'collarless'] }),
	detail('lapel, lapels, lapelled, revers', ['lapel', 'collar'], { without: ['lapel', 'collarless'] }),
	detail('hem, hems, hemmed, hemline, edge, edges', ['hemDetail', 'hemLength', 'legLength']),
	detail('leg, legs, legged, leg shape', ['leg', 'legLength', 'fit']),
	detail('rise', ['rise']),
	detail(
		'waist, waists, waisted, waistline, waistlines, waistband, waistbands',
		['waistline', 'rise', 'closure', 'fit'],
		{
			without: ['waistline', 'unmarked']
		}
	),
	detail('shoulder, shoulders, shouldered', ['shoulder', 'sleeveShape', 'neckline']),
	detail('back, backed', ['back'], { without: ['back', 'open'] }),
	detail('heel, heels, heeled', ['heelShape', 'heelHeight', 'strap'], { without: ['heelHeight', 'flat'] }),
	detail('toe, toes, toed, toecap, toe cap, toecaps, toe caps', ['toe']),
	detail('sole, soles, soled', ['sole']),
	detail('shaft, shafts', ['shaft']),
	detail(
		'strap, straps, tie strap, tie straps, strapped, handle, handles, handled',
		['strap', 'sleeveLength', 'size'],
		{
			takesMetal: true,
			alone: ['sleeveLength', 'sleeveless'],
			without: ['sleeveLength', 'strapless']
		}
	),
	detail('brim, brimmed', ['brim'], { without: ['brim', 'none'] }),
	detail('frame, frames, framed, rims, lenses, lens', ['frame', 'size'], { takesMetal: true }),
	detail('fit, cut, silhouette, shape', ['fit', 'skirtShape', 'leg'], { coversCloth: true }),
	detail('length', ['hemLength', 'topLength', 'legLength', 'sleeveLength', 'hairLength'], {
		coversCloth: true
	}),
	detail('finish, sheen, shine, surface', ['sheen', 'texture'], {
		coversCloth: true,
		without: ['sheen', 'matte']
	}),
	detail('weave, knit', ['texture', 'material'], { coversCloth: true }),
	detail('fastening, fastenings, closure, front, fronted', ['closure']),
	detail('skirt, skirted', ['skirtShape', 'hemLength'], { coversCloth: true }),
	detail('bodice, top half', ['fit', 'texture', 'neckline'], { coversCloth: true }),
	detail('panel, panels, yoke', [], { coversCloth: true }),
	detail('parting, part'),
	detail('chain strap, chain straps, chain handle, chain', ['strap'], {
		takesMetal: true,
		alone: ['strap', 'chain']
	}),
	detail('button, buttons, buttoned', ['closure'], { takesMetal: true, alone: ['closure', 'buttoned'] }),
	detail(
		'snaps, snap, poppers, popper, press studs, press stud, snap fasteners, snap fastenings',
		['closure'],
		{
			takesMetal: true,
			alone: ['closure', 'snap']
		}
	),
	detail(
		'zip, zips, zipper, zippers, back zip, side zip, back zips, side zips, back zipper, side zipper',
		['closure'],
		{ takesMetal: true, alone: ['closure', 'zip'] }
	),
	detail(
		'hardware, metalware, fittings, clasp, clasps, studs, rivets, eyelets, grommets, chain detail, horsebit, snaffle',
		[],
		{
			takesMetal: true
		}
	),
	detail('bit, bits, snaffle bit, horse bit', [], { takesMetal: true, only: 'footwear' }),
	detail(
		'trim, trims, trimming, piping, edging, braid, braiding, tipping, rickrack, ric-rac, ricrac, passementerie, gimp',
		['hemDetail', 'collar'],
		{
			added: true
		}
	),
	detail('trimmed, edged, piped, bordered, bound', ['hemDetail', 'collar'], { leads: true }),
	detail('lined', [], { leads: true }),
	detail('border, borders', ['hemDetail'], {
		alone: ['hemDetail', 'bordered'],
		coversCloth: true,
		isWork: true
	}),
	detail('buckle, buckles', ['closure'], { takesMetal: true, alone: ['closure', 'buckle'] }),
	detail(
		'velcro, velcro strap, velcro straps, velcro tab, velcro tabs, velcro fastening, velcro fastenings, hook-and-loop strap, hook-and-loop straps',
		['closure'],
		{ alone: ['closure', 'velcro'] }
	),
	detail('toggle, toggles', ['closure'], { takesMetal: true, alone: ['closure', 'toggle'] }),
	detail('slit, slits, split, splits, vent', ['hemDetail'], { alone: ['hemDetail', 'slit'] }),
	detail('fringe, fringes, fringing', ['hemDetail'], { alone: ['hemDetail', 'fringed'] }),
	detail('train', ['hemDetail'], { alone: ['hemDetail', 'trained'] }),
	detail('ruffle, ruffles, frill, frills, flounce, flounces', ['hemDetail', 'sleeveShape', 'collar'], {
		alone: ['hemDetail', 'ruffled']
	}),
	detail('hood', ['collar'], { alone: ['collar', 'hood'], without: ['collar', 'collarless'] }),
	detail('shoulder pads, pads, padding', ['shoulder'], {
		alone: ['shoulder', 'padded'],
		without: ['shoulder', 'natural']
	}),
	detail('pleats, pleat', ['skirtShape', 'texture'], { alone: ['skirtShape', 'pleated'] }),
	detail('pallu, palla', ['hemDetail', 'material'], { coversCloth: true }),
	detail('elastic laces, elastic lace, stretch laces', ['closure'], { alone: ['closure', 'elastic'] }),
	detail('laces, lacing, corset lacing', ['closure'], { alone: ['closure', 'lace-up'] }),
	detail('tassel', ['hemDetail'], { alone: ['hemDetail', 'tasselled'] }),
	detail(
		'pocket, pockets, pocketed, patch pockets, flap pockets, cargo pockets, welt pockets, breast pocket'
	),
	detail('lining, inside'),
	detail('bib, bustle, fichu, dickey, drape, drapes, swag'),
	detail(
		'ties, tapes, dori, doris, tie-back dori, tassel tie, tassel ties, ankle tie, ankle ties, side tie, side ties, back tie, back ties, front tie, front ties, shoulder tie, shoulder ties, hem tie, hem ties, waist tie, waist ties, tie at the neck, tie at the waist, tie at the shoulder, tie at the back, ties at the back, ties at the side, ties at the front, ties at the neck, ties at the waist, ties at the shoulder, ties at the ankle, ties behind, ties in front'
	),
	detail(
		'stitching, topstitching, stitch, seam, seams, seaming, darts, placket, princess seams, boning, corsetry, plastron, stomacher'
	),
	detail(
		'cuff, cuffs, french cuffs, double cuffs, french cuff, double cuff, barrel cuffs, barrel cuff, button cuff, buttoned cuff, ribbed cuff, turn-back cuff, elasticated cuff, single cuff, single cuffs, link cuffs, shirt cuff, sleeve cuff, thumbholes',
		['sleeveLength']
	),
	detail(
		'arm garters, sleeve garters, arm bands, epaulettes, epaulets, crest, crest buttons, crease, front crease, unlined, half-lined, fully lined'
	),
	detail('godet, godets, gore, gores, gusset, gussets, vents'),
	detail(
		'bow, bows, knot, knots, twist, bow detail, ribbon, ribbons, belt detail, tie detail, scarf detail, ring detail, necklace detail, harness detail'
	),
	detail(
		'half belt, half belts, half-belt, back belt, martingale, tie belt, tie belts, self belt, self belts, self-tie belt, self-tie belts'
	),
	detail('patch, patches, elbow patches, badges'),
	detail('pompoms, pompom, bobble, pom-pom, pom-poms, bobbles, charm, charms, keyring'),
	detail('dial'),
	detail(
		'facing, insert, inserts, overskirt, overskirts, overlay, overlays, loop, hammer loop, tucks, gathers, compartment, compartments, backing'
	),
	detail('tongue, vamp, welt, welts, insole, outsole, midsole, shank', [], { only: 'footwear' }),
	detail('plume, netting, earflaps, rosette', [], { only: 'accessories' }),
	detail('bezel, links, setting, cluster, halo', [], { only: 'jewellery', takesMetal: true }),
	detail('end, ends, square end, pointed end', [], { only: 'scarves' }),
	detail('face', [], { only: 'bracelets' }),
	detail(
		'pendant, pendants, locket, lockets, cross, crosses, crucifix, medallion, medallions, teardrops, drops',
		['material'],
		{ takesMetal: true, coversCloth: true, only: 'jewellery' }
	),
	detail(
		'belt loops, belt loop, loops, ring pull, pull tab, pull tabs, heel tab, heel tabs, side stripe, side stripes, satin stripe, tuxedo stripe, stripe down the side, stripe down the leg, stripes down the side'
	),
	detail('tip, tips, ends'),
	detail('crown'),
	detail(
		'frogging, frogs, frog fastening, frog fastenings, frog closures, tabs, tab, flap, flaps, gun flap, gun flaps, storm flap, storm flaps, storm shield, shoulder tab'
	),
	detail('ground, background', [], { coversCloth: true }),
	detail('band, hatband, hat band, petersham'),
	detail('veil, veiling, netting')
];
