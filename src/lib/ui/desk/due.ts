import {
	dueOn,
	preparationOf,
	preparedIn,
	type Client,
	type Echo,
	type Event,
	type Piece,
	type Task
} from '$lib/core';

/** Something to be done for an event, for the echo that is worn at it. */
export interface Due {
	echo: Echo;
	event: Event;
	task: Task;
	/** On which it should be done. */
	day: string;
	done: boolean;
}

export interface DueSource {
	echoes: readonly Echo[];
	events: readonly Event[];
	clients: readonly Client[];
	pieces: readonly Piece[];
}

/** What is to be prepared for coming events, the earliest first. */
export const dueFor = ({ echoes, events, clients, pieces }: DueSource): Due[] =>
	echoes
		.flatMap((echo): Due[] => {
			const event = events.find(({ id }) => id === echo.eventId);
			const client = clients.find(({ id }) => id === echo.clientId);
			if (!event || !client) return [];
			return preparationOf(preparedIn(echo, pieces), client, event).map((task) => ({
				echo,
				event,
				task,
				day: dueOn(task, event),
				done: echo.prepared.some((one) => one.task === task.key)
			}));
		})
		.sort((a, b) => a.day.localeCompare(b.day));
