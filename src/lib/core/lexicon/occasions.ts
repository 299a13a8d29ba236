import type { Event, Weather } from '../model/event';

/** What an occasion asks of a look: its code, what is done there, and the weather that it usually has (common practice). */
export interface Occasion {
	label: string;
	event: Pick<Event, 'dressCode' | 'setting' | 'food'> &
		Partial<Pick<Event, 'standingHours' | 'walkingKm'>> & { weather?: Pick<Weather, 'airC' | 'rain'> };
}

export const occasions = {
	office: {
		label: 'an office day',
		event: { dressCode: 'business casual', setting: 'indoors', food: 'none' }
	},
	meeting: {
		label: 'a formal meeting',
		event: { dressCode: 'business formal', setting: 'indoors', food: 'none' }
	},
	weekend: {
		label: 'a weekend in town',
		event: { dressCode: 'casual', setting: 'both', food: 'none', walkingKm: 3 }
	},
	walk: {
		label: 'a long walk',
		event: { dressCode: 'casual', setting: 'outdoors', food: 'none', walkingKm: 8 }
	},
	opening: {
		label: 'an opening, standing',
		event: { dressCode: 'smart casual', setting: 'indoors', food: 'standing', standingHours: 3 }
	},
	dinner: {
		label: 'a long dinner',
		event: { dressCode: 'smart', setting: 'indoors', food: 'seated' }
	},
	cocktail: {
		label: 'a cocktail evening',
		event: { dressCode: 'cocktail', setting: 'indoors', food: 'standing', standingHours: 3 }
	},
	'black-tie': { label: 'black tie', event: { dressCode: 'black tie', setting: 'indoors', food: 'unknown' } },
	garden: {
		label: 'a summer garden',
		event: {
			dressCode: 'smart casual',
			setting: 'outdoors',
			food: 'standing',
			standingHours: 3,
			weather: { airC: 25, rain: false }
		}
	},
	rain: {
		label: 'a wet spring day',
		event: {
			dressCode: 'casual',
			setting: 'outdoors',
			food: 'none',
			walkingKm: 2,
			weather: { airC: 10, rain: true }
		}
	},
	winter: {
		label: 'a cold winter day',
		event: {
			dressCode: 'casual',
			setting: 'outdoors',
			food: 'none',
			walkingKm: 2,
			weather: { airC: 0, rain: false }
		}
	}
} as const satisfies Record<string, Occasion>;
export type OccasionId = keyof typeof occasions;
export const occasionIds = Object.keys(occasions) as OccasionId[];
