import { shod, type FamilySource } from './source';

export const footwear = [
	{
		id: 'shoes',
		label: 'shoes',
		division: 'footwear',
		slot: 'feet',
		draws: 'shoe',
		facets: [...shod, 'closure'],
		usual: { heelHeight: 'flat', toe: 'round' },
		types: `
			shoes: *shoes / shoes / shoe, footwear, winklepickers

			heels: heels / heels / high heels, heeled shoes / heelHeight=high heelShape=stiletto
			court-shoes: court shoes / court shoes / us:pumps, court shoe, courts, us:pump, opera pumps / heelHeight=mid
			stilettos: stilettos / stilettos / stiletto heels, stiletto / heelHeight=high heelShape=stiletto toe=pointed
			kitten-heels: kitten heels / kitten heels / kitten-heel shoes, kitten heel / heelHeight=kitten heelShape=kitten toe=pointed
			block-heels: block heels / block heels / block-heeled shoes, block-heel courts, chunky heels / heelHeight=mid heelShape=block
			platform-shoes: platform shoes / platform shoes / platforms, flatforms, flatform shoes, platform heels, creepers / heelHeight=very-high sole=platform
			peep-toes: peep-toes / peep-toes / peep-toe shoes, peep-toe heels, peep toe / toe=peep heelHeight=mid
			slingbacks: slingbacks / slingbacks / slingback, slingback shoes, slingback heels / strap=slingback heelHeight=kitten
			t-bar-shoes: T-bar shoes / T-bar shoes / us:t-strap shoes, T-bars, T-bar, T-bar heels, us:T-straps / strap=t-bar heelHeight=kitten
			mary-janes: Mary Janes / Mary Janes / bar shoes, Mary Jane, Mary Jane shoes / strap=mary-jane
			dance-shoes: dance shoes / dance shoes / ballroom shoes, character shoes, tap shoes / strap=t-bar heelHeight=low

			flats: flats / flats / flat shoes, slip-ons, tabi shoes, split-toe shoes
			ballet-flats: ballet flats / ballet flats / uk:ballet pumps, ballerinas, ballet shoes, uk:pumps / heelHeight=flat
			mules: mules / mules / mule, backless loafers / strap=mule
			slippers: slippers / slippers / velvet slippers, smoking slippers, house shoes, slipper, babouches, babouche, carpet slippers, carpet slipper, mule slippers
			clogs: clogs / clogs / clog, sabots, sabot, pattens, chopines / sole=platform
			espadrilles: espadrilles / espadrilles / espadrille, rope-soled shoes / sole=rope
			jutti: jutti / juttis / mojari, mojaris, khussa, juttis, khussas, jooti, jootis, juti, jutis, nagra, mojri, mojris / toe=pointed

			loafers: loafers / loafers / loafer, penny loafers, moccasins, driving shoes, us:moccasin, driving loafers, driving moccasins, driving mocs, mocassins, mocassin, mocs
			tassel-loafers: tassel loafers / tassel loafers / tasselled loafers
			chunky-loafers: chunky loafers / chunky loafers / platform loafers / sole=lug
			brogues: brogues / brogues / ghillie brogues, ghillies, wingtips, us:wing tips, brogue
			oxford-shoes: Oxford shoes / Oxford shoes / oxfords, Oxfords, cap-toe Oxford, toe-cap Oxford, plain-toe Oxford, leather Oxford, suede Oxford, patent Oxford, lace-up Oxford, balmorals, dress shoes, lace-up shoes, lace-ups / closure=lace-up
			derby-shoes: derby shoes / derby shoes / derbies, derby, us:bluchers, bucks, buckskins, brogans, brogan / closure=lace-up
			monk-strap-shoes: monk-strap shoes / monk-strap shoes / monks, monk straps, double monks, monk shoes / closure=buckle
			saddle-shoes: saddle shoes / saddle shoes / two-tone brogues, spectator shoes, spectators, co-respondent shoes
			boat-shoes: boat shoes / boat shoes / sailing shoes, deck shoes

			trainers: trainers / trainers / us:sneakers, trainer, skate shoes, skate trainers, plimsoll trainers, us:sneaker, us:tennis shoes, runners, running shoes, low-top trainers, us:low-top sneakers, low-tops, trail shoes, trail runners, kicks, tennis shoe, running shoe, gym trainers, bowling shoes
			canvas-plimsolls: canvas plimsolls / canvas plimsolls / plimsolls, canvas trainers, us:canvas sneakers, tennis pumps, plimsoll, gym shoes, gym shoe, plimsole, plimsoles / material=canvas
			high-tops: high-tops / high-tops / high-top trainers, high-top canvas trainers, canvas high-tops, us:high-top sneakers, us:high-top canvas sneakers, hi-tops, basketball shoes
			chunky-trainers: chunky trainers / chunky trainers / dad trainers, us:dad sneakers, us:chunky sneakers, platform trainers / sole=chunky
			football-boots: football boots / football boots / us:cleats, spikes`
	},
	{
		id: 'sandals',
		label: 'sandals',
		division: 'footwear',
		slot: 'feet',
		draws: 'sandal',
		facets: [...shod, 'closure'],
		usual: { heelHeight: 'flat', toe: 'open' },
		types: `
			sandals: *sandals / sandals / flat sandals, sandal, geta, zori

			heeled-sandals: heeled sandals / heeled sandals / strappy heels, strappy heeled sandals, barely-there heels / heelHeight=high
			platform-sandals: platform sandals / platform sandals / / heelHeight=high sole=platform
			wedge-sandals: wedge sandals / wedge sandals / wedges, wedge heels, wedge / heelHeight=mid heelShape=wedge

			gladiator-sandals: gladiator sandals / gladiator sandals / gladiators
			fisherman-sandals: fisherman sandals / fisherman sandals / jelly shoes, jelly sandals, jellies, huaraches
			kolhapuri-sandals: Kolhapuri sandals / Kolhapuri sandals / kolhapuris, Kolhapuri chappals, chappals, peshawari chappals, peshwari chappals

			sliders: sliders / sliders / slides, pool sliders
			flip-flops: flip-flops / flip-flops / toe-post sandals, thong sandals, toe-ring sandals, toe-loop sandals
			sports-sandals: sports sandals / sports sandals / walking sandals, cork sandals, hiking sandals / sole=cork`
	},
	{
		id: 'boots',
		label: 'boots',
		division: 'footwear',
		slot: 'feet',
		draws: 'boot',
		facets: [...shod, 'shaft', 'closure'],
		usual: { heelHeight: 'low', toe: 'round', shaft: 'ankle' },
		types: `
			boots: *boots / boots / boot, slouch boots, half boots, half-boots, ski boots, hessian boots

			ankle-boots: ankle boots / ankle boots / us:booties, ankle boot, shoe boots, bootees, tabi boots, split-toe boots
			sock-boots: sock boots / sock boots / stretch boots / shaft=ankle
			chelsea-boots: Chelsea boots / Chelsea boots / chelseas, Chelsea, Chelsea boot, dealer boots, congress boots, jodhpur boots, jodhpur boot
			desert-boots: desert boots / desert boots / chukka boots, chukkas, us:chukka boot / material=suede

			knee-boots: knee boots / knee boots / knee-high boots, tall boots, long boots, jackboots, knee-highs / shaft=knee
			riding-boots: riding boots / riding boots / equestrian boots / shaft=knee heelHeight=low
			over-knee-boots: over-knee boots / over-knee boots / over-the-knee boots, thigh boots, thigh-high boots, us:OTK boots / shaft=over-knee
			go-go-boots: go-go boots / go-go boots / / shaft=mid-calf heelShape=block
			cowboy-boots: cowboy boots / cowboy boots / western boots, roper boots, ropers / shaft=mid-calf toe=pointed

			lace-up-boots: lace-up boots / lace-up boots / combat boots, army boots, work boots, steel toe boots, steel toed boots, steel toecap boots, safety boots, brogue boots, brogued boots, granny boots, hobnail boots, hobnailed boots / shaft=mid-calf closure=lace-up
			biker-boots: biker boots / biker boots / harness boots, engineer boots, moto boots, motorcycle boots / shaft=mid-calf
			hiking-boots: hiking boots / hiking boots / walking boots, hikers / sole=lug closure=lace-up
			platform-boots: platform boots / platform boots / go-go platforms / sole=platform heelHeight=high

			snow-boots: snow boots / snow boots / winter boots, moon boots
			sheepskin-boots: sheepskin boots / sheepskin boots / shearling boots, slipper boots / material=shearling
			wellingtons: wellingtons / wellingtons / wellies, us:rain boots, wellington boots, gumboots, rubber boots, galoshes, waders, galosh, overshoes, overshoe, wellington / shaft=knee material=rubber`
	}
] as const satisfies readonly FamilySource[];
