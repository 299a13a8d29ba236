/** The stylist's verdict on an echo. `label` is what undo calls it, in the past tense. */
import { judge, type Echo, type TryOn, type Verdict } from '../core';
import { moment, newId } from './clock';
import { database } from './database';
import { change } from './journal';
import { StaleWriteError } from './writer';

/** The try-on that an echo is judged by: the last one. */
export const latestTryOn = async (echoId: string): Promise<TryOn | undefined> =>
	(await database.tryOns.where('echoId').equals(echoId).sortBy('on')).at(-1);

/** Adds the stylist's verdict to an echo, with all that it judged frozen in it. */
export async function judgeEcho(label: string, echo: Echo, verdict: Verdict): Promise<void> {
	const [reference, client, pieces, settings, event, tryOn] = await Promise.all([
		database.references.get(echo.referenceId),
		database.clients.get(echo.clientId),
		database.pieces.where('clientId').equals(echo.clientId).toArray(),
		database.settings.toCollection().first(),
		echo.eventId === undefined ? undefined : database.events.get(echo.eventId),
		latestTryOn(echo.id)
	]);
	if (!reference) throw new StaleWriteError('references');
	const when = {
		id: newId(),
		at: moment(),
		currency: settings?.currency ?? 'GBP',
		rates: settings?.rates ?? {}
	};
	const judgement = judge(echo, reference, pieces, verdict, when, {
		client,
		event,
		tryOn,
		calibration: settings?.calibration
	});
	await change(label, (writer) =>
		writer.edit('echoes', echo.id, (draft) => void draft.judgements.push(judgement), echo.rev)
	);
}
