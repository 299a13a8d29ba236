import type { Rule } from '../rule';
import { accentPulled } from './accent-pulled';
import { accentRepeated } from './accent-repeated';
import { bagAndShoe } from './bag-and-shoe';
import { barePlaces } from './bare-places';
import { beltAndShoe } from './belt-and-shoe';
import { bunches } from './bunches';
import { busyNeck } from './busy-neck';
import { clientLimits } from './client-limits';
import { limitsOfLooks } from './limits-of-looks';
import { clientMetals } from './client-metals';
import { costume } from './costume';
import { cropAndRise } from './crop-and-rise';
import { denimOnDenim } from './denim-on-denim';
import { dressCode } from './dress-code';
import { eveningShoes } from './evening-shoes';
import { fitted } from './fitted';
import { formalityApart } from './formality-apart';
import { gapes } from './gapes';
import { heavyWhite } from './heavy-white';
import { handling } from './handling';
import { hemAndBoot } from './hem-and-boot';
import { hemAndHeel } from './hem-and-heel';
import { hiddenEarrings } from './hidden-earrings';
import { highForLong } from './high-for-long';
import { layerHems } from './layer-hems';
import { logos } from './logos';
import { loneTexture } from './lone-texture';
import { longLine } from './long-line';
import { lowContrast } from './low-contrast';
import { metalsTogether } from './metals-together';
import { nearMiss } from './near-miss';
import { notDressed } from './not-dressed';
import { oddSuit } from './odd-suit';
import { oneColour } from './one-colour';
import { oneDark } from './one-dark';
import { openToes } from './open-toes';
import { outOfSeason } from './out-of-season';
import { prepare } from './prepare';
import { printsTogether } from './prints-together';
import { rain } from './rain';
import { repeatedShape } from './repeated-shape';
import { ridesUp } from './rides-up';
import { shinyImitation } from './shiny-imitation';
import { showsThrough } from './shows-through';
import { socks } from './socks';
import { spending } from './spending';
import { statementCount } from './statements';
import { straps } from './straps';
import { strayColour } from './stray-colour';
import { takeOneOff } from './take-one-off';
import { lovedColour, tooBold } from './taste';
import { tieAndSleeve } from './tie-and-sleeve';
import { tonal } from './tonal';
import { tooManyColours } from './too-many-colours';
import { trouserEnd } from './trouser-end';
import { twoNotes } from './two-notes';
import { twoVolumes } from './two-volumes';
import { unevenHeels } from './uneven-heels';
import { waistUnmarked } from './waist-unmarked';
import { warmAndCool } from './warm-and-cool';
import { whiteAtTable } from './white-at-table';
import { whiteAtWedding } from './white-at-wedding';
import { wishedEffects } from './wished-effects';

/** The eye's rules, in the order in which a look is read: what must not be, colour, shape, statement, life. */
export const rules: readonly Rule[] = [
	notDressed,
	clientLimits,
	limitsOfLooks,
	handling,
	dressCode,
	outOfSeason,
	rain,
	whiteAtTable,
	whiteAtWedding,
	showsThrough,
	straps,
	nearMiss,
	denimOnDenim,
	strayColour,
	bagAndShoe,
	beltAndShoe,
	lowContrast,
	heavyWhite,
	oneDark,
	oneColour,
	warmAndCool,
	tooManyColours,
	socks,
	openToes,
	barePlaces,
	tieAndSleeve,
	eveningShoes,
	lovedColour,
	accentRepeated,
	accentPulled,
	tonal,
	twoVolumes,
	waistUnmarked,
	fitted,
	wishedEffects,
	longLine,
	layerHems,
	cropAndRise,
	hemAndHeel,
	hemAndBoot,
	trouserEnd,
	highForLong,
	unevenHeels,
	ridesUp,
	gapes,
	bunches,
	tooBold,
	statementCount,
	takeOneOff,
	loneTexture,
	repeatedShape,
	printsTogether,
	oddSuit,
	formalityApart,
	twoNotes,
	costume,
	shinyImitation,
	clientMetals,
	metalsTogether,
	busyNeck,
	hiddenEarrings,
	logos,
	prepare,
	spending
];
