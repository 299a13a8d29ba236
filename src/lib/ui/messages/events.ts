/** Events: days for which a client is dressed. */
export const events = {
	title: 'Events',
	add: 'Add an event',
	edit: 'Edit event',
	none: 'No event is dated. Dated, it brings its dress code, weather and deadlines to every check.',
	name: 'What it is',
	nameMissing: 'Say what it is, as in “Closing dinner”',
	client: 'For',
	clientMissing: 'Choose whom it is for',
	date: 'Day',
	dateBad: 'Choose a day',
	time: 'Time',
	timeBad: 'Write a time of day as 19:30, or leave it empty',
	zone: 'Time zone of the place',
	zoneBad: 'Not a time zone that this browser knows, as “Europe/London”',
	place: 'Place',
	setting: 'Indoors or out',
	settings: { unknown: 'not said', indoors: 'indoors', outdoors: 'outdoors', both: 'in and out' },
	dressCode: 'Dress code',
	dressCodeHint: 'As the host wrote it: “black tie”, “smart, flat soles”',
	codeRead: (label: string, usual: string) =>
		`Read as ${label}: ${usual}. The host and the venue have the last word.`,
	codeUnread:
		'Not a dress code that the checks know; it is kept, and limits in it such as “flat soles” are read.',
	purpose: 'What for, and what the look must do',
	standing: 'Hours on the feet',
	walking: 'Kilometres to walk',
	rangeBad: (most: number) => `0 to ${most}`,
	food: 'Food',
	foods: { unknown: 'not said', none: 'none', standing: 'standing', seated: 'at a table' },
	budget: 'Budget',
	budgetBad: 'Write an amount like 120 or £89.50, or leave it empty',
	airC: 'Air, °C',
	airBad: '−40 to 50',
	rain: 'Rain',
	ask: 'Ask the forecast',
	asking: 'Asking…',
	weatherOf: (town: string, source: string, simulated: boolean) =>
		`${town}, ${source === 'forecast' ? 'forecast' : 'usual for the month'}${simulated ? ', simulated' : ''}`,
	notThere: (town: string) => `The place names no town that the weather knows; this is ${town}’s.`,
	sources: { said: 'as typed', normal: 'usual for the month, simulated', forecast: 'forecast, simulated' },
	note: 'Note',
	remove: (title: string) => `Delete ${title}?`,
	removeText: 'Echoes made for it stay, without a day. Undo brings it back.',
	fields: {
		title: 'What it is',
		clientId: 'For',
		date: 'Day',
		time: 'Time',
		timeZone: 'Time zone',
		place: 'Place',
		setting: 'Indoors or out',
		dressCode: 'Dress code',
		purpose: 'What for',
		standingHours: 'Hours on the feet',
		walkingKm: 'Kilometres to walk',
		food: 'Food',
		weather: 'Weather',
		price: 'Budget',
		note: 'Note'
	} as Record<string, string>,
	facts: {
		weather: (airC: number, rain: boolean) => `${Math.round(airC)} °C, ${rain ? 'rain' : 'dry'}`,
		inDays: (days: number) =>
			days === 0
				? 'today'
				: days === 1
					? 'tomorrow'
					: days > 0
						? `in ${days} days`
						: days === -1
							? 'yesterday'
							: `${-days} days ago`
	},
	month: 'Month',
	previous: 'The month before',
	next: 'The month after',
	thisMonth: 'This month',
	calendar: 'Export the calendar',
	calendarSaved: (name: string) => `Saved as ${name}`,
	onDay: (day: string, count: number) => `${day}, ${count === 1 ? 'one entry' : `${count} entries`}`,
	past: 'Earlier events',
	takeTo: 'Begin an echo for it'
};
