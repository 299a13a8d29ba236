import { small, type FamilySource } from './source';

export const accessories = [
	{
		id: 'belts',
		label: 'belts',
		division: 'accessories',
		slot: 'waist',
		draws: 'belt',
		facets: [...small],
		usual: { size: 'medium' },
		types: `
			belt: *belt / belts / leather belt, tie belt, self belt, self-tie belt, sword belt, money belt, web belt, webbing belt, baldric, bandolier, bandoleer
			skinny-belt: skinny belt / skinny belts / thin belt, narrow belt / size=small
			wide-belt: wide belt / wide belts / waist belt, cinch belt, waspie / size=large
			western-belt: western belt / western belts / cowboy belt, big-buckle belt, concho belt, concha belt / size=large
			corset-belt: corset belt / corset belts / obi belt, obi, waist cincher / size=oversized
			harness: harness / harnesses / body harness, leather harness / material=leather size=small

			sash: sash / sashes / waist sash, ribbon belt / size=large
			cummerbund: cummerbund / cummerbunds / / size=large
			kamarbandh: kamarbandh / kamarbandhs / kamarband, waist chain, hip chain / material=metal

			chain-belt: chain belt / chain belts / coin belt, disc belt / material=metal size=small

			braces: braces / braces / us:suspenders, pair of braces, galluses`
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
			scarf: *scarf / scarves / long scarf, muffler, scarfs, neckpiece
			skinny-scarf: skinny scarf / skinny scarves / thin scarf / size=small
			neckerchief: neckerchief / neckerchiefs / bandana, square scarf, silk square, neck scarf, foulard, kerchief, bandanna, neckcloth / size=small

			blanket-scarf: blanket scarf / blanket scarves / oversized scarf, big scarf / size=oversized
			snood: snood / snoods / infinity scarf, cowl scarf
			shawl: shawl / shawls / stole, wrap, pashmina, evening wrap, rebozo, prayer shawl, tallit, tallis / size=large

			fur-stole: fur stole / fur stoles / tippet, furs / material=fur
			faux-fur-stole: faux-fur stole / faux-fur stoles / fake-fur stole / material=faux-fur
			feather-boa: feather boa / feather boas / boa / material=feather

			jabot: jabot / jabots / ruff, guimpe, fichu, tucker
			cravat: cravat / cravats / stock, ascot, day cravat, stock tie, riding stock, hunting stock / size=small
			bow-tie: bow tie / bow ties / bowtie, dicky bow, hand-tied bow, self-tied bow, hand-tied bow tie, self-tie bow tie / size=small
			tie: tie / ties / us:necktie, knitted tie, skinny tie, string tie, kipper tie / size=small`
	},
	{
		id: 'pocket-squares',
		label: 'pocket squares',
		division: 'accessories',
		slot: 'brooch',
		draws: 'brooch',
		facets: [...small],
		types: `
			pocket-square: pocket square / pocket squares / breast-pocket handkerchief, square in the pocket, square in the breast pocket, square in the top pocket, us:pocket handkerchief, hankie, hanky, handkerchief / size=small`
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
			hat: *hat / hats / brimmed hat, chapeau, cavalier hat, poke bonnet, sunbonnet, sun bonnet, mobcap, mob cap, mortarboard, homburg hat, tyrolean hat, alpine hat, slouch hat, campaign hat, ten-gallon hat, plug hat, church hat, dress hat

			fedora: fedora / fedoras / trilby, felt hat, pork pie hat, homburg, porkpie, porkpie hat, pork-pie hat
			wide-brimmed-hat: wide-brimmed hat / wide-brimmed hats / floppy hat, picture hat / brim=wide
			straw-hat: straw hat / straw hats / sun hat, panama hat, panama, sombrero / material=straw brim=wide
			boater: boater / boaters / boater hat, skimmer / material=straw
			cowboy-hat: cowboy hat / cowboy hats / western hat, rancher hat / brim=wide

			bowler-hat: bowler hat / bowler hats / bowler, us:derby, us:derby hat
			top-hat: top hat / top hats / topper, opera hat, high hat, stovepipe hat, silk hat, silk topper
			helmet: helmet / helmets / pith helmet, sun helmet, topee, pith hat, crash helmet, cycle helmet, bike helmet, hard hat, tin hat
			tricorne: tricorne / tricornes / tricorn, tricorne hat, tricorn hat, bicorne, bicorn, bicorne hat, bicorn hat, cocked hat

			beret: beret / berets / tam o’shanter, tam o shanter, tam, tammy
			cloche: cloche / cloches / cloche hat, bonnet
			bucket-hat: bucket hat / bucket hats / rain hat, sou'wester / brim=narrow
			pillbox-hat: pillbox hat / pillbox hats / pillbox / brim=none

			beanie: beanie / beanies / knitted hat, bobble hat, woolly hat, us:knit cap, watch cap, toque, ski cap, stocking cap, ski hat

			baker-boy-cap: baker boy cap / baker boy caps / newsboy cap, breton cap, fisherman cap, us:newsboy hat, sailor cap, captain's cap, captain's hat, skipper's cap, mariner's cap, peaked cap, kepi, yachting cap, service cap, garrison cap, forage cap, officer’s cap, peaked hat
			flat-cap: flat cap / flat caps / tweed cap, deerstalker, cloth cap
			baseball-cap: baseball cap / baseball caps / cap, us:ball cap, us:trucker hat, uk:trucker cap, snapback, fitted cap
			visor: visor / visors / sun visor
			swim-cap: swim cap / swim caps / swimming cap, bathing cap, shower cap / brim=none material=rubber

			trapper-hat: trapper hat / trapper hats / ushanka, papakha / material=faux-fur
			fur-hat: fur hat / fur hats / bearskin, busby, shako, coonskin cap, coonskin hat, beaver hat / material=fur
			hood: hood / hoods / balaclava, cowl hood, ski mask, balaclava helmet

			turban: turban / turbans / head wrap, headwrap, headtie, head tie, gele
			pagri: pagri / pagris / safa, dastar, patka
			headscarf: headscarf / headscarves / head scarf, hair scarf, hair scarves, keffiyeh, babushka, kaffiyeh, kufiya, kefiyeh, shemagh, wimple
			hijab: hijab / hijabs / shayla, niqab, burqa, burka, burkha, chador, chadar, khimar, tudung, al-amira

			kufi: kufi / kufis / taqiyah, prayer cap, fez, skullcap, skull cap, yarmulke, yarmulka, kippah, kippa, taqiyah cap, tarboosh, topi

			bridal-veil: bridal veil / bridal veils / veil, cathedral veil, chapel veil, birdcage veil, mantilla, face veil, netted veil`
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
			headband: *headband / headbands / us:hairband, alice band, hair band, padded headband, sweatband, circlet, earmuffs, ear muffs, ear warmer
			hair-bow: hair bow / hair bows / bow, ribbon, hair ribbon, velvet bow, hairnet, hair net, hair snood
			scrunchie: scrunchie / scrunchies / hair tie

			hair-clip: hair clip / hair clips / hair slide, slide, clip, clips, us:barrette, barrettes, hairclip, clip in the hair, clips in the hair, hair grip, claw clip, hair claw, claw in the hair, butterfly clip, snap clip, bobby pin
			hair-comb: hair comb / hair combs / decorative comb, comb
			hair-pins: hair pins / hair pins / hairpins, pearl pins

			tiara: tiara / tiaras / diadem, crown, coronet, jewelled headpiece, jewelled headdress
			flower-crown: flower crown / flower crowns / hair flowers, gajra, flower in the hair, flower behind the ear, flowers in the hair, rose in the hair, roses in the hair, rose behind the ear, orchid in the hair, gardenia in the hair, camellia in the hair, peony in the hair, gardenia behind the ear, camellia in the hair, jasmine in the hair, jasmine garland, white flowers in the hair, lilies in the hair, lily in the hair, hibiscus in the hair, orchids in the hair, peony in the hair, petals in the hair, blossom in the hair, daisies in the hair
			fascinator: fascinator / fascinators / cocktail hat / size=medium
			hair-feather: hair feather / hair feathers / feather in the hair, feathers in the hair, plume in the hair, plumes in the hair, ostrich feather in the hair, ostrich feathers in the hair, feather behind the ear, feather headpiece, feathered headpiece / material=feather

			maang-tikka: maang tikka / maang tikkas / tikka, maangtikka, mang tikka
			matha-patti: matha patti / matha pattis / mathapatti, head chain`
	},
	{
		id: 'eyewear',
		label: 'eyewear',
		division: 'accessories',
		slot: 'eyes',
		draws: 'eyewear',
		facets: ['frame', 'size', 'material', 'opacity'],
		types: `
			sunglasses: *sunglasses / sunglasses / shades, sunnies, dark glasses
			aviators: aviators / aviators / aviator sunglasses, pilot sunglasses / frame=aviator
			cat-eye-sunglasses: cat-eye sunglasses / cat-eye sunglasses / cat eyes / frame=cat-eye
			glasses: glasses / glasses / spectacles, eyeglasses, specs, spectacle frames, monocle, pince-nez, bifocals, varifocals, reading glasses, lorgnette, goggles, ski goggles
			mask: mask / masks / half mask, eye mask, domino mask, masquerade mask, carnival mask, face mask`
	},
	{
		id: 'gloves',
		label: 'gloves',
		division: 'accessories',
		slot: 'hands',
		draws: 'gloves',
		facets: ['sleeveLength', 'material', 'texture', 'sheen', 'formality'],
		types: `
			gloves: *gloves / gloves / glove, gauntlets, gauntlet gloves, riding gloves, golf gloves, golf glove
			driving-gloves: driving gloves / driving gloves
			opera-gloves: opera gloves / opera gloves / evening gloves, long gloves, elbow gloves / sleeveLength=elbow
			fingerless-gloves: fingerless gloves / fingerless gloves / arm warmers, wrist warmers
			mittens: mittens / mittens / mitts
			muff: muff / muffs / hand warmer, fur muff`
	}
] as const satisfies readonly FamilySource[];
