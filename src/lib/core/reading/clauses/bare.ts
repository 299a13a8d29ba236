/** What is not worn where a part of the body is said to be bare. */
import { sensesOf } from '../spans/senses';
import { garmentType } from '../../lexicon/taxonomy';
import type { TypeId } from '../../lexicon/types';
import type { SpanAfter } from './after-part';

/** "Bare feet in velvet slippers": where shoes are named before the next break, it is socks that bare feet have none of. */
export function notWorn(type: TypeId, after: SpanAfter): TypeId {
	if (type !== 'shoes') return type;
	for (let ahead = 0, next = after(0); next && !next.breakBefore; next = after(++ahead))
		if (sensesOf(next, 'type').some((own) => garmentType(own.type).slot === 'feet')) return 'socks';
	return type;
}
