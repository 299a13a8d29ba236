/** Weather of invented towns: what is usual for the month, and a forecast for the days ahead; the same for the same day and seed. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { dayC, daysBetween, monthOf, type WeatherAnswer, type WeatherQuery } from '../../core';
import { townOf, type Town } from './towns';

/** As many days ahead as a forecast tells. */
const forecastDays = 10;
/** How far a day strays from what is usual, and how much a forecast errs a day ahead, in °C. */
const strayC = 3;
const errsC = 0.25;

/** A seed from words: FNV-1a, 32 bit. */
const seedOf = (words: string) =>
	new TextEncoder()
		.encode(words)
		.reduce((hash, byte) => Math.imul(hash ^ byte, 16_777_619), 2_166_136_261 | 0);

/** Three numbers from 0 to 1 that belong to these words. */
function drawn(words: string): [number, number, number] {
	const generator = xoroshiro128plus(seedOf(words));
	return [uniformFloat64(generator), uniformFloat64(generator), uniformFloat64(generator)];
}

/** What is usual on a day: between the normals of its month and of the nearer month beside it. */
function usualOn({ normals }: Town, date: string) {
	const at = monthOf(date) - 1;
	const day = Number(date.slice(8));
	const beside = (at + (day < 15 ? 11 : 1)) % 12;
	const share = Math.abs(day - 15) / 30;
	const mixed = (key: 'lowC' | 'highC' | 'rainDays') =>
		(normals[at]?.[key] ?? 0) * (1 - share) + (normals[beside]?.[key] ?? 0) * share;
	return { lowC: mixed('lowC'), highC: mixed('highC'), rainDays: mixed('rainDays') };
}

const rounded = (celsius: number) => Math.round(celsius * 10) / 10;
const daysInMonth = 30.4;

/** The weather of a place on a day, as it is told on another: a forecast up to ten days ahead, else what is usual. */
export function weatherAt({ place, date, today }: WeatherQuery): WeatherAnswer {
	const { town, asked } = townOf(place);
	const ahead = daysBetween(today, date);
	const usual = usualOn(town, date);
	const isForecast = ahead >= 0 && ahead <= forecastDays;
	const [warmth, wet] = drawn(`${town.name} ${date}`);
	const [error] = drawn(`${town.name} ${date} told ${today}`);
	const off = isForecast ? (warmth - 0.5) * 2 * strayC + (error - 0.5) * 2 * errsC * ahead : 0;
	const chance = usual.rainDays / daysInMonth;
	return {
		simulated: true,
		town: town.name,
		asked,
		normals: town.normals,
		day: {
			date,
			lowC: rounded(usual.lowC + off),
			highC: rounded(usual.highC + off),
			airC: rounded(dayC(usual) + off),
			rain: isForecast ? wet < chance : chance >= 0.5,
			source: isForecast ? 'forecast' : 'normal'
		}
	};
}
