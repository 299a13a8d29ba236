import type { MoveId } from './moves';
import type { TypeId } from './types';

/** Worn in no other way than tied: that it is knotted, and where, is no move. */
export const tiedToWear: ReadonlySet<TypeId> = new Set([
	'sarong',
	'dhoti',
	'headscarf',
	'turban',
	'sash',
	'headband'
]);

/** How moves are said, besides their labels: only the reader needs it. "Tied/knotted round the neck" is said with either word. */
export const sayingsOfMoves: Readonly<Record<MoveId, string>> = {
	'half-tucked':
		'half-tuck, half tuck, half tucked in, half-tucked-in, front tucked, tucked at the front, front-tuck, tucked in at the front, french tuck, french-tucked, partly tucked, loosely tucked, one side tucked in',
	tucked: 'tucked, tucked into the waistband, fully tucked, tucked-in, neatly tucked',
	untucked:
		'untucked, left untucked, not tucked, hanging out, worn out over the waistband, tails out, tail out, tails hanging out, shirt tails out, tails untucked',
	'cuffs-turned-back':
		'turned-back cuffs, turned back cuffs, cuffs folded back, cuffs turned up, cuffs back, folded-back cuffs',
	'sleeves-rolled':
		'sleeves rolled up, cuffs rolled, cuffs rolled up, rolled cuffs, rolled sleeves, rolled-up sleeves, sleeves rolled to the elbow, rolled to the elbow, rolled to the elbows, roll-up sleeves, sleeves turned up, sleeves cuffed, cuffed sleeves, sleeves are cuffed, sleeves cuffed to the elbow, cuffed to the elbow, cuffed to the elbows, cuffed at the elbow',
	'sleeves-pushed-up':
		'pushed-up sleeves, pushed up sleeves, sleeves up, sleeves shoved up, sleeves scrunched, sleeves pushed to the elbow, scrunched sleeves, pushed to the elbow',
	'buttoned-to-neck':
		'buttoned up, buttoned to the top, buttoned up to the neck, buttoned up to the top, done up to the neck, done up to the collar, fully buttoned, buttoned all the way, done up all the way, top button done up, buttoned to the collar, buttoned all the way up, buttoned right up, buttoned right to the top, done right up, done up to the top, buttoned to the chin, buttoned up to the chin, done up to the chin',
	unbuttoned:
		'open/undone/unbuttoned to the waist, unbuttoned, half-open, half open, half-unbuttoned, half unbuttoned, top buttons undone, undone at the neck, open at the neck, open-necked, open at the collar, open collar, collar open, few buttons undone, three buttons undone, two buttons undone, top two buttons open, top two buttons undone, top three buttons open, top three buttons undone, top button open, top buttons open, top button undone',
	'worn-open':
		'open, unzipped, half-zipped, half unzipped, left unzipped, left open, hanging open, open front, unfastened, worn undone, left undone, thrown open',
	'worn-closed': 'done up, worn shut, shut, fastened, buttoned closed, zipped up, zipped to the neck, closed',
	'hem-cuffed':
		'cuffed, rolled, turned up, turn-up, turn-ups, with a turn-up, deep/wide/big/thick/narrow/small/chunky turn-ups, deep/wide/big/thick/narrow/small/chunky turn-up, turned-up hems, hems turned up, rolled hems, rolled up, cuffed hems, cuffed at the ankle, hem cuffed, hems cuffed, rolled at the ankle, rolled hem, turned-up hem, rolled at the hem, cuffed once, cuffed twice, rolled twice, rolled once, rolled a couple of times, rolled a little, rolled high, rolled short, turned up twice, turned up once, with turn-ups',
	pegged: 'pegged, pinrolled, pin-rolled, tight-rolled',
	'tucked-into-boots': 'tucked, tucked in',
	belted:
		'cinched, cinched at the waist, belted at the waist, nipped in with a belt, belted tight, waist belted, cinched with a belt, belted over, worn belted, tied, knotted, belt tied, belt knotted, knotted belt, belt tied at the back, with the belt tied, tied at the waist, knotted at the waist, tied at the front, tied in front, tied in a knot, tied up',
	knotted:
		'knotted, tied, tied in a knot, knotted up, tied up, tied at the waist, tied at the front, front-knotted, knotted at the front, tied in front, tie-front, tied above the waist, knotted high, tied under the bust, knotted under the bust, tied at the midriff, knotted at the midriff, tied at the navel, knotted at the navel, tied at the ribs, tied just above the navel, tied at the hip, knotted at the hip',
	'draped-on-shoulders':
		'draped over the shoulders, over the shoulders, thrown over the shoulders, slung over the shoulders, on the shoulders, shoulder-robed, worn over the shoulders, hung on the shoulders, draped around the shoulders, around the shoulders, over one shoulder, thrown over one shoulder, slung over one shoulder, draped over one shoulder, worn over one shoulder, hung over one shoulder, slung over the shoulder, over the shoulder, across the shoulders, over/on/across/round/around both shoulders, draped/worn/thrown over/on/across/round both shoulders, folded over the shoulder, folded over/on/across/round the shoulders, folded over/on one shoulder, worn like a cape, round the shoulders, slung/draped/thrown/hung/worn round/about the shoulders',
	'tied-on-shoulders':
		'tied/knotted over/round/around/about/on/across the shoulders/neck, tied around the neck like a scarf',
	'tied-round-waist':
		'round/around/about the waist/hips, tied/knotted/slung/wrapped/wound round/around/about the waist/hips/middle',
	'off-the-shoulder':
		'slipped off the shoulder, slipping off one shoulder, falling off the shoulder, pushed off the shoulders, off one shoulder',
	'collar-up': 'collar up, popped collar, upturned collar, turned-up collar, collar popped',
	'collar-over': 'collar out, collar over the lapels, collar worn over, collar spread over, collar over',
	'over-left-shoulder':
		'on the left shoulder, pinned on the left shoulder, pinned to the left shoulder, left shoulder',
	'over-right-shoulder':
		'on the right shoulder, seedha pallu, gujarati drape, gujarati style, pinned on the right shoulder, right shoulder',
	'pleated-pallu':
		'pleated pallu, pinned pleats, pinned pallu, pallu pinned, neat pleats, pinned in pleats, pleated and pinned',
	'open-pallu':
		'open pallu, pallu left open, floating pallu, pallu over the arm, over one arm, over the arm, flowing pallu, pallu loose, trailing from the arm, over both arms, over the forearms',
	'over-head':
		'tied under the chin, over the head, over her head, covering the head, on the head, draped over the head, pallu over the head, pinned to/in/over the hair',
	'crossed-in-front': 'crossed over, crossed over the front, criss-crossed, crossed at the front',
	'tied-at-neck':
		'knotted, tied in a knot, tied in a bow, bow at the neck/throat, worn at the neck, tied in a bow at the neck, at the neck/throat, tied/knotted at the neck/throat, tied/knotted/wound/wrapped/looped/slung/draped/worn round/around/about the neck/throat',
	doubled: 'wrapped twice, doubled, worn doubled, wound round twice, double-wrapped',
	layered:
		'stack of, stacks of, pile of, piles of, heap of, heaps of, mess of, tangle of, jumble of, armful of, armfuls of, layers of, layered, stacked, piled on, several together, in a stack, worn together',
	'one-side':
		'tilted, tilted to one side, at an angle, on one side, swept to one side, pinned to one side, side-swept, worn to the side, cocked',
	'low-on-hips': 'on the hips, slung low, low-slung, worn low, hip-slung, slung on the hips',
	'pinned-to-lapel': 'on the lapel, pinned on the lapel, at the lapel, on her lapel',
	'hem-lifted':
		'hitched up, hitched, lifted at one side, skirt hitched, knotted at the hip/side, knotted up at the hip/side',
	'socks-scrunched':
		'scrunched, slouched, pushed down, pooled at the ankle, slouched down, slouching at the ankle',
	'backs-trodden': 'worn as slides, backs trodden down',
	unlaced: 'laces undone, unlaced, loosely laced, laces loose',
	'strap-crossed':
		'worn crossbody, worn across the body, across the body/chest, worn/slung across the chest, slung across, strap across',
	'in-hand':
		'in hand, carried, in the hand, held, tucked under the arm, under the arm, over the crook of the arm, in the crook of the arm, over one/the arm, carried/slung/draped/thrown/folded over one/the arm',
	'worn-back-to-front': 'backwards, back to front, reversed, worn backwards',
	'worn-inside-out': 'inside out',
	'as-dress': '',
	'as-top': '',
	'as-skirt': '',
	'as-jacket': '',
	'as-belt': '',
	'as-headscarf':
		'round/around/about the head, tied/knotted/wrapped/wound/worn round/around/about/over/on the head/hair',
	'as-hairband':
		'in the hair, in her hair, round/around the ponytail/bun/plait/braid, tied/knotted/wound/woven/threaded/plaited in/into/through the hair/plait/braid, tied/knotted/wrapped/wound round/around the hair/ponytail/bun/plait/braid',
	'as-shawl': '',
	'as-necklace': '',
	'as-bracelet': 'round/around/on the wrist, tied/knotted/wrapped/wound round/around/on/at the wrist',
	'as-bag-charm':
		'around/round/on the handle, around/round/on the handle of the bag, around/round/on the bag handle/strap, tied/knotted/wound/wrapped/looped round/around/on/onto/to the handle/bag, tied/knotted/wound/wrapped/looped round/around/on/onto/to the bag handle/strap, tied/knotted/wound/wrapped/looped round/around/on/onto/to the handle/strap of the bag'
};

/** Every way to say a phrase in which words that are parted by strokes stand for each other. */
const everyWay = (phrase: string): string[] =>
	phrase
		.split(' ')
		.map((word) => word.split('/'))
		.reduce<string[]>(
			(begun, words) => begun.flatMap((start) => words.map((word) => (start ? `${start} ${word}` : word))),
			['']
		);

export const moveWords = Object.fromEntries(
	Object.entries(sayingsOfMoves).map(([move, words]) => [
		move,
		words
			.split(',')
			.map((word) => word.trim())
			.filter(Boolean)
			.flatMap(everyWay)
	])
) as Record<MoveId, string[]>;
