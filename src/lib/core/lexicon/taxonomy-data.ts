import type { FacetId } from './facets';
import type { SlotId } from './slots';

/** How a type is drawn when nothing more is known of it. */
export type DrawKind =
	| 'top'
	| 'jacket'
	| 'coat'
	| 'trousers'
	| 'shorts'
	| 'skirt'
	| 'dress'
	| 'jumpsuit'
	| 'saree'
	| 'dupatta'
	| 'shoe'
	| 'boot'
	| 'sandal'
	| 'socks'
	| 'tights'
	| 'bag'
	| 'belt'
	| 'necklace'
	| 'earrings'
	| 'bracelet'
	| 'ring'
	| 'brooch'
	| 'scarf'
	| 'hat'
	| 'headband'
	| 'eyewear'
	| 'gloves'
	| 'hair'
	| 'lips'
	| 'nails'
	| 'none';

export interface FamilySource {
	id: string;
	label: string;
	division: string;
	slot: SlotId;
	facets: FacetId[];
	draws: DrawKind;
	/** Values that a type of this family has unless told otherwise; used for drawing and as first guesses, never for closeness. */
	usual?: Partial<Record<FacetId, string>>;
	/**
	 * One type a line: `singular / plural / other words, comma-separated / facet=value …`.
	 * A leading `uk:` or `us:` marks a word that belongs to one side of the Atlantic.
	 */
	types: string;
}

const cloth: FacetId[] = ['fit', 'sheen', 'weight', 'opacity', 'formality', 'texture', 'material'];
const sleeved: FacetId[] = ['sleeveLength', 'sleeveShape', 'neckline', 'topLength'];
const skirted: FacetId[] = ['hemLength', 'skirtShape', 'hemDetail'];
const legged: FacetId[] = ['legLength', 'leg', 'rise', 'hemDetail'];
const small: FacetId[] = ['size', 'material', 'formality', 'sheen', 'texture'];

/** Divisions are the first level of the tree, families the second, types the third. */
export const divisions: Record<string, string> = {
	tops: 'tops',
	layers: 'layers',
	bottoms: 'bottoms',
	'one-pieces': 'one-pieces',
	'south-asian': 'South Asian dress',
	under: 'underneath and hosiery',
	footwear: 'footwear',
	bags: 'bags',
	accessories: 'accessories',
	jewellery: 'jewellery',
	beauty: 'hair and make-up'
};

