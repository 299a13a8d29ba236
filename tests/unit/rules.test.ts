import { describe, expect, it } from 'vitest';
import {
	checkLook,
	freshClient,
	type CheckContext,
	type CheckedPiece,
	type Client
} from '../../src/lib/core';
import { forClient, piecesOf } from '../outfits';

const wishes = (...wishedEffects: Client['wishedEffects']) => forClient({ wishedEffects });
const severities = (rule: string, look: string, context: CheckContext = {}) =>
	checkLook(piecesOf(look), context, { only: [rule] }).map(({ severity }) => severity);

/** Each rule beside the nearest look in which it has nothing to say: what makes the difference is what it measures. */
describe('a rule tells a look from its neighbour', () => {
	it.each<[rule: string, why: string, off: string, right: string, context?: CheckContext]>([
		[
			'warm-and-cool',
			'a print that holds both ties them',
			'orange jumper; teal pleated skirt',
			'orange jumper; teal pleated skirt; orange and teal floral scarf'
		],
		['warm-and-cool', 'neutrals go with both', 'orange jumper; teal skirt', 'orange jumper; navy skirt'],
		[
			'too-many-colours',
			'related colours are one',
			'red jumper; cobalt blue trousers; yellow handbag; green court shoes',
			'red jumper; pink trousers; yellow handbag; green court shoes'
		],
		[
			'heavy-white',
			'something dark answers it',
			'oversized white shirt; olive trousers; tan sandals',
			'oversized white shirt; olive trousers; black sandals'
		],
		[
			'socks',
			'they repeat a colour of the outfit',
			'grey trousers; navy jumper; black loafers; yellow socks',
			'grey trousers; yellow jumper; black loafers; yellow socks'
		],
		[
			'bag-and-shoe',
			'one of them returns',
			'grey suit; green handbag; red court shoes',
			'grey suit; green handbag; red court shoes; red scarf'
		],
		[
			'belt-and-shoe',
			'the belt is of the shoes’ leather',
			'navy suit; white shirt; brown belt; black Oxford shoes',
			'navy suit; white shirt; black belt; black Oxford shoes'
		],
		[
			'odd-suit',
			'one of the two is plain',
			'navy chalk-stripe blazer; grey pinstripe trousers; white shirt; black Oxford shoes',
			'navy chalk-stripe blazer; grey trousers; white shirt; black Oxford shoes'
		],
		[
			'odd-suit',
			'they are the same cloth',
			'navy pinstripe blazer; grey pinstripe trousers; white shirt; black Oxford shoes',
			'navy pinstripe blazer; navy pinstripe trousers; white shirt; black Oxford shoes'
		],
		[
			'bare-places',
			'one of them is covered',
			'plunging cropped halter top; black mini skirt; black heels',
			'plunging cropped halter top; black maxi skirt; black heels'
		],
		[
			'bare-places',
			'over tights no thigh is bare',
			'low-cut crop top with an open back; denim mini skirt',
			'low-cut crop top; black opaque tights; denim mini skirt'
		],
		[
			'tie-and-sleeve',
			'the sleeves are long',
			'short-sleeved white shirt; navy tie; grey trousers',
			'white shirt, sleeves rolled; navy tie; grey trousers'
		],
		[
			'tie-and-sleeve',
			'a jacket covers them',
			'short-sleeved white shirt; black bow tie; grey trousers',
			'short-sleeved white shirt; black bow tie; grey trousers; grey blazer'
		],
		[
			'evening-shoes',
			'the shoes are black',
			'black dinner jacket; white evening shirt; black dinner trousers; brown brogues',
			'black dinner jacket; white evening shirt; black dinner trousers; black patent shoes'
		],
		[
			'evening-shoes',
			'velvet slippers belong to the evening',
			'dinner suit; white shirt; black bow tie; tan loafers',
			'dinner suit; white shirt; black bow tie; brown velvet slippers'
		],
		[
			'open-toes',
			'the toe is closed',
			'red dress; black opaque tights; black peep-toe court shoes',
			'red dress; black opaque tights; black court shoes'
		],
		[
			'open-toes',
			'socks with sandals are a look of their own',
			'red dress; sheer tights; black strappy sandals',
			'red dress; white socks; black strappy sandals'
		],
		[
			'busy-neck',
			'nothing crosses the neckline',
			'red one-shoulder gown; gold pendant necklace; gold heels',
			'red v-neck gown; gold pendant necklace; gold heels'
		],
		[
			'formality-apart',
			'the watch is no sports watch',
			'black evening gown; sports watch; satin clutch; black court shoes',
			'black evening gown; gold watch; satin clutch; black court shoes'
		],
		[
			'belt-and-shoe',
			'nothing is cut as for a suit',
			'grey tailored trousers; tan leather belt; black brogues; white shirt',
			'blue jeans; tan leather belt; black brogues; white shirt'
		],
		[
			'belt-and-shoe',
			'the belt is of a colour of its own',
			'charcoal suit; black belt; brown derby shoes; pale blue shirt',
			'charcoal suit; red belt; brown derby shoes; pale blue shirt'
		],
		[
			'hem-and-boot',
			'tights close the gap',
			'knee-length grey skirt; black knee-high boots',
			'knee-length grey skirt; black knee-high boots; black opaque tights'
		],
		[
			'hem-and-boot',
			'a midi covers the shaft',
			'knee-length skirt; knee-high boots',
			'midi skirt; knee-high boots'
		],
		[
			'rides-up',
			'slip shorts hold it',
			'black bodycon mini dress',
			'black bodycon mini dress; black slip shorts'
		],
		['rides-up', 'a hem at the knee stays', 'black bodycon mini dress', 'black bodycon dress, knee length'],
		[
			'bunches',
			'fine knit tucks flat',
			'chunky-knit cream jumper tucked in; blue jeans',
			'fine-knit cream jumper tucked in; blue jeans'
		],
		[
			'bunches',
			'a loose layer has room',
			'bishop-sleeve ivory blouse; tailored navy blazer',
			'bishop-sleeve ivory blouse; oversized navy blazer'
		],
		[
			'lone-texture',
			'satin keeps velvet company',
			'grey sweatshirt; blue jeans; black velvet belt',
			'black satin camisole; blue jeans; black velvet belt'
		],
		[
			'costume',
			'one plainly modern piece mends it',
			'red swing dress; white gloves; cat-eye sunglasses; pearl necklace; red kitten heels',
			'red swing dress; white gloves; cat-eye sunglasses; pearl necklace; white trainers'
		],
		[
			'formality-apart',
			'something between bridges it',
			'hoodie; dinner trousers; patent oxford shoes',
			'knitted polo; tailored trousers; patent oxford shoes'
		],
		[
			'shows-through',
			'a camisole underneath',
			'sheer ivory organza blouse; black trousers',
			'ivory silk blouse; black trousers'
		],
		[
			'straps',
			'a strapless bra does not show',
			'strapless red gown; black bra',
			'strapless red gown; strapless bra'
		],
		[
			'prints-together',
			'they share a colour and a kind of line',
			'striped navy shirt; pink floral skirt',
			'striped navy shirt; navy checked skirt'
		],
		[
			'denim-on-denim',
			'clearly different washes are a choice',
			'mid-wash denim shirt; slightly darker mid-wash jeans',
			'light-wash denim shirt; dark-wash jeans'
		],
		[
			'metals-together',
			'each metal twice is meant',
			'gold necklace; silver watch; gold hoops',
			'gold necklace; silver watch; gold hoops; silver bangle',
			{ schools: { metals: 'mix-no-odd-one' } }
		],
		[
			'busy-neck',
			'a bare neck',
			'ivory pussy-bow blouse; pearl necklace',
			'ivory pussy-bow blouse; pearl earrings'
		],
		['hidden-earrings', 'hair that is up', 'loose hair; gold studs', 'hair in a low bun; gold studs'],
		[
			'logos',
			'no lettering',
			'slogan t-shirt; jeans',
			'white t-shirt; jeans',
			{ schools: { logos: 'never' } }
		],
		[
			'one-colour',
			'the family throughout',
			'burgundy jumper; grey trousers',
			'burgundy jumper; wine trousers',
			{ schools: { colours: 'one-colour' } }
		],
		[
			'fitted',
			'a belt holds it',
			'oversized grey jumper',
			'oversized grey jumper, belted',
			{ schools: { sizing: 'fitted-to-the-body' } }
		],
		[
			'trouser-end',
			'long enough to stack',
			'cropped black jeans; white trainers',
			'full-length black jeans; white trainers',
			{ schools: { hems: 'stacked' } }
		],
		[
			'trouser-end',
			'tucked in as wanted',
			'black slim jeans; black knee-high boots',
			'black slim jeans tucked into boots; black knee-high boots',
			{ schools: { hems: 'boot-over' } }
		],
		[
			'wished-effects',
			'a V neck lengthens',
			'black roll-neck jumper',
			'black V-neck jumper',
			wishes('longer-neck')
		],
		[
			'wished-effects',
			'a layer makes up for bare arms',
			'sleeveless navy dress',
			'sleeveless navy dress; long-sleeved navy blazer',
			wishes('cover')
		],
		[
			'long-line',
			'the shoe goes on from the trouser',
			'black trousers; white trainers',
			'black trousers; black loafers',
			wishes('longer-leg')
		],
		[
			'waist-unmarked',
			'a belt marks it',
			'relaxed white shirt; trousers',
			'relaxed white shirt; trousers; belt',
			wishes('marked-waist')
		],
		[
			'client-limits',
			'no wool in it',
			'grey wool jumper',
			'grey cotton jumper',
			forClient({ avoidMaterials: ['wool'] })
		],
		[
			'out-of-season',
			'for that weather',
			'wool coat; jeans',
			'linen shirt; jeans',
			{ event: { dressCode: '', weather: { airC: 28, rain: false } } }
		],
		[
			'rain',
			'leather takes it',
			'suede boots',
			'leather boots',
			{ event: { dressCode: '', weather: { airC: 9, rain: true } } }
		],
		[
			'two-volumes',
			'sports things are loose by their kind',
			'oversized jumper; joggers; white trainers',
			'grey hoodie; joggers; white trainers'
		],
		[
			'white-at-wedding',
			'a print that is not white alone',
			'ivory dress; nude heels',
			'ivory and red floral dress; nude heels',
			{ event: { title: 'Cousin’s wedding', dressCode: '' } }
		],
		[
			'white-at-wedding',
			'something large is not white',
			'cream silk blouse; white trousers; tan sandals',
			'cream silk blouse; navy trousers; tan sandals',
			{ event: { title: '', dressCode: 'wedding guest' } }
		],
		[
			'white-at-wedding',
			'a colour however pale',
			'ivory slip dress; nude heels',
			'pale pink slip dress; nude heels',
			{ event: { title: 'Wedding on the pier', dressCode: '' } }
		],
		[
			'white-at-table',
			'no food',
			'white linen trousers',
			'navy linen trousers',
			{ event: { title: 'Long lunch', dressCode: '' } }
		],
		[
			'dress-code',
			'dressed for it',
			'hoodie; jeans',
			'cocktail dress; high-heeled sandals',
			{ event: { dressCode: 'cocktail' } }
		],
		[
			'rain',
			'a hem off the floor stays dry',
			'floor-length wool skirt; leather boots',
			'knee-length wool skirt; leather boots',
			{ event: { dressCode: '', weather: { airC: 9, rain: true } } }
		],
		['gapes', 'jersey gives', 'skin-tight buttoned cotton shirt', 'skin-tight buttoned jersey shirt'],
		['gapes', 'a zip holds', 'skin-tight shirt dress', 'skin-tight bodycon dress'],
		[
			'prepare',
			'nobody packs',
			'linen suit',
			'wool suit',
			{ event: { title: 'Train to the coast', dressCode: '' } }
		],
		[
			'formality-apart',
			'trousers between them',
			'joggers; dinner jacket',
			'tailored trousers; dinner jacket'
		],
		[
			'stray-colour',
			'the bag answers the shoe',
			'grey suit; lime green court shoes; black handbag',
			'grey suit; lime green court shoes; green handbag'
		],
		[
			'stray-colour',
			'an evening bag is a jewel',
			'black dress; black court shoes; red tote',
			'black dress; black court shoes; red clutch'
		],
		[
			'stray-colour',
			'gold is a metal, and mustard is none',
			'cobalt blue dress; cobalt blue court shoes; mustard tote',
			'cobalt blue dress; cobalt blue court shoes; gold tote'
		],
		['shows-through', 'a gown is made up over a lining', 'chiffon blouse', 'chiffon evening gown'],
		[
			'shows-through',
			'a camisole beneath',
			'sheer black blouse; jeans',
			'sheer black blouse; black camisole; jeans'
		],
		[
			'busy-neck',
			'a necklace that hangs below it',
			'black roll-neck jumper; pearl necklace',
			'black roll-neck jumper; gold pendant'
		],
		[
			'bunches',
			'thin knit has room',
			'thick jumper; fitted blazer',
			'fine-knit merino jumper; fitted blazer'
		],
		[
			'hem-and-boot',
			'of plain boots nobody knows the height',
			'knee-length skirt; knee-high boots',
			'knee-length skirt; boots'
		],
		[
			'client-limits',
			'a refused colour, and its neighbours not',
			'orange dress',
			'red dress',
			forClient({ coloursRefused: ['orange'] })
		],
		[
			'limits-of-looks',
			'never double denim',
			'denim jacket; blue jeans',
			'denim jacket; black trousers',
			forClient({ limits: { never: ['double denim'] } })
		],
		[
			'client-limits',
			'no leather, whatever the name says of it',
			'black biker jacket',
			'black denim jacket',
			forClient({ ethics: { fur: true, leather: false } })
		],
		...(
			[
				[{ reach: 'none-at-the-back' }, 'black sheath dress', 'navy shirt dress'],
				[{ reach: 'none-at-the-back' }, 'black zip-up dress', 'black wrap dress'],
				[{ reach: 'front-only' }, 'navy culottes', 'navy jeans'],
				[{ hand: 'left' }, 'green tea dress', 'green pull-on tea dress'],
				[{ hand: 'right' }, 'black cheongsam', 'green tea dress'],
				[{ hand: 'right' }, 'black oxfords', 'black loafers'],
				[{ hand: 'left' }, 'white trainers', 'white velcro trainers'],
				[{ overHead: false }, 'navy jumper; grey trousers', 'navy cardigan; white shirt; grey trousers'],
				[{ pockets: true }, 'silk blouse; pencil skirt', 'silk blouse; navy trousers'],
				[{ light: true }, 'shearling coat; jeans', 'linen jacket; jeans'],
				[{ softSeams: true }, 'mohair jumper', 'cotton jumper'],
				[{ tightSpots: ['neck'] }, 'roll-neck jumper', 'crew-neck jumper'],
				[{ tightSpots: ['waist'] }, 'black dress; wide belt', 'black shift dress'],
				[{ tightSpots: ['calf'] }, 'grey skirt; knee boots', 'grey skirt; ankle boots'],
				[{ tightSpots: ['thigh'] }, 'skinny jeans', 'wide-leg jeans'],
				[{ tightSpots: ['foot'] }, 'pointed court shoes', 'round-toe court shoes']
			] as const
		).map(([given, off, right]): [string, string, string, string, CheckContext] => [
			'handling',
			JSON.stringify(given),
			off,
			right,
			forClient({ handling: { ...freshClient({ id: '' }).handling, ...(given as object) } })
		]),
		[
			'client-metals',
			'silver for one who wears gold',
			'silver hoops',
			'gold hoops',
			forClient({ metals: ['gold'] })
		],
		['client-metals', 'brass goes with gold', 'steel watch', 'brass cuff', forClient({ metals: ['gold'] })],
		['too-bold', 'for a quiet client', 'leopard-print dress', 'navy dress', forClient({ boldness: 'quiet' })],
		[
			'dress-code',
			'flat soles',
			'black stilettos',
			'black loafers',
			{ event: { dressCode: 'smart, flat soles' } }
		],
		[
			'dress-code',
			'what the host rules out',
			'blue jeans',
			'navy wool trousers',
			{ event: { dressCode: 'smart casual, no jeans' } }
		],
		[
			'dress-code',
			'all of it too dressy',
			'black evening gown',
			'striped tee; jeans',
			{ event: { dressCode: 'casual' } }
		],
		[
			'high-for-long',
			'hours on the feet',
			'heeled sandals',
			'loafers',
			{ event: { dressCode: '', standingHours: 3 } }
		],
		[
			'high-for-long',
			'a walk in a middling heel',
			'block heels',
			'loafers',
			{ event: { dressCode: '', walkingKm: 2 } }
		],
		[
			'white-at-table',
			'where food is served',
			'white dress',
			'navy dress',
			{ event: { dressCode: '', food: 'seated' } }
		],
		...[
			['strapless', 'strapless black top', 'sleeveless black top'],
			['upper arms', 'sleeveless black dress', 'long-sleeved black dress'],
			['bare shoulders', 'bardot top', 'crew-neck top'],
			['backless', 'backless black dress', 'black dress'],
			['see-through', 'sheer black blouse', 'black blouse'],
			['anything that rustles', 'taffeta skirt', 'wool skirt'],
			['polka dots', 'polka-dot blouse', 'striped blouse'],
			['skinny jeans', 'skinny jeans', 'wide-leg jeans'],
			['jeans', 'flared jeans', 'tailored trousers'],
			['red trousers', 'red trousers', 'red skirt'],
			['roll necks', 'roll-neck jumper', 'crew-neck jumper'],
			['silver', 'silver necklace', 'gold necklace']
		].map(([limit = '', off = '', right = '']): [string, string, string, string, CheckContext] => [
			'client-limits',
			`never ${limit}`,
			off,
			right,
			forClient({ limits: { never: [limit] } })
		]),
		[
			'client-limits',
			'mohair is wool',
			'mohair jumper',
			'cotton jumper',
			forClient({ avoidMaterials: ['wool'] })
		],
		[
			'client-limits',
			'steel often holds nickel',
			'steel necklace',
			'platinum necklace',
			forClient({ allergies: ['nickel'] })
		]
	])('%s: %s', (rule, _why, off, right, context) => {
		const faults = (look: string) => severities(rule, look, context).filter((one) => one !== 'praise');
		expect(faults(off).length, off).toBeGreaterThan(0);
		expect(faults(right), right).toEqual([]);
	});
});

