import { small, type FamilySource } from './source';

export const bags = [
	{
		id: 'handbags',
		label: 'handbags',
		division: 'bags',
		slot: 'bag',
		draws: 'bag',
		facets: [...small, 'strap', 'closure', 'hemDetail'],
		usual: { size: 'medium' },
		types: `
			handbag: *handbag / handbags / us:purse, bag, hand bag, us:pocketbook

			top-handle-bag: top-handle bag / top-handle bags / ladylike bag, frame bag, grab bag / strap=top-handle
			box-bag: box bag / box bags / lunchbox bag, vanity case, train case / strap=top-handle
			doctor-s-bag: doctor's bag / doctor's bags / gladstone bag, bowling bag
			satchel: satchel / satchels / messenger bag, school bag, haversack
			briefcase: briefcase / briefcases / document bag, laptop bag, work bag, attache case

			shoulder-bag: shoulder bag / shoulder bags / / strap=shoulder
			baguette-bag: baguette bag / baguette bags / baguette, pochette, underarm bag / strap=shoulder size=small
			chain-bag: chain bag / chain bags / chain-strap bag, quilted chain bag / strap=shoulder
			crossbody-bag: crossbody bag / crossbody bags / cross-body bag, crossbody, camera bag, sling bag / size=small strap=crossbody
			saddle-bag: saddle bag / saddle bags / / size=medium strap=crossbody
			hobo-bag: hobo bag / hobo bags / slouch bag, slouchy bag, hobo / strap=shoulder size=large
			bucket-bag: bucket bag / bucket bags / drawstring bag
			belt-bag: belt bag / belt bags / uk:bumbag, us:fanny pack, bum bag, waist bag, hip bag / size=small

			clutch: clutch / clutches / evening bag, clutch bag, envelope clutch, pouch / size=small strap=clutch
			minaudiere: minaudiere / minaudieres / minaudière, box clutch, hard clutch / size=micro strap=clutch
			wristlet: wristlet / wristlets / / size=small
			potli: potli / potlis / potli bag, drawstring potli, reticule, etui / size=small
			wallet: wallet / wallets / uk:purse, card holder, us:billfold, coin purse / size=micro

			tote: tote / totes / tote bag, shopper, shopping bag, canvas bag, jhola, jhola bag / size=large
			basket-bag: basket bag / basket bags / straw bag, raffia bag, basket, wicker bag / material=straw
			holdall: holdall / holdalls / us:duffel bag, weekend bag, weekender, gym bag, duffle bag, kit bag, carpet bag / size=oversized

			backpack: backpack / backpacks / rucksack, us:bookbag

			suitcase: suitcase / suitcases / us:luggage, trunk, case / size=oversized

			umbrella: umbrella / umbrellas / parasol, brolly, walking stick, walking cane, swagger stick`
	}
] as const satisfies readonly FamilySource[];
