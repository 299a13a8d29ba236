import type { IdIn } from './named';

/**
 * Print families, in groups that look alike (common practice), with the words for each: the noun or adjective as
 * it is said. A pattern of the weave (jacquard, lace, cable) is a texture, not a print.
 */
export interface Print {
	id: PrintId;
	label: string;
	words: string[];
}

const listed = (family: PrintId, words: string): [string, PrintId][] =>
	words.split(', ').map((word) => [word, family]);

/** One print a line: `id: words`. Blank lines part the groups. */
const source = `
plain: plain, solid, unpatterned, block colour, plain-coloured, one-colour

pinstripe: pinstripe, pinstriped, pin-striped, pin stripe, pinstripes, pin stripes
chalk-stripe: chalk stripe, chalk-striped, chalkstripe, chalk stripes
stripe: stripe, stripes, striped, stripy, hickory stripe, bengal stripe, deckchair stripe, deckchair stripes, butcher stripe, awning stripe, vertical stripe, vertical stripes, rugby stripe, rugby stripes, regimental stripe, regimental stripes, club stripe, regimental
breton: breton, breton stripe, breton stripes, breton-striped, nautical stripe, nautical stripes, sailor stripes, sailor stripe, horizontal stripes, horizontal stripe
candy-stripe: candy stripe, candy-striped, candy stripes, seersucker stripe, ticking stripe, ticking
chevron: chevron, zigzag, zig-zag, zigzags, chevrons

gingham: gingham, gingham check, vichy
check: check, checked, checks, checkered, squared, tattersall, graph check, shepherd's check, micro check
buffalo: buffalo check, buffalo plaid, lumberjack check, buffalo
checkerboard: checkerboard, chequerboard, chequered, chessboard

plaid: plaid, tartan, black watch, black watch tartan, black watch style tartan, madras, madras check, plaids, tartans
windowpane: windowpane, overcheck, window-pane, windowpane check, window pane check
glen-check: glen check, Prince of Wales check, Prince of Wales, glen plaid, glen-check, glencheck
houndstooth: houndstooth, hound's-tooth, dogtooth, dog-tooth, puppytooth, hound's tooth
argyle: argyle, argyll, diamond pattern, harlequin
fair-isle: fair isle, fairisle, nordic, nordic pattern, snowflake

pin-dot: pin dot, birdseye, bird's-eye, pin-dot, pin dots, micro dot, pin-dotted, point d'esprit, dotted swiss, swiss dot, plumetis
polka-dot: polka dot, polka-dot, polka dots, dotted, dots, dot, polka-dotted, dotty
spot: spot, spots, spotted, spotty, speckled, speckle, speckles

ditsy-floral: ditsy floral, ditsy, ditsy-floral, small floral, tiny floral, micro floral, calico, sprigged, sprig, tiny flowers, little flowers, small flowers
floral: floral, florals, flower, flowers, flowered, flowery, flower-print, rose-print, roses, sunflowers, sunflower print, tulips, poppies, daisies, peonies, blossoms, blossom, cherry blossom
painterly-floral: painterly floral, painterly-floral, painterly, large floral, oversized floral, watercolour floral, big floral, big flowers, large flowers, bold floral, big blooms
botanical: botanical, botanicals, leaf, leaves, leafy, fern, ferns, foliage, palm, palm leaf, palm leaves, vine, vines
tropical: tropical, hibiscus, jungle, hawaiian
chintz: chintz, wallpaper print, porcelain print, willow pattern, toile, toile de jouy, toile-de-jouy, wallpaper floral

leopard: leopard, leopard-print, cheetah, leopard spots, ocelot, animal, animal-print, jaguar
zebra: zebra, zebra stripes
tiger: tiger, tiger stripe
snake: snake, snakeskin, python, snake-print
cow: cow, cow-print, dalmatian, giraffe
camouflage: camouflage, camo

paisley: paisley, bandana print, buta, buti, butis, butta, boteh, paisleys, kalka
block-print: block print, block-print, block-printed, kalamkari, ajrakh, hand-block, hand-blocked, dabu, hand-block print, bagru
bandhani: bandhani, bandhej, leheriya, tie-and-dye dots
ikat: ikat, ikkat, pochampally, patola
batik: batik, wax-print, ankara, dutch wax
folk-embroidery: folk embroidery, folk-embroidery, folk, folkloric, suzani
mosaic: mosaic, baroque, arabesque, scarf-print, fleur-de-lis, fleurs-de-lis, damask, greek key, medallion print, tile

tie-dye: tie-dye, tie dye, tie-dyed, shibori, dip-dye print
ombre: ombre, ombré, dip-dyed, dip dye, graduated, degrade, gradient, shaded, space-dyed
abstract: abstract, brushstroke, brush-stroke, splatter, marbled, marble, swirl, swirls, swirly, squiggle
psychedelic: psychedelic, kaleidoscope, op-art, op art, pop-art, pop art
geometric: geometric, geometrics, geo, deco, art deco, geometrical, foulard print, lozenge, lozenges, kente, tribal, diamonds, triangles
colour-block: colour block, colour-block, colour-blocked, colour blocked, colour blocking, colour blocks, blocks of colour, blocks, color block, color-block, color-blocked, two-tone, two tone, patchwork, panelled

conversational: conversational, novelty, fruit, cherries, lemons, hearts, heart, stars, star, birds, bird, butterfly, butterflies, fish, anchors, anchor, strawberry, strawberries, horses, shells, swallows, herons, cranes, dragons, phoenixes, koi, reindeer, lighthouses, sailboats, ships, bees, swans, frogs, hares, snails, mushrooms, moths, ladybirds, ladybugs, dragonflies, unicorns, spiders, skeletons, seagulls, puffins, seahorses, octopus, planets, moons, suns, pineapples, cats, dogs, owls, flamingos, elephants, lions, whales, dolphins, lobsters, crabs, starfish, bicycles, dice, playing cards, cherry print, lemon print, fruit print, bird print, star print, heart print, horse print, fish print, butterfly print, feather print, nautical print, newsprint, scenic, photographic, photo print, trompe l’oeil, skull, skulls, parrots, palm trees
slogan: slogan, graphic, logo, rock tee, rock T-shirt, band tee, band T-shirt, tour tee, tour T-shirt, concert tee, lettering, printed slogan, band logo, monogram, varsity letter, number
`;

