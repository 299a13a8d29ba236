import type { Studio } from '$lib/core';
import { m } from '../messages';

type Told = 'clients' | 'pieces' | 'references' | 'echoes';

/** "3 clients, 62 pieces, 4 references, 2 echoes" */
export const countsInWords = (counts: Record<Told, number>): string =>
	[
		m.counts.clients(counts.clients),
		m.counts.pieces(counts.pieces),
		m.counts.references(counts.references),
		m.counts.echoes(counts.echoes)
	].join(', ');

export const contentsInWords = ({ clients, pieces, references, echoes }: Pick<Studio, Told>): string =>
	countsInWords({
		clients: clients.length,
		pieces: pieces.length,
		references: references.length,
		echoes: echoes.length
	});
