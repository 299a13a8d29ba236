import type { Reach, Reference } from '$lib/core';
import { database } from '$lib/store/database';
import { live } from '$lib/store/live.svelte';
import { reachOfRail } from './reach.svelte';

/** The client whose rail the boards are looked at for; kept from one place to the next. */
const chosen = $state({ id: '' });

/** What one client's rail makes of references, the client chosen on screen. Call it while a component is being set up. */
export function reachForClient(references: () => readonly Reference[]) {
	const clients = live(
		() => async () => (await database.clients.toArray()).sort((a, b) => a.name.localeCompare(b.name))
	);
	const found = live(() => {
		const { id } = chosen;
		return async () => ({
			client: id ? await database.clients.get(id) : undefined,
			pieces: id ? await database.pieces.where('clientId').equals(id).toArray() : []
		});
	});
	const reach = reachOfRail(() => {
		const { client, pieces } = found.value ?? {};
		return client && pieces && client.id === chosen.id
			? { client, pieces, references: references() }
			: undefined;
	});
	const byReference = $derived<Readonly<Record<string, Reach>>>(
		chosen.id === '' ? {} : Object.fromEntries((reach.reaches ?? []).map((one) => [one.referenceId, one]))
	);
	return {
		get clients() {
			return clients.value ?? [];
		},
		get chosenId() {
			return chosen.id;
		},
		set chosenId(id) {
			chosen.id = id;
		},
		of: (referenceId: string): Reach | undefined => byReference[referenceId],
		get failed() {
			return reach.failed;
		}
	};
}
export type ReachForClient = ReturnType<typeof reachForClient>;
