import { cloth, sleeved, type FamilySource } from './source';

export const layers = [
	{
		id: 'cardigans',
		label: 'cardigans',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'closure', 'collar'],
		usual: {
			fit: 'regular',
			topLength: 'hip',
			sleeveLength: 'long',
			closure: 'buttoned',
			neckline: 'v',
			material: 'knit'
		},
		types: `
			cardigan: *cardigan / cardigans / cardi, cardie
			shrug: shrug / shrugs / bolero knit, bolero cardigan, bed jacket / topLength=cropped
			shawl-collar-cardigan: shawl-collar cardigan / shawl-collar cardigans / / collar=shawl fit=relaxed
			long-cardigan: long cardigan / long cardigans / duster cardigan, longline cardigan, coatigan, cardigan coat, cardi coat, us:sweater coat / topLength=thigh

			fleece: fleece / fleeces / fleece jacket, zip fleece / closure=zip material=fleece
			track-jacket: track jacket / track jackets / tracksuit top, track top, shell suit jacket, shell suit top, tracksuit jacket / closure=zip material=jersey`
	},
	{
		id: 'tailored',
		label: 'tailored jackets',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'shoulder', 'lapel', 'closure', 'collar'],
		usual: {
			fit: 'tailored',
			topLength: 'hip',
			sleeveLength: 'long',
			lapel: 'notch',
			closure: 'single-breasted',
			neckline: 'v'
		},
		types: `
			blazer: *blazer / blazers / tailored jacket, sport coat, sports jacket, boating blazer, us:sports coat
			suit-jacket: suit jacket / suit jackets / lounge jacket, us:suit coat
			tweed-jacket: tweed jacket / tweed jackets / hacking jacket, norfolk jacket, shooting jacket / material=tweed
			boucle-jacket: boucle jacket / boucle jackets / bouclé jacket / lapel=collarless texture=boucle topLength=waist
			peplum-jacket: peplum jacket / peplum jackets / / fit=close

			dinner-jacket: dinner jacket / dinner jackets / us:tuxedo jacket, tuxedo blazer, us:tux jacket / lapel=peak sheen=satin
			smoking-jacket: smoking jacket / smoking jackets / lounging jacket / lapel=shawl material=velvet
			tailcoat: tailcoat / tailcoats / tails, tail coat, swallow-tailed coat, swallowtail coat, white tie and tails / lapel=peak
			morning-coat: morning coat / morning coats / cutaway coat, frock coat, cutaway, frockcoat / lapel=peak

			waistcoat: waistcoat / waistcoats / us:vest, weskit / sleeveLength=sleeveless topLength=waist
			long-waistcoat: long waistcoat / long waistcoats / longline waistcoat, sleeveless blazer, us:long vest / sleeveLength=sleeveless topLength=thigh

			bolero: bolero / boleros / bolero jacket / topLength=cropped lapel=collarless
			spencer-jacket: spencer jacket / spencer jackets / spencer, mess jacket, doublet, monkey jacket, coatee, hussar jacket, dolman jacket, eton jacket / topLength=waist`
	},
	{
		id: 'jackets',
		label: 'casual jackets',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'shoulder', 'collar', 'lapel', 'closure', 'distress'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', closure: 'zip', neckline: 'v' },
		types: `
			jacket: *jacket / jackets / mandarin jacket, mao jacket, middy jacket

			leather-jacket: leather jacket / leather jackets / / topLength=waist material=leather
			biker-jacket: biker jacket / biker jackets / moto jacket, motorcycle jacket, biker, moto / topLength=waist material=leather lapel=notch closure=asymmetric-zip
			suede-jacket: suede jacket / suede jackets / fringed jacket / material=suede
			shearling-jacket: shearling jacket / shearling jackets / aviator jacket, aviator, flying jacket, us:sheepskin jacket / material=shearling

			denim-jacket: denim jacket / denim jackets / jean jacket, trucker jacket, trucker / closure=buttoned material=denim
			chore-jacket: chore jacket / chore jackets / chore coat, worker jacket, work jacket, barn jacket, donkey jacket, lumber jacket, lumberjack jacket, mackinaw, mackinaw jacket / closure=buttoned collar=shirt
			safari-jacket: safari jacket / safari jackets / field jacket, utility jacket, army jacket, combat jacket, us:military jacket, bush jacket
			waxed-jacket: waxed jacket / waxed jackets / wax jacket, country jacket / collar=shirt
			harrington-jacket: harrington jacket / harrington jackets / harrington, golf jacket / topLength=waist collar=stand

			bomber-jacket: bomber jacket / bomber jackets / bomber, flight jacket, souvenir jacket, blouson, blouson jacket / topLength=waist
			varsity-jacket: varsity jacket / varsity jackets / us:letterman jacket, baseball jacket / topLength=waist
			windbreaker: windbreaker / windbreakers / uk:windcheater, cagoule, wind jacket, shell jacket, ski jacket, foul-weather jacket, sailing jacket, running jacket

			quilted-jacket: quilted jacket / quilted jackets / liner jacket / texture=quilted
			puffer-jacket: puffer jacket / puffer jackets / puffer, padded jacket, down jacket, uk:duvet jacket / texture=padded fit=relaxed
			gilet: gilet / gilets / body warmer, us:puffer vest, padded vest, quilted vest, down vest, jerkin, utility vest, cargo vest, fishing vest, tactical vest, tabard, hi-vis vest, surcoat / sleeveLength=sleeveless

			kimono-jacket: kimono jacket / kimono jackets / kimono, haori / closure=open sleeveShape=kimono
			cropped-jacket: cropped jacket / cropped jackets / / topLength=cropped
			embroidered-jacket: embroidered jacket / embroidered jackets / / texture=embroidered
			cape-jacket: cape jacket / cape jackets / capelet, cape blazer, pelerine / topLength=hip sleeveShape=cape sleeveLength=elbow`
	},
	{
		id: 'coats',
		label: 'coats',
		division: 'layers',
		slot: 'outer',
		draws: 'coat',
		facets: [
			...cloth,
			'sleeveLength',
			'sleeveShape',
			'shoulder',
			'hemLength',
			'hemDetail',
			'waistline',
			'lapel',
			'collar',
			'closure'
		],
		usual: { fit: 'regular', hemLength: 'knee', sleeveLength: 'long', closure: 'single-breasted' },
		types: `
			overcoat: *overcoat / overcoats / coat, topcoat, winter coat, town coat, us:top coat, ulster, balmacaan, inverness coat, redingote, box coat, surtout, sack coat, paletot / lapel=notch

			pea-coat: pea coat / pea coats / reefer, peacoat, reefer jacket, pea jacket / hemLength=micro closure=double-breasted lapel=notch
			duffle-coat: duffle coat / duffle coats / duffel, duffel coat, toggle coat, duffle / hemLength=mini
			chesterfield-coat: chesterfield coat / chesterfield coats / chesterfield, covert coat / lapel=notch
			car-coat: car coat / car coats / swagger coat / hemLength=mini lapel=notch
			swing-coat: swing coat / swing coats / A-line coat, tent coat, trapeze coat / fit=relaxed
			princess-coat: princess coat / princess coats / fit-and-flare coat, dress coat, pelisse / fit=close lapel=notch
			cocoon-coat: cocoon coat / cocoon coats / / fit=oversized
			camel-hair-coat: camel-hair coat / camel-hair coats / polo coat / material=camel-hair lapel=notch
			wrap-coat: wrap coat / wrap coats / belted coat, robe coat, blanket coat / closure=wrap lapel=shawl
			greatcoat: greatcoat / greatcoats / military coat, us:maxi coat / hemLength=maxi closure=double-breasted lapel=peak

			trench-coat: trench coat / trench coats / trench, uk:mac, uk:mackintosh, uk:macintosh / closure=double-breasted lapel=notch
			raincoat: raincoat / raincoats / rain jacket, rain mac, rain coat, slicker, oilskin, oilskins
			duster-coat: duster coat / duster coats / duster / hemLength=midi closure=open weight=light
			shop-coat: shop coat / shop coats / dust coat, lab coat, laboratory coat / weight=light lapel=notch

			parka: parka / parkas / anorak / hemLength=mini
			puffer-coat: puffer coat / puffer coats / padded coat, down coat, quilted coat / texture=padded fit=relaxed

			shearling-coat: shearling coat / shearling coats / sheepskin coat, afghan coat / material=shearling
			faux-fur-coat: faux-fur coat / faux-fur coats / fake-fur coat, fluffy coat, teddy coat / material=faux-fur
			fur-coat: fur coat / fur coats / mink coat, fur jacket, sealskin coat, seal coat, seal jacket / material=fur

			opera-coat: opera coat / opera coats / evening coat, theatre coat / hemLength=ankle lapel=shawl
			cape: cape / capes / cloak, inverness cape, burnous, mantle, mantelet, mantelette, capote, domino cloak, opera cloak, chlamys, burnoose / closure=open sleeveLength=sleeveless fit=oversized
			poncho: poncho / ponchos / serape, ruana / fit=oversized hemLength=micro
			abaya: abaya / abayas / jilbab / closure=hook hemLength=floor fit=oversized`
	}
] as const satisfies readonly FamilySource[];
