import { facetIds, facetOf, type FacetId } from './facets';

/**
 * How facet values are said. One value a line: `value: phrase, phrase`. A phrase says the value wherever it
 * stands ("cropped jumper"). A value's own label is understood as well where it stands before the part that it
 * speaks of ("square neck"), but not alone, where it might mean another thing ("square bag").
 * A leading `~` marks a phrase that is likewise understood only beside its part. Common practice.
 */
const source: Partial<Record<FacetId, string>> = {
	fit: `
		skin-tight: skin-tight, bodycon, body-con, second-skin, clingy, figure-hugging, body-hugging, spray-on, compression
		close: close-fitting, fitted, slim-fit, slim, snug, skinny-fit, nipped, body-skimming, shrunken, tight, skinny, slender, narrow, tiny, teeny, dinky, sculpted, form-fitting, semi-fitted, slinky, sleek-fitting, corseted, boned
		tailored: tailored, tailored-fit, sharply tailored, sharp, well-cut, neat, darted
		regular: regular-fit, regular, classic-fit, straight-fit, standard-fit, straight-cut
		relaxed: relaxed, loose, loose-fitting, slouchy, easy, boxy, roomy, relaxed-fit, easy-fit, comfortable, loose-fit, boyfriend, flowing, flowy, floaty, billowy, slouch, fluid, drapey
		oversized: oversized, outsized, oversize, baggy, voluminous, extra-large, boyfriend-sized, huge, exaggerated, cocoon, enormous, too-big, swamping, massive, giant, gigantic, outsize, big, large`,
	topLength: `
		cropped: cropped, crop, midriff, bolero-length, midriff-baring, belly-baring
		waist: waist-length, short, to the waist, ends at the waist
		hip: hip-length, to the hip, to the hips, hip-skimming
		thigh: thigh-length, longline, long, long-line, mid-thigh, to the thigh, to mid-thigh, knee-length, to the knee, covering the seat`,
	hemLength: `
		hip: hip-length, to the hip
		micro: micro, micro-mini, tiny, teeny, thigh-high, thigh-grazing
		mini: mini, minidress, minidresses, miniskirt, miniskirts, short, thigh-length, mid-thigh, to mid-thigh, thigh-skimming
		above-knee: above-the-knee, above the knee, just above the knee, above-knee, knee-skimming
		knee: knee-length, at the knee, to the knee, on the knee, hits the knee, knee-grazing, cut to the knee, ending at the knee, just over the knee, just covering the knee
		midi: midi, mididress, mididresses, midiskirt, midiskirts, to the shin, to the shins, shin-length, mid-shin, mid-calf, calf-length, mid-length, below the knee, below-the-knee, past the knee, past the knees, below the knees, tea-length, to the calf, calf-skimming, calf-grazing, midi-length, longline, to mid-calf, just below the knee, just below the knees, under the knee, under the knees, just under the knee, just under the knees, ballerina-length, ballet-length, midaxi
		maxi: maxi, maxidress, maxidresses, maxiskirt, maxiskirts, long, maxi-length, full-length
		ankle: ankle-length, to the ankle, ankle-grazing, ankle-skimming, ankle-brushing, to the ankles
		floor: floor-length, ground-length, to the ground, floor-sweeping, to the floor, floor-grazing, floor-skimming, floor-brushing, sweeping, puddling`,
	legLength: `
		micro: micro
		short: short
		mid-thigh: mid-thigh, thigh-length
		knee: knee-length, to the knee, bermuda-length, at the knee
		cropped: cropped, crop, calf-length, seven-eighths, mid-calf, three-quarter length, above the ankle, capri-length
		ankle: ankle-length, ankle-grazing, ankle-grazer, ankle-skimming, to the ankle, shown ankle, showing the ankle
		full: full-length, long
		floor: floor-length, floor-sweeping, extra-long, extra long, trailing, puddling, puddle, puddle-length, floor-grazing, pooling, floor-skimming, sweeping the floor, to the floor, to the ground, over the shoe, covering the shoe
		stacked: stacked, bunched at the ankle, stacking at the ankle, stacked at the ankle, breaking on the shoe, pooling at the ankle, pool at the ankle, puddling, puddled`,
	rise: `
		low: low-rise, low-slung, low, hipster, low-waisted, hip-hugging, hip-hugger, low-cut waist, low waist
		mid: mid-rise, mid-waisted
		high: high-rise, high, high in the waist, high on the waist, high at the waist, high-waisted, hi-waisted, hi-waist, hi-rise, high-waist, high waist, waist-high, paperbag, paperbag-waist, natural-waist, high-cut`,
	sleeveLength: `
		strapless: strapless
		sleeveless: sleeveless, sleeves cut off, sleeves hacked off, sleeves ripped off, sleeves torn off, sleeves taken off, sleeves removed, cut-off sleeves, hacked-off sleeves, ripped-off sleeves, torn-off sleeves, bare arms, arms bare, arms are bare, bare-armed, strappy, thin-strapped
		cap: cap-sleeved, cap-sleeve
		short: short-sleeved, short-sleeve, short
		elbow: elbow-length, half-sleeved, to the elbow, past the elbow, over the elbow, above the elbow, half-sleeve, ~half
		three-quarter: three-quarter, bracelet-length, bracelet, three-quarter-sleeved, three-quarter length, 3/4
		long: long-sleeved, long-sleeve, full-sleeved, full-sleeve, long, to the wrist, to the wrists, wrist-length`,
	shaft: `
		low: low-cut, low, low-top
		ankle: ankle-high, ankle, ankle-length, short, high-top
		mid-calf: mid-calf, calf-high, calf-length, mid-height
		knee: knee-high, knee, knee-length, tall, high, long, to the knee
		over-knee: over-the-knee, over-knee, to the thigh, to the thighs, to mid-thigh, thigh-high, over the knee, thigh-length`,
	heelHeight: `
		flat: flat, flat-heeled, heelless, flats
		low: low-heeled, low-heel, small-heeled, small, ~low
		kitten: kitten-heeled, kitten
		mid: mid-heeled, mid-heel, mid-height, medium-heeled, medium
		high: high-heeled, high-heel, heeled, ~tall, ~high
		very-high: very high, sky-high, towering, skyscraper, vertiginous`,
	size: `
		micro: micro, tiny, mini, teeny, miniature, dainty, delicate, fine, petite, minimal
		small: small, huggie, spaghetti, shoestring, little, compact, choker-length, collar-length, thin, slim, skinny, narrow, slender, short, discreet
		medium: medium, medium-sized, mid-sized, midi, princess-length, matinee-length
		large: large, opera-length, rope-length, big, chunky, wide, bold, statement, long, thick, broad, heavy, generous, voluminous, full, dramatic
		oversized: oversized, huge, giant, enormous, outsized, oversize, supersized, massive, extra-large, slouchy, slouch`,
	sheen: `
		matte: matte, matt, dull, no-shine, flat finish
		soft-sheen: soft-sheen, subtle sheen, slight sheen, lustrous, soft sheen, silky, softly shiny, dewy, slight shine, low sheen
		satin: satin-finish, satin finish
		shiny: shiny, glossy, high-shine, polished, gleaming, wet-look, lacquered, high-gloss, liquid, mirrored, glazed, iridescent, pearlescent, opalescent, holographic, foil, foiled
		glittering: glittering, glittery, sparkly, sparkling, shimmering, shimmery, glitter, sparkle, twinkly, shimmer, spangled`,
	weight: `
		light: lightweight, light-weight, featherweight, summer-weight, airy, thin, fine-gauge, gauzy, light
		medium: medium-weight, mid-weight
		heavy: heavyweight, heavy-weight, heavy, thick, winter-weight, weighty, dense, chunky`,
	opacity: `
		sheer: sheer, see-through, transparent, translucent, clear, 7 denier, 8 denier, 10 denier, 12 denier, 15 denier, ten denier, fifteen denier, barely-there, barely there
		semi-sheer: semi-sheer, semi-opaque, tissue-thin, tissue-weight, semi-transparent, 20 denier, 30 denier, 40 denier, twenty denier, thirty denier, forty denier
		opaque: opaque, non-sheer, 50 denier, 60 denier, 70 denier, 80 denier, 100 denier, 120 denier, fifty denier, sixty denier, eighty denier, hundred denier, fully lined`,
	distress: `
		clean: clean, undamaged, unripped
		faded: faded, washed, washed-out, garment-dyed, pigment-dyed, sun-faded, bleached, stone-washed, stonewashed, enzyme-washed
		worn: worn-in, well-worn, moth-eaten, motheaten, threadbare, tatty, ratty, beat-up, beaten-up, distressed, distressing, lived-in, battered, weathered, worn-look, scuffed, vintage-look, whiskered, whiskering
		ripped: laddered, ladder, ladders, ripped, torn, shredded, destroyed, holey, ripped at the knee, ripped knees, ripped at the knees, slashed knees, ripped knee, torn knee, torn knees, rip, rips, holes, rip at the knee, rips at the knees, tears`,
	formality: `
		sport: sporty, athletic, sports, sport
		casual: casual, everyday, dressed-down
		smart-casual: smart-casual, smart casual
		business: business, office, smart, workwear-smart
		cocktail: cocktail, dressy, party, dressed-up, evening-ready
		formal: formal, evening, ceremonial`,
	neckline: `
		crew: crew-neck, crewneck, crew-necked, crew
		round: round-neck, round-necked, ~peasant, ~gathered
		scoop: scoop-neck, scooped, scoop-necked, scoop, low round, scoop-front
		jewel: jewel-neck, jewel neckline
		boat: boat-neck, ~sabrina, bateau, boat-necked, slash-neck, slashed-neck, bateau neck, envelope-neck, envelope neck, portrait-neck, ~portrait
		square: square-neck, square-necked, square-cut neck
		v: v-neck, v-necked, v-neckline, vee-neck, v neck, v-front
		deep-v: deep v, deep v-neck, deep-v, deep-v neck, low v, low v-neck
		wrap: crossover, cross-over, surplice, wrap-front, wrapover, wrap-over
		sweetheart: sweetheart, sweetheart-neck, queen-anne, ~queen anne
		cowl: cowl-neck, cowl-necked, draped neck, cowl, draped neckline, cowl-front, cowl-fronted
		plunge: plunging, plunge, plunging v, low-cut, plunge-front, plunging front
		roll: roll-neck, polo-neck, turtleneck, turtle-neck, roll neck, polo neck, rollneck, rolled neck, rolled-neck
		funnel: funnel-neck, funnel
		mock: mock-neck, mock turtleneck, grown-on neck
		keyhole: keyhole-neck, keyhole
		henley: henley-neck, grandad-neck
		halter: halter-neck, halterneck, halter
		high-neck: high at the neck, high in the neck, high at the throat, high to the throat, high round the throat, high-neck, high-necked, high neck, victorian-necked
		one-shoulder: one-shoulder, one-shouldered, single-shoulder, one shoulder, one bare shoulder, one shoulder bare, bare on one shoulder, one-sleeved, one-sleeve, single-sleeved, single-sleeve
		asymmetric: asymmetric neck, asymmetric neckline
		strapless: strapless
		off-shoulder: off-shoulder, off-the-shoulder, off the shoulder, off-the-shoulders, off both shoulders, off her shoulders, off his shoulders, bardot, bardot-neck`,
	collar: `
		shirt: shirt-collared
		button-down: button-down, button-down collar
		spread: spread-collared
		cutaway: cutaway-collared
		pointed: point-collared, dagger collar, dagger-collared, pointy collar, seventies collar, big pointed collar
		wing: wing-collared, wing collar
		revere: revere-collared, rever
		camp: camp-collar, camp-collared, cuban-collar
		band: band-collared, grandad-collared, grandad collar, collarless band, ~grandad
		mandarin: mandarin-collared, mandarin collar, sherwani collar, kurta collar, bandhgala collar, chinese collar, nehru-collar, ~nehru
		stand: ~high, high-collared, stand-collar, stand-up collar, stand-collared
		pussy-bow: pussy-bow, tie-neck, bow-neck, pussybow, neck tie bow, bow at the collar, with a neck bow
		peter-pan: peter-pan collared, peter pan collared, ~club
		sailor: sailor-collared, middy collar
		ruffled: ruffle-collared, frilled collar, ruff collar, pie-crust collar, piecrust collar, ruffle collar, frill collar, ruffle neck, frill neck, ~frilled, ~frilly
		shawl: shawl-collared, shawl collar, shawl-collar
		funnel: funnel-neck, funnel, funnel-collared, funnel collar
		hood: hooded, with a hood, detachable hood
		fur: fur-collared, fur-trimmed, fur trim
		collarless: collarless`,
	lapel: `
		notch: notch-lapelled, notched lapel, notched, notch-lapel
		peak: peak-lapelled, peaked lapel, peak lapel, peaked, peak-lapel
		shawl: shawl-lapelled, shawl lapel, shawl-collar, shawl collar
		collarless: collarless, lapel-less`,
	closure: `
		single-breasted: single-breasted, sb, single breasted, one-button, two-button, three-button
		buttoned: buttoned, button-front, button-through, buttoned-down, button-up, button-fronted, buttons down the front, buttons up the front, buttoned up the back, buttoned down the back, buttons up the back, buttons down the back, buttoned up the front, buttoned down the front
		snap: snap-fastened, popper-front, press-stud, snap-button, pearl-snap
		toggle: toggle-fastened, toggle, frog-fastened, frog-fastening, frog fastening, frog fastenings, frog closure, frog closures, frog-closed, frogging, frogged
		covered: fly-fronted, concealed placket, concealed buttons, hidden buttons, covered buttons, covered placket, concealed fastening, concealed-button, hidden placket, fly-front
		double-breasted: double-breasted, db, double breasted, double row of buttons, two rows of buttons
		double-breasted-4x2: 4x2, four-by-two, 4x2 double-breasted, four-button double-breasted
		double-breasted-6x2: 6x2, six-by-two, 6x2 double-breasted, six-button double-breasted
		zip: zip-front, zip up the back, zip down the back, zip up the front, zip down the front, exposed zip, visible zip, zip-up, zipped, zip-through, zippered, zip-fronted, half-zip, quarter-zip
		asymmetric-zip: asymmetric zip, off-centre zip, diagonal zip
		wrap: wrap, wraparound, wrap-around, wrap-over
		tie: tie-front, tie-waist, tie-side, self-tie, tie-waisted
		open: open-front, edge-to-edge, open-fronted
		pull-on: pull-on, slip-on
		lace-up: lace-up, laced, lace-up front
		buckle: buckled, buckle-front, buckle-fastened, double-buckle
		velcro: velcro-fastened, velcro-fastening, hook-and-loop, hook and loop, touch-fastening, rip-tape
		drawstring: drawstring, drawstring-waist, drawcord, drawcord waist, drawcords
		elastic: elasticated, elasticated-waist, elasticated waist, elastic-waist, elastic waist
		hook: hook-and-eye, hook and eye, hooks and eyes`,
	sleeveShape: `
		raglan: raglan, raglan-sleeved
		set-in: set-in sleeves, set-in-sleeved, set-in sleeve
		puff: ~puff, puff-sleeved, puffed-sleeved, puffed, puffy, puff-sleeve, puff-shouldered
		leg-of-mutton: leg-of-mutton, leg-o'-mutton, ~mutton, mutton-sleeved, gigot, juliet-sleeved, juliet
		bishop: bishop-sleeved, bishop-sleeve, poet-sleeved, poet-sleeve, ~poet
		balloon: balloon-sleeved, ~lantern, lantern-sleeved, balloon-sleeve, blouson-sleeved, blouson
		bell: bell-sleeved, bell-sleeve, trumpet-sleeved, flared-sleeved, fluted, ~flared, ~flare, ~trumpet
		flutter: flutter-sleeved, flutter-sleeve, angel-sleeved, fluttery
		ruffled: ruffle-sleeved, frill-sleeved, frilled-sleeve, ruffle sleeve, ruffle sleeves, frill sleeve, frill sleeves
		dolman: dolman-sleeved, batwing, bat-wing, batwing-sleeved
		kimono: kimono-sleeved, kimono-sleeve, wide-sleeved, ~wide
		cape: cape-sleeved, cape-sleeve
		slashed: slashed-sleeved`,
	leg: `
		skinny: skinny, skinny-leg, drainpipe, drainpipes, super-skinny
		slim: slim-leg, slim, cigarette, narrow-leg, narrow, slim-fitting
		tapered: tapered, tapered-leg, carrot, carrot-leg, carrot-fit, peg-leg, peg, pegged-leg, tapering, taper
		straight: straight-leg, straight, straight-legged, stovepipe, straight-fit
		relaxed: relaxed-leg, loose-leg
		baggy: baggy, baggy-leg, slouchy-leg
		balloon: balloon-leg, barrel-leg, barrel, harem, balloon, bubble-leg, horseshoe
		wide: wide-leg, wide-legs, wide-legged, wide, palazzo, palazzo-leg, super-wide, full-leg, culotte
		bootcut: bootcut, boot-cut, kick-flare, boot-leg
		flared: flared, flare, bell-bottom, bell-bottomed, flares, flare-leg, flared-leg, kick-flared`,
	skirtShape: `
		pencil: pencil, hobble, tube, wiggle, body-hugging skirt
		straight: straight, straight-cut, shift
		column: column, columnar
		bias: bias-cut, bias, cut on the bias
		mermaid: mermaid, fishtail, trumpet, mermaid-hem
		a-line: a-line, a line, flared, flare, gently flared, fit-and-flare, swing
		wrap: wrap, wrapped, wrap-over, wraparound
		full: full, full-skirted, voluminous, puffy, big-skirted, sweeping, bell-shaped, crinolined
		circle: circle, circle-cut, circular, full-circle, skater
		tiered: tiered, layered, three-tiered, ruffle-tiered, tiers
		ruffled: ruffled, frilled, frilly
		pleated: pleated, knife-pleated, accordion-pleated, sunray-pleated, box-pleated, pleat, sunray, sunray-pleat, accordion-pleat, knife-pleat, box-pleat, box pleats, inverted pleat, inverted pleats, knife pleats, sunburst-pleated, accordion, sunburst, plissé
		tulip: tulip, petal-hem
		puff: puffball, bubble, bubble-hem
		peplum: peplum, peplumed
		asymmetric: asymmetric, asymmetrical, uneven`,
	waistline: `
		natural: natural waist
		marked: waisted, nipped-in waist, nipped waist, nipped-in, defined waist, marked waist, cinched-waist, tiny waist, nipped-in at the waist, waist-defining, fitted at the waist
		empire: empire-line, empire, empire-waist, empire-waisted, high under the bust
		dropped: drop-waist, dropped-waist, drop-waisted, low-waisted, dropped waist
		unmarked: waistless, unwaisted`,
	shoulder: `
		natural: natural-shouldered, unpadded
		soft: soft-shouldered, unstructured, deconstructed
		dropped: drop-shoulder, drop-shouldered, dropped-shoulder
		padded: ~wide, ~huge, ~massive, ~enormous, ~exaggerated, ~broad, ~strong, ~big, ~power, shoulder-padded, padded-shoulder, big-shouldered, strong-shouldered, power-shouldered, shoulder pads, broad-shouldered, wide-shouldered, with shoulder pads
		structured: structured, sharp-shouldered, square-shouldered, architectural, sculptural
		cold-shoulder: cold-shoulder, cold shoulder, cold shoulders, cut-out shoulders`,
	back: `
		low: low-backed, low-back, ~plunging, ~deep, ~scooped, ~dipped, bare to the waist behind, bare to the waist at the back, cut low behind, cut low at the back, scoop-back, scoop-backed, draped-back, low at the back, low scooped back
		open: backless, open-back, open-backed, bare-backed, bare back, open at the back, open down the back, open behind, open to the waist at the back, open to the waist behind, bare at the back, nothing at the back, nothing behind, hardly anything at the back, next to nothing at the back
		keyhole: keyhole-back
		racer: racer-back, racerback, racer-backed
		crossed: cross-back, crossed-back, criss-cross back, crossing at the back, crossed at the back, straps crossing at the back`,
	toe: `
		pointed: pointed, pointed-toe, pointy, point-toe, pointy-toed, sharp-toed, winklepicker, winklepickers
		almond: almond-toe, almond
		round: round-toe, rounded-toe
		square: square-toe, square-toed, squared-off toe
		open: open-toe, open-toed, open
		peep: peep-toe, peep-toed`,
	heelShape: `
		stiletto: stiletto, stiletto-heeled, stiletto-heel, needle-heeled, pin-heeled, thin-heeled, ~thin, ~needle, ~pin, ~spindly
		kitten: kitten-heeled
		spool: spool-heeled, louis-heeled, louis
		block: block-heeled, chunky-heeled, ~chunky, square-heeled, ~square
		cuban: cuban-heeled
		stacked: stacked-heeled
		cone: cone-heeled, sculpted heel
		wedge: wedge-heeled, wedge
		platform: platform-heeled
		flat: flat-soled`,
	sole: `
		thin: thin-soled, leather-soled
		lug: lug-soled, lug-sole, cleated, commando-soled, tread-soled, lugged, track-soled
		chunky: chunky, chunky-soled, clumpy, clompy, ~thick, ~heavy, thick-soled, heavy-soled
		platform: platform, platform-soled, flatform
		rope: rope-soled, espadrille, jute-soled
		cork: cork-soled, cork-footbed
		crepe-sole: crepe-soled, gum-soled, gum-sole`,
	strap: `
		ankle-strap: ankle-strap, ankle-tie, ankle ties, ankle-strapped, ankle strap, ankle straps, strap at the ankle, tied at the ankle, tied at the ankles, tied round the ankle, tied around the ankle, tied round the ankles, tied around the ankles, tied round the calf, tied around the calf, laced up the calf, laced round the ankle, laced around the ankle, ribbons round the ankle, ribbons around the ankle
		t-bar: t-bar, t-strap
		mary-jane: mary-jane, mary-janes, bar-strap, single-strap
		strappy: barely-there, barely there, strappy, multi-strap
		slingback: slingback, sling-back
		mule: mule, backless, slip-in
		toe-post: toe-post, toe-loop, thong-strap
		crossbody: crossbody, cross-body, long strap, body-strap, crossbody strap
		shoulder: shoulder-strap, shoulder strap
		chain: on a chain
		top-handle: top-handle, top-handled, bamboo handle, short handle, short handles, bamboo-handled
		clutch: strapless, handleless
		wrist: wrist-strap`,
	brim: `
		none: brimless
		narrow: narrow-brimmed, short-brimmed, small-brimmed, stingy-brimmed
		medium: medium-brimmed, brimmed
		wide: wide-brimmed, wide-brim, broad-brimmed, big-brimmed, floppy, large-brimmed, ~big, ~broad, wide`,
	frame: `
		round: round, rounded, circular, circle
		oval: oval
		cat-eye: cat-eye, cateye, cat's-eye, upswept, cats-eye, winged
		square: square, boxy
		rectangular: rectangular, narrow rectangular
		aviator: aviator, aviator-shaped, pilot
		rimless: rimless, frameless
		shield: shield, wraparound, visor`,
	hemDetail: `
		raw: cut-off, cut off, raw-hem, raw-edged, raw-hemmed, unhemmed, cut-off hem
		frayed: frayed, fraying, frayed at the hem
		fringed: fringed, fringe, fringe-trimmed, with fringe
		tasselled: tasselled, tasseled, tassels
		feathered: feather-trimmed, feather trim, feather-hemmed, ostrich-trimmed, ostrich trim, marabou-trimmed, marabou trim, ~feather, ~feathers, ~ostrich feathers, ~marabou
		slit: slit, side-slit, split, vent, back vent, kick pleat, kick-pleat, kick pleats, slits, vents, side slits, front slit, side split, slit at the side, front-slit
		ruffled: ruffled, frilled, frilly, flounced, ruffle-hem, ruffle-trimmed, frill-trimmed, lettuce-hem, lettuce-edged
		scalloped: scalloped, scallops, scallop-edged
		lace-trimmed: lace-trimmed, lace trim, lace-edged, lace edging, lace-trim
		handkerchief: handkerchief, hanky-hem, handkerchief-hem
		asymmetric: asymmetric, asymmetrical, uneven, lopsided
		high-low: high-low, hi-low, hi-lo, high-low hem, hi-low hem, hi-lo hem, dip-hem, dipped-hem, mullet-hem, hem dipping at the back, hem dipped at the back, hem longer at the back, ~dipped, ~dipping, ~dip
		curved: curved-hem, shirt-tailed
		turned-up: turned-up hem
		ribbed: rib-cuffed, rib-hemmed
		elasticated: cuffed-hem, elasticated at the ankle, elasticated-cuff, cinched at the ankle, cinched at the ankles, gathered at the ankle, gathered at the ankles
		bordered: bordered, border-printed, temple border, temple borders, temple-bordered, contrast-border, zari-bordered, gold-bordered, with a border, gota-trimmed, gota border
		trained: trained, with a train, chapel train, sweep train, court train, watteau train`,
	hairLength: `
		cropped: cropped, short, close-cropped, boyish
		chin: chin-length, jaw-length
		shoulder: shoulder-length, mid-length
		long: long, waist-length, very long`,
	hairTexture: `
		straight: straight, poker-straight, ironed
		sleek: sleek, wet-look, wet, slick, smooth, slicked-back, slicked, slick-back, scraped-back, scraped back, scraped
		wavy: wavy, waved, crimped, waves, soft waves, loose waves, long waves
		curly: curly, curled, ringletted, curls, ringlets, loose curls, tumbling curls, loose ringlets
		coily: coily, kinky
		tousled: tousled, messy, undone, choppy, windswept, teased, tousled waves`,
	nailShape: `
		round: rounded, round
		oval: oval
		almond: almond, almond-shaped
		square: square, squared
		pointed: pointed, coffin, stiletto, stiletto-shaped`,
	scent: `
		floral: floral, rose, rose-scented, jasmine, violet-scented, tuberose, blossomy
		powdery: powdery, iris
		sweet: sweet, vanilla-scented, gourmand
		fresh: fresh, clean, aquatic, soapy
		citrus: citrus, bergamot, lemony, neroli
		green: green, leafy-scented, herbal, mossy, galbanum
		woody: woody, sandalwood, cedar, vetiver, oud
		smoky: smoky, incense, tobacco
		leathery: leathery
		spicy: spicy, cinnamon
		amber: ambery
		musky: musky, musk`,
	texture: `
		smooth: smooth
		ribbed: ribbed, ribbing, rib, rib-knit, rib-knitted, skinny-rib
		waffle: waffle, waffle-knit, honeycomb, pique, piqué
		fine-knit: fine-knit, finely knitted, fine-gauge, fine-gauge knit, fine
		cable: cable-knit, cable, cabled, aran, cable-knitted
		chunky-knit: chunky-knit, chunky, heavy-knit, chunky knit, hand-knitted, hand-knit
		quilted: quilted, quilting, diamond-quilted, matelasse, matelassé, trapunto
		padded: padded, puffer, down-filled, puffy, wadded
		boucle: boucle, bouclé, nubby
		herringbone: herringbone
		brushed: brushed
		fluffy: fluffy, fuzzy, shaggy, hairy
		jacquard: jacquard, damask-weave, self-patterned, woven-patterned, tapestry, gobelin, intarsia, damask
		self-stripe: self-stripe, self-striped
		lace: lace-knit, lacework, pointelle
		crochet: crochet, open crochet, crocheted, macrame, macramé
		broderie: broderie, eyelet, openwork, chikan, chikankari, cutwork
		cut-out: cut-out, cut-outs, cutout, cutouts, cutaway
		embroidered: embroidered, embroidery, thread, threads, hand-embroidered, zardozi, zardozi work, zardosi, zardosi work, aari, aari work, phulkari, phulkari work, resham work, kantha, kantha work, chain-stitch work, crewel, zari-embroidered, zari, embroidery work, thread work, zari work, gota work, gota, gota patti, thread-work, crewelwork, crewel-work, soutache
		mirror-work: mirror-work, mirrorwork, mirror work, mirrored-work, shisha
		applique: applique, appliqué, appliqued
		sequinned: sequin-embroidered, sequin embroidered, sequin-embellished, sequin-covered, sequinned, sequin work, sequined, sequin-covered, all-over sequins, paillettes, paillette
		beaded: beaded, beading, beadwork, bead-work, bead work, pearl work, stone work, moti work, kundan work, bead-embroidered, crystal-embellished, embellished, jewelled, bejewelled, jewel-encrusted, crystal-studded, studded, bugle-beaded, bugle beads, crystal-encrusted, encrusted, spiked, nailheads, rhinestoned, crystalled
		metallic: metallic, foiled, metallic-thread
		velvet: flocked, velvety
		suede: suedey
		pile: teddy-textured, bobbly
		fur-like: furry
		pleated: pleated, micro-pleated, plissé, plisse, pin-tucked, pintucked, pintucks, pin tucks, pintuck, front-pleated, double-pleated, pleat-front, single-pleat, pleats, pleat, double pleat, front pleats, knife-pleats
		ruched: ruched, gathered, shirred, ~draped, ruching, tucked cloth
		smocked: smocked, smocking
		crinkled: crinkled, crinkly, crumpled, rumpled, crushed, creased, cloque, cloqué
		woven: woven, plaited, interwoven, lattice-woven, basketweave, basket-weave
		perforated: perforated, open-knit, open knit, open-weave, open weave, punched, laser-cut, broguing
		grained: grained, pebbled, pebble-grain, grainy, textured, debossed
		croc: croc-effect, croc, mock-croc, crocodile-effect, croc-embossed, lizard-effect, snake-effect, embossed
		patent: patent-finish`
};

/** Every phrase of a facet's values: `free` ones stand anywhere, the others only beside their part's name. */
export interface FacetPhrase {
	facet: FacetId;
	value: string;
	phrase: string;
	free: boolean;
}

/** Values whose label would be taken for other words: "set in gold". */
const onlyBySaying = new Set(['set-in']);

function phrasesOf(facet: FacetId): FacetPhrase[] {
	const lines = (source[facet] ?? '')
		.split('\n')
		.map((line) => line.trim())
		.filter(Boolean);
	const free = lines.flatMap((line) => {
		const at = line.indexOf(':');
		const value = line.slice(0, at);
		return line
			.slice(at + 1)
			.split(',')
			.map((words) => words.trim())
			.map((words) => ({ facet, value, phrase: words.replace(/^~/, ''), free: !words.startsWith('~') }));
	});
	const own = facetOf(facet)
		.values.filter(({ id }) => !onlyBySaying.has(id))
		.map(({ id, label }) => ({
			facet,
			value: id,
			phrase: label,
			free: false
		}));
	return [...free, ...own];
}

/** In the order in which facets are tried where one phrase speaks of several. */
export const facetPhrases: readonly FacetPhrase[] = facetIds.flatMap(phrasesOf);