export const families: FamilySource[] = [
	{
		id: 'tees',
		label: 'tees and vests',
		division: 'tops',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'short', neckline: 'crew' },
		types: `
			T-shirt / T-shirts / tee, tees, t shirt
			vest top / vest tops / tank top, tank / sleeveLength=sleeveless neckline=scoop
			camisole / camisoles / cami / sleeveLength=sleeveless neckline=v fit=close
			polo shirt / polo shirts / polo / neckline=v
			bodysuit / bodysuits / body / fit=skin-tight
			bandeau / bandeaus / tube top / sleeveLength=strapless neckline=strapless topLength=cropped
			sweatshirt / sweatshirts / us:crewneck / sleeveLength=long fit=relaxed
			hoodie / hoodies / hooded top / sleeveLength=long fit=relaxed`
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
			shirt / shirts / button-up, us:button-down
			dress shirt / dress shirts / formal shirt
			blouse / blouses
			pussy-bow blouse / pussy-bow blouses / bow blouse / collar=pussy-bow
			wrap top / wrap tops / wrap blouse / neckline=wrap
			halter top / halter tops / halterneck / sleeveLength=sleeveless neckline=halter
			corset top / corset tops / bustier, corset / sleeveLength=strapless fit=skin-tight topLength=waist neckline=sweetheart
			overshirt / overshirts / shacket / fit=relaxed
			tunic / tunics / / topLength=thigh fit=relaxed`
	},
	{
		id: 'knitwear',
		label: 'knitwear',
		division: 'tops',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', neckline: 'crew' },
		types: `
			jumper / jumpers / us:sweater, us:sweaters, pullover
			roll-neck jumper / roll-neck jumpers / roll neck, us:turtleneck, polo neck / neckline=roll
			knitted top / knitted tops / fine-knit top / sleeveLength=short fit=close
			twinset / twinsets / twin set
			knitted vest / knitted vests / sweater vest, tank top knit / sleeveLength=sleeveless neckline=v`
	},
	{
		id: 'cardigans',
		label: 'cardigans',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'closure', 'collar'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', closure: 'buttoned', neckline: 'v' },
		types: `
			cardigan / cardigans / cardi
			shrug / shrugs / bolero knit / topLength=cropped
			long cardigan / long cardigans / duster cardigan / topLength=thigh`
	},
	{
		id: 'tailored',
		label: 'tailored jackets',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'lapel', 'closure'],
		usual: {
			fit: 'tailored',
			topLength: 'hip',
			sleeveLength: 'long',
			lapel: 'notch',
			closure: 'single-breasted',
			neckline: 'v'
		},
		types: `
			blazer / blazers / tailored jacket
			suit jacket / suit jackets / lounge jacket
			dinner jacket / dinner jackets / us:tuxedo jacket, tux jacket / lapel=peak sheen=satin
			waistcoat / waistcoats / us:vest / sleeveLength=sleeveless topLength=waist
			bolero / boleros / bolero jacket / topLength=cropped lapel=collarless
			tailcoat / tailcoats / tails / lapel=peak`
	},
	{
		id: 'jackets',
		label: 'casual jackets',
		division: 'layers',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'collar', 'closure'],
		usual: { fit: 'regular', topLength: 'hip', sleeveLength: 'long', closure: 'zip', neckline: 'v' },
		types: `
			denim jacket / denim jackets / jean jacket, trucker jacket / closure=buttoned material=denim
			leather jacket / leather jackets / biker jacket, moto jacket / topLength=waist material=leather
			bomber jacket / bomber jackets / bomber / topLength=waist
			safari jacket / safari jackets / field jacket
			quilted jacket / quilted jackets / liner jacket / texture=quilted
			puffer jacket / puffer jackets / puffer, padded jacket / texture=padded fit=relaxed
			gilet / gilets / body warmer / sleeveLength=sleeveless
			kimono jacket / kimono jackets / kimono / closure=open sleeveShape=kimono`
	},
	{
		id: 'coats',
		label: 'coats',
		division: 'layers',
		slot: 'outer',
		draws: 'coat',
		facets: [...cloth, 'sleeveLength', 'sleeveShape', 'hemLength', 'lapel', 'collar', 'closure'],
		usual: { fit: 'regular', hemLength: 'knee', sleeveLength: 'long', closure: 'single-breasted' },
		types: `
			overcoat / overcoats / coat, coats, topcoat
			trench coat / trench coats / trench, mac / closure=double-breasted
			pea coat / pea coats / reefer / hemLength=micro closure=double-breasted
			duffle coat / duffle coats / duffel / hemLength=mini
			raincoat / raincoats / rain jacket
			parka / parkas / anorak / hemLength=mini
			wrap coat / wrap coats / belted coat / closure=wrap
			opera coat / opera coats / evening coat / hemLength=ankle
			faux-fur coat / faux-fur coats / fur coat / material=faux-fur
			cape / capes / cloak / closure=open sleeveLength=sleeveless fit=oversized
			poncho / ponchos / / fit=oversized hemLength=micro`
	},
	{
		id: 'trousers',
		label: 'trousers',
		division: 'bottoms',
		slot: 'legs',
		draws: 'trousers',
		facets: [...cloth, ...legged],
		usual: { fit: 'regular', legLength: 'full', leg: 'straight', rise: 'mid' },
		types: `
			trousers / trousers / us:pants, us:slacks, pair of trousers
			tailored trousers / tailored trousers / suit trousers, us:dress pants
			cigarette trousers / cigarette trousers / ankle trousers / leg=slim legLength=ankle
			wide-leg trousers / wide-leg trousers / palazzo trousers / leg=wide legLength=floor
			culottes / culottes / / leg=wide legLength=cropped
			chinos / chinos / us:khakis
			cargo trousers / cargo trousers / us:cargo pants / fit=relaxed
			joggers / joggers / us:sweatpants, track pants / fit=relaxed leg=tapered
			leggings / leggings / / fit=skin-tight leg=skinny legLength=ankle
			leather trousers / leather trousers / / leg=slim material=leather`
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
			jeans / jeans / denims
			straight jeans / straight jeans / / leg=straight
			skinny jeans / skinny jeans / / leg=skinny fit=close
			flared jeans / flared jeans / flares / leg=flared
			baggy jeans / baggy jeans / / leg=baggy fit=oversized`
	},
	{
		id: 'shorts',
		label: 'shorts',
		division: 'bottoms',
		slot: 'legs',
		draws: 'shorts',
		facets: [...cloth, ...legged],
		usual: { fit: 'regular', legLength: 'mid-thigh', leg: 'straight', rise: 'mid' },
		types: `
			shorts / shorts
			tailored shorts / tailored shorts / bermuda shorts, bermudas / legLength=knee
			denim shorts / denim shorts / cut-offs / legLength=short material=denim
			cycling shorts / cycling shorts / us:bike shorts / fit=skin-tight`
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
			skirt / skirts
			pencil skirt / pencil skirts / / skirtShape=pencil
			A-line skirt / A-line skirts / / skirtShape=a-line
			circle skirt / circle skirts / full skirt, swing skirt / skirtShape=circle hemLength=midi
			pleated skirt / pleated skirts / / skirtShape=pleated hemLength=midi
			slip skirt / slip skirts / bias skirt / skirtShape=bias hemLength=midi sheen=satin
			wrap skirt / wrap skirts / / skirtShape=wrap
			tiered skirt / tiered skirts / prairie skirt / skirtShape=tiered hemLength=maxi
			mini skirt / mini skirts / miniskirt / hemLength=mini
			denim skirt / denim skirts / / material=denim
			kilt / kilts / / skirtShape=pleated`
	},
	{
		id: 'dresses',
		label: 'dresses',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'dress',
		facets: [
			...cloth,
			...skirted,
			'sleeveLength',
			'sleeveShape',
			'neckline',
			'waistline',
			'closure',
			'collar'
		],
		usual: {
			fit: 'tailored',
			hemLength: 'knee',
			skirtShape: 'a-line',
			sleeveLength: 'short',
			neckline: 'round',
			waistline: 'natural'
		},
		types: `
			dress / dresses / frock
			shirt dress / shirt dresses / shirtdress / collar=shirt closure=buttoned
			wrap dress / wrap dresses / / neckline=wrap skirtShape=wrap
			slip dress / slip dresses / / sleeveLength=sleeveless neckline=v skirtShape=bias hemLength=midi
			sheath dress / sheath dresses / shift / skirtShape=straight sleeveLength=sleeveless
			tea dress / tea dresses / / hemLength=midi
			swing dress / swing dresses / full-skirted dress / skirtShape=circle hemLength=midi
			sundress / sundresses / sun dress / sleeveLength=sleeveless
			cocktail dress / cocktail dresses / party dress / formality=cocktail
			evening gown / evening gowns / gown, evening dress, ball gown / hemLength=floor formality=formal skirtShape=bias
			jumper dress / jumper dresses / us:sweater dress, knitted dress / sleeveLength=long skirtShape=straight
			pinafore dress / pinafore dresses / us:jumper / sleeveLength=sleeveless
			maxi dress / maxi dresses / / hemLength=ankle`
	},
	{
		id: 'jumpsuits',
		label: 'jumpsuits',
		division: 'one-pieces',
		slot: 'whole',
		draws: 'jumpsuit',
		facets: [
			...cloth,
			...legged,
			'sleeveLength',
			'sleeveShape',
			'neckline',
			'waistline',
			'closure',
			'collar'
		],
		usual: { fit: 'regular', legLength: 'full', leg: 'straight', sleeveLength: 'long', neckline: 'v' },
		types: `
			jumpsuit / jumpsuits / all-in-one
			playsuit / playsuits / us:romper / legLength=short sleeveLength=short
			dungarees / dungarees / us:overalls / sleeveLength=sleeveless material=denim
			boiler suit / boiler suits / us:coveralls / collar=shirt`
	},
	{
		id: 'kurtas',
		label: 'kurtas and cholis',
		division: 'south-asian',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved, 'closure', 'collar'],
		usual: {
			fit: 'regular',
			topLength: 'thigh',
			sleeveLength: 'three-quarter',
			neckline: 'keyhole',
			collar: 'band'
		},
		types: `
			kurta / kurtas / kurti
			short kurta / short kurtas / / topLength=hip
			choli / cholis / saree blouse / topLength=cropped sleeveLength=short fit=close neckline=scoop
			sherwani / sherwanis / achkan / sleeveLength=long
			bandhgala / bandhgalas / jodhpuri jacket / topLength=hip sleeveLength=long`
	},
	{
		id: 'anarkalis',
		label: 'anarkalis',
		division: 'south-asian',
		slot: 'whole',
		draws: 'dress',
		facets: [
			...cloth,
			...skirted,
			'sleeveLength',
			'sleeveShape',
			'neckline',
			'waistline',
			'closure',
			'collar'
		],
		usual: {
			fit: 'tailored',
			hemLength: 'maxi',
			skirtShape: 'full',
			sleeveLength: 'long',
			waistline: 'empire'
		},
		types: `
			anarkali / anarkalis / anarkali suit
			gharara set / gharara sets / sharara set, sharara / hemLength=floor`
	},
	{
		id: 'salwars',
		label: 'salwars and lehengas',
		division: 'south-asian',
		slot: 'legs',
		draws: 'trousers',
		facets: [...cloth, ...legged],
		usual: { fit: 'relaxed', legLength: 'full', leg: 'tapered', rise: 'high' },
		types: `
			salwar / salwars / shalwar
			patiala / patialas / patiala salwar / fit=oversized
			churidar / churidars / / leg=skinny fit=close
			palazzo / palazzos / / leg=wide legLength=floor
			dhoti / dhotis / dhoti trousers / fit=oversized`
	},
	{
		id: 'lehengas',
		label: 'lehengas',
		division: 'south-asian',
		slot: 'legs',
		draws: 'skirt',
		facets: [...cloth, ...skirted, 'rise'],
		usual: { fit: 'regular', hemLength: 'floor', skirtShape: 'full', rise: 'high' },
		types: `
			lehenga / lehengas / ghagra`
	},
	{
		id: 'drapes',
		label: 'sarees and dupattas',
		division: 'south-asian',
		slot: 'drape',
		draws: 'saree',
		facets: [...cloth, 'hemDetail'],
		types: `
			saree / sarees / sari, saris`
	},
	{
		id: 'stoles',
		label: 'dupattas',
		division: 'south-asian',
		slot: 'scarf',
		draws: 'dupatta',
		facets: [...cloth, 'hemDetail', 'size'],
		types: `
			dupatta / dupattas / chunni`
	},
	{
		id: 'hosiery',
		label: 'hosiery and socks',
		division: 'under',
		slot: 'hosiery',
		draws: 'tights',
		facets: ['opacity', 'sheen', 'texture', 'material', 'shaft', 'weight'],
		types: `
			tights / tights / us:pantyhose
			stockings / stockings / hold-ups
			fishnet tights / fishnet tights / fishnets
			ankle socks / ankle socks / socks / shaft=ankle
			knee socks / knee socks / long socks / shaft=knee`
	},
	{
		id: 'underpinnings',
		label: 'underpinnings',
		division: 'under',
		slot: 'under',
		draws: 'none',
		facets: ['fit', 'material', 'opacity', 'weight'],
		types: `
			bra / bras
			slip / slips / underslip
			petticoat / petticoats / crinoline, underskirt
			shapewear / shapewear
			slip shorts / slip shorts / anti-chafe shorts`
	},
	{
		id: 'shoes',
		label: 'shoes',
		division: 'footwear',
		slot: 'feet',
		draws: 'shoe',
		facets: ['toe', 'heelHeight', 'heelShape', 'strap', 'sheen', 'formality', 'texture', 'material'],
		usual: { heelHeight: 'flat', toe: 'round' },
		types: `
			court shoes / court shoes / us:pumps, court shoe, heels / heelHeight=mid
			stilettos / stilettos / stiletto heels / heelHeight=high heelShape=stiletto toe=pointed
			kitten heels / kitten heels / / heelHeight=kitten heelShape=kitten toe=pointed
			ballet flats / ballet flats / ballet pumps, flats
			loafers / loafers / loafer, penny loafers
			brogues / brogues / oxfords, derbies, lace-up shoes
			T-bar shoes / T-bar shoes / t-strap shoes / strap=t-bar heelHeight=kitten
			Mary Janes / Mary Janes / bar shoes / strap=mary-jane
			mules / mules / / strap=mule
			slingbacks / slingbacks / / strap=slingback heelHeight=kitten
			trainers / trainers / us:sneakers, plimsolls
			espadrilles / espadrilles
			jutti / juttis / mojari, mojaris, khussa / toe=pointed
			dance shoes / dance shoes / / strap=t-bar heelHeight=low`
	},
	{
		id: 'sandals',
		label: 'sandals',
		division: 'footwear',
		slot: 'feet',
		draws: 'sandal',
		facets: ['toe', 'heelHeight', 'heelShape', 'strap', 'sheen', 'formality', 'texture', 'material'],
		usual: { heelHeight: 'flat', toe: 'open' },
		types: `
			sandals / sandals / flat sandals
			heeled sandals / heeled sandals / strappy heels / heelHeight=high
			platform sandals / platform sandals / platforms / heelHeight=high heelShape=platform
			wedge sandals / wedge sandals / wedges / heelHeight=mid heelShape=wedge`
	},
	{
		id: 'boots',
		label: 'boots',
		division: 'footwear',
		slot: 'feet',
		draws: 'boot',
		facets: ['toe', 'heelHeight', 'heelShape', 'shaft', 'sheen', 'formality', 'texture', 'material'],
		usual: { heelHeight: 'low', toe: 'round', shaft: 'ankle' },
		types: `
			ankle boots / ankle boots / booties
			Chelsea boots / Chelsea boots
			knee boots / knee boots / knee-high boots / shaft=knee
			lace-up boots / lace-up boots / combat boots / shaft=mid-calf
			wellingtons / wellingtons / wellies, us:rain boots / shaft=knee
			cowboy boots / cowboy boots / western boots / shaft=mid-calf toe=pointed`
	},
	{
		id: 'handbags',
		label: 'handbags',
		division: 'bags',
		slot: 'bag',
		draws: 'bag',
		facets: [...small, 'strap'],
		usual: { size: 'medium' },
		types: `
			handbag / handbags / us:purse, bag
			clutch / clutches / evening bag / size=small strap=clutch
			crossbody bag / crossbody bags / / size=small strap=crossbody
			shoulder bag / shoulder bags / / strap=shoulder
			tote / totes / tote bag, shopper / size=large
			bucket bag / bucket bags
			satchel / satchels / messenger bag
			basket bag / basket bags / / material=straw
			potli / potlis / potli bag / size=small
			belt bag / belt bags / uk:bumbag, us:fanny pack / size=small
			backpack / backpacks / rucksack`
	},
	{
		id: 'belts',
		label: 'belts',
		division: 'accessories',
		slot: 'waist',
		draws: 'belt',
		facets: [...small],
		usual: { size: 'medium' },
		types: `
			belt / belts
			wide belt / wide belts / waist belt, cinch belt / size=large
			sash / sashes / obi belt, cummerbund / size=large
			chain belt / chain belts / / material=metal size=small`
	},
	{
		id: 'scarves',
		label: 'scarves',
		division: 'accessories',
		slot: 'scarf',
		draws: 'scarf',
		facets: [...small, 'weight'],
		usual: { size: 'medium' },
		types: `
			scarf / scarves / long scarf
			neckerchief / neckerchiefs / bandana, square scarf / size=small
			shawl / shawls / stole, wrap, pashmina / size=large
			bow tie / bow ties / / size=small
			tie / ties / us:necktie / size=small`
	},
	{
		id: 'headwear',
		label: 'headwear',
		division: 'accessories',
		slot: 'head',
		draws: 'hat',
		facets: [...small],
		usual: { size: 'medium' },
		types: `
			hat / hats / brimmed hat
			beret / berets
			cloche / cloches / cloche hat
			fedora / fedoras / trilby
			straw hat / straw hats / boater, sun hat / material=straw size=large
			beanie / beanies / knitted hat
			turban / turbans / head wrap
			baseball cap / baseball caps / cap`
	},
	{
		id: 'hair-ornaments',
		label: 'hair ornaments',
		division: 'accessories',
		slot: 'head',
		draws: 'headband',
		facets: [...small],
		usual: { size: 'small' },
		types: `
			headband / headbands / us:hairband
			hair clip / hair clips / hair slide, us:barrette
			hair comb / hair combs
			maang tikka / maang tikkas / tikka
			fascinator / fascinators / / size=medium`
	},
	{
		id: 'eyewear',
		label: 'eyewear',
		division: 'accessories',
		slot: 'eyes',
		draws: 'eyewear',
		facets: ['frame', 'size', 'material'],
		types: `
			sunglasses / sunglasses / shades, sunnies
			glasses / glasses / spectacles`
	},
	{
		id: 'gloves',
		label: 'gloves',
		division: 'accessories',
		slot: 'hands',
		draws: 'gloves',
		facets: ['sleeveLength', 'material', 'texture', 'sheen', 'formality'],
		types: `
			gloves / gloves
			opera gloves / opera gloves / evening gloves / sleeveLength=elbow`
	},
	{
		id: 'earrings',
		label: 'earrings',
		division: 'jewellery',
		slot: 'ears',
		draws: 'earrings',
		facets: [...small],
		types: `
			earrings / earrings
			studs / studs / stud earrings / size=micro
			hoops / hoops / hoop earrings / size=medium
			drop earrings / drop earrings / dangly earrings, chandelier earrings / size=large
			jhumkas / jhumkas / jhumka / size=large
			clip earrings / clip earrings / clip-ons, button earrings`
	},
	{
		id: 'necklaces',
		label: 'necklaces',
		division: 'jewellery',
		slot: 'neck',
		draws: 'necklace',
		facets: [...small],
		types: `
			necklace / necklaces
			chain necklace / chain necklaces / chain
			pendant / pendants
			pearl necklace / pearl necklaces / pearls, string of pearls / material=pearl
			choker / chokers / / size=small
			long beads / long beads / sautoir, rope of beads / size=large`
	},
	{
		id: 'bracelets',
		label: 'bracelets and watches',
		division: 'jewellery',
		slot: 'wrist',
		draws: 'bracelet',
		facets: [...small],
		types: `
			bracelet / bracelets
			bangle / bangles / kada, churi
			cuff / cuffs / cuff bracelet / size=large
			watch / watches / wristwatch`
	},
	{
		id: 'rings',
		label: 'rings',
		division: 'jewellery',
		slot: 'finger',
		draws: 'ring',
		facets: [...small],
		types: `
			ring / rings
			cocktail ring / cocktail rings / statement ring / size=large`
	},
	{
		id: 'brooches',
		label: 'brooches',
		division: 'jewellery',
		slot: 'brooch',
		draws: 'brooch',
		facets: [...small],
		types: `
			brooch / brooches / us:pin
			corsage / corsages / fabric flower / size=medium`
	},
	{
		id: 'hairstyles',
		label: 'hair',
		division: 'beauty',
		slot: 'hair',
		draws: 'hair',
		facets: ['size'],
		types: `
			hairstyle / hairstyles / hair
			low bun / low buns / chignon
			finger waves / finger waves / set waves
			ponytail / ponytails
			bob / bobs`
	},
	{
		id: 'make-up',
		label: 'make-up',
		division: 'beauty',
		slot: 'face',
		draws: 'lips',
		facets: ['sheen'],
		types: `
			lipstick / lipsticks / lip colour, lip
			eye make-up / eye make-up / eyeliner, eyeshadow`
	},
	{
		id: 'nail-colour',
		label: 'nails',
		division: 'beauty',
		slot: 'nails',
		draws: 'nails',
		facets: ['sheen'],
		types: `
			nail colour / nail colours / nails, nail varnish, us:nail polish`
	}
];

/**
 * Declared stand-ins: pairs that do each other's job better than their place in the tree says (0..1).
 * Common practice; symmetric. The tree's own similarity is used where it is higher.
 */
export const standIns: [string, string, number, string][] = [
	['blazer', 'suit-jacket', 0.9, 'the same cut, sold with or without its trousers'],
	['blazer', 'cardigan', 0.5, 'a buttoned layer of the same length'],
	['blazer', 'bandhgala', 0.6, 'a tailored jacket, closed to the neck'],
	['trousers', 'tailored-trousers', 0.9, 'one asks, the other names the cut'],
	['tailored-trousers', 'chinos', 0.75, 'the same line in plainer cloth'],
	['cigarette-trousers', 'tailored-trousers', 0.85, 'narrower and shorter, else the same'],
	['wide-leg-trousers', 'palazzo', 0.9, 'one cut, two traditions'],
	['wide-leg-trousers', 'culottes', 0.75, 'the same width, cropped'],
	['trousers', 'jeans', 0.6, 'the same legs in another cloth'],
	['jeans', 'straight-jeans', 0.95, 'one asks, the other names the cut'],
	['shirt', 'blouse', 0.8, 'a buttoned top, firmer or softer'],
	['blouse', 'pussy-bow-blouse', 0.85, 'a blouse with a bow'],
	['jumper', 'roll-neck-jumper', 0.8, 'the neck apart, the same'],
	['jumper', 'cardigan', 0.6, 'knit of the same length, open or closed'],
	['tunic', 'kurta', 0.8, 'one line, two traditions'],
	['circle-skirt', 'lehenga', 0.55, 'a full skirt from the waist'],
	['dress', 'tea-dress', 0.9, 'one asks, the other names the cut'],
	['swing-dress', 'tea-dress', 0.8, 'a day dress with a skirt that moves'],
	['evening-gown', 'slip-dress', 0.7, 'bias cloth from shoulder to hem'],
	['evening-gown', 'maxi-dress', 0.7, 'the same hem, less ceremony'],
	['evening-gown', 'anarkali', 0.5, 'a long fitted bodice over a full skirt'],
	['overshirt', 'denim-jacket', 0.6, 'a shirt cut to be worn as a jacket'],
	['overshirt', 'safari-jacket', 0.7, 'a shirt cut to be worn as a jacket'],
	['knitted-vest', 'waistcoat', 0.6, 'a sleeveless layer over a shirt'],
	['overcoat', 'wrap-coat', 0.85, 'the closing apart, the same'],
	['court-shoes', 'kitten-heels', 0.85, 'a court shoe with a lower heel'],
	['court-shoes', 'stilettos', 0.85, 'a court shoe with a finer heel'],
	['court-shoes', 'slingbacks', 0.8, 'a court shoe open at the back'],
	['t-bar-shoes', 'dance-shoes', 0.9, 'made alike, soles apart'],
	['t-bar-shoes', 'mary-janes', 0.85, 'a strap across, one bar fewer'],
	['ballet-flats', 'jutti', 0.7, 'a flat slipper'],
	['ankle-boots', 'chelsea-boots', 0.9, 'the closing apart, the same'],
	['heeled-sandals', 'court-shoes', 0.6, 'a dress heel, open or closed'],
	['clutch', 'potli', 0.75, 'a small evening bag'],
	['handbag', 'shoulder-bag', 0.85, 'the strap apart, the same'],
	['wide-belt', 'sash', 0.8, 'a broad band at the waist'],
	['scarf', 'dupatta', 0.7, 'a long drape of light cloth'],
	['shawl', 'dupatta', 0.85, 'a broad drape of light cloth'],
	['drop-earrings', 'jhumkas', 0.85, 'they swing and catch the light'],
	['pearl-necklace', 'long-beads', 0.7, 'strung beads'],
	['headband', 'hair-clip', 0.7, 'holds and marks the hair'],
	['fedora', 'hat', 0.9, 'one asks, the other names the shape'],
	['brooch', 'corsage', 0.7, 'one mark on the lapel']
];
