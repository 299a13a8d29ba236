import { cloth, sleeved, type FamilySource } from './source';

export const tops = [
	{
		id: 'tees',
		label: 'tees and vests',
		division: 'tops',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved, 'distress'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'short', neckline: 'crew' },
		types: `
			top: *top / tops / breton, boat neck, boatneck, scoop neck, cowl neck, funnel neck, mock neck, square neck

			t-shirt: T-shirt / T-shirts / tee, T, baby tee, baby T-shirt, t shirt, tshirt, band tee, band T-shirt, rock tee, rock T-shirt, tour tee, tour T-shirt, concert tee, muscle tee, tee shirt, tee-shirt, tees
			long-sleeved-tee: long-sleeved tee / long-sleeved tees / long-sleeve T-shirt, long-sleeved T-shirt / sleeveLength=long
			henley: henley / henleys / grandad top, henley top / sleeveLength=long
			sports-top: sports top / sports tops / gym top, running top, training top / sleeveLength=sleeveless fit=close
			rash-vest: rash vest / rash vests / us:rash guard, swim top / fit=skin-tight sleeveLength=long
			football-shirt: football shirt / football shirts / us:soccer jersey, football top / fit=relaxed

			polo-shirt: polo shirt / polo shirts / polo, golf shirt / neckline=v
			rugby-shirt: rugby shirt / rugby shirts / rugby top / sleeveLength=long fit=relaxed neckline=v

			vest-top: vest top / vest tops / shell top, shell, tank top, tank, uk:vest, singlet, sleeveless top / sleeveLength=sleeveless neckline=scoop
			racer-vest: racer vest / racer vests / racerback, racerback top / sleeveLength=sleeveless neckline=scoop back=racer
			camisole: camisole / camisoles / cami, cami top, slip top / sleeveLength=sleeveless neckline=v fit=close
			crop-top: crop top / crop tops / cropped top, belly top / topLength=cropped fit=close
			bandeau: bandeau / bandeaus / tube top, bandeau top, uk:boob tube / sleeveLength=strapless neckline=strapless topLength=cropped
			bodysuit: bodysuit / bodysuits / body, body stocking, body suit / fit=skin-tight

			sweatshirt: sweatshirt / sweatshirts / us:crewneck, sweat top, sweat / sleeveLength=long fit=relaxed
			hoodie: hoodie / hoodies / hooded top, hooded sweatshirt, us:hoody / sleeveLength=long fit=relaxed
			zip-up-hoodie: zip-up hoodie / zip-up hoodies / zip hoodie, zip-up / sleeveLength=long fit=relaxed`
	},
	{
		id: 'shirts',
		label: 'shirts and blouses',
		division: 'tops',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved, 'collar', 'closure'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', neckline: 'v', collar: 'shirt' },
		types: `
			shirt: *shirt / shirts / button-up, us:button-down, button-up shirt
			dress-shirt: dress shirt / dress shirts / formal shirt, business shirt
			evening-shirt: evening shirt / evening shirts / us:tuxedo shirt, us:tux shirt, dinner shirt, pleat-front shirt, marcella shirt / formality=formal
			oxford-shirt: Oxford shirt / Oxford shirts / Oxford, OCBD, button-down shirt / collar=button-down
			flannel-shirt: flannel shirt / flannel shirts / lumberjack shirt, brushed shirt / material=flannel
			denim-shirt: denim shirt / denim shirts / chambray shirt, western shirt / material=denim
			camp-collar-shirt: camp-collar shirt / camp-collar shirts / bowling shirt, Cuban-collar shirt, holiday shirt, camp shirt, beach shirt, guayabera, hawaiian shirt / collar=camp sleeveLength=short
			grandad-shirt: grandad shirt / grandad shirts / collarless shirt, band-collar shirt / collar=band neckline=crew
			overshirt: overshirt / overshirts / shacket, shirt jacket, us:shirt-jac / fit=relaxed

			blouse: blouse / blouses / poet blouse, poet shirt, pirate shirt, pirate blouse, middy blouse, middy, sailor blouse, garibaldi blouse
			pussy-bow-blouse: pussy-bow blouse / pussy-bow blouses / bow blouse, tie-neck blouse / collar=pussy-bow
			peasant-blouse: peasant blouse / peasant blouses / folk blouse, boho blouse, milkmaid top, milkmaid blouse / sleeveShape=balloon neckline=round collar=collarless
			peter-pan-blouse: Peter Pan blouse / Peter Pan blouses / / collar=peter-pan neckline=jewel closure=buttoned
			wrap-top: wrap top / wrap tops / wrap blouse, ballet wrap / neckline=wrap collar=collarless
			smock-top: smock top / smock tops / smock, smock blouse, camise / fit=relaxed sleeveShape=balloon collar=collarless neckline=round
			tunic: tunic / tunics / tunic top / topLength=thigh fit=relaxed collar=collarless neckline=round
			kaftan-top: kaftan top / kaftan tops / dashiki / fit=oversized sleeveShape=kimono collar=collarless topLength=thigh

			halter-top: halter top / halter tops / halter, halterneck, halter neck, halterneck top, halter crop / sleeveLength=sleeveless neckline=halter collar=collarless
			off-shoulder-top: off-shoulder top / off-shoulder tops / off-the-shoulder top, bardot top / neckline=off-shoulder sleeveLength=short collar=collarless
			one-shoulder-top: one-shoulder top / one-shoulder tops / asymmetric top / neckline=one-shoulder sleeveLength=sleeveless collar=collarless
			peplum-top: peplum top / peplum tops / peplum blouse / fit=close collar=collarless neckline=round
			corset-top: corset top / corset tops / bustier, corset, bustier top, basque, basque top / sleeveLength=strapless fit=skin-tight topLength=waist neckline=sweetheart collar=collarless`
	},
	{
		id: 'knitwear',
		label: 'knitwear',
		division: 'tops',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved, 'collar'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', neckline: 'crew', material: 'knit' },
		types: `
			jumper: *jumper / jumpers / us:sweater, pullover, knit, cable knit, chunky knit, heavy knit, hand knit, fine knit, fine-gauge knit, rib knit, waffle knit, lace knit, open knit, knit top, crew-neck jumper, crew neck, crew, crewneck, uk:jersey
			roll-neck-jumper: roll-neck jumper / roll-neck jumpers / roll neck, us:turtleneck, us:turtle neck, polo neck, us:turtleneck sweater, polo-neck jumper, roll-neck sweater, us:turtle-neck, turtle neck / neckline=roll
			v-neck-jumper: V-neck jumper / V-neck jumpers / V-neck, cricket jumper, us:cricket sweater, tennis jumper, us:V-neck sweater / neckline=v
			fisherman-jumper: fisherman jumper / fisherman jumpers / aran jumper, aran, arans, us:fisherman sweater, fisherman rib, fisherman knit, fisherman, guernsey, gansey / texture=cable
			fair-isle-jumper: Fair Isle jumper / Fair Isle jumpers / us:Fair Isle sweater

			knitted-top: knitted top / knitted tops / fine-knit top / sleeveLength=short fit=close
			knitted-polo: knitted polo / knitted polos / polo jumper, knitted polo shirt, merino polo, cashmere polo, knit polo, fine-knit polo, wool polo, us:polo sweater / neckline=v
			twinset: twinset / twinsets / twin set, sweater set, jumper set, cardigan set
			knitted-vest: knitted vest / knitted vests / sweater vest, uk:slipover, knitted tank, cable-knit tank, cable tank, fair isle tank, argyle tank, knitted tank top, fair isle tank top, argyle tank top, cable-knit tank top, cable tank top, jumper vest, cable vest, cable-knit vest, argyle vest, cricket vest, tennis vest, fair isle vest, v-neck vest / sleeveLength=sleeveless neckline=v`
	}
] as const satisfies readonly FamilySource[];
