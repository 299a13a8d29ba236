import {
	clickModes,
	joinedRegions,
	nothingMarked,
	strokeRegion,
	withoutRegion,
	type Box,
	type Click,
	type ClickMode,
	type Marked,
	type Photo,
	type PhotoReading,
	type Region,
	type Spot
} from '$lib/core';
import { marksInWorker, photoSession, type KnownOfPhoto, type OpenedPhoto } from '$lib/workers/photo';

/** What the pointer does, and what is done with what it finds. */
export const tools = ['point', 'box', 'brush', 'white', 'grey', 'body'] as const;
export type Tool = (typeof tools)[number];
export { clickModes as modes, type ClickMode as Mode };

/** A click that can still be taken larger or smaller, and what it was done to. */
interface LastClick extends Required<Click> {
	before: Marked;
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
	ofBody = false,
	others = () => []
}: {
	photo: () => Photo | undefined;
	bytes: () => Blob | undefined;
	/** The picture is of a single thing in its middle, which is marked as soon as it is open. */
	ofOneThing?: boolean;
	/** The picture is of somebody: marks of the body are looked for where none are kept. */
	ofBody?: boolean;
	/** What is marked already as other things: none of it is marked again by a click or a box beside it. */
	others?: () => readonly Region[];
}) {
	const ask = photoSession();
	let opened = $state.raw<OpenedPhoto | undefined>();
	let failed = $state('');
	let marked = $state.raw(nothingMarked);
	let reading = $state.raw<PhotoReading | undefined>();
	let past = $state.raw<Marked[]>([]);
	let future = $state.raw<Marked[]>([]);
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
			if (!marked.region) marked = { ...nothingMarked, region: middle };
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
		const [{ region }, of] = [marked, known];
		if (!opened) return;
		const turn = ++asked;
		if (!region) {
			reading = undefined;
			return;
		}
		void ask((worker) => worker.measure(region, of)).then((result) => {
			if (turn === asked) reading = result;
		});
	});

	function keep(next: Marked) {
		past = [...past, marked].slice(-mostSteps);
		future = [];
		marked = next;
	}
	/** Marks what was drawn, not clicked on: alone, added or taken away. */
	function keepDrawn(drawn: Region | undefined, mode: ClickMode) {
		if (!opened || !drawn) return;
		const { region } = marked;
		if (mode === 'new' || !region) {
			if (mode !== 'trim') keep({ ...nothingMarked, region: drawn });
			return;
		}
		const put = mode === 'add' ? joinedRegions : withoutRegion;
		keep({ ...marked, region: put(region, drawn, opened) });
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

	/** What is done to the mark waits for what was done before it: a stroke after a click is made to what the click marked. */
	let lastDone: Promise<unknown> = Promise.resolve();
	function inTurn(work: () => void | Promise<void>): Promise<void> {
		const done = lastDone.then(work);
		lastDone = done.catch(() => undefined);
		return done;
	}

	async function click(spot: Spot, mode: ClickMode) {
		if (!opened) return;
		const before = marked;
		const done = { spot, mode, others: others() };
		const found = await working(() => ask((worker) => worker.click(before, done)));
		if (!found) return;
		keep(found.marked);
		last = { ...done, before, by: 0, level: found.level, levels: found.levels };
	}
	/** Takes the last click larger or smaller. */
	async function level(step: -1 | 1) {
		const at = last;
		if (!at || at.level + step < 0 || at.level + step >= at.levels) return;
		const { before, spot, mode, others: beside } = at;
		const by = at.by + step;
		const found = await working(() =>
			ask((worker) => worker.click(before, { spot, mode, by, others: beside }))
		);
		if (!found || last !== at) return;
		marked = found.marked;
		last = { ...at, by, level: found.level };
	}
	/** A new box is drawn around a thing; added or taken away, a box is no more than itself. */
	async function box(drawn: Box, mode: ClickMode) {
		if (!opened) return;
		const [isAround, beside] = [mode === 'new' || !marked.region, others()];
		const found = isAround
			? await working(() => ask((worker) => worker.box(drawn, beside)))
			: roundedBox(drawn);
		last = undefined;
		keepDrawn(found, mode);
	}
	/** What is marked and what is read there, of just that region: what is shown may be a moment behind. */
	async function settled() {
		await settling;
		await lastDone;
		if (isToLook()) await lookForMarks();
		const [{ region }, of] = [marked, known];
		if (!region || !opened) return undefined;
		const read = await ask((worker) => worker.measure(region, of));
		return read && { region, reading: read, size: opened };
	}
	function brush(path: readonly Spot[], radius: number, mode: ClickMode) {
		if (!opened) return;
		last = undefined;
		keepDrawn(strokeRegion(path, radius, opened), mode === 'new' ? 'add' : mode);
	}

	function back() {
		if (past.length === 0) return;
		future = [...future, marked];
		marked = past.at(-1) ?? nothingMarked;
		past = past.slice(0, -1);
		last = undefined;
	}
	function again() {
		if (future.length === 0) return;
		past = [...past, marked];
		marked = future.at(-1) ?? nothingMarked;
		future = future.slice(0, -1);
		last = undefined;
	}

	return {
		get opened() {
			return opened;
		},
		get failed() {
			return failed;
		},
		get region() {
			return marked.region;
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
		click: (spot: Spot, mode: ClickMode) => inTurn(() => click(spot, mode)),
		takeMore: () => inTurn(() => level(1)),
		takeLess: () => inTurn(() => level(-1)),
		box: (drawn: Box, mode: ClickMode) => inTurn(() => box(drawn, mode)),
		settled,
		brush: (path: readonly Spot[], radius: number, mode: ClickMode) =>
			void inTurn(() => brush(path, radius, mode)),
		back: () => void inTurn(back),
		again: () => void inTurn(again),
		/** Marks something else: nothing, or what was marked before. */
		mark: (next: Region | undefined) =>
			void inTurn(() => {
				last = undefined;
				keep({ ...nothingMarked, region: next });
			}),
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
