/**
 * Which features and moves make an outfit sharper, more festive, sportier: one table, used to measure a mood and to steer an outfit
 * (common practice; the figures are this project's). A value is for the first name of its axis, and below 0 for the second.
 */
import type { FacetId } from './facets';
import type { MoveId } from './moves';

export const moodAxes = {
	line: ['sharper', 'softer'],
	feast: ['more festive', 'plainer'],
	ease: ['easier', 'dressier'],
	sport: ['sportier', 'more tailored'],
	edge: ['harder', 'sweeter'],
	time: ['more modern', 'more classic']
} as const;
export type MoodAxis = keyof typeof moodAxes;
export type Wish = (typeof moodAxes)[MoodAxis][number];
export const moodAxisIds = Object.keys(moodAxes) as MoodAxis[];
export const wishIds: readonly Wish[] = moodAxisIds.flatMap((axis) => [...moodAxes[axis]]);

/** The axis of a wish, and whether it is its first name. */
export function axisOf(wish: Wish): { axis: MoodAxis; sign: 1 | -1 } {
	const axis = moodAxisIds.find((one) => (moodAxes[one] as readonly Wish[]).includes(wish)) ?? 'line';
	return { axis, sign: moodAxes[axis][0] === wish ? 1 : -1 };
}
/** The wish that takes another back. */
export function oppositeOf(wish: Wish): Wish {
	const { axis, sign } = axisOf(wish);
	return moodAxes[axis][sign === 1 ? 1 : 0];
}

export interface MoodTable {
	facets: Partial<Record<FacetId, Readonly<Record<string, number>>>>;
	types: Readonly<Record<string, number>>;
	families: Readonly<Record<string, number>>;
	prints: Readonly<Record<string, number>>;
	moves: Partial<Record<MoveId, number>>;
	/** For each level of formality above the middle of the scale. */
	formality: number;
}

/** "tailored=1 relaxed=-.6" */
const values = (text: string): Record<string, number> =>
	Object.fromEntries(
		text
			.trim()
			.split(/\s+/)
			.filter(Boolean)
			.map((pair) => {
				const [name = '', value = ''] = pair.split('=');
				return [name, Number(value)];
			})
	);

