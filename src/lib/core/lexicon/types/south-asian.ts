import { bodiced, cloth, legged, skirted, sleeved, type FamilySource } from './source';

export const southAsian = [
	{
		id: 'kurtas',
		label: 'kurtas and cholis',
		division: 'south-asian',
		slot: 'top',
		draws: 'top',
		facets: [...cloth, ...sleeved, 'hemLength', 'closure', 'collar'],
		usual: {
			fit: 'regular',
			topLength: 'thigh',
			sleeveLength: 'three-quarter',
			neckline: 'keyhole',
			collar: 'band'
		},
		types: `
			kurta: *kurta / kurtas / kurti, kurtis, kameez, qameez, long kurta / hemLength=knee
			short-kurta: short kurta / short kurtas / short kurti, kurta shirt / topLength=hip
			straight-kurta: straight kurta / straight kurtas / straight-cut kurta / fit=regular hemLength=knee
			a-line-kurta: A-line kurta / A-line kurtas / flared kurta / fit=relaxed hemLength=knee
			angrakha: angrakha / angrakhas / angarkha, wrap kurta / neckline=wrap hemLength=knee collar=collarless
			pathani-kurta: pathani kurta / pathani kurtas / pathani / collar=shirt fit=relaxed hemLength=knee
			peplum-kurta: peplum kurta / peplum kurtas / peplum kurti / topLength=waist

			choli: choli / cholis / saree blouse, sari blouse, lehenga blouse / topLength=cropped sleeveLength=short fit=close neckline=scoop collar=collarless
			backless-choli: backless choli / backless cholis / tie-back choli, dori blouse / topLength=cropped sleeveLength=short fit=close back=open collar=collarless neckline=scoop`
	},
	{
		id: 'sherwanis',
		label: 'sherwanis and jackets',
		division: 'south-asian',
		slot: 'layer',
		draws: 'jacket',
		facets: [...cloth, ...sleeved, 'hemLength', 'shoulder', 'closure', 'collar'],
		usual: {
			fit: 'tailored',
			sleeveLength: 'long',
			topLength: 'thigh',
			collar: 'mandarin',
			closure: 'buttoned'
		},
		types: `
			sherwani: *sherwani / sherwanis / achkan, achkans, sherwani coat / hemLength=knee
			bandhgala: bandhgala / bandhgalas / jodhpuri jacket, jodhpuri, bandhgala jacket, nehru jacket, prince coat / topLength=hip
			bandi: bandi / bandis / sadri, band-collar waistcoat, sleeveless bandi / sleeveLength=sleeveless topLength=hip
			long-ethnic-jacket: long ethnic jacket / long ethnic jackets / shrug jacket, koti, embroidered koti / closure=open collar=collarless hemLength=knee sleeveLength=sleeveless`
	},
	{
		id: 'anarkalis',
		label: 'anarkalis and suits',
		division: 'south-asian',
		slot: 'whole',
		draws: 'dress',
		facets: [...cloth, ...skirted, ...bodiced],
		usual: {
			fit: 'tailored',
			hemLength: 'maxi',
			skirtShape: 'full',
			sleeveLength: 'long',
			waistline: 'empire'
		},
		types: `
			anarkali: *anarkali / anarkalis / anarkali suit, anarkali gown, anarkali dress
			gharara-set: gharara set / gharara sets / gharara suit / hemLength=floor
			sharara-set: sharara set / sharara sets / sharara suit / hemLength=floor
			pre-draped-saree: pre-draped saree / pre-draped sarees / saree gown, sari gown, ready-to-wear saree / hemLength=floor skirtShape=mermaid
			indo-western-gown: Indo-western gown / Indo-western gowns / fusion gown, drape gown / hemLength=floor`
	},
	{
		id: 'kurta-sets',
		label: 'kurta sets',
		division: 'south-asian',
		slot: 'whole',
		draws: 'two-piece',
		facets: [...cloth, ...sleeved, 'closure', 'collar', 'legLength', 'leg'],
		usual: {
			fit: 'regular',
			topLength: 'thigh',
			sleeveLength: 'three-quarter',
			neckline: 'keyhole',
			legLength: 'full',
			leg: 'tapered'
		},
		types: `
			salwar-kameez: *salwar kameez / salwar kameez / shalwar kameez, salwar suit, punjabi suit, salwar set
			kurta-set: kurta set / kurta sets / kurta suit, kurta pyjama, kurta pajama, kurta palazzo set
			patiala-suit: patiala suit / patiala suits / patiala set / leg=balloon
			churidar-suit: churidar suit / churidar suits / churidar set / leg=skinny
			dhoti-set: dhoti set / dhoti sets / dhoti kurta, dhoti suit / leg=balloon`
	},
	{
		id: 'salwars',
		label: 'salwars',
		division: 'south-asian',
		slot: 'legs',
		draws: 'trousers',
		facets: [...cloth, ...legged],
		usual: { fit: 'relaxed', legLength: 'full', leg: 'tapered', rise: 'high' },
		types: `
			salwar: *salwar / salwars / shalwar
			patiala: patiala / patialas / patiala salwar, patiala shalwar / fit=oversized
			churidar: churidar / churidars / churidar trousers, chudidar / leg=skinny fit=close
			palazzo: palazzo / palazzos / / leg=wide legLength=floor
			sharara: sharara / shararas / sharara trousers, sharara pants / leg=flared legLength=floor
			gharara: gharara / ghararas / gharara trousers / leg=flared legLength=floor
			kurta-pyjama-trousers: kurta pyjama trousers / kurta pyjama trousers / pyjama, pajama trousers, straight pyjama, aligarhi / leg=straight
			cigarette-salwar: cigarette salwar / cigarette salwars / kurta pants, straight salwar, us:kurti pants / leg=slim legLength=ankle
			dhoti: dhoti / dhotis / dhoti trousers, dhoti pants, veshti, mundu / fit=oversized`
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
			lehenga: *lehenga / lehengas / lehnga, lehenga skirt
			ghagra: ghagra / ghagras / chaniya / skirtShape=circle hemLength=ankle
			fishtail-lehenga: fishtail lehenga / fishtail lehengas / mermaid lehenga / skirtShape=mermaid
			pavadai: pavadai / pavadais / langa, half-saree skirt / skirtShape=full`
	},
	{
		id: 'lehenga-sets',
		label: 'lehenga sets',
		division: 'south-asian',
		slot: 'whole',
		draws: 'skirt-set',
		facets: [...cloth, ...sleeved, ...skirted],
		usual: {
			fit: 'close',
			topLength: 'cropped',
			sleeveLength: 'short',
			neckline: 'scoop',
			hemLength: 'floor',
			skirtShape: 'full'
		},
		types: `
			lehenga-choli: *lehenga choli / lehenga cholis / lehenga set, chaniya choli, ghagra choli
			half-saree: half saree / half sarees / langa voni, half sari`
	},
	{
		id: 'drapes',
		label: 'sarees',
		division: 'south-asian',
		slot: 'drape',
		draws: 'saree',
		facets: [...cloth, 'hemDetail'],
		types: `
			saree: *saree / sarees / sari, saris
			banarasi-saree: Banarasi saree / Banarasi sarees / Banarasi, Banarasi silk, Banarasi sari, Benarasi saree / material=brocade
			kanjivaram-saree: Kanjivaram saree / Kanjivaram sarees / Kanjeevaram, Kanjivaram silk, Kanjeevaram silk, Kanchipuram saree, Kanjivaram / material=silk
			chiffon-saree: chiffon saree / chiffon sarees / / material=chiffon
			cotton-saree: cotton saree / cotton sarees / handloom saree, tant saree / material=cotton
			bandhani-saree: bandhani saree / bandhani sarees / bandhej saree`
	},
	{
		id: 'stoles',
		label: 'dupattas',
		division: 'south-asian',
		slot: 'scarf',
		draws: 'dupatta',
		facets: [...cloth, 'hemDetail', 'size'],
		types: `
			dupatta: *dupatta / dupattas / chunni, chunari, odhni, chunnis
			phulkari-dupatta: phulkari dupatta / phulkari dupattas / phulkari / texture=embroidered
			pashmina-shawl: pashmina shawl / pashmina shawls / kashmiri shawl / material=cashmere`
	}
] as const satisfies readonly FamilySource[];
