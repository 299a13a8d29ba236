/**
 * Other words for materials, and the colours that some are named after: only the reader needs them. A material named
 * after its colour says the colour too, unless another is said.
 */
export interface MaterialWords {
	words: string[];
	/** That colour's word. */
	impliesColour?: string;
}

/** One material a line: `id: other words = colour it implies`. */
const source = `
cotton: egyptian cotton, organic cotton, pima cotton, percale, dimity
poplin: cotton poplin, shirting, broadcloth, end-on-end
lawn: cotton lawn, batiste, cambric, nainsook
voile: cotton voile, mulmul, mul, kota, kota doria
muslin: cheesecloth, gauze, double gauze, jamdani
oxford-cloth: oxford cloth, oxford cotton
linen: irish linen, linen-blend, linen blend
hemp: ramie, nettle
chambray:  = chambray
khadi: handloom cotton, handloom, homespun
broderie-anglaise: broderie anglaise, eyelet cotton, schiffli
denim: selvedge, selvedge denim, double denim, raw denim = mid denim
canvas: cotton canvas, sailcloth, duck, buckram
twill: cotton twill, drill, cavalry twill, whipcord, chino cloth, chino cotton
gabardine: gaberdine
corduroy: cord, needlecord, jumbo cord, wide-wale corduroy
moleskin: brushed cotton, moleskins
waxed-cotton: waxed cotton, waxed, wax, oilcloth, oilskin
jersey: cotton jersey, double-knit, double knit, stretch jersey, t-shirt fabric, modal, bamboo, interlock, ponte, ponte jersey, ponte roma, lisle, cotton lisle, micromodal
sweatshirting: sweatshirt fabric, loopback, french terry
towelling: terry, terrycloth, towel
fleece: polar fleece, fleece fabric, fleecy
elastane: stretch, stretchy, stretch fabric, scuba, neoprene, spandex
knit: knitted, knitwear fabric, crochet, crocheted
wool: hopsack, woollen, woolen, worsted, woolly, pure wool, wool-blend, wool blend, zibeline, barathea, serge, bombazine, doeskin, virgin wool, tropical wool, suiting
merino: merino wool
lambswool: lamb wool, shetland, shetland wool
cashmere: pashmina wool, vicuna, vicuña
mohair: kid mohair, angora, fluffy wool
alpaca: alpaca wool
camel-hair: camel hair, camelhair = camel
tweed: donegal
flannel: brushed wool, flannelette
felt: felted, felted wool, boiled wool, melton, loden
boucle-wool: boucle wool, bouclé wool
silk: pure silk, silken, washed silk, raw silk, dupion, dupioni, shantung, tussar, tussah, silk twill, surah, foulard silk, pongee, tussore, kanjivaram silk, kanjeevaram silk, kanchipuram silk, mysore silk, mulberry silk, habotai, noil, gazar, silk gazar
satin: satiny, peau de soie, duchess satin, silk satin, charmeuse, sateen, satin-back, duchesse, duchess, duchesse satin, mikado, mikado silk
crepe: crêpe, silk crepe, moss crepe, crepe de chine, crêpe de chine
viscose: rayon, lyocell, cupro, acetate, challis
taffeta: moire, moiré, grosgrain, faille, ottoman silk, ottoman, paper taffeta
chiffon: silk chiffon, mousseline, silk mousseline
organza: silk organza, organdie, organdy
tulle: netting, bobbinet
net: mesh, power mesh, fishnet fabric, fishnet
lace: lacy, guipure, chantilly lace, crochet lace
velvet: crushed velvet, silk velvet, velveteen, panne velvet, devore, devoré, burnout velvet, burnout, velvet burnout
velour: chenille, plush
leather: real leather, buttery leather, buttery soft leather, butter-soft leather, pony-hair, ponyskin, pony skin, calf-hair, cowhide, nappa, kidskin, kid leather, goatskin, buckskin, deerskin, calfskin, calf leather, lambskin, full-grain leather
suede: swede, buttery suede, butter-soft suede, nubuck, suedette, chamois
imitation-leather: imitation leather, faux leather, fake leather, vegan leather, pleather, leatherette, pu leather
patent-leather: patent leather, patent, pvc, vinyl, wet-look fabric
exotic-skin: crocodile, alligator, ostrich, snakeskin leather, shagreen, stingray skin, lizard skin
faux-fur: faux fur, fake fur, imitation fur, teddy, teddy fabric, sherpa, borg
fur: real fur, mink, rabbit fur, fox fur, astrakhan, fox, sable, ermine, chinchilla, beaver
shearling: sheepskin
feather: feathers, feathered, marabou, ostrich feather, ostrich feathers, ostrich plumes
sequin: sequins, sequin-covered
lame: lamé, metallic knit, metallic thread, metallic fabric, glitter knit, lurex
brocade: jacquard silk, banarasi silk, zari brocade, kimkhab, banarasi
chanderi: chanderi silk, maheshwari
nylon: parachute silk, ripstop
polyester: poly, crimplene, microfibre, microfiber
technical: technical fabric, performance fabric, waterproof, softshell, shell fabric, water-resistant
down-fill: down-filled, goose down, feather-and-down
straw: sinamay, sisal, buntal, raffia straw, paper straw = straw
raffia:  = straw
cane: wicker, rattan, bamboo cane = straw
cork:  = sand
rope: jute, hessian, burlap = straw
wood: wooden = wood
rubber: latex, rubberised, rubberized
metal: chainmail, chain mail
pearl: pearls, freshwater pearl, freshwater pearls, baroque pearl, mother-of-pearl, mother of pearl = pearl
crystal: crystals, diamante, diamanté, rhinestone, rhinestones, diamond, strass, cubic zirconia, cz
gemstone: gemstones, gem, gems, jewelled, jeweled, kundan, polki, meenakari, stone-set, opal, opals, onyx, topaz, moonstone, moonstones, quartz, rose quartz, lapis, lapis lazuli, jadau, malachite
turquoise-stone: turquoise stone, turquoise stones = turquoise
jade: jade stone = jade
amber: amber stone = amber
jet-beads: jet stone = jet
resin: acrylic, plastic, perspex, lucite
tortoiseshell: tortoise-shell, tortoise, tort = tortoiseshell
enamel: enamelled, enameled
horn: carved horn, buffalo horn = horn
bead: seed beads
shell: shells, cowrie, cowries
`;

/** By the material's id; materials that are only said by their name have no entry. */
export const materialWords: Record<string, MaterialWords> = Object.fromEntries(
	source
		.trim()
		.split('\n')
		.map((line) => {
			const [before = '', impliesColour] = line.split('=').map((part) => part.trim());
			const [id = '', words = ''] = before.split(':').map((part) => part.trim());
			return [
				id,
				{
					words: words
						.split(',')
						.map((word) => word.trim())
						.filter(Boolean),
					...(impliesColour ? { impliesColour } : {})
				}
			];
		})
);