describe('white at a wedding', () => {
	const told = (dressCode: string) =>
		severities('white-at-wedding', 'ivory dress; nude heels', { event: { title: 'A wedding', dressCode } });
	it.each(['please do not wear white', 'no guests in white', 'a friend of the bride', 'smart'])(
		'is raised where the invitation says “%s”',
		(said) => expect(told(said)).toEqual(['hint'])
	);
	it.each(['all white, barefoot', 'everybody in white', 'she goes as the bride', 'rehearsal dinner'])(
		'is nothing to speak of where it says “%s”',
		(said) => expect(told(said)).toEqual([])
	);
});

describe('praise', () => {
	it.each([
		['accent-pulled', 'navy dress; red belt', 'navy floral dress with red flowers; red belt'],
		['tonal', 'grey jumper; red trousers', 'pale grey jumper; charcoal trousers'],
		['bag-and-shoe', 'burgundy handbag; navy court shoes', 'burgundy handbag; burgundy court shoes'],
		['repeated-shape', 'tan suede jacket; black leather boots', 'tan suede jacket; tan suede boots'],
		['two-notes', 'grey blazer; white t-shirt', 'grey blazer; ivory lace camisole']
	])('%s is said only of the look that earns it', (rule, plain, earned) => {
		expect(severities(rule, plain)).not.toContain('praise');
		expect(severities(rule, earned)).toContain('praise');
	});
});

