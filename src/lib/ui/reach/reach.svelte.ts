import { untrack } from 'svelte';
import type { Client, Piece, Reach, Reference } from '$lib/core';
import { reachInWorker } from '$lib/workers/rail';
import { explain } from '../frame/perform';

export interface ReachSource {
	client: Client;
	pieces: readonly Piece[];
	references: readonly Reference[];
}

const stamps = (records: readonly { id: string; rev: number }[]) =>
	records.map(({ id, rev }) => `${id} ${rev}`).join();

/**
 * What a rail reaches, worked out in a worker, and anew when the client, a piece or a reference changes; a change elsewhere asks
 * nothing. Nothing is worked out while the source is undefined. Call it while a component is being set up.
 */
export function reachOfRail(source: () => ReachSource | undefined) {
	let reaches = $state.raw<Reach[] | undefined>();
	let failed = $state('');
	const stamp = $derived.by(() => {
		const from = source();
		return from && [from.client.rev, stamps(from.pieces), stamps(from.references)].join(' ');
	});
	$effect(() => {
		if (stamp === undefined) return;
		let dropped = false;
		const { client, pieces, references } = untrack(() => $state.snapshot(source())) as ReachSource;
		reachInWorker(references, client, pieces).then(
			(answer) => {
				if (dropped) return;
				reaches = answer;
				failed = '';
			},
			(error: unknown) => {
				if (!dropped) failed = explain(error);
			}
		);
		return () => (dropped = true);
	});
	return {
		/** The closest first; undefined until it is known. */
		get reaches() {
			return reaches;
		},
		get failed() {
			return failed;
		}
	};
}
