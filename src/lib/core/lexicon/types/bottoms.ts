import { cloth, legged, skirted, type FamilySource } from './source';

export const bottoms = [
	{
		id: 'trousers',
		label: 'trousers',
		division: 'bottoms',
		slot: 'legs',
		draws: 'trousers',
		facets: [...cloth, ...legged, 'closure'],
		usual: { fit: 'regular', legLength: 'full', leg: 'straight', rise: 'mid' },
		types: `
			trousers: *trousers / trousers / us:pants, us:slacks, trouser, bottoms, uk:strides, flannels, moleskins, parachute pants, parachute trousers, trews, pantaloons, gabardines

			tailored-trousers: tailored trousers / tailored trousers / suit trousers, dress trousers, us:dress pants, us:suit pants / fit=tailored
			dinner-trousers: dinner trousers / dinner trousers / us:tuxedo pants, us:tux pants, tux trousers, tuxedo trousers, evening trousers / formality=formal
			cigarette-trousers: cigarette trousers / cigarette trousers / ankle trousers, us:cigarette pants, capris, capri trousers, us:capri pants, pedal pushers, toreador pants, stretch pants / leg=slim legLength=ankle
			chinos: chinos / chinos / us:khakis, chino, khaki trousers
			cords: cords / cords / corduroy trousers, cord trousers, corduroys / material=corduroy
			leather-trousers: leather trousers / leather trousers / leather leggings, us:leather pants, leathers, biker leathers, motorcycle leathers, chaps / leg=slim material=leather
			stirrup-trousers: stirrup trousers / stirrup trousers / us:stirrup pants, ski trousers, us:ski pants / leg=slim

			wide-leg-trousers: wide-leg trousers / wide-leg trousers / palazzo trousers, wide-legs, us:wide-leg pants, us:palazzo pants, Oxford bags, cord bags, corduroy bags, flannel bags, tweed bags, sailor trousers, us:sailor pants / leg=wide legLength=floor
			flared-trousers: flared trousers / flared trousers / flares, high-rise flare, mid-rise flare, low-rise flare, high-waisted flare, kick flare trousers, us:flared pants, bell-bottoms, bell bottoms / leg=flared
			barrel-leg-trousers: barrel-leg trousers / barrel-leg trousers / us:barrel pants, balloon trousers / leg=balloon
			culottes: culottes / culottes / gaucho trousers, us:gauchos, divided skirt, culotte / leg=wide legLength=cropped
			harem-trousers: harem trousers / harem trousers / us:harem pants, dropped-crotch trousers, drop-crotch trousers, low-crotch trousers, us:drop-crotch pants, us:hammer pants / fit=oversized leg=balloon
			pyjama-trousers: pyjama trousers / pyjama trousers / us:pajama pants, pyjama bottoms, us:pajama bottoms, lounge trousers, us:lounge pants / fit=relaxed

			plus-fours: plus fours / plus fours / knickerbockers / leg=balloon legLength=knee
			jodhpurs: jodhpurs / jodhpurs / riding breeches, breeches, britches, knee breeches / leg=balloon

			cargo-trousers: cargo trousers / cargo trousers / fatigues, us:cargo pants, cargos, combats, combat trousers, us:utility pants / fit=relaxed
			carpenter-trousers: carpenter trousers / carpenter trousers / us:carpenter pants, work trousers, painter trousers, us:work pants / fit=relaxed

			joggers: joggers / joggers / uk:trackies, uk:trackie bottoms, us:sweatpants, us:sweats, us:sweat pants, tracksuit bottoms, jogging bottoms, sweat bottoms / fit=relaxed leg=tapered
			track-trousers: track trousers / track trousers / us:track pants, tracksuit trousers / fit=relaxed
			leggings: leggings / leggings / treggings / fit=skin-tight leg=skinny legLength=ankle
			yoga-leggings: yoga leggings / yoga leggings / gym leggings, running tights, us:yoga pants / fit=skin-tight leg=skinny`
	},
	{
		id: 'jeans',
		label: 'jeans',
		division: 'bottoms',
		slot: 'legs',
		draws: 'trousers',
		facets: [...cloth, ...legged],
		usual: { fit: 'regular', legLength: 'full', leg: 'straight', rise: 'mid', material: 'denim' },
		types: `
			jeans: *jeans / jeans / denims, jean

			straight-jeans: straight jeans / straight jeans / straight-leg jeans, straight legs / leg=straight
			slim-jeans: slim jeans / slim jeans / slim-leg jeans / leg=slim
			skinny-jeans: skinny jeans / skinny jeans / jeggings, skinnies, drainpipes, drainpipe jeans / leg=skinny fit=close
			mom-jeans: mom jeans / mom jeans / uk:mum jeans / leg=tapered rise=high
			boyfriend-jeans: boyfriend jeans / boyfriend jeans / girlfriend jeans, dad jeans / fit=relaxed

			bootcut-jeans: bootcut jeans / bootcut jeans / boot-cut jeans, bootcuts, boot-cuts / leg=bootcut
			flared-jeans: flared jeans / flared jeans / flare jeans, flared denims / leg=flared
			wide-leg-jeans: wide-leg jeans / wide-leg jeans / / leg=wide
			baggy-jeans: baggy jeans / baggy jeans / skater jeans, carpenter jeans / leg=baggy fit=oversized`
	},
	{
		id: 'shorts',
		label: 'shorts',
		division: 'bottoms',
		slot: 'legs',
		draws: 'shorts',
		facets: [...cloth, ...legged, 'closure'],
		usual: { fit: 'regular', legLength: 'mid-thigh', leg: 'straight', rise: 'mid' },
		types: `
			shorts: *shorts / shorts / us:short trousers, lederhosen, jamaica shorts, us:short pants, knee shorts

			tailored-shorts: tailored shorts / tailored shorts / bermuda shorts, bermudas, city shorts, walking shorts / legLength=knee fit=tailored
			chino-shorts: chino shorts / chino shorts / / legLength=knee
			paperbag-shorts: paperbag shorts / paperbag shorts / paperbag-waist shorts / rise=high fit=relaxed
			skort: skort / skorts / / legLength=short

			denim-shorts: denim shorts / denim shorts / cut-offs, cut-off jeans, cutoff jeans, cut-off denims, cutoffs, jean shorts, jorts / legLength=short material=denim
			hot-pants: hot pants / hot pants / us:short shorts, booty shorts, micro shorts / legLength=micro

			running-shorts: running shorts / running shorts / gym shorts, sports shorts, athletic shorts, football shorts / legLength=short
			cycling-shorts: cycling shorts / cycling shorts / us:bike shorts, us:biker shorts / fit=skin-tight
			swim-shorts: swim shorts / swim shorts / us:swim trunks, board shorts, trunks, swimming trunks, bathing trunks`
	},
	{
		id: 'skirts',
		label: 'skirts',
		division: 'bottoms',
		slot: 'legs',
		draws: 'skirt',
		facets: [...cloth, ...skirted, 'rise', 'closure'],
		usual: { fit: 'regular', hemLength: 'knee', skirtShape: 'a-line', rise: 'high' },
		types: `
			skirt: *skirt / skirts / miniskirt, midiskirt, maxiskirt, mini, midi, maxi, grass skirt

			pencil-skirt: pencil skirt / pencil skirts / tube skirt, wiggle skirt / skirtShape=pencil
			slip-skirt: slip skirt / slip skirts / bias skirt / skirtShape=bias hemLength=midi sheen=satin
			fishtail-skirt: fishtail skirt / fishtail skirts / mermaid skirt, trumpet skirt / skirtShape=mermaid hemLength=ankle
			leather-skirt: leather skirt / leather skirts / / material=leather
			denim-skirt: denim skirt / denim skirts / jean skirt / material=denim

			a-line-skirt: A-line skirt / A-line skirts / / skirtShape=a-line
			circle-skirt: circle skirt / circle skirts / swing skirt, skater skirt, poodle skirt / skirtShape=circle hemLength=midi
			puff-skirt: puff skirt / puff skirts / bubble skirt, tulip skirt, puffball skirt, puffball, peg skirt / skirtShape=tulip hemLength=mini
			pleated-skirt: pleated skirt / pleated skirts / sunray skirt, accordion skirt, box-pleat skirt / skirtShape=pleated hemLength=midi
			tennis-skirt: tennis skirt / tennis skirts / tennis skort, cheer skirt / skirtShape=pleated hemLength=mini
			tiered-skirt: tiered skirt / tiered skirts / prairie skirt, peasant skirt, ra-ra skirt, boho skirt / skirtShape=tiered hemLength=maxi
			handkerchief-skirt: handkerchief skirt / handkerchief skirts / asymmetric skirt / hemDetail=handkerchief
			tulle-skirt: tulle skirt / tulle skirts / tutu, ballet skirt / skirtShape=full material=tulle
			ball-skirt: ball skirt / ball skirts / ball gown skirt, ballgown skirt, prom skirt / skirtShape=full hemLength=floor formality=cocktail

			wrap-skirt: wrap skirt / wrap skirts / / skirtShape=wrap
			sarong: sarong / sarongs / pareo, lungi, kanga, lava-lava, lavalava, longyi, lungyi / skirtShape=wrap
			kilt: kilt / kilts / / skirtShape=pleated`
	}
] as const satisfies readonly FamilySource[];
