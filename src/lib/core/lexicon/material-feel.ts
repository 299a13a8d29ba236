/**
 * What materials do, so that any two can be compared: what kind of stuff it is, and how heavy, fluid, shiny, deep in its
 * surface and open it is, each 0..4 (common practice; the numbers are this project's and may be argued with).
 */
export type Stuff =
	'cloth' | 'sturdy' | 'woollen' | 'knit' | 'hide' | 'pile' | 'glitter' | 'shell' | 'plant' | 'hard' | 'bead';
export interface Feel {
	stuff: Stuff;
	weight: number;
	/** From stiff to fluid. */
	drape: number;
	sheen: number;
	/** How much the surface stands out: from smooth to nubbed or napped. */
	depth: number;
	/** How much is seen through it. */
	open: number;
}

/** `stuff weight drape sheen depth open: materials`. */
const source = `
cloth 1 2 .5 .3 0: cotton poplin
cloth .6 2.5 .5 .3 .8: lawn
cloth .5 3 .5 .4 1.6: voile muslin
cloth .9 2 .5 1 .3: seersucker
cloth 1.3 1.6 .5 .7 0: oxford-cloth chambray
cloth 1.3 1.9 .4 1 .3: linen hemp khadi
cloth 1 2 .4 2 1.2: broderie-anglaise
sturdy 2.6 .8 .3 1 0: denim
sturdy 2.3 .7 .4 .7 0: canvas
sturdy 2 1.2 .7 .5 0: twill gabardine
sturdy 2.4 1.2 .6 2.2 0: corduroy
sturdy 2.4 1.1 .4 1.4 0: moleskin
sturdy 2.4 .8 1.5 .4 0: waxed-cotton
knit 1.4 3 .6 .3 0: jersey
knit 2.2 1.8 .3 .8 0: sweatshirting
knit 2.2 2 .3 2.2 0: towelling fleece
knit 1.6 2 1.2 .2 0: elastane
knit 2.1 2.2 .4 1.3 .2: knit
woollen 2.4 1.7 .4 .9 0: wool
knit 1.8 2.5 .6 .9 0: merino
knit 2.1 2.2 .4 1.3 0: lambswool
knit 2 2.7 .7 1.2 0: cashmere
knit 1.8 2.3 .8 2.4 .3: mohair
knit 2.2 2.4 .6 1.7 .1: alpaca
woollen 2.6 1.8 .8 1.2 0: camel-hair
woollen 2.7 1.2 .3 2 0: tweed
woollen 2.2 1.8 .3 1.1 0: flannel
woollen 3 .8 .3 1 0: felt
woollen 2.6 1.4 .5 2.5 0: boucle-wool
cloth .9 3.3 2.4 .1 .2: silk
cloth 1.2 3.1 3 .1 0: satin
cloth 1.3 3 .9 .6 0: crepe
cloth 1.1 3.2 1 .2 0: viscose
cloth .8 3.4 .7 .5 1.4: georgette
cloth 1.2 .8 2.5 .3 0: taffeta
cloth .4 3.6 .8 .3 2.4: chiffon
cloth .6 1.2 1.5 .2 2.6: organza
cloth .5 1.4 .4 .8 3: tulle net
cloth .9 2.2 .5 2.4 2.2: lace
pile 2.4 2.2 1.6 2 0: velvet
pile 2.1 2.2 1.3 1.7 0: velour
hide 2.6 1.1 1.6 .3 0: leather imitation-leather
hide 2.3 1.4 .3 1.3 0: suede
hide 2.6 .6 3.6 .1 0: patent-leather
hide 2.7 .7 2.4 1.8 0: exotic-skin
pile 3.4 1.5 .9 3.8 0: faux-fur fur
pile 3.3 1.2 .3 3.2 0: shearling
pile 1 3 .9 3.6 .5: feather
glitter 2.3 2 4 2.2 0: sequin
glitter 1.4 2.6 3.6 .5 0: lame
cloth 2.3 .9 2.4 1.8 0: brocade
cloth .9 1.8 2.2 .6 1: chanderi
shell .9 1.4 1.6 .2 0: nylon
cloth 1.2 2.2 1 .2 0: polyester
shell 1.6 1 1 .3 0: technical
shell 2.4 .8 1.4 2.2 0: down-fill
plant 1.8 .5 .8 1.8 .8: straw raffia
plant 2.4 .1 1 2 1: cane
plant 1.8 .4 .3 1 0: cork
plant 2 1.5 .4 2 .3: rope
hard 2.6 0 1 .6 0: wood horn tortoiseshell
hard 2 .6 1.4 .2 0: rubber
hard 3 0 3.4 .2 0: metal
bead 1.6 0 2.6 .2 0: pearl
bead 2 0 3.4 .2 2: glass crystal
bead 2.2 0 2.8 .3 .8: gemstone
bead 2.2 0 2 .2 0: turquoise-stone jade amber jet-beads
hard 1.6 0 2.4 .1 .6: resin
hard 2 0 2.8 .1 0: enamel
bead 1.8 .4 1.8 .8 0: bead
bead 1.6 0 2 .5 0: shell
`;