describe('to prepare before the day', () => {
	const [shoes] = piecesOf('high-heeled black court shoes');
	const told = (more: Partial<CheckedPiece>) =>
		checkLook([{ ...shoes!, ...more }], {}, { only: ['prepare'] }).map(({ severity, measured }) => ({
			severity,
			measured
		}));
	it('is nothing for what is ready', () => expect(told({ state: 'ready' })).toEqual([]));
	it('is care for what needs it', () =>
		expect(told({ state: 'needs-care' })).toMatchObject([
			{ severity: 'hint', measured: expect.stringContaining('needs care') }
		]));
	it('is getting back what is away', () =>
		expect(told({ state: 'away' })).toMatchObject([
			{ severity: 'warning', measured: expect.stringContaining('back in time') }
		]));
	it('is wearing in new heels, and not what others wore before', () => {
		expect(told({ bought: { tier: 'save', condition: 'new' } })).toMatchObject([
			{ measured: expect.stringContaining('wear it in') }
		]);
		expect(told({ bought: { tier: 'save', condition: 'good' } })).toEqual([]);
	});
});

describe('severity is honest', () => {
	it('a habit never warns', () => {
		const looks = [
			'oversized grey hoodie; black wide-leg trousers',
			'leopard coat; sequin skirt',
			'loose hair; studs'
		];
		for (const look of looks)
			for (const { standing, severity } of checkLook(piecesOf(look)))
				if (standing === 'habit') expect(severity).not.toBe('warning');
	});
	it('an empty look has nothing to say, and one without colours or details makes nothing up', () => {
		expect(checkLook([])).toEqual([]);
		expect(checkLook(piecesOf('jumper; trousers; shoes'))).toEqual([]);
	});
});
