/** Composes the demo studio's records from the text files beside this module. Throws with file and line on a slip. */
import { documentOf, freshSettings, type StudioDocument } from '../src/lib/core/index';
import { drillCards } from './records/drills';
import { echo } from './records/echoes';
import { orders } from './records/orders';
import { clients, events, fitNotes } from './records/people';
import { wardrobe, wears } from './records/rails';
import { reference } from './records/references';
import { dayAt, filesIn, writtenOn } from './records/source';
import { stockLists } from './records/stock-lists';

/** The whole demo studio as the document that a backup holds. */
export function composeDemo(): StudioDocument {
	const parts = {
		settings: [freshSettings({ rev: 1, studioName: 'Studio Saltmere', demo: true, rates: { EUR: 0.86 } })],
		clients: clients(),
		events: events(),
		pieces: filesIn('wardrobes').flatMap(wardrobe),
		photos: [],
		recipes: [],
		references: filesIn('references').map(reference)
	};
	return documentOf(
		{
			...parts,
			echoes: filesIn('echoes').map((file) => echo(file, parts)),
			wears: wears(parts.pieces),
			fitNotes: fitNotes(),
			orders: orders(),
			tryOns: [],
			drillCards: drillCards(writtenOn),
			stockLists: stockLists(dayAt(-3))
		},
		writtenOn
	);
}
