import {
	joinedRegions,
	strokeRegion,
	withoutRegion,
	type Box,
	type Photo,
	type PhotoReading,
	type Region,
	type Spot
} from '$lib/core';
import { marksInWorker, photoSession, type KnownOfPhoto, type OpenedPhoto } from '$lib/workers/photo';

/** What the pointer does, and what is done with what it finds. */
export const tools = ['point', 'box', 'brush', 'white', 'grey', 'body'] as const;
export type Tool = (typeof tools)[number];
export const modes = ['new', 'add', 'trim'] as const;
export type Mode = (typeof modes)[number];

/** A click that can still be taken larger or smaller: what it was done to, and where. */
interface LastClick {
	spot: Spot;
	mode: Mode;
	before: Region | undefined;
	by: number;
	level: number;
	levels: number;
}

const roundedBox = ({ x, y, width, height }: Box): Box => ({
	x: Math.round(x),
	y: Math.round(y),
	width: Math.max(1, Math.round(width)),
	height: Math.max(1, Math.round(height))
});

/** As many steps as can be gone back. */
const mostSteps = 60;

/**
 * A photo that is being measured: what is marked on it, how it came to be, and what is read there. Call it while a
 * component is being set up.
 */
export function measuring({
	photo,
	bytes,
	ofOneThing = false,
	ofBody = false
}: {
	photo: () => Photo | undefined;
	bytes: () => Blob | undefined;
	/** The picture is of a single thing in its middle, which is marked as soon as it is open. */
	ofOneThing?: boolean;
	/** The picture is of somebody: marks of the body are looked for where none are kept. */
	ofBody?: boolean;
}) {
	const ask = photoSession();
	let opened = $state.raw<OpenedPhoto | undefined>();
	let failed = $state('');
	let region = $state.raw<Region | undefined>();
	let reading = $state.raw<PhotoReading | undefined>();
	let past = $state.raw<(Region | undefined)[]>([]);
	let future = $state.raw<(Region | undefined)[]>([]);
	let last = $state.raw<LastClick | undefined>();
	let busy = $state(0);
	let asked = 0;
	let isSettled: () => void = () => undefined;
	/** Ends when the photo is open, or cannot be opened, and what it is of is marked where that was asked. */
	const settling = new Promise<void>((resolve) => (isSettled = resolve));

	/** Marks that were found, until some are kept; null where nobody was found. */
	let foundMarks = $state.raw<Photo['marks'] | null>();
	const marks = $derived(photo()?.marks ?? foundMarks ?? undefined);
	/** As text, so that what else changes on the photo measures nothing anew. */
	const knownKey = $derived(JSON.stringify({ known: photo()?.known, marks }));
	const known = $derived(JSON.parse(knownKey) as KnownOfPhoto);

	async function open(file: Blob, isLeft: () => boolean) {
		try {
			const result = await ask((worker) => worker.open(file));
			const middle = ofOneThing ? await ask((worker) => worker.middle()) : undefined;
			if (isLeft()) return;
			region ??= middle;
			opened = result;
		} catch (error) {
			if (!isLeft()) failed = error instanceof Error ? error.message : String(error);
		}
	}
	$effect(() => {
		const file = bytes();
		if (!file) return;
		opened = undefined;
		foundMarks = undefined;
		failed = '';
		let left = false;
		void open(file, () => left).finally(isSettled);
		return () => (left = true);
	});

	let looking = $state.raw<Promise<void> | undefined>();
	async function look() {
		const of = opened;
		const found = await ask((worker) => worker.picture())
			.then(marksInWorker)
			.catch(() => undefined);
		// Another picture may be open by now.
		if (opened === of) foundMarks = found ?? null;
	}
	/** Looks for the marks of a body, once at a time. */
	const lookForMarks = () => (looking ??= look().finally(() => (looking = undefined)));
	const isToLook = () => ofBody && opened !== undefined && !photo()?.marks && foundMarks === undefined;
	$effect(() => {
		if (isToLook() && !looking) void lookForMarks();
	});

	/** What is marked is read anew, also when the light is put right. */
	$effect(() => {
		const [marked, of] = [region, known];
		if (!opened) return;
		const turn = ++asked;
		if (!marked) {
			reading = undefined;
			return;
		}
		void ask((worker) => worker.measure(marked, of)).then((result) => {
			if (turn === asked) reading = result;
		});
	});

	function keep(next: Region | undefined) {
		past = [...past, region].slice(-mostSteps);
		future = [];
		region = next;
	}
	function combined(found: Region | undefined, mode: Mode, before: Region | undefined): Region | undefined {
		if (!opened || !found) return before;
		if (mode === 'new' || !before) return mode === 'trim' ? before : found;
		return mode === 'add' ? joinedRegions(before, found, opened) : withoutRegion(before, found, opened);
	}
	/** One question at a time is shown as being at work. */
	async function working<T>(work: () => Promise<T>): Promise<T> {
		busy++;
		try {
			return await work();
		} finally {
			busy--;
		}
	}

	async function click(spot: Spot, mode: Mode) {
		if (!opened) return;
		const before = region;
		const found = await working(() => ask((worker) => worker.click(spot)));
		if (!found) return;
		keep(combined(found.region, mode, before));
		last = { spot, mode, before, by: 0, level: found.level, levels: found.levels };
	}
	/** Takes the last click larger or smaller. */
	async function level(step: -1 | 1) {
		const at = last;
		if (!at || at.level + step < 0 || at.level + step >= at.levels) return;
		const by = at.by + step;
		const found = await working(() => ask((worker) => worker.click(at.spot, by)));
		if (!found || last !== at) return;
		region = combined(found.region, at.mode, at.before);
		last = { ...at, by, level: found.level };
	}
	/** A new box is drawn around a thing; added or taken away, a box is no more than itself. */
	async function box(drawn: Box, mode: Mode) {
		if (!opened) return;
		const before = region;
		const found =
			mode === 'new' || !before
				? (await working(() => ask((worker) => worker.box(drawn))))?.region
				: roundedBox(drawn);
		last = undefined;
		keep(combined(found, mode, before));
	}
	/** What is marked and what is read there, of just that region: what is shown may be a moment behind. */
	async function settled() {
		await settling;
		if (isToLook()) await lookForMarks();
		const [marked, of] = [region, known];
		if (!marked || !opened) return undefined;
		const read = await ask((worker) => worker.measure(marked, of));
		return read && { region: marked, reading: read, size: opened };
	}
	function brush(path: readonly Spot[], radius: number, mode: Mode) {
		if (!opened) return;
		last = undefined;
		const stroke = strokeRegion(path, radius, opened);
		keep(combined(stroke, mode === 'new' ? 'add' : mode, region));
	}

	return {
		get opened() {
			return opened;
		},
		get failed() {
			return failed;
		},
		get region() {
			return region;
		},
		/** The marks of the body, kept or found; undefined while there are none. */
		get marks() {
			return marks;
		},
		/** Were marks looked for and nobody found? */
		get isNobodyFound() {
			return foundMarks === null && !photo()?.marks;
		},
		get reading() {
			return reading;
		},
		get busy() {
			return busy > 0 || !opened;
		},
		/** Where the last click stands among what it can mean. */
		get level() {
			return last && { level: last.level, levels: last.levels };
		},
		get canGoBack() {
			return past.length > 0;
		},
		get canGoAgain() {
			return future.length > 0;
		},
		click,
		takeMore: () => level(1),
		takeLess: () => level(-1),
		box,
		settled,
		brush,
		back() {
			if (past.length === 0) return;
			future = [...future, region];
			region = past.at(-1);
			past = past.slice(0, -1);
			last = undefined;
		},
		again() {
			if (future.length === 0) return;
			past = [...past, region];
			region = future.at(-1);
			future = future.slice(0, -1);
			last = undefined;
		},
		/** Marks something else: nothing, or what was marked before. */
		mark(next: Region | undefined) {
			last = undefined;
			keep(next);
		},
		/** How far each of several regions reaches on the body that is marked. */
		onBody: (regions: readonly Region[]) => ask((worker) => worker.onBody(regions, known)),
		/** Can the light be put right by this spot? */
		canCorrect: async (spot: NonNullable<Photo['known']>) =>
			opened !== undefined && (await ask((worker) => worker.canCorrect(spot))),
		corrected: (light: NonNullable<Photo['known']>) => ask((worker) => worker.corrected(light)),
		colourAt: (spot: Spot, light: Photo['known']) => ask((worker) => worker.colourAt(spot, light))
	};
}
export type Measuring = ReturnType<typeof measuring>;
