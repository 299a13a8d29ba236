import type { Studio } from '$lib/core';
import { m } from '../messages';

/** "3 clients, 62 pieces, 4 references, 2 echoes" */
export const contentsInWords = (
	studio: Pick<Studio, 'clients' | 'pieces' | 'references' | 'echoes'>
): string =>
	[
		m.counts.clients(studio.clients.length),
		m.counts.pieces(studio.pieces.length),
		m.counts.references(studio.references.length),
		m.counts.echoes(studio.echoes.length)
	].join(', ');
