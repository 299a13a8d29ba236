/** Echoes that are looked for, gone through a few at a time so that typing and drawing go on. */
import { group, index } from 'd3-array';
import { isFound, type Client, type Echo, type EchoSearch, type Piece, type Reference } from '$lib/core';

interface Source {
	search: EchoSearch | undefined;
	echoes: readonly Echo[];
	clients: readonly Client[];
	references: readonly Reference[];
	pieces: readonly Piece[];
}

/** As long as one turn takes at most, in ms. */
const turnMs = 12;

/** Call it while a component is being set up. */
export function foundEchoes(source: () => Source) {
	let found = $state.raw<Echo[]>([]);
	let isWorking = $state(false);
	$effect(() => {
		const { search, echoes, clients, references, pieces } = source();
		if (!search) return;
		const piecesOf = group(pieces, ({ clientId }) => clientId);
		const clientOf = index(clients, ({ id }) => id);
		const referenceOf = index(references, ({ id }) => id);
		const answer: Echo[] = [];
		let at = 0;
		let timer: ReturnType<typeof setTimeout> | undefined;
		isWorking = true;
		const turn = () => {
			const until = performance.now() + turnMs;
			for (; at < echoes.length && performance.now() < until; at++) {
				const echo = echoes[at];
				const client = echo && clientOf.get(echo.clientId);
				const reference = echo && referenceOf.get(echo.referenceId);
				if (!client || !reference) continue;
				if (isFound(echo, { client, reference, pieces: piecesOf.get(client.id) ?? [] }, search))
					answer.push(echo);
			}
			if (at < echoes.length) timer = setTimeout(turn);
			else {
				found = answer;
				isWorking = false;
			}
		};
		timer = setTimeout(turn);
		return () => clearTimeout(timer);
	});
	return {
		get echoes(): readonly Echo[] {
			return found;
		},
		get isWorking() {
			return isWorking;
		}
	};
}
