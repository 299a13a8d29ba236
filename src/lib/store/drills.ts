/** What is remembered of drills. */
import { freshDrillCard, type DrillCard, type DrillId } from '../core';
import { answered, drillCardId } from '../core/drills';
import { moment } from './clock';
import { database } from './database';
import { change } from './journal';

/** Notes an answer; returns the card as it is then. */
export async function noteAnswer(
	label: string,
	drill: DrillId,
	question: string,
	right: number
): Promise<DrillCard | undefined> {
	const id = drillCardId(drill, question);
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
