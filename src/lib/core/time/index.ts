/** Days and moments. */
export {
	addDays,
	dayInWords,
	dayOf,
	dayOfMoment,
	daysBetween,
	isDay,
	isMoment,
	isTimeZone,
	momentBefore,
	momentInWords,
	momentLater,
	monthInWords,
	monthName,
	monthOf,
	noonOf,
	type Day
} from './days';
