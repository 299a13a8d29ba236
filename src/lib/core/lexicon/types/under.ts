import type { FamilySource } from './source';

export const under = [
	{
		id: 'hosiery',
		label: 'hosiery and socks',
		division: 'under',
		slot: 'hosiery',
		draws: 'tights',
		facets: ['opacity', 'sheen', 'texture', 'material', 'shaft', 'weight', 'hemDetail'],
		types: `
			tights: *tights / tights / us:pantyhose, hose, hosiery
			sheer-tights: sheer tights / sheer tights / us:nylons, nylon tights, barely-there tights, sheer tight / opacity=sheer
			opaque-tights: opaque tights / opaque tights / opaques, thick tights, opaque tight, denier tight / opacity=opaque
			fishnet-tights: fishnet tights / fishnet tights / fishnets, fishnet tight, fishnet stockings
			footless-tights: footless tights / footless tights
			stockings: stockings / stockings / hold-ups, us:thigh-highs, support stockings, silk stockings, support hose

			socks: socks / socks / sock, crew socks, tube socks, sweat socks, sports socks, athletic socks, football socks, ski socks, boot socks
			ankle-socks: ankle socks / ankle socks / trainer socks, tabi socks, us:bobby socks, frilly socks, bobby socks, bobbysocks, bobbysock, tabi / shaft=ankle
			knee-socks: knee socks / knee socks / long socks, knee-high socks, knee-highs / shaft=knee
			over-knee-socks: over-knee socks / over-knee socks / over-the-knee socks, thigh socks / shaft=over-knee
			leg-warmers: leg warmers / leg warmers / us:legwarmers / shaft=knee
			gaiters: gaiters / gaiters / spats, puttees, gaiter / shaft=ankle`
	},
	{
		id: 'underpinnings',
		label: 'underpinnings',
		division: 'under',
		slot: 'under',
		draws: 'under',
		facets: ['fit', 'material', 'opacity', 'weight', 'hemLength', 'closure', 'texture'],
		types: `
			bra: bra / bras / brassiere, push-up bra, t-shirt bra, tee-shirt bra, balconette bra, plunge bra, underwired bra, nursing bra
			strapless-bra: strapless bra / strapless bras / multiway bra
			sports-bra: sports bra / sports bras
			bralette: bralette / bralettes / soft bra, lace bra, bra top, bralet, bralets

			briefs: briefs / briefs / uk:pants, underpants, underwear, knickers, panties, y-fronts, undies, us:underpants, drawers, thong, g-string, panty, knicker, jockstrap, skivvies, french knickers, bikini briefs
			boxer-shorts: boxer shorts / boxer shorts / boxers
			slip-shorts: slip shorts / slip shorts / anti-chafe shorts, bloomers, tap shorts

			undervest: undervest / undervests / us:undershirt, thermal vest, base layer, thermals, long johns, longjohns, string vest, long underwear, thermal underwear, singlet vest
			slip: slip / slips / underslip, full slip, underdress, under-dress
			half-slip: half slip / half slips / waist slip
			petticoat: petticoat / petticoats / crinoline, underskirt, net petticoat, hoopskirt, hoop skirt, farthingale, crinoline petticoat
			saree-petticoat: saree petticoat / saree petticoats / sari petticoat, saree shapewear

			shapewear: shapewear / shapewear / control slip, girdle, roll-on, panty girdle, foundation garment
			suspender-belt: suspender belt / suspender belts / uk:suspenders, us:garter belt, garters

			detachable-collar: detachable collar / detachable collars / false collar, dickey`
	}
] as const satisfies readonly FamilySource[];
