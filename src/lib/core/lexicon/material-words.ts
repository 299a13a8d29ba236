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
cotton: egyptian cotton, organic cotton, pima cotton, percale, dimity, balbriggan, calico, cretonne, wincey, nankeen, fustian, wash cotton, madras cotton, sheeting
poplin: cotton poplin, shirting, broadcloth, end-on-end
lawn: cotton lawn, batiste, cambric, nainsook, jaconet
voile: cotton voile, mulmul, mul, kota, kota doria
muslin: cheesecloth, gauze, double gauze, jamdani, scrim
oxford-cloth: oxford cloth, oxford cotton
linen: irish linen, linen-blend, linen blend, linsey-woolsey, holland
hemp: ramie, nettle
chambray:  = chambray
khadi: handloom cotton, handloom, homespun, khaddar
broderie-anglaise: broderie anglaise, eyelet cotton, schiffli
denim: selvedge, selvedge denim, double denim, raw denim = mid denim
canvas: cotton canvas, sailcloth, duck, buckram, sail cloth, tarpaulin, tarp, webbing
twill: cotton twill, drill, cavalry twill, whipcord, chino cloth, chino cotton, bedford cord, chino twill, silesia, chino
gabardine: gaberdine
corduroy: cord, needlecord, jumbo cord, wide-wale corduroy, narrow-wale corduroy, narrow wale, wide wale, fine-wale corduroy
moleskin: brushed cotton, moleskins
waxed-cotton: waxed cotton, waxed, wax, oilcloth, oilskin
jersey: cotton jersey, double-knit, double knit, stretch jersey, t-shirt fabric, modal, bamboo, interlock, ponte, ponte jersey, ponte roma, lisle, cotton lisle, micromodal, stockinette, stockinet, tricot, tricot jersey
sweatshirting: sweatshirt fabric, loopback, french terry
towelling: terry, terrycloth, towel, terry cloth, terry towelling, toweling, terry toweling
fleece: polar fleece, fleece fabric, fleecy
elastane: stretch, stretchy, stretch fabric, scuba, neoprene, spandex, elastic, elasticated fabric
knit: knitted, knitwear fabric, crochet, crocheted
wool: hopsack, woollen, woolen, worsted, woolly, pure wool, wool-blend, wool blend, zibeline, barathea, serge, bombazine, doeskin, virgin wool, tropical wool, suiting, hopsacking, frieze, bunting wool, wadmal, coating wool, sharkskin, etamine
merino: merino wool
lambswool: lamb wool, shetland, shetland wool
cashmere: pashmina wool, vicuna, vicuña
mohair: kid mohair, angora, fluffy wool
alpaca: alpaca wool
camel-hair: camel hair, camelhair = camel
tweed: donegal, pepper-and-salt, harris
flannel: brushed wool, flannels, flannelette, winceyette
felt: felted, felted wool, boiled wool, melton, loden, baize, pilot cloth, melton cloth
boucle-wool: boucle wool, bouclé wool
silk: grenadine, pure silk, silken, washed silk, raw silk, dupion, dupioni, shantung, tussar, tussah, silk twill, surah, foulard silk, pongee, tussore, kanjivaram silk, kanjeevaram silk, kanchipuram silk, mysore silk, mulberry silk, habotai, noil, gazar, silk gazar, foulard, samite, sarsenet, sarcenet, rep silk, watered silk, watered-silk
satin: satiny, peau de soie, duchess satin, silk satin, charmeuse, sateen, satin-back, crepe-back satin, duchesse, duchess, duchesse satin, mikado, mikado silk, satinet, satinette
crepe: crêpe, silk crepe, moss crepe, crepe de chine, crêpe de chine, crape, marocain, crepe marocain, canton crepe, silk crêpe
viscose: rayon, lyocell, cupro, acetate, challis
taffeta: moire, moiré, grosgrain, faille, ottoman silk, ottoman, paper taffeta, rep, repp, grogram, moreen
chiffon: silk chiffon, mousseline, silk mousseline, gossamer, ninon, mousseline de soie
organza: silk organza, organdie, organdy, tissue, zari tissue, tissue silk
tulle: netting, bobbinet
net: mesh, power mesh, fishnet fabric, fishnet, filet net, meshwork
lace: lacy, guipure, chantilly lace, crochet lace, bobbin lace, pillow lace, point lace, needle lace, needlepoint lace, filet lace, valenciennes lace, brussels lace, valenciennes, torchon lace
velvet: crushed velvet, silk velvet, velveteen, panne velvet, devore, devoré, burnout velvet, burnout, velvet burnout
velour: chenille, plush, moquette
leather: real leather, buttery leather, buttery soft leather, butter-soft leather, pony-hair, ponyskin, pony skin, calf-hair, cowhide, nappa, kidskin, kid leather, goatskin, buckskin, deerskin, kid, calfskin, calf leather, lambskin, full-grain leather, pigskin, hogskin, peccary, horsehide, cowskin, cow hide, cordovan, morocco, roan, morocco leather, roan leather, box calf, russia leather, glove leather, wash leather, hide leather
suede: swede, buttery suede, butter-soft suede, nubuck, suedette, chamois, chammy, shammy, chammy leather, shammy leather, chamois cloth, doeskin leather, buff leather
imitation-leather: imitation leather, faux leather, fake leather, vegan leather, pleather, leatherette, pu leather, suede cloth
patent-leather: patent leather, patent, pvc, vinyl, wet-look fabric
exotic-skin: exotic skins, crocodile, alligator, ostrich, snakeskin leather, shagreen, stingray skin, lizard skin
faux-fur: faux fur, fake fur, imitation fur, teddy, teddy fabric, sherpa, borg
fur: real fur, mink, rabbit fur, fox fur, astrakhan, fox, sable, ermine, chinchilla, beaver, fur pelt, pelt, pelts, rabbit skin, rabbitskin, lapin, sealskin, hudson seal, underfur, seal fur, squirrel fur, squirrel, otter, muskrat, musquash, raccoon, racoon, coonskin, bearskin, persian lamb, broadtail, karakul, fox pelt, wolf fur, marten, stoat, beaver fur, beaver lamb, coney, nutria, lynx, lynx fur, goat hair, rabbit
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
rope: jute, hessian, burlap, gunny, sackcloth, sacking, hopsack sacking = straw
wood: wooden = wood
rubber: jelly, latex, rubberised, rubberized
metal: chainmail, chain mail, wire mesh
pearl: pearls, freshwater pearl, freshwater pearls, baroque pearl, mother-of-pearl, mother of pearl = pearl
crystal: crystals, diamante, diamanté, rhinestone, rhinestones, diamond, strass, cubic zirconia, cz
gemstone: gemstones, gem, gems, jewelled, jeweled, kundan, polki, meenakari, stone-set, opal, opals, onyx, topaz, moonstone, moonstones, quartz, rose quartz, lapis, lapis lazuli, jadau, malachite, jewel, jewels, precious stone, precious stones, semi-precious stones, garnet stone
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
