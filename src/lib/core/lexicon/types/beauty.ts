import type { FamilySource } from './source';

export const beauty = [
	{
		id: 'hairstyles',
		label: 'hair',
		division: 'beauty',
		slot: 'hair',
		draws: 'hair',
		facets: ['size', 'hairLength', 'hairTexture', 'sheen'],
		types: `
			hairstyle: *hairstyle / hairstyles / hair, hairdo, wet look
			wig: wig / wigs / hairpiece, toupee, periwig, hair extensions, clip-in extensions, powdered wig

			loose-hair: loose hair / loose hair / waves, soft waves, hair down, hair worn loose, loose waves, beachy waves, beach waves, blow-dry, loose curls, tumbling curls, curls, ringlets, long waves, tousled waves, loose ringlets, long layers, layered hair, feathered hair, brushed-out curls, flipped-out hair, blown-out hair, blowout, perm, permed hair, permanent wave, long hair, tresses
			side-parting: side parting / side partings / us:side part, middle parting, centre parting, us:center part
			half-up-hair: half-up hair / half-up hair / half up half down, half-up
			curtain-fringe: curtain fringe / curtain fringes / us:bangs, blunt fringe, micro fringe, heavy fringe, full fringe, straight fringe, wispy fringe, choppy fringe, side-swept fringe, us:curtain bangs, us:blunt bangs, rolled fringe, us:rolled bangs
			bob: bob / bobs / bobbed hair, sharp bob, blunt bob, flipped-out bob, flipped bob, hime cut, bowl cut, mop top, pageboy / hairLength=chin
			lob: lob / lobs / long bob / hairLength=shoulder

			low-bun: low bun / low buns / chignon, low knot, knot at the nape, nape bun, sleek bun, slick bun, slicked-back bun, slicked bun, smooth bun
			top-knot: top knot / top knots / high bun, ballerina bun, bun, topknot, space buns, double buns, bantu knots
			french-twist: French twist / French twists / french pleat, french roll
			beehive: beehive / beehives / bouffant
			updo: updo / updos / hair up, piled-up hair, hair piled up, hair piled high, hair piled on top, pinned-up hair, hair pinned up, crown braid, braided crown, milkmaid braids, milkmaid plaits, halo braid, us:braided updo

			finger-waves: finger waves / finger waves / set waves, marcel waves, waved hair, marcel wave, marcelled hair, marcel
			victory-rolls: victory rolls / victory rolls / rolled hair, pin curls

			ponytail: ponytail / ponytails / pony, low ponytail, low pony, pigtails, bunches, bubble ponytail, low-slung ponytail
			high-ponytail: high ponytail / high ponytails / sleek ponytail, high pony
			plait: plait / plaits / us:braid, braided hair, plaited hair, french plait, us:french braid, side plait, us:braids, fishtail plait, us:fishtail braid, us:dutch braid, us:dutch braids, waterfall plait, us:waterfall braid
			box-braids: box braids / box braids / cornrows, micro braids, two-strand twists, flat twists
			locs: locs / locs / dreadlocks

			pixie-crop: pixie crop / pixie crops / pixie cut, pixie, cropped hair / hairLength=cropped
			buzz-cut: buzz cut / buzz cuts / shaved head, crew cut, flat top, undercut, fade, skin fade, shaven head, bald head, brush cut, skinhead / hairLength=cropped
			quiff: quiff / quiffs / pompadour, ducktail, spiky hair, spiked hair, mohawk, mohican
			mullet: mullet / mullets / shag cut, shag, wolf cut

			afro: afro / afros / natural hair, rounded afro`
	},
	{
		id: 'make-up',
		label: 'make-up',
		division: 'beauty',
		slot: 'face',
		draws: 'lips',
		facets: ['sheen', 'size'],
		types: `
			lipstick: lipstick / lipsticks / lip colour, lip, lips, lippy, us:lip color, lip gloss, gloss, lip liner, lip line, lip stain, lip tint, lip balm, mouth

			eye-make-up: eye make-up / eye make-up / eyeshadow, shadow, lids, eyelids, eye shadow, smoky eye, smoky eyes, eyes, smokey eye, kohl-rimmed eyes, kohl-lined eyes, rimmed eyes
			eyeliner: eyeliner / eyeliner / winged eyeliner, winged liner, cat-eye liner, kohl, kajal, flick, liner
			mascara: mascara / mascara / lashes, false lashes, fake lashes, false eyelashes, fake eyelashes, eyelash extensions, lash extensions

			brows: brows / brows / eyebrows, thin brows, pencilled brows, bold brows, eyebrow pencil

			blusher: blusher / blusher / us:blush make-up, cheeks, rouge, flushed cheeks, blush cheeks, rosy cheeks, bronzer, highlighter, contour, contouring

			foundation: foundation / foundation / base make-up, dewy skin, fresh skin, glowy skin, matte skin, powdered skin, natural make-up, no-make-up make-up, us:makeup, make-up, face powder

			bindi: bindi / bindis / tilak

			beauty-spot: beauty spot / beauty spots / freckles, face gems`
	},
	{
		id: 'nail-colour',
		label: 'nails',
		division: 'beauty',
		slot: 'nails',
		draws: 'nails',
		facets: ['sheen', 'size', 'nailShape'],
		types: `
			nail-colour: *nail colour / nail colours / nails, nail varnish, nail polish, manicure, us:nail color, varnished nails, nail enamel, nail lacquer
			french-manicure: French manicure / French manicures / french tips
			mehndi: mehndi / mehndi / henna, mehendi`
	},
	{
		id: 'scents',
		label: 'scent',
		division: 'beauty',
		slot: 'scent',
		draws: 'none',
		facets: ['scent'],
		types: `
			scent: *scent / scents / perfume, fragrance, cologne, eau de parfum, us:eau de cologne, attar`
	}
] as const satisfies readonly FamilySource[];
