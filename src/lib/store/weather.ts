import { weatherAnswerSchema, type WeatherAnswer, type WeatherQuery } from '../core';

export type WeatherResult = { ok: true; answer: WeatherAnswer } | { ok: false; message: string };

const patienceMs = 6000;
const unreachable =
	'The weather cannot be asked just now: the server does not answer. Start it with “npm start”, or type what is expected.';

/** Asks the server for the weather of a place on a day. Never throws; an answer of another shape counts as unreachable. */
export async function askWeather({ place, date, today }: WeatherQuery): Promise<WeatherResult> {
	try {
		const response = await fetch(`/api/weather?${new URLSearchParams({ place, date, today })}`, {
			signal: AbortSignal.timeout(patienceMs)
		});
		const answer = weatherAnswerSchema.safeParse(response.ok ? await response.json() : undefined);
		return answer.success ? { ok: true, answer: answer.data } : { ok: false, message: unreachable };
	} catch {
		return { ok: false, message: unreachable };
	}
}
