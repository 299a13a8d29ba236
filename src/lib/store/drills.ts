/** What is remembered of drills. */
import { v5 } from 'uuid';
import { freshDrillCard, type DrillCard, type DrillId } from '../core';
import { answered } from '../core/drills';
import { moment } from './clock';
import { database } from './database';
import { change } from './journal';

/** Ids of cards are made from their questions, so that two tabs never keep two of one question. */
const namespace = 'd8b0c2a4-5f0e-4c53-9a1b-7a4e6d2c9f31';
const idOf = (drill: DrillId, question: string) => v5(`${drill}\n${question}`, namespace);

/** Notes an answer; returns the card as it is then. */
export async function noteAnswer(
	label: string,
	drill: DrillId,
	question: string,
	right: number
): Promise<DrillCard | undefined> {
	const id = idOf(drill, question);
	const at = moment();
	await change(label, async (writer) => {
		const known = await database.drillCards.get(id);
		if (known)
			await writer.edit('drillCards', id, (draft) => void Object.assign(draft, answered(known, right, at)));
		else
			await writer.create(
				'drillCards',
				answered(freshDrillCard({ id, drill, question, due: at }), right, at)
			);
	});
	return database.drillCards.get(id);
}
