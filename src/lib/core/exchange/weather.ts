import * as z from 'zod';
import { dateSchema } from '../model/basics';

/** What the browser asks of the weather: a place and a day, never for whom. */
export const weatherQuerySchema = z.object({
	place: z.string().max(200),
	date: dateSchema,
	/** The day on which it is asked. */
	today: dateSchema
});
export type WeatherQuery = z.infer<typeof weatherQuerySchema>;

const celsius = z.number().min(-60).max(60);
export const monthNormalSchema = z.object({
	lowC: celsius,
	highC: celsius,
	rainDays: z.number().min(0).max(31)
});

export const weatherAnswerSchema = z.object({
	/** True for the stand-in that ships with the app; said on screen. */
	simulated: z.boolean(),
	/** The town whose weather it is, and whether it is the one that was asked for. */
	town: z.string().min(1).max(80),
	asked: z.boolean(),
	/** January to December. */
	normals: z.array(monthNormalSchema).length(12),
	day: z.object({
		date: dateSchema,
		lowC: celsius,
		highC: celsius,
		/** About the middle of the day. */
		airC: celsius,
		rain: z.boolean(),
		/** forecast: for this very day · normal: usual for the month, since it is too far off */
		source: z.enum(['forecast', 'normal'])
	})
});
export type WeatherAnswer = z.infer<typeof weatherAnswerSchema>;
