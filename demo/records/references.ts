/** The demo’s reference looks, a file each. */
import {
	type AspectId,
	type Element,
	type MoveId,
	type Provenance,
	type Reference,
	type RoleId
} from '../../src/lib/core/index';
import { eachLine, garmentFrom, headed, idOf, keyOf, listed, read } from './source';

export function reference(file: string): Reference {
	const key = keyOf(file);
	const { head, body } = headed(read(`references/${file}`));
	const elements = eachLine(
		`references/${file}`,
		body,
		(
			[said = '', colours = '', facets = '', role, provenance, moves, signature, open, note = ''],
			i
		): Element => {
			// "bangle × 4": how many are worn together.
			const [type = '', count] = said.split('×').map((part) => part.trim());
			return {
				id: idOf('element', key, type),
				garment: garmentFrom(type, colours, facets, provenance as Provenance),
				rank: i + 1,
				role: role as RoleId,
				weightFactor: 1,
				signature: listed<AspectId>(signature),
				open: listed<AspectId>(open),
				moves: listed<MoveId>(moves),
				...(count && { count: Number(count) }),
				note
			};
		}
	);
	return {
		id: idOf('reference', key),
		rev: 1,
		kind: head.kind as Reference['kind'],
		title: head.title ?? key,
		credit: { who: head.who ?? '', source: head.source ?? '' },
		boards: listed(head.boards),
		photos: [],
		elements,
		note: head.note ?? ''
	};
}
