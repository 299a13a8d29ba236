/** The demo’s clients, their events, and what they tried in shops. */
import {
	clientSchema,
	ethicsOf,
	freshClient,
	fitNoteSchema,
	freshEvent,
	freshFitNote,
	type Client,
	type Event,
	type FitNote,
	type Weather
} from '../../src/lib/core/index';
import { dayAt, eachLine, idOf, listed, pounds, read } from './source';

export function clients(): Client[] {
	type Source = Omit<Partial<Client>, 'ethics' | 'sizes'> & {
		key: string;
		ethics: Partial<Client['ethics']>;
		sizes: Partial<Client['sizes'][number]>[];
		measuredInDays: number;
		earlier?: { inDays: number; cm: Client['measurements'] }[];
	};
	const sources = JSON.parse(read('clients.json')) as Source[];
	return sources.map(({ key, ethics, sizes, measuredInDays, earlier = [], ...client }) =>
		clientSchema.parse({
			...freshClient({ id: idOf('client', key), rev: 1 }),
			...client,
			ethics: ethicsOf(ethics),
			sizes: sizes.map((size) => ({ shop: '', ...size })),
			measuredOn: dayAt(measuredInDays),
			earlierMeasurements: earlier.map(({ inDays, cm }) => ({ on: dayAt(inDays), cm }))
		})
	);
}

export function events(): Event[] {
	type Source = Partial<Event> &
		Pick<Event, 'title'> & {
			client: string;
			inDays: number;
			weather?: Pick<Weather, 'airC' | 'rain'>;
			budgetPounds?: number;
		};
	return (JSON.parse(read('events.json')) as Source[]).map(
		({ client, inDays, budgetPounds, weather, ...event }) => ({
			...freshEvent({
				id: idOf('event', event.title),
				rev: 1,
				clientId: idOf('client', client),
				title: event.title,
				date: dayAt(inDays)
			}),
			...event,
			...(weather && { weather: { ...weather, source: 'said' as const } }),
			...(budgetPounds !== undefined && { budget: pounds(budgetPounds) })
		})
	);
}

/** What was tried in shops: client | days ago | shop | of | label | verdict | tight | loose | kept. */
export const fitNotes = (): FitNote[] =>
	eachLine(
		'fit-notes.txt',
		read('fit-notes.txt'),
		([client = '', ago = '', shop = '', of = '', label = '', verdict = '', tight, loose, kept], i) =>
			fitNoteSchema.parse({
				...freshFitNote({
					id: idOf('fit note', client, String(i)),
					clientId: idOf('client', client),
					shop,
					of: of as FitNote['of'],
					label,
					on: dayAt(-Number(ago))
				}),
				rev: 1,
				verdict,
				tight: listed(tight),
				loose: listed(loose),
				kept: kept === 'kept'
			})
	);
