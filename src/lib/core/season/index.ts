/** Weather and clothes: what an outfit keeps warm, in which weather it is pleasant, and when its season comes. */
export {
	activityAt,
	comfortRange,
	dayC,
	insulationOf,
	monthsFor,
	outfitInsulation,
	validC,
	warmthAt,
	type ComfortRange,
	type MonthNormal,
	type WarmthOn,
	type WarmthVerdict
} from './comfort';
export { predictedMeanVote, type Conditions } from './pmv';
export { activities, type Activity } from '../lexicon/insulation';
