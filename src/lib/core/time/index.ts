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
	monthInWords,
	monthName,
	monthOf,
	noonOf,
	type Day
} from './days';