export const moods: Record<MoodAxis, MoodTable> = {
	line: {
		facets: {
			fit: values('skin-tight=.4 close=.6 tailored=1 regular=.1 relaxed=-.5 oversized=-.7'),
			shoulder: values('padded=.7 structured=.8 soft=-.4 dropped=-.5'),
			toe: values('pointed=.6 square=.4 round=-.3'),
			lapel: values('peak=.6 notch=.4 shawl=-.1'),
			heelShape: values('stiletto=.5 block=.1 wedge=-.3'),
			texture: values('chunky-knit=-.8 cable=-.7 brushed=-.5 fur-like=-.5 fine-knit=-.2'),
			sleeveShape: values('puff=-.4 bishop=-.5 bell=-.5 raglan=-.4 dolman=-.6 ruffled=-.6'),
			material: values(
				'poplin=.4 gabardine=.5 leather=.4 twill=.3 chiffon=-.7 jersey=-.4 knit=-.6 mohair=-.8 fleece=-.6 velvet=-.2'
			),
			hemDetail: values('ruffled=-.6 scalloped=-.4 handkerchief=-.3'),
			collar: values('shirt=.3 stand=.3 pussy-bow=-.5 peter-pan=-.4')
		},
		types: values('blazer=.6 suit-jacket=.7 cardigan=-.6 shrug=-.5 trench-coat=.4 poncho=-.7 cape=-.2'),
		families: values('tailored=.5 knitwear=-.5 cardigans=-.6 jeans=.1'),
		prints: values('floral=-.5 ditsy-floral=-.6 stripe=.3 pinstripe=.6 houndstooth=.2'),
		moves: {
			tucked: 0.3,
			belted: 0.3,
			'buttoned-to-neck': 0.3,
			'draped-on-shoulders': -0.3,
			'half-tucked': -0.1
		},
		formality: 0.1
	},
	feast: {
		facets: {
			sheen: values('matte=-.2 soft-sheen=.2 satin=.6 shiny=.7 glittering=1'),
			material: values(
				'sequin=1 lame=1 brocade=.8 velvet=.6 satin=.5 silk=.4 lace=.4 feather=.8 denim=-.6 jersey=-.4 sweatshirting=-.7 cotton=-.2 linen=-.2'
			),
			texture: values('sequinned=1 beaded=.9 embroidered=.6 metallic=.8 mirror-work=.9'),
			heelHeight: values('high=.4 very-high=.5 mid=.2 flat=-.1'),
			size: values('large=.3 oversized=.4 micro=-.1')
		},
		types: values('trainers=-.8 hoodie=-.8 clutch=.4 minaudiere=.6 tote=-.4 backpack=-.6 tiara=.8'),
		families: values('jeans=-.5 earrings=.2 necklaces=.2'),
		prints: values('leopard=.3 floral=.2'),
		moves: {},
		formality: 0.25
	},
	ease: {
		facets: {
			fit: values('relaxed=.5 oversized=.5 skin-tight=-.3 tailored=-.3'),
			heelHeight: values('flat=.6 low=.3 kitten=0 mid=-.3 high=-.7 very-high=-.9'),
			material: values('jersey=.5 knit=.5 linen=.3 cotton=.2 denim=.3 satin=-.3 brocade=-.5 silk=-.2'),
			closure: values('pull-on=.3 elastic=.3 drawstring=.4')
		},
		types: values('trainers=.7 loafers=.3 sandals=.2 clutch=-.4 crossbody-bag=.3 backpack=.4'),
		families: values('tees=.4 knitwear=.3 jeans=.3 tailored=-.4'),
		prints: {},
		moves: {
			'sleeves-pushed-up': 0.3,
			'sleeves-rolled': 0.3,
			untucked: 0.3,
			'half-tucked': 0.15,
			'buttoned-to-neck': -0.3
		},
		formality: -0.4
	},
	sport: {
		facets: {
			material: values(
				'technical=.8 jersey=.3 sweatshirting=.7 nylon=.6 fleece=.6 elastane=.5 silk=-.4 satin=-.4 tweed=-.4'
			),
			fit: values('tailored=-.6 relaxed=.2'),
			heelHeight: values('flat=.1 mid=-.4 high=-.7 very-high=-.8 kitten=-.4'),
			sole: values('chunky=.4 lug=.2')
		},
		types: values(
			'trainers=1 chunky-trainers=1 high-tops=.9 hoodie=.9 track-jacket=1 joggers=1 baseball-cap=.9 belt-bag=.5 backpack=.5 rugby-shirt=.7 polo-shirt=.4 windbreaker=.8 blazer=-.7 suit-jacket=-.9 court-shoes=-.8'
		),
		families: values('tailored=-.6 suits=-.9'),
		prints: {},
		moves: { 'sleeves-pushed-up': 0.2 },
		formality: -0.3
	},
	edge: {
		facets: {
			material: values(
				'leather=.9 imitation-leather=.7 patent-leather=.8 denim=.2 lace=-.5 chiffon=-.6 tulle=-.6 mohair=-.4'
			),
			distress: values('worn=.4 ripped=.7'),
			texture: values('embroidered=-.3 beaded=-.2'),
			collar: values('pussy-bow=-.5 peter-pan=-.7 lace=-.5'),
			sleeveShape: values('puff=-.5 ruffled=-.6'),
			sole: values('lug=.5 chunky=.3 platform=.3')
		},
		types: values(
			'biker-jacket=1 leather-jacket=.8 lace-up-boots=.8 biker-boots=.9 chain-necklace=.3 western-belt=.3 ballet-flats=-.6 mary-janes=-.4 tea-dress=-.6 cardigan=-.5 pearl-necklace=-.6 hair-bow=-.7'
		),
		families: values('boots=.3'),
		prints: values('floral=-.6 ditsy-floral=-.7 polka-dot=-.5 gingham=-.5 leopard=.5 snake=.6'),
		moves: { 'collar-up': 0.3, unlaced: 0.2 },
		formality: -0.05
	},
	time: {
		facets: {
			fit: values('oversized=.4 relaxed=.2 tailored=0'),
			toe: values('square=.6 round=-.1'),
			leg: values('wide=.4 straight=.2 baggy=.5 bootcut=-.2'),
			collar: values('peter-pan=-.5 pussy-bow=-.4 sailor=-.5'),
			skirtShape: values('full=-.4 circle=-.5 column=.3 pencil=-.2'),
			material: values('technical=.5 tweed=-.4 lace=-.3'),
			sole: values('chunky=.5 lug=.3')
		},
		types: values(
			'trainers=.4 chunky-trainers=.6 tea-dress=-.6 swing-dress=-.7 twinset=-.7 pearl-necklace=-.4 gloves=-.5 pillbox-hat=-.8 beret=-.3 bucket-bag=.2 belt-bag=.4 t-bar-shoes=-.5 kitten-heels=-.2 cape=-.3'
		),
		families: {},
		prints: values('plain=.1 polka-dot=-.4 houndstooth=-.4 plaid=-.2 ditsy-floral=-.3'),
		moves: { 'half-tucked': 0.1 },
		formality: 0
	}
};
