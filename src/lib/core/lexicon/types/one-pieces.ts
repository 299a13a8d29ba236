import { bodiced, cloth, legged, skirted, sleeved, type FamilySource } from './source';

export const onePieces = [
	{
		id: 'dresses',
		label: 'dresses',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'dress',
		facets: [...cloth, ...skirted, ...bodiced],
		usual: {
			fit: 'tailored',
			hemLength: 'knee',
			skirtShape: 'a-line',
			sleeveLength: 'short',
			neckline: 'round',
			waistline: 'natural'
		},
		types: `
			dress: *dress / dresses / frock, day dress, minidress, mididress, maxidress, mini, midi, maxi, kirtle, polonaise, mantua

			slip-dress: slip dress / slip dresses / cami dress, chemise dress, slip, chemise / sleeveLength=sleeveless neckline=v skirtShape=bias hemLength=midi
			sheath-dress: sheath dress / sheath dresses / sheath / skirtShape=straight sleeveLength=sleeveless fit=close
			shift-dress: shift dress / shift dresses / shift, mod dress, sack dress / skirtShape=straight sleeveLength=sleeveless fit=regular
			bodycon-dress: bodycon dress / bodycon dresses / bandage dress, tube dress / fit=skin-tight skirtShape=pencil
			wiggle-dress: wiggle dress / wiggle dresses / pencil dress / skirtShape=pencil fit=close
			jumper-dress: jumper dress / jumper dresses / us:sweater dress, knitted dress, knit dress / sleeveLength=long skirtShape=straight
			t-shirt-dress: T-shirt dress / T-shirt dresses / tee dress, polo dress / fit=relaxed
			cheongsam: cheongsam / cheongsams / qipao / collar=mandarin fit=close skirtShape=pencil

			shirt-dress: shirt dress / shirt dresses / shirtdress, shirtwaister, us:shirtwaist dress, shirtwaist / collar=shirt closure=buttoned
			wrap-dress: wrap dress / wrap dresses / / neckline=wrap skirtShape=wrap
			a-line-dress: A-line dress / A-line dresses / / skirtShape=a-line
			tea-dress: tea dress / tea dresses / forties dress / hemLength=midi
			swing-dress: swing dress / swing dresses / fit-and-flare dress, skater dress, rockabilly dress / skirtShape=circle hemLength=midi
			sundress: sundress / sundresses / sun dress, beach dress, tank dress, vest dress / sleeveLength=sleeveless

			drop-waist-dress: drop-waist dress / drop-waist dresses / flapper dress, dropped-waist dress / waistline=dropped
			empire-line-dress: empire-line dress / empire-line dresses / empire dress, regency dress / waistline=empire
			babydoll-dress: babydoll dress / babydoll dresses / baby doll, babydoll / waistline=empire hemLength=mini
			smock-dress: smock dress / smock dresses / tent dress, trapeze dress / fit=relaxed
			prairie-dress: prairie dress / prairie dresses / cottage dress, milkmaid dress, dirndl, dirndl dress / sleeveShape=puff hemLength=midi
			tiered-dress: tiered dress / tiered dresses / flamenco dress / skirtShape=tiered

			blazer-dress: blazer dress / blazer dresses / tuxedo dress, coat dress, trench dress / sleeveLength=long
			pinafore-dress: pinafore dress / pinafore dresses / us:jumper, pinafore, pinny, dungaree dress, apron dress, us:overall dress, apron, gymslip, gym slip, jumper skirt, bib apron, half apron, pinny apron / sleeveLength=sleeveless

			cocktail-dress: cocktail dress / cocktail dresses / party dress, LBD, little black dress / formality=cocktail sleeveLength=sleeveless
			evening-gown: evening gown / evening gowns / gown, evening dress, column gown, fishtail gown, mermaid gown, mermaid dress, fishtail dress, dinner dress, dinner gown, tea gown, formal gown / hemLength=floor formality=formal skirtShape=bias sleeveLength=sleeveless
			ball-gown: ball gown / ball gowns / ballgown, prom dress, balldress, ball dress / hemLength=floor formality=formal skirtShape=full sleeveLength=strapless
			wedding-dress: wedding dress / wedding dresses / bridal gown, wedding gown, us:bridal dress / hemLength=floor formality=formal sleeveLength=sleeveless skirtShape=full

			kaftan: kaftan / kaftans / caftan, cover-up, beach cover-up, djellaba, jellabiya, thobe, jellaba, muumuu, pheran, chiton, peplos, kanzu, haik, cassock, soutane, surplice, academic gown, graduation gown, choir robe, banyan, mother hubbard / fit=oversized hemLength=ankle sleeveShape=kimono
			boubou: boubou / boubous / agbada, grand boubou, toga / fit=oversized hemLength=ankle
			kimono-robe: kimono robe / kimono robes / yukata, dressing gown, robe, housecoat, house coat, bathrobe, lounging robe, robe de chambre, wrapper gown, beach robe, bath robe / closure=wrap hemLength=ankle
			nightdress: nightdress / nightdresses / us:nightgown, nightie, nightshirt, negligee, peignoir, night dress, night shirt, bed gown, night robe, night-robe

			swimsuit: swimsuit / swimsuits / swimming costume, bathing suit, one-piece swimsuit, us:one-piece, maillot, monokini, burkini, tankini, swimmers, bathing costume, swim suit, bathing dress, tank suit / fit=skin-tight hemLength=micro sleeveLength=sleeveless
			tennis-dress: tennis dress / tennis dresses / / hemLength=mini sleeveLength=sleeveless`
	},
	{
		id: 'jumpsuits',
		label: 'jumpsuits',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'jumpsuit',
		facets: [...cloth, ...legged, ...bodiced],
		usual: { fit: 'regular', legLength: 'full', leg: 'straight', sleeveLength: 'long', neckline: 'v' },
		types: `
			jumpsuit: *jumpsuit / jumpsuits / all-in-one, catsuit, cat suit, jump suit

			playsuit: playsuit / playsuits / us:romper, romper suit, rompers, sunsuit / legLength=short sleeveLength=short

			dungarees: dungarees / dungarees / us:overalls, bib overalls, bibs, salopettes, dungaree shorts, overall shorts, us:shortalls / sleeveLength=sleeveless material=denim
			boiler-suit: boiler suit / boiler suits / us:coveralls, coverall, flight suit, overall, siren suit / collar=shirt

			unitard: unitard / unitards / leotard / fit=skin-tight leg=skinny
			wetsuit: wetsuit / wetsuits / ski suit, snowsuit, dry suit, diving suit / fit=close leg=skinny`
	},
	{
		id: 'suits',
		label: 'trouser suits',
		division: 'one-pieces',
		slot: 'suit',
		draws: 'suit',
		facets: [...cloth, ...sleeved, 'shoulder', 'lapel', 'closure', 'legLength', 'leg', 'rise'],
		usual: {
			fit: 'tailored',
			topLength: 'hip',
			sleeveLength: 'long',
			lapel: 'notch',
			closure: 'single-breasted',
			legLength: 'full',
			leg: 'straight'
		},
		types: `
			suit: *suit / suits / two-piece suit, lounge suit, business suit, suit of clothes, sailor suit, dress uniform, full-dress uniform
			trouser-suit: trouser suit / trouser suits / us:pantsuit, us:pant suit, power suit, pants suit, slack suit
			three-piece-suit: three-piece suit / three-piece suits / three piece
			dinner-suit: dinner suit / dinner suits / smoking suit, us:tuxedo, us:tux, black tie suit, dress suit / lapel=peak formality=formal
			morning-suit: morning suit / morning suits / morning dress / formality=formal
			zoot-suit: zoot suit / zoot suits / / fit=oversized
			safari-suit: safari suit / safari suits / leisure suit`
	},
	{
		id: 'skirt-suits',
		label: 'skirt suits',
		division: 'one-pieces',
		slot: 'suit',
		draws: 'skirt-suit',
		facets: [...cloth, ...sleeved, 'shoulder', 'lapel', 'closure', ...skirted],
		usual: {
			fit: 'tailored',
			topLength: 'waist',
			sleeveLength: 'long',
			hemLength: 'knee',
			skirtShape: 'pencil',
			lapel: 'notch',
			closure: 'single-breasted'
		},
		types: `
			skirt-suit: *skirt suit / skirt suits / costume suit, two-piece skirt suit, mini suit`
	},
	{
		id: 'co-ords',
		label: 'matching sets',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'two-piece',
		facets: [...cloth, ...sleeved, 'collar', 'closure', 'legLength', 'leg', 'rise'],
		usual: { fit: 'relaxed', topLength: 'hip', sleeveLength: 'long', legLength: 'full', leg: 'straight' },
		types: `
			co-ord: *co-ord / co-ords / coord, matching set, co-ord set, knit set, knitted set, lounge set, jersey set, two-piece, two-piece set, coordinated set
			tracksuit: tracksuit / tracksuits / us:sweatsuit, jogging suit, shell suit, us:track suit, sweat suit, sweatsuit, sweats set, sweat set, running suit, jogger set / formality=sport
			pyjamas: pyjamas / pyjamas / us:pajamas, pyjama set, us:pjs, pjs, silk pyjamas, jammies, jim-jams, pajama set, lounging pyjamas
			scrubs: scrubs / scrubs / work scrubs
			ao-dai: áo dài / áo dài / ao dai, ao dais / collar=mandarin topLength=thigh leg=wide
			bikini: bikini / bikinis / bikini top, two-piece swimsuit, bikini bottoms, swimsuit bottoms, swim bottoms, bikini pants / legLength=micro sleeveLength=strapless topLength=cropped
			gym-set: gym set / gym sets / sports set, workout set, us:yoga set / fit=skin-tight leg=skinny sleeveLength=sleeveless topLength=cropped`
	},
	{
		id: 'skirt-sets',
		label: 'skirt sets',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'skirt-set',
		facets: [...cloth, ...sleeved, 'collar', 'closure', ...skirted],
		usual: {
			fit: 'regular',
			topLength: 'waist',
			sleeveLength: 'short',
			hemLength: 'midi',
			skirtShape: 'a-line'
		},
		types: `
			skirt-set: *skirt set / skirt sets / skirt co-ord, matching top and skirt
			kebaya-set: kebaya set / kebaya sets / kebaya, batik kebaya / sleeveLength=long skirtShape=wrap hemLength=ankle
			hanbok: hanbok / hanboks / / topLength=cropped skirtShape=full hemLength=floor sleeveLength=long
			iro-and-buba: iro and buba / iro and bubas / wrapper and blouse, wrapper set / skirtShape=wrap hemLength=ankle`
	}
] as const satisfies readonly FamilySource[];