export const feelOf: ReadonlyMap<string, Feel> = new Map(
	source
		.trim()
		.split('\n')
		.flatMap((line) => {
			const [felt = '', materials = ''] = line.split(':');
			const [stuff, ...figures] = felt.trim().split(' ');
			const [weight = 0, drape = 0, sheen = 0, depth = 0, open = 0] = figures.map(Number);
			const feel: Feel = { stuff: stuff as Stuff, weight, drape, sheen, depth, open };
			return materials
				.trim()
				.split(' ')
				.map((material) => [material, feel] as const);
		})
);

/** Stuffs that are told apart only on a second look, and how far apart they are of 1; all others are wholly apart. */
export const stuffsApart: readonly (readonly [Stuff, Stuff, number])[] = [
	['cloth', 'sturdy', 0.5],
	['cloth', 'woollen', 0.6],
	['sturdy', 'woollen', 0.6],
	['woollen', 'knit', 0.3],
	['woollen', 'pile', 0.6],
	['sturdy', 'pile', 0.6],
	['sturdy', 'shell', 0.6],
	['sturdy', 'hide', 0.8],
	['cloth', 'knit', 0.5],
	['cloth', 'pile', 0.4],
	['cloth', 'shell', 0.35],
	['cloth', 'glitter', 0.6],
	['knit', 'pile', 0.5],
	['hide', 'shell', 0.6],
	['hide', 'pile', 0.7],
	['hard', 'bead', 0.5]
];

/** What each property weighs when two materials are compared; figures of this project. */
export const feelWeights = {
	weight: 0.9,
	drape: 0.9,
	sheen: 1.4,
	depth: 1.2,
	open: 1.2,
	stuff: 0.5
} as const;
/** Materials that differ by this much are alike by 1/e. */
export const feelWidth = 0.6;

/** The texture that a material has of itself, where nothing is said of its texture. */
export const textureOfMaterial: Readonly<Record<string, string>> = {
	tweed: 'tweed',
	'boucle-wool': 'boucle',
	velvet: 'velvet',
	velour: 'velvet',
	suede: 'suede',
	sequin: 'sequinned',
	lame: 'metallic',
	lace: 'lace',
	'broderie-anglaise': 'broderie',
	brocade: 'jacquard',
	'patent-leather': 'patent',
	'faux-fur': 'fur-like',
	fur: 'fur-like',
	shearling: 'pile',
	fleece: 'pile',
	towelling: 'pile',
	'exotic-skin': 'croc',
	'down-fill': 'padded',
	flannel: 'brushed',
	moleskin: 'brushed',
	mohair: 'fluffy',
	seersucker: 'crinkled'
};
/** The material that a texture is mostly made of, where nothing is said of the material. */
export const materialOfTexture: Readonly<Record<string, string>> = {
	tweed: 'tweed',
	boucle: 'boucle-wool',
	velvet: 'velvet',
	suede: 'suede',
	sequinned: 'sequin',
	metallic: 'lame',
	lace: 'lace',
	broderie: 'broderie-anglaise',
	patent: 'patent-leather',
	'fur-like': 'faux-fur',
	cable: 'knit',
	'chunky-knit': 'knit',
	'fine-knit': 'knit',
	ribbed: 'knit',
	crochet: 'knit',
	croc: 'leather',
	grained: 'leather'
};
