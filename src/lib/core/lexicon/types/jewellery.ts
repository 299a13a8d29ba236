import { small, type FamilySource } from './source';

export const jewellery = [
	{
		id: 'earrings',
		label: 'earrings',
		division: 'jewellery',
		slot: 'ears',
		draws: 'earrings',
		facets: [...small],
		types: `
			earrings: *earrings / earrings / earring

			studs: studs / studs / stud earrings, stud, diamond studs
			clip-earrings: clip earrings / clip earrings / clip-ons, button earrings
			ear-cuffs: ear cuffs / ear cuffs / ear cuff

			hoops: hoops / hoops / hoop earrings, hoop, huggies, huggie earrings, huggie hoops / size=medium

			drop-earrings: drop earrings / drop earrings / dangly earrings, drops, drop pearls, teardrop earrings, dangling earrings, eardrops, eardrop / size=large
			chandelier-earrings: chandelier earrings / chandelier earrings / chandeliers, statement earrings / size=large
			tassel-earrings: tassel earrings / tassel earrings / / size=large
			jhumkas: jhumkas / jhumkas / jhumka, jhumki, jhumkis / size=large
			chandbalis: chandbalis / chandbalis / chandbali, chand bali earrings / size=large`
	},
	{
		id: 'necklaces',
		label: 'necklaces',
		division: 'jewellery',
		slot: 'neck',
		draws: 'necklace',
		facets: [...small],
		types: `
			necklace: *necklace / necklaces / rivière, riviere

			chain-necklace: chain necklace / chain necklaces / chain, link necklace, curb chain
			layered-necklaces: layered necklaces / layered necklaces / layered chains
			pendant: pendant / pendants / locket, cross, crucifix, cross pendant, pendant necklace, medallion, dog tags, dog tag, drop necklace, drop pendant
			lariat: lariat / lariats / bolo tie, bolo, bola tie
			mangalsutra: mangalsutra / mangalsutras

			pearl-necklace: pearl necklace / pearl necklaces / pearls, pearl strand, pearl string, pearl rope, string of pearls, strand of pearls, strands of pearls, strings of pearls, rows of pearls, row of pearls, ropes of pearls, pearl strands / material=pearl
			long-beads: long beads / long beads / sautoir, rope of beads, beads, jet beads, glass beads, amber beads, jade beads, wooden beads, love beads, string of beads, strings of beads, string of jet, string of amber, string of coral, string of turquoise, rope of jet, rope of amber, long necklace, rope of pearls, bead rope / size=large

			choker: choker / chokers / velvet choker, dog collar, neckband / size=small
			collar-necklace: collar necklace / collar necklaces / bib necklace, statement necklace, torque / size=large
			kundan-set: kundan set / kundan sets / kundan necklace, polki set, temple jewellery, bridal set / size=large
			rani-haar: rani haar / rani haars / long haar, haar / size=large`
	},
	{
		id: 'bracelets',
		label: 'bracelets and watches',
		division: 'jewellery',
		slot: 'wrist',
		draws: 'bracelet',
		facets: [...small],
		types: `
			bracelet: *bracelet / bracelets / tennis bracelet, charm bracelet, friendship bracelet, wristband
			bangle: bangle / bangles / kada, churi, churiyan, choora, glass bangles
			cuff: cuff / cuffs / cuff bracelet / size=large

			watch: watch / watches / wristwatch, dress watch, pocket watch, fob watch, watch chain, pocket watch chain, watch and chain, albert chain
			sports-watch: sports watch / sports watches / diver's watch, digital watch / size=large

			cufflinks: cufflinks / cufflinks / cuff links, shirt studs, dress studs

			haath-phool: haath phool / haath phools / hand harness, hathphool

			anklet: anklet / anklets / payal, payals, ankle chain, ankle bracelet`
	},
	{
		id: 'rings',
		label: 'rings',
		division: 'jewellery',
		slot: 'finger',
		draws: 'ring',
		facets: [...small],
		types: `
			ring: *ring / rings / band ring, toe ring, bichiya, wedding ring, engagement ring, wedding band, eternity ring, solitaire ring, solitaire, mourning ring, puzzle ring
			signet-ring: signet ring / signet rings / signet, seal ring
			stacking-rings: stacking rings / stacking rings / stacked rings / size=small
			cocktail-ring: cocktail ring / cocktail rings / statement ring / size=large`
	},
	{
		id: 'brooches',
		label: 'brooches',
		division: 'jewellery',
		slot: 'brooch',
		draws: 'brooch',
		facets: [...small],
		types: `
			brooch: *brooch / brooches / us:pin, lapel pin, badge, cameo, safety pin, hat pin, tie pin, tie clip, tie bar, collar pin, stick pin, cravat pin, kilt pin, turban pin, turban brooch, safa brooch, kalgi, pearl pin, breastpin, scatter pin, scarf pin, tie tack, bar pin, sunburst brooch
			corsage: corsage / corsages / fabric flower, silk flower, flower pin, flower at the waist, flower on the lapel, flower at the shoulder, flower on the shoulder, flower at the hip, flower pinned to the lapel, buttonhole, carnation in the buttonhole, rose in the buttonhole, flower in the buttonhole, carnation, gardenia corsage, us:boutonniere, flower brooch / size=medium

			nose-ring: nose ring / nose rings / nath, nose stud, nathni

			body-chain: body chain / body chains / belly chain`
	}
] as const satisfies readonly FamilySource[];
