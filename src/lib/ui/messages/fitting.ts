/** The fitting table and all that lies on it. */
import type { LandedKind } from '$lib/core';
import { count } from './count';

export const fitting = {
	title: 'Fitting table',
	begin: 'Begin an echo',
	client: 'Client',
	reference: 'Reference',
	more: (n: number) => `Show more (${n} left)`,
	finder: {
		title: 'Find a look',
		words: 'Find a look, or a piece in it',
		client: 'Worn by',
		anyClient: 'anybody',
		occasion: 'Suits',
		anyOccasion: 'any occasion',
		season: 'In',
		anySeason: 'any season',
		seasons: { spring: 'spring', summer: 'summer', autumn: 'autumn', winter: 'winter' } as Record<
			string,
			string
		>,
		score: 'Came',
		anyScore: 'however close',
		fromBand: (label: string, from: string) => `${label}, from ${from}`,
		working: 'Looking…',
		found: (n: number) => count(n, 'look', 'looks'),
		none: 'No look answers all of that.'
	},
	beginEmpty: 'An echo needs a client and a reference. Add both, then come back.',
	empty: 'No echo yet. Choose a client and a reference, and begin.',
	referencePlate: 'Reference',
	echoPlate: 'Echo',
	rungs: 'Elements and their matches',
	wardrobe: 'From the wardrobe',
	showAll: (n: number) => `Show all ${n}`,
	wardrobeEmpty: 'Nothing on this rail is worn there.',
	substitutes: 'Cheap substitutes',
	simulated: 'simulated shops',
	simulatedAndOwn: 'simulated shops and lists of your own',
	substitutesEmpty: 'No shop has anything near it.',
	asking: 'Asking the shops…',
	askAgain: 'Ask again',
	leaveOut: 'Leave it out',
	leftOut: 'left out',
	leaveOutCosts: (points: string) => `costs ${points} points`,
	markDone: 'Mark as done',
	done: 'done',
	hand: {
		title: 'What can be done with it',
		choose: 'Put it on',
		beside: 'Put it on as well',
		instead: (element: string) => `Put it on for: ${element}`,
		compare: 'Set it beside another',
		why: 'Why this figure',
		about: (title: string) => `All about: ${title}`,
		reference: 'Go to the reference',
		extras: 'Put on something more'
	},
	pieceByPiece: 'Piece by piece',
	clear: 'Clear it',
	pin: 'Pin it',
	unpin: 'Unpin it',
	pinned: 'pinned',
	find: 'Find among these',
	order: 'by',
	orders: {
		closeness: 'closeness',
		price: 'price',
		'per-wear': 'cost per wear',
		arrival: 'arrival',
		newness: 'newness'
	},
	withinLimits: 'within limits',
	nothingFound: 'Nothing here answers what you look for.',
	matchAll: 'Match what I have',
	byHand: {
		title: 'Change what you chose yourself?',
		text: (what: string) => `Matching the whole wardrobe would score higher without: ${what}.`,
		keep: 'Match around them',
		change: 'Change them too'
	},
	makeAnother: 'Make another',
	editEcho: 'Edit the echo',
	echoTitle: 'Name',
	echoTitleBad: 'Give it a name of up to 120 letters',
	event: 'For',
	noEvent: 'no event yet',
	school: 'What counts as close',
	another: (title: string) => `${title}, another way`,
	beside: 'Side by side',
	besideTitle: (reference: string, client: string) => `${reference}, for ${client}`,
	besideOne:
		'There is one echo of this reference so far. Make another on its table, dressed up or dressed down, and the two stand here.',
	backToTable: 'Back to the table',
	views: {
		label: 'How the plates are shown',
		hems: 'Hems',
		hemsHint: 'Mark where the hems fall on both',
		overlay: 'Overlay',
		overlayHint: 'Lay the reference over the echo in outline',
		layersHint: 'Take off the coat, then the jacket'
	},
	serves: (words: string) => `For this client: ${words}`,
	moveFails: (why: string) => ` (${why})`,
	becomes: {
		title: 'What you have can become',
		minutes: (minutes: number) => (minutes === 1 ? 'a minute' : `${minutes} minutes`),
		undone: {
			'at-once': 'undone at once',
			'with-an-iron': 'undone with an iron',
			'by-unpicking': 'undone by unpicking',
			never: 'cannot be undone'
		},
		altered: (cost: string, days: number) =>
			`about ${cost} at an alterer, ${days === 1 ? 'a day' : `${days} days`}`,
		byHand: (time: string, tools: string) => `By hand: ${time}, ${tools}.`,
		met: { yes: 'It has:', no: 'It lacks:', unknown: 'Look:' },
		cautions: {
			pins: 'Pins closed, points away from the skin, off before dancing.',
			scissors: 'Cut last: it cannot be put back. Ask the client first.',
			heat: 'Heat by the label; try a seam first.',
			'long-ends': 'Keep long ends from flames, stairs, wheels and machines.',
			tight:
				'Not tight, least of all in pregnancy, after surgery or with breathing trouble; patch test skin tape.',
			ceremonial: 'Ask whether it is sacred or ceremonial to its wearer before it is worn otherwise.',
			dye: 'Dye by its maker’s leaflet and the care label: gloves, an aired room, away from food and children; a scrap first.',
			bleach:
				'Bleach burns and gives off fumes: gloves, goggles, open air, never with another cleaner, least of all an acid. By the label; a professional where in doubt.'
		}
	},
	why: {
		title: 'Why this figure',
		open: (figure: number) => `Why ${figure}?`,
		answers: (asked: string) => `for ${asked}`,
		sum: (closeness: number, earned: string, points: string, sure: number) =>
			`${closeness} of 100 close; it earns ${earned} of the ${points} points that this element holds. ${sure} % of what is asked is known of it.`,
		feature: 'Feature',
		words: 'In words',
		alike: 'Alike',
		weighs: 'Weighs',
		costs: 'Costs',
		asked: (asked: string, given: string) => `asked: ${asked} · here: ${given}`,
		signature: 'signature',
		cap: 'A signature feature that is missed holds the whole down.',
		inTheLook: 'In the look as a whole',
		nothingLost: 'Nothing is lost here.',
		foot: 'What is not noted counts a little less than a near miss would. Noting it settles the figure.'
	},
	wearable: {
		title: 'A wearable version',
		intro: (client: string) =>
			`Changes that obey the limits, body, wishes and event of ${client}, and keep what carries the look, each priced.`,
		ask: 'Propose one',
		asItIs: 'It can be worn as it is: nothing in it breaks a limit, a wish or the day.',
		unanswered: (what: string) => `Not answered by any small change: ${what}`,
		score: (score: number) => `Worn so, it comes to ${score} of 100.`,
		make: 'Make it a reference and begin',
		named: (title: string, client: string) => `${title}, wearable for ${client}`
	},
	compare: {
		card: (title: string) => `Set beside another: ${title}`,
		one: (title: string) => `${title} is set aside. Take a second card to see the two beside each other.`,
		title: 'Two cards, feature by feature',
		feature: 'Feature',
		asked: 'Asked for',
		share: (percent: number) => `weighs ${percent} %`,
		same: (percent: number) => `${percent} % alike`,
		notSaid: 'not said',
		closeness: 'Closeness',
		cost: 'To buy',
		owned: 'owned',
		cautions: 'Cautions',
		none: 'none',
		choose: (title: string) => `Choose ${title}`
	},
	wear: {
		title: 'Wear',
		day: 'The day',
		changed: 'The day has changed since this was planned',
		was: (was: string) => `(was ${was})`,
		seen: 'I have seen to it',
		nothing:
			'Nothing is worn yet. Choose pieces, and this tells in which weather they are pleasant, where hems end and what is to be prepared.',
		standing: (hours: number) => `${hours} h on the feet`,
		walking: (km: number) => `${km} km to walk`,
		occasions: 'Where it can be worn',
		occasionsNote: 'By what is usual; the host, the venue and the weather of the day come first.',
		occasionSuits: 'suits',
		occasionMend: (words: string) => `After one change it suits: ${words}`,
		warmth: 'Warmth',
		doing: 'While',
		range: (state: string, from: number | undefined, to: number | undefined) =>
			`${state}: pleasant ${from === undefined ? 'below 10' : `from ${from}`} to ${to === undefined ? 'above 30' : to} °C`,
		verdict: {
			fine: (airC: number, states: string) => `Pleasant at ${airC} °C: ${states}.`,
			cold: (airC: number) =>
				`Too cold at ${airC} °C, even with everything on: add a layer, or hold it for its season.`,
			hot: (airC: number) =>
				`Too hot at ${airC} °C, even with the layers off: take a lighter piece, or hold it for its season.`,
			beyond: (airC: number) =>
				`At ${airC} °C the formula does not tell any more; go by the eye, and by what the client feels.`
		},
		warmthNote: (setting: string) =>
			`By ISO 7730 for ${setting === 'outdoors' ? 'a light breeze in the shade' : 'a room without draught'}; sun, wind and wet are not in it, and people differ.`,
		askMonths: 'In which months?',
		suits: (town: string, months: string, simulated: boolean) =>
			`As it is, out of doors in ${town}: ${months}${simulated ? ' (simulated weather)' : ''}.`,
		noMonth: (town: string) => `As it is, in no usual month of ${town}: layer it, or lighten it.`,
		hold: 'Hold it for its season',
		heldFor: (months: string) => `Held for ${months}. The desk brings it back then.`,
		release: 'Take it out of hold',
		hems: 'Where it ends',
		noHeight: (name: string) => `Note ${name}’s height, and this tells where each hem ends.`,
		ends: (words: string, measured: boolean) =>
			`${words}${measured ? ', as measured' : ', as such hems are cut'}`,
		onReference: (words: string, lowerCm: number, apart: string) =>
			lowerCm === 0
				? `as on the reference`
				: `on the reference ${words}, ${apart} ${lowerCm > 0 ? 'higher' : 'lower'}`,
		clearance: (cm: number, apart: string) =>
			cm < 0 ? `lies on the floor by ${apart} in these shoes` : `${apart} clear of the floor in these shoes`,
		noteWorn: 'It was worn',
		wore: (title: string) => `Noted as worn: ${title}`,
		preparation: 'To prepare',
		before: (days: number) =>
			days === 0 ? 'on the day' : days === 1 ? 'the day before' : `${days} days before`,
		careNote: 'Care labels and makers have the last word; follow a clinician about skin and allergies.'
	},
	check: {
		title: 'Check',
		tray: 'Tray',
		tabs: 'Beside the plates',
		nothing: 'Nothing stands out. Look once more in the mirror, sitting and walking.',
		states: {
			'coat off': 'with the coat off',
			'jacket off': 'with the jacket off',
			sitting: 'sitting down'
		},
		letStand: 'Let it stand',
		because: 'because…',
		reasons: {
			meant: 'it is meant',
			'client-wants-it': 'the client wants it so',
			'reference-has-it': 'the reference has it',
			'seen-to': 'it is seen to',
			'not-so': 'it is not so'
		},
		stands: 'Let stand',
		raiseAgain: 'Raise again',
		beneath: 'What goes underneath',
		wear: (what: string) => `Wear ${what}`,
		isWorn: (what: string) => `Worn: ${what}`,
		takeOff: 'Take it off',
		noneOwned: 'None in the wardrobe.',
		reference: 'The reference’s own',
		forgiven: {
			yes: 'Under the school of spirit an echo that mends this loses nothing by it.',
			no: 'An echo that mends this loses by it, but for the school of spirit.'
		},
		severities: { warning: 'Warning', hint: 'Hint', praise: 'Well done' },
		standing: { settled: 'Settled practice.', habit: 'A habit that many share, not all.' },
		noMend:
			'Nothing on this rail mends it without a new fault. A substitute, an alteration or your own eye may.',
		take: 'Take it',
		points: (points: string) => `${points} points`,
		samePoints: 'same closeness',
		foot: 'Rules of thumb, not verdicts. Limits, labels, clinicians, venues and your own eye come first.'
	},
	cheapest: 'Cheapest points to win back',
	lookingForPoints: 'Going through the rail…',
	nothingToWin: 'No single change wins more than half a point.',
	winFree: 'owned',
	winMoves: (moves: string) => `do it: ${moves}`,
	winPoints: (points: string) => `+${points}`,
	fewerLosses: 'Only the largest',
	otherLosses: (n: number) => (n === 1 ? 'one smaller loss' : `${n} smaller losses`),
	waterfall: (score: number) => `From 100 down to ${score}`,
	clientSays: (says: 'yes' | 'no' | undefined, note: string) =>
		`The client: ${[says, note && `“${note}”`].filter(Boolean).join(' · ')}`,
	times: (count: number) => ` × ${count}`,
	ofPoints: (points: number) => `${points.toFixed(1)} of 100 points`,
	rungInWords: (points: number) => `holds ${points.toFixed(0)} of 100 points`,
	gap: 'gap',
	tooFar: 'too far',
	chosen: 'Chosen',
	alreadyFor: (what: string) => `now worn for ${what}`,
	forIt: 'For it',
	against: 'Against it',
	sure: (percent: number) => `${percent} % known`,
	movesDone: 'Worn as in the reference',
	reason: 'Why this one',
	reasons: {
		owned: 'owned',
		'sold-out': 'the first choice sold out',
		body: 'suits the body',
		occasion: 'the occasion',
		weather: 'the weather',
		ethics: 'ethics',
		price: 'price',
		'never-buy': 'would never buy it',
		'to-hunt': 'still to be hunted for',
		'to-make': 'still to be made',
		other: 'another reason'
	} as Record<string, string>,
	versions: {
		keep: 'Keep a version',
		note: 'What is worn now is kept under a name, and can be gone back to.',
		full: (most: number) => `An echo holds ${most} versions. Delete one side by side first.`,
		name: 'Name',
		kind: 'What it is for',
		kinds: {
			fitted: 'as fitted',
			restyled: 'restyled',
			day: 'day',
			evening: 'evening',
			wearable: 'wearable'
		},
		now: 'Worn now',
		which: (most: number) => `Set side by side, at most ${most}`,
		changed: 'Otherwise',
		found: (faults: number, praises: number) =>
			`${faults === 0 ? 'nothing stands out' : faults === 1 ? '1 finding' : `${faults} findings`}${praises > 0 ? `, praised ${praises === 1 ? 'once' : `${praises} times`}` : ''}`,
		wear: 'Go back to it',
		isNow: 'Worn now',
		drop: (name: string) => `Delete “${name}”`,
		before: (name: string) => `Before “${name}”`.slice(0, 120)
	},
	somethingMore: {
		tab: 'More',
		title: 'Put on something more',
		worn: 'Worn though not asked for',
		none: 'Nothing yet. It is drawn, checked and counted in money and preparation, never in closeness.',
		note: 'What goes best with the look comes first.',
		find: 'Find, or say what to ask for',
		ask: 'Ask the shops',
		notRead: 'Say what it is first, as in “wide tan leather belt”.',
		taken: (what: string) => `in its place: ${what}`,
		ways: 'What becomes of what is there',
		instead: 'Instead of it',
		over: 'Over it',
		beside: 'Beside it',
		how: 'How it is worn'
	},
	unworn: 'never worn yet',
	wornOtherwise: (n: number) => (n === 0 ? 'Wear it otherwise' : `Worn otherwise: ${n}`),
	together: 'Worn together',
	takeOff: (what: string) => `Take off ${what}`,
	sideOf: (what: string) => `On which side ${what} is worn`,
	bothSides: 'both sides',
	sides: { left: 'the left', right: 'the right' },
	onSide: (side: 'left' | 'right') => `, ${side}`,
	addBeside: (what: string) => `Put on beside it: ${what}`,
	whyNot: 'Why nothing',
	moreWhy: 'Note more',
	instead: 'Instead, or could be',
	noteOfMatch: 'Note, for the studio',
	besideReference: 'Beside the reference’s',
	besides: { better: 'better', same: 'the same', worse: 'worse' },
	besideWhy: 'In what',
	score: 'Closeness',
	undressed: (measured: string) => `${measured}.`,
	confidence: (percent: number) => `${percent} % of what was asked is known of the pieces`,
	losses: 'Where points are lost',
	noLosses: 'Nothing is lost.',
	noElements: 'This reference has no elements yet. Read it first, then match it.',
	readIt: 'Read the reference',
	spend: 'To buy',
	limit: 'Spend limit',
	limitBad: 'Write a limit like 80 or 79.50',
	noLimit: 'no limit',
	withDuty: (duty: string) => `and ${duty} duty`,
	needsBeside: (needs: string, about: string) => `Besides, about ${about}: ${needs}`,
	withAltering: (cost: string) => `with ${cost} for altering`,
	withPostage: (postage: string) => `with ${postage} postage`,
	left: (amount: string) => `${amount} left`,
	over: (amount: string) => `${amount} over the limit`,
	nothingToBuy: 'nothing to buy',
	judge: 'Judge',
	judged: (score: number, rating: number) => `Judged: ${score} computed, ${rating} by you`,
	byYou: (rating: number) => `${rating} by you`,
	handOver: 'Hand over',
	ownRating: 'Your rating, 0 to 100',
	ratingBad: 'Write a whole number from 0 to 100',
	wouldWear: 'Would they wear it',
	wouldWearIt: { yes: 'yes', 'with-changes': 'with changes', no: 'no' } as Record<string, string>,
	verdictNote: 'What is right, what is missing, what you would change',
	saveVerdict: 'Save the verdict',
	verdictSaved: 'The verdict is saved. What was judged is kept as it is now.',
	history: 'Verdicts so far',
	arrives: (days: number) => (days === 1 ? 'arrives in 1 day' : `arrives in ${days} days`),
	sizes: {
		suits: (label: string) => `size ${label} suits`,
		'sold-out': (label: string) => `size ${label} would suit, sold out`,
		none: 'no size for these measures',
		unknown: (measure: string) => `no size known: ${measure} not measured`,
		noChart: (labels: string) => `in ${labels}; the list has no chart, so ask which size suits`,
		'one-size': 'one size'
	},
	/** All that is to be known of a thing for sale. */
	sheet: {
		open: (title: string) => `Before buying: ${title}`,
		novelty: 'Would it be worn?',
		working: 'Going through the rail…',
		outfits: (n: number, lookedFor: number) =>
			n === 0
				? 'No outfit from this rail goes with it without a warning'
				: n === lookedFor
					? `Goes with ${n} outfits from this rail, and more`
					: `Goes with ${count(n, 'outfit', 'outfits')} from this rail`,
		closes: (n: number, looks: string) => `Closes ${count(n, 'gap', 'gaps')} of saved references: ${looks}`,
		doubles: (pieces: string) => `On the rail already, or as good as: ${pieces}`,
		needs: 'What else it needs',
		owned: (piece: string) => `on the rail: ${piece}`,
		notOwned: 'not on the rail',
		costs: (pack: string, price: string) => `${pack}, about ${price}`,
		less: 'Nearer, cheaper or both',
		lessNone: 'Nothing that suits is nearer or cheaper.',
		choose: 'Choose',
		stock: 'Sizes and colours',
		inStock: (n: number) => `${n} in stock`,
		soldOut: 'sold out',
		again: (day: string) => `expected on ${day}`,
		soldWith: (others: string) =>
			`Sold apart from: ${others}. Each is from a roll of its own: hold them together in daylight.`,
		colourSoldOut: (colour: string) => `${colour} (sold out)`
	},
	/** Of a thing for sale. */
	listing: {
		landed: (total: string) => ` (${total} in all)`,
		line: (sign: string, amount: string, kind: string) => [sign + amount, kind].filter(Boolean).join(' '),
		converted: (currency: string) => `reckoned in ${currency}`,
		kinds: {
			price: () => '',
			markdown: () => 'marked down',
			code: (word: string | undefined) => `with the code ${word}`,
			postage: () => 'postage',
			duty: () => 'duty',
			conversion: () => '',
			'sent-back': () => 'back'
		} as Record<LandedKind, (code: string | undefined) => string>,
		again: (day: string) => `, expected again on ${day}`,
		until: (day: string) => `until ${day}`,
		colours: (own: string, others: string) => `in ${own}; also in ${others}`,
		perWear: (each: string, wears: number) =>
			`about ${each} a wear over ${wears === 1 ? 'one wear' : `${wears} wears`}`,
		breakEven: (aim: string, wears: number) => `, ${aim} a wear after ${wears}`,
		late: (day: string) => `would arrive on ${day}, too late`,
		dear: (over: string) => `${over} more than is left`,
		noRate: (currency: string) => `no rate for ${currency}: enter one under Studio`,
		noneSuits: 'What the shops have does not suit this client, the day or the limit.',
		unsuitable: 'Not suitable, and why',
		worth: {
			spend: 'Worth the money: worn weekly and for years (common practice).',
			save: 'Save here: it only has to glint, or is worn a season (common practice).',
			preOwned: 'Look pre-owned first.',
			'buy-nothing-new': 'Buy nothing new: what is pre-owned, made over or borrowed comes first.',
			'best-version-once': 'The best version once: cheaper ones are bought twice.'
		}
	},
	removeAsk: 'Delete this echo?',
	removeText: 'Undo brings it back.'
};