export type PrintId = IdIn<typeof source>;

/** Words for a print as such. */
export const patternWords = ['print', 'prints', 'pattern', 'patterns', 'motif', 'motifs'];

/** Animals that are drawn on things as well as worn. */
const creatures = 'fox, rabbit, squirrel, otter, beaver, raccoon, racoon, lynx, stoat, marten, seal, ostrich';
/** Animals after whose coats prints are named. */
const coats = 'tiger, leopard, zebra, snake, cow';
/** One of them, and several, with the word that they stand for. */
export const creaturesShown: ReadonlyMap<string, 'one' | 'several'> = new Map(
	`${creatures}, ${coats}`.split(', ').flatMap((one) => [
		[one, 'one'],
		[one.endsWith('x') ? `${one}es` : `${one}s`, 'several']
	])
);

/** Colours that are named after what is oftener shown in a print than its colour: "a poppy print" (common practice). */
export const shownInPrints: ReadonlyMap<string, PrintId> = new Map([
	...listed(
		'floral',
		'poppy, lavender, lilac, violet, iris, fuchsia, magnolia, marigold, cornflower, primrose, heather, wisteria, buttercup, periwinkle, orchid'
	),
	...listed(
		'conversational',
		'peacock, flamingo, canary, kingfisher, tomato, raspberry, aubergine, lobster, peach, apricot, watermelon, olive, plum, fig, mango, papaya, banana'
	),
	...listed('conversational', creatures)
]);

export const printFamilies: Print[][] = source
	.trim()
	.split(/\n\s*\n/)
	.map((group) =>
		group.split('\n').map((line) => {
			const [id = '', words = ''] = line.split(':');
			return {
				id: id as PrintId,
				label: id.replace(/-/g, ' '),
				words: words.split(',').map((word) => word.trim())
			};
		})
	);

export const prints: Print[] = printFamilies.flat();
export const printGroups: string[][] = printFamilies.map((group) => group.map(({ id }) => id));
export const printIds = prints.map(({ id }) => id);

/** Scale of a print's repeat, small to large. */
export const printScales = ['tiny', 'small', 'medium', 'large'] as const;
export type PrintScale = (typeof printScales)[number];

/** Words for the scale of a print, said straight before it: "bold stripes". */
export const printScaleWords: Readonly<Record<string, PrintScale | undefined>> = {
	tiny: 'tiny',
	micro: 'tiny',
	small: 'small',
	little: 'small',
	fine: 'small',
	thin: 'small',
	narrow: 'small',
	delicate: 'small',
	medium: 'medium',
	large: 'large',
	big: 'large',
	bold: 'large',
	wide: 'large',
	broad: 'large',
	thick: 'large',
	giant: 'large',
	huge: 'large'
};
