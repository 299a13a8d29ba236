/** Days and moments. */
export {
	addDays,
	dayInWords,
	dayOf,
	daysBetween,
	isDay,
	isMoment,
	momentBefore,
	momentInWords,
	momentLater,
	monthOf,
	noonOf,
	type Day
} from './days';
