/** What the server answers, as OpenAPI 3.1, made from the very schemas that its routes read with. */
import * as z from 'zod';
import {
	listingsAnswerSchema,
	listingsQuerySchema,
	marketAnswerSchema,
	marketQuerySchema,
	marketSearchAnswerSchema,
	marketSearchSchema,
	marketShopsSchema,
	parcelsAnswerSchema,
	parcelsQuerySchema,
	problemSchema,
	weatherAnswerSchema,
	weatherQuerySchema
} from '../core';

/** A route: what it is for, what is asked (in the body, or in the address) and what is answered. */
interface Route {
	path: string;
	summary: string;
	body?: z.ZodType;
	address?: z.ZodObject;
	answer: z.ZodType;
}

const routes: Route[] = [
	{
		path: '/api/market/shops',
		summary: 'The shops with their charts, postage and returns',
		answer: marketShopsSchema
	},
	{
		path: '/api/market/matches',
		summary: 'Elements in, the listings that come closest to each out; knows nothing of clients',
		body: marketQuerySchema,
		answer: marketAnswerSchema
	},
	{
		path: '/api/market/search',
		summary: 'What is sought in words in, a page of what the shops have of it out',
		body: marketSearchSchema,
		answer: marketSearchAnswerSchema
	},
	{
		path: '/api/market/listings',
		summary: 'Listings that are known in, how each stands on a day out',
		body: listingsQuerySchema,
		answer: listingsAnswerSchema
	},
	{
		path: '/api/market/parcels',
		summary: 'Parcels in, where each is on a day out; knows not what is in them',
		body: parcelsQuerySchema,
		answer: parcelsAnswerSchema
	},
	{
		path: '/api/weather',
		summary: 'A place and a day in, its weather out',
		address: weatherQuerySchema,
		answer: weatherAnswerSchema
	}
];

const inputOf = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input' });
const json = (schema: z.ZodType) => ({ 'application/json': { schema: z.toJSONSchema(schema) } });

/** Refusals that every route can give: RFC 9457. */
const refusals = {
	400: 'The question was no JSON or not of its schema; “problems” says where',
	413: 'The question is too large',
	429: 'Too many questions at once',
	503: 'The answer takes too long'
};

function operationOf({ summary, body, address, answer }: Route) {
	const asked = address ? inputOf(address) : undefined;
	return {
		summary,
		...(asked && {
			parameters: Object.entries(asked.properties ?? {}).map(([name, schema]) => ({
				name,
				in: 'query',
				required: asked.required?.includes(name) ?? false,
				schema
			}))
		}),
		...(body && {
			requestBody: { required: true, content: { 'application/json': { schema: inputOf(body) } } }
		}),
		responses: {
			200: { description: 'The answer', content: json(answer) },
			...Object.fromEntries(
				Object.entries(refusals).map(([status, description]) => [
					status,
					{
						description,
						content: { 'application/problem+json': { schema: z.toJSONSchema(problemSchema) } }
					}
				])
			)
		}
	};
}

/** The whole document. What stands behind it is simulated, and every answer says so. */
export const apiDocument = () => ({
	openapi: '3.1.0',
	info: {
		title: 'Prime Echo: shops, parcels and weather',
		version: '1',
		description:
			'What a look can be matched with. Simulated: the same seed and day give the same answers. No client, measure or photo is ever asked for.'
	},
	paths: Object.fromEntries(
		routes.map((route) => [route.path, { [route.body ? 'post' : 'get']: operationOf(route) }])
	)
});
