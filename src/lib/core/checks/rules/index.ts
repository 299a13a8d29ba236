import type { Rule } from '../model';
import { accentRepeated } from './accent-repeated';
import { busyNeck } from './busy-neck';
import { clientLimits } from './client-limits';
import { cropAndRise } from './crop-and-rise';
import { denimOnDenim } from './denim-on-denim';
import { dressCode } from './dress-code';
import { formalityApart } from './formality-apart';
import { hemAndHeel } from './hem-and-heel';
import { hiddenEarrings } from './hidden-earrings';
import { highForLong } from './high-for-long';
import { layerHems } from './layer-hems';
import { lowContrast } from './low-contrast';
import { metalsTogether } from './metals-together';
import { nearMiss } from './near-miss';
import { oneDark } from './one-dark';
import { outOfSeason } from './out-of-season';
import { printsTogether } from './prints-together';
import { rain } from './rain';
import { shinyImitation } from './shiny-imitation';
import { showsThrough } from './shows-through';
import { statementCount } from './statements';
import { strayColour } from './stray-colour';
import { twoVolumes } from './two-volumes';
import { waistUnmarked } from './waist-unmarked';

/** The eye's rules, in the order in which a look is read: what must not be, colour, shape, statement, life. */
export const rules: readonly Rule[] = [
	clientLimits,
	dressCode,
	outOfSeason,
	rain,
	showsThrough,
	nearMiss,
	denimOnDenim,
	strayColour,
	lowContrast,
	oneDark,
	accentRepeated,
	twoVolumes,
	waistUnmarked,
	layerHems,
	cropAndRise,
	hemAndHeel,
	highForLong,
	statementCount,
	printsTogether,
	formalityApart,
	shinyImitation,
	metalsTogether,
	busyNeck,
	hiddenEarrings
];
