import { small, type FamilySource } from './source';

export const accessories: FamilySource[] = [
	{
		id: 'belts',
		label: 'belts',
		division: 'accessories',
		slot: 'waist',
		draws: 'belt',
		facets: [...small],
		usual: { size: 'medium' },
		types: `
			*belt / belts / leather belt
			skinny belt / skinny belts / thin belt, narrow belt / size=small
			wide belt / wide belts / waist belt, cinch belt, waspie / size=large
			western belt / western belts / cowboy belt, big-buckle belt / size=large
			corset belt / corset belts / obi belt, obi / size=oversized

			sash / sashes / waist sash, ribbon belt / size=large
			cummerbund / cummerbunds / / size=large
			kamarbandh / kamarbandhs / kamarband, waist chain, hip chain / material=metal

			chain belt / chain belts / / material=metal size=small

			braces / braces / us:suspenders, pair of braces`
	},
	{
		id: 'scarves',
		label: 'scarves',
		division: 'accessories',
		slot: 'scarf',
		draws: 'scarf',
		facets: [...small, 'weight', 'hemDetail'],
		usual: { size: 'medium' },
		types: `
			*scarf / scarves / long scarf, muffler, scarfs
			skinny scarf / skinny scarves / thin scarf / size=small
			neckerchief / neckerchiefs / bandana, square scarf, silk square, neck scarf, foulard, kerchief / size=small

			blanket scarf / blanket scarves / oversized scarf, big scarf / size=oversized
			snood / snoods / infinity scarf, cowl scarf
			shawl / shawls / stole, wrap, pashmina, evening wrap / size=large

			fur stole / fur stoles / faux-fur stole, tippet / material=faux-fur
			feather boa / feather boas / boa / material=feather

			jabot / jabots / ruff
			cravat / cravats / ascot, day cravat / size=small
			bow tie / bow ties / bowtie, dicky bow / size=small
			tie / ties / us:necktie, knitted tie, skinny tie / size=small`
	},
	{
		id: 'headwear',
		label: 'headwear',
		division: 'accessories',
		slot: 'head',
		draws: 'hat',
		facets: [...small, 'brim'],
		usual: { size: 'medium' },
		types: `
			*hat / hats / brimmed hat

			fedora / fedoras / trilby, felt hat
			wide-brimmed hat / wide-brimmed hats / floppy hat, picture hat / brim=wide
			straw hat / straw hats / sun hat, panama hat, panama / material=straw brim=wide
			boater / boaters / boater hat, skimmer / material=straw
			cowboy hat / cowboy hats / western hat, rancher hat / brim=wide

			bowler hat / bowler hats / bowler, us:derby, us:derby hat
			top hat / top hats / topper

			beret / berets
			cloche / cloches / cloche hat
			bucket hat / bucket hats / rain hat / brim=narrow
			pillbox hat / pillbox hats / pillbox / brim=none

			beanie / beanies / knitted hat, bobble hat, woolly hat, us:knit cap, watch cap

			baker boy cap / baker boy caps / newsboy cap, breton cap, fisherman cap, us:newsboy hat, sailor cap
			flat cap / flat caps / tweed cap
			baseball cap / baseball caps / cap, us:ball cap, us:trucker hat
			visor / visors / sun visor

			trapper hat / trapper hats / fur hat, ushanka / material=faux-fur
			hood / hoods / balaclava

			turban / turbans / head wrap, headwrap, gele
			pagri / pagris / safa, dastar
			headscarf / headscarves / head scarf
			hijab / hijabs / shayla

			kufi / kufis / taqiyah, prayer cap

			bridal veil / bridal veils / veil, mantilla`
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
			*headband / headbands / us:hairband, alice band, hair band, padded headband
			hair bow / hair bows / bow, ribbon, hair ribbon, velvet bow
			scrunchie / scrunchies / hair tie

			hair clip / hair clips / hair slide, us:barrette, barrettes, hairclip, hair grip, claw clip
			hair comb / hair combs / decorative comb
			hair pins / hair pins / hairpins, pearl pins

			tiara / tiaras / diadem, crown
			flower crown / flower crowns / hair flowers, gajra, flower in the hair
			fascinator / fascinators / cocktail hat / size=medium

			maang tikka / maang tikkas / tikka, maangtikka, mang tikka
			matha patti / matha pattis / mathapatti, head chain`
	},
	{
		id: 'eyewear',
		label: 'eyewear',
		division: 'accessories',
		slot: 'eyes',
		draws: 'eyewear',
		facets: ['frame', 'size', 'material'],
		types: `
			*sunglasses / sunglasses / shades, sunnies, dark glasses
			aviators / aviators / aviator sunglasses, pilot sunglasses / frame=aviator
			cat-eye sunglasses / cat-eye sunglasses / cat eyes / frame=cat-eye
			glasses / glasses / spectacles, eyeglasses, specs, spectacle frames`
	},
	{
		id: 'gloves',
		label: 'gloves',
		division: 'accessories',
		slot: 'hands',
		draws: 'gloves',
		facets: ['sleeveLength', 'material', 'texture', 'sheen', 'formality'],
		types: `
			*gloves / gloves / glove
			driving gloves / driving gloves
			opera gloves / opera gloves / evening gloves, long gloves, elbow gloves / sleeveLength=elbow
			fingerless gloves / fingerless gloves / arm warmers, wrist warmers
			mittens / mittens / mitts`
	}
];
