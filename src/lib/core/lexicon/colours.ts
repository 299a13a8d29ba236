import type { ColourFamily } from '../colour/family';
import { labOfHex, type Lab } from '../colour/spaces';

/**
 * Colour words of the trade with a typical value each (common practice; a word covers a region, the value is
 * its middle). The family is stated, not computed, so that tests can hold the computation against the words.
 */
export interface ColourWord {
	word: string;
	/** Other words for the same colour. */
	also: string[];
	hex: string;
	lab: Lab;
	family: ColourFamily;
}

const words = (family: ColourFamily, entries: string): ColourWord[] =>
	entries
		.trim()
		.split(/\s*,\s*/)
		.map((entry) => {
			const [, said = '', hex = ''] = /^(.+) (#[0-9a-f]{6})$/.exec(entry) ?? [];
			const [word = '', ...also] = said.split('/').map((one) => one.trim());
			return { word, also, hex, lab: labOfHex(hex), family };
		});

/** `word / other word #hex`, by family. */
export const colourWords: ColourWord[] = [
	...words(
		'white',
		'white / pure white / snow white / bright white #ffffff, optic white / brilliant white / crisp white #f7f9fb, snow / porcelain #f4f6f6'
	),
	...words(
		'ivory',
		'ivory / winter white / soft white #f6f0dd, off-white #f3efe2, cream #f3e9d0, vanilla #f5ebcf, ecru / natural / unbleached / undyed / natural cotton #e9dfc6, pearl / oyster #ece7dd, eggshell #f0ead6, milk / chalk #f4f0e6, alabaster / frost #f2efe6, parchment #efe3c8'
	),
	...words(
		'black',
		'black #141414, jet / jet black / pitch black / coal black / soot black / coal / sooty black #0c0c0d, washed black / faded black #35353a, off-black / soft black #1d1c1f, ebony / onyx / raven / raven black / carbon black / liquorice #1a1816'
	),
	...words(
		'grey',
		'grey / gray / mid-grey / grey marl / grey marle / grey melange / heather grey #8a8a8a, light grey / pale grey / light grey marl #c3c4c6, charcoal / charcoal grey / dark grey #45474b, anthracite #3b3d40, slate / slate grey / french slate #6a737c, silver grey / dove grey / pearl grey / pigeon grey / dove #b3b7ba, graphite / lead grey / iron / gunmetal grey #55575b, ash / ash grey #a9a9a6, blue-grey / grey-blue #7b8490, steel / steel grey / zinc grey / zinc / moonlight grey / cadet grey #7d858c, storm / storm grey / thunder grey / dusk grey #5f666d, smoke / smoky grey / cloud grey / fog grey / mist grey / mist / misty grey #a3a5a8, flint / granite / battleship grey #6e7174, cement / concrete / french grey / pebble grey #9c9b96'
	),
	...words(
		'beige',
		'beige / neutral #d8c7a6, stone #c9bfab, sand / straw / sandy / blonde / blond / flaxen / dirty blonde #d3bd93, oatmeal / oat / porridge #d9ccb4, taupe / mushroom / puce #8d7f70, champagne / pale gold / platinum blonde #e0cda6, greige / putty #beb4a5, nude / skin-tone / flesh / flesh-toned #dcbfa3, biscuit / bisque #ded0b6, bone #e3d8c2, pebble #a89a8b, sandstone / limestone / dune #d6c4a1, flax / linen-coloured #d9c9a0, latte / cappuccino / nougat #c3a583'
	),
	...words(
		'camel',
		'camel / camel brown #b98d58, weak tea / milky tea / strong tea #b08a5b, caramel / toffee / tawny / sherry / strawberry blonde / golden blonde / honey blonde #b67d42, honey #bd8a45, fawn / buff / wheat / dun / raw sienna #bd9a66, butterscotch #c0904f, toast #b58752'
	),
	...words(
		'brown',
		'brown / mid-brown #6a4529, tan / saddle tan / saddle #a9743f, chocolate / chocolate brown / dark brown / chocolate-brown / bitter chocolate / dark chocolate / brunette #43291b, cocoa #5b3a29, espresso #3a251b, cognac / whisky / conker / conker brown #8f4f22, mahogany / oxblood brown #4f2219, bronze brown / bronze #6b5330, walnut / hazel / nut brown / tortoiseshell / horn #5c4632, coffee #523a2b, mocha #6f5140, tobacco / tobacco brown / snuff / snuff brown #7b5130, chestnut #66331d, auburn / henna red / titian / titian red / redhead #6d2f1c, wood / oak #7a5836, russet / russet brown / reddish brown / sepia / tawny brown #80461b, burnt umber / umber / earth brown #5d4632, sable / treacle / molasses #38241c, cinnamon #94552b, nutmeg #7e5a3c, fudge / pecan / hazelnut #84603f, brandy #87471f, rosewood #65402f'
	),
	...words(
		'navy',
		'navy / navy blue / french navy #1c2745, midnight / midnight blue #14192f, ink / ink blue / inky blue #1f2740, oxford blue #1b2a4a, admiral blue / marine blue / marine #1d2f55, storm blue #222e4a'
	),
	...words(
		'denim',
		'light denim / light-wash denim / light wash / light-wash / pale wash / bleached denim / light blue denim / bleach wash #9db4cc, mid denim / mid-wash denim / mid wash / mid-wash / medium wash / stonewash / stonewashed / stone-washed / stonewash denim / denim blue / blue denim / vintage wash / blue wash #56759a, dark denim / dark-wash denim / dark wash / dark-wash / indigo denim / raw denim / rinse denim / dark blue denim / rinsed denim / dark indigo #2b3c5a, faded denim / faded blue / washed-out blue / washed blue #84a0bc, acid wash / acid-wash / acid-washed / marble wash #8da3bb, chambray / chambray blue #87a0bd, indigo / indigo blue #33436b'
	),
	...words(
		'blue',
		'blue / mid-blue #2e5aa8, cobalt / cobalt blue #1f45a8, electric blue #2250d8, sky blue / light blue / sky #8fbfe4, powder blue / baby blue / pale blue / icy blue / celeste / celeste blue #b6cde3, ice blue / glacier blue / glacier / moonlight blue #c3dbf2, cornflower / cornflower blue #6a8fd8, periwinkle / periwinkle blue #7f92d6, royal blue / bright blue / sapphire blue #2a45b0, sapphire #213a8f, french blue / airforce blue #4d6fa3, steel blue / saxe blue / saxe / wedgwood blue / air-force blue / cadet blue #4a78ab, delft blue #5577b3, azure / cerulean / cerulean blue #2a7fc4, ultramarine / ultramarine blue / lapis / lapis blue / egyptian blue #26409f, prussian blue #1f3f68, ocean blue / sea blue #2f6ba5, delphinium / bluebell / hyacinth blue #5b76c9'
	),
	...words(
		'teal',
		'teal / teal blue / blue-green #1d6c70, petrol / petrol blue / dark teal #17505c, peacock / peacock blue / kingfisher blue #0f6f7c, turquoise #36b4b4, aqua / aquamarine / pale turquoise #86d3d6, duck-egg / duck-egg blue / eau de nil blue #a9d3d0, lagoon / sea green / jade green #2f9a88, verdigris / seafoam / sea foam / seafoam green #7cc4b0, viridian #2a7f6c, cyan #2fb9cf'
	),
	...words(
		'green',
		'green / mid-green #2f7a45, emerald / emerald green / jewel green #0f7a4c, jade / tourmaline green #2f9478, bottle green / bottle / dark green / racing green / british racing green / deep green #13422c, forest green / forest / hunter green #22492f, pine green / loden green #1f4a38, sage / sage green / grey-green / thyme #9cab8c, eucalyptus #8fa598, mint / mint green / pale green / honeydew / nile green / mint cream #aeddc0, leaf green / kelly green #4f8f3a, grass green #4c9a2f, fern / fern green #5b8a52, apple green #7fb552, pistachio / eau de nil #bcd2a0, celadon #acc9ae, lime / lime green / neon green #a4cf3a, parrot green / bright green #2fa84f, malachite #1f8a5a, spruce / juniper / juniper green / pine / ivy green / pine forest #2c5246, spearmint #8fd3ae, pea green / lettuce green #7ba23f, basil / basil green #4a6b3a, matcha / lichen #a5b782, acid green #a9d62e, absinthe #c2d95a'
	),
	...words(
		'olive',
		'olive / olive green / olive drab #6a6834, khaki / khaki green #8a7d55, army green / military green / combat green #4d5233, moss / lovat / lovat green / moss green / mehndi green / henna green #5f6b36, avocado / avocado green #6b6d36, seaweed / seaweed green #4e5436'
	),
	...words(
		'yellow',
		'yellow / sunshine yellow / bright yellow / canary / canary yellow #f3cf3a, lemon / lemon yellow / pale yellow #f3e678, mustard / mustard yellow / turmeric #c9992a, ochre / ocher / gamboge #bd9022, butter / butter yellow / buttermilk / soft yellow #f5e6a3, primrose / jonquil / maize #f1e08b, chartreuse / acid yellow #d6d23e, neon yellow / fluorescent yellow #e8f03a, custard / custard yellow #f1dc86, citron / citrine #dccb3c, sulphur yellow / highlighter yellow / sulphur / goldenrod yellow #ecec4c, banana yellow / banana / banana cream / sunshine #f2dc5d'
	),
	...words(
		'orange',
		'orange / bright orange #e8782a, tangerine #ef8733, apricot / pale orange / peachy #f3b27e, peach #f7b284, rust / rust orange / rusty / burnt rust #a84a26, terracotta / brick orange / baked clay / gerua #b9603f, clay #b0694b, marigold / goldenrod / sunflower / sunflower yellow / marmalade #f0a226, amber / topaz #e3921f, saffron / haldi yellow #eaa22b, copper / coppery #b0643a, burnt orange / pumpkin / ginger #c05a20, burnt sienna / sienna / venetian red / paprika / cayenne #b4502b, adobe #b8653f, mango / papaya #f39a3d, clementine / satsuma / neon orange / safety orange / carrot orange #f07a1f, nectarine / cantaloupe / melon / honeydew melon #f5a974, persimmon #e4622d'
	),
	...words(
		'red',
		'red #bf1f2c, scarlet / bright red / pillarbox red / tomato red / tomato / fire-engine red / true red / classic red / vermilion / vermillion #d3272b, crimson / blood red / ruby red / garnet #a3142e, ruby #9b1232, cherry / cherry red / deep red #99132c, brick / brick red / tile red #9c4034, coral / coral red / watermelon #ee6d5a, poppy / poppy red / orange-red / red-orange / flame / flame red / nasturtium / geranium / geranium red / pillar-box red / blood orange #d9402c, raspberry / berry / berry red / raspberry red / strawberry red / amaranth / rhubarb #a82a4f, chilli red / chili red / chilli / lacquer red / post-box red / carmine / alizarin / alizarin crimson / sanguine / turkey red / cardinal / cardinal red / cinnabar #b8202b, cranberry / pomegranate #a01c3a'
	),
	...words(
		'burgundy',
		'burgundy / bordeaux / merlot #6a1a2c, claret #6d1730, maroon #6b1a1f, wine / wine red / red wine / dark red / raisin #5f1b30, oxblood / liver #561a1d, mulberry #5d1f38, sangria / mulled wine #6e1b2f, beetroot #6f1e3d'
	),
	...words(
		'pink',
		'pink / mid-pink / candy pink / sugar pink / candyfloss pink / candyfloss #f0a6bc, blush / blush pink / rose quartz / pale pink / baby pink / powder pink / light pink / soft pink / ballet pink #edcbc5, shell pink #f3d3cb, rose / rose pink / deep rose / rhubarb pink / tea rose #cf7488, dusty pink / dusty rose / old rose / ashes of roses / muted pink #cfa19f, hot pink / shocking pink / bright pink / neon pink #e0357f, fuchsia / fuschia / rani pink / rani / petunia / geranium pink #c8207c, cerise / tourmaline pink #cf2a72, magenta #b52374, salmon / salmon pink #f2a08d, bubblegum / bubblegum pink / strawberry pink #f58ab6, peony / peony pink #d8588f, carnation pink #f29bb4, flamingo pink #f48fa0, shrimp / shrimp pink #f2a79a, nude pink / plaster / plaster pink #ecc4c0'
	),
	...words(
		'purple',
		'purple / royal purple #6a3388, plum #57264f, damson #4a2145, aubergine / eggplant / blackberry / deep purple #3b1d36, violet #6d4aa8, amethyst #8a60b0, lilac / pale purple / pale lilac #c2a9d6, wisteria / parma violet #a99ad0, lavender / pale violet #bcb2de, mauve / heather / thistle / mallow / dusk #a98ba8, orchid #a25aa8, grape #5f3570, cassis / blackcurrant #45213f, prune / fig / raisin purple #4b2a43, heliotrope / electric purple #a86fd0, iris / hyacinth #6a5bb0, imperial purple / tyrian purple #55206e'
	),
	...words(
		'gold',
		'gold / golden / metallic gold / antique gold #c9a227, old gold / burnished gold #a5853a, rose gold / pink gold #c99a86, metallic bronze #8c6b3f, metallic copper #b2693f'
	),
	...words('silver', 'silver / metallic silver / chrome #c0c4c8, pewter #8b8d8f')
];
