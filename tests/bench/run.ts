/** Prints the figures that the design sets, as measured on this machine, which of them fall short, and why. Nothing here passes or fails. */
import { cpus } from 'node:os';
import { composeDemo } from '../../demo/compose';
import {
	adaptLook,
	candidatesFor,
	becomingsOf,
	checkLook,
	closenessTo,
	closest,
	deltaE00,
	drawPlate,
	garmentTypes,
	inOrder,
	indexGarments,
	labOfHex,
	matchWardrobe,
	marksOfPose,
	mayWear,
	optionsOfPiece,
	outfitsFrom,
	reachOf,
	openArchive,
	openBackup,
	rankCandidates,
	readLook,
	scoreLook,
	scoringOf,
	wornIn,
	type Garment
} from '../../src/lib/core';
import { findPose } from '../../src/lib/workers/pose/find-pose';
import { simulatedStock } from '../../src/lib/server/market/stock';
import {
	drawnMarks,
	marksOnCuts,
	measuredPhotographs,
	measuredPrints,
	measuredShapes,
	printConfusion,
	quantile,
	withinOne,
	type MeasuredStep
} from '../photographs';
import { kept, looked, printsRead } from '../cloths';
import { poseModel } from '../pose-model';
import { labelledOutfits, scoreEye } from '../outfits';
import { attainable, kendallTauB, labelledPairs, misplaced, orderedWithin } from '../pairs';
import { labelledPhrases, scoreReading } from '../phrases';
import { labelledLimits, missedOf } from '../limits';
import { labelledSentences } from '../sentences';
import { atLeast, atMost, each, whyMissed, type Aim } from './aims';
import { browserFigures, type BrowserFigures } from './browser';
import { budgetFigures } from './budget';
import { railOf } from './career';
import { median } from './median';
import type { Waited } from './large-studio';
import { marketFigures } from './market';

/** What the timings since the last row took: by the clock, and of processors, by all threads of this process. */
const spentSince = { wallMs: 0, cpuMs: 0 };
/** Begins a timing; what it returns ends it, in ms. */
function timing(): () => number {
	const before = process.cpuUsage();
	const started = performance.now();
	return () => {
		const wallMs = performance.now() - started;
		const { user, system } = process.cpuUsage(before);
		spentSince.wallMs += wallMs;
		spentSince.cpuMs += (user + system) / 1000;
		return wallMs;
	};
}
/** Well below 100 %, the machine was busy with something else, or the work waited. */
function cpuSince(): string | undefined {
	const { wallMs, cpuMs } = spentSince;
	Object.assign(spentSince, { wallMs: 0, cpuMs: 0 });
	return wallMs > 0 ? `CPU ${Math.round((cpuMs / wallMs) * 100)} %` : undefined;
}

/** Median milliseconds of a piece of work over so many runs, after two to warm up. */
function millisecondsOf(work: () => unknown, runs = 9): number {
	work();
	work();
	return median(
		Array.from({ length: runs }, () => {
			const end = timing();
			work();
			return end();
		})
	);
}

/** The same of work that is waited for. */
async function millisecondsOfAsync(work: () => Promise<unknown>, runs = 9): Promise<number> {
	await work();
	const times: number[] = [];
	for (let run = 0; run < runs; run++) {
		const end = timing();
		await work();
		times.push(end());
	}
	return median(times);
}

const rows: { what: string; measured: string; aim: Aim | undefined; cpu: string | undefined }[] = [];
/** `cpu` is what processors did for it, where that is not the timings of this process since the last row. */
const report = (what: string, measured: string, aim?: Aim, cpu = cpuSince()) =>
	rows.push({ what, measured, aim, cpu });
const ms = (value: number) => `${value < 10 ? value.toFixed(2) : value.toFixed(0)} ms`;

const demo = composeDemo();
const elements = demo.references.flatMap((reference) => reference.elements);
const stock = simulatedStock(1, 5000);

/** As many listings as asked, with one swatch each or with up to five, every colour another: a generator of our own, by seed. */
function listings(count: number, swatches: 1 | 5): Garment[] {
	let state = 20_771;
	const below = (n: number) => {
		state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
		return state % n;
	};
	return Array.from({ length: count }, (_, i) => {
		const { garment } = stock[i % stock.length]!;
		const palette = Array.from({ length: swatches === 1 ? 1 : 1 + (i % 5) }, (_, k) => ({
			hex: `#${below(0x1000000).toString(16).padStart(6, '0')}`,
			share: 1 / (k + 1),
			provenance: 'said' as const
		}));
		return { ...garment, palette };
	});
}

/** Elements that ask for a colour: the dearest to compare. */
const coloured = elements.filter(
	({ garment, open }) => garment.palette.length > 0 && !open.includes('palette')
);
const dress = coloured.find(({ garment }) => garment.type === 'evening-gown') ?? coloured[0]!;

{
	const pool = listings(2000, 1);
	let pairs = 0;
	const spent = millisecondsOf(() => {
		pairs = 0;
		for (const element of elements) {
			const closenessOf = closenessTo(element);
			for (const garment of pool) {
				closenessOf(garment);
				pairs++;
			}
		}
	}, 3);
	report('closeness pairs per second', Math.round(pairs / (spent / 1000)).toLocaleString('en-GB'));
	const labs = pool.map(({ palette }) => labOfHex(palette[0]!.hex));
	const reference = labOfHex('#6a1a2c');
	const differences = millisecondsOf(() => {
		for (let k = 0; k < elements.length; k++) for (const lab of labs) deltaE00(reference, lab);
	}, 3);
	report(
		'  beside bare CIEDE2000 differences in the same process',
		`${(spent / differences).toFixed(1)} × the time of one difference a pair`
	);
}
for (const [swatches, limit] of [
	[1, 15],
	[5, 100]
] as const) {
	const pool = listings(50_000, swatches);
	const index = indexGarments(pool);
	const asked = coloured.map((element) => millisecondsOf(() => closest(index, element), 3));
	const spent = median(asked);
	const plainly = millisecondsOf(() => rankCandidates(dress, pool, (garment) => garment), 3);
	report(
		`one element against 50,000 listings, ${swatches === 1 ? 'one swatch' : 'up to five swatches'}, all colours distinct (median of ${coloured.length} elements; worst)`,
		`${ms(spent)}; ${ms(Math.max(...asked))}`,
		atMost(limit, 'ms', spent)
	);
	report(
		'  beside the plain comparison in the same process',
		`${(plainly / spent).toFixed(0)} × as fast (${ms(plainly)} plainly)`
	);
}
{
	const echo = demo.echoes[0]!;
	const reference = demo.references.find(({ id }) => id === echo.referenceId)!;
	const pieces = demo.pieces.filter(({ clientId }) => clientId === echo.clientId);
	report('score of a demo look', ms(millisecondsOf(() => scoreLook(reference, wornIn(echo, pieces)), 99)));
	const options = pieces.flatMap(optionsOfPiece);
	report(
		'tray of one rung, whole wardrobe ranked',
		ms(
			millisecondsOf(
				() => rankCandidates(inOrder(reference.elements)[0]!, options, ({ garment }) => garment),
				99
			)
		)
	);
}
{
	const phrases = labelledPhrases();
	const perSecond = (runs: number) =>
		Math.round(
			phrases.length / (millisecondsOf(() => phrases.forEach(({ text }) => readLook(text)), runs) / 1000)
		);
	const [first, later] = [perSecond(15), perSecond(60)];
	report(
		`phrases read per second (${phrases.length} labelled ones): at first, then`,
		`${first.toLocaleString('en-GB')}, ${later.toLocaleString('en-GB')}`,
		atLeast(2000, first, later)
	);
	const score = scoreReading(phrases);
	const rates = ({ precision, recall }: { precision: number; recall: number }) =>
		`${precision.toFixed(3)} and ${recall.toFixed(3)}`;
	const both = ({ precision, recall }: { precision: number; recall: number }, limit: number) =>
		atLeast(limit, precision, recall);
	report('  elements, precision and recall', rates(score.elements), both(score.elements, 0.97));
	report('  facets, precision and recall', rates(score.facets), both(score.facets, 0.93));
	for (const error of score.errors) report('  misread', error);
	for (const [name, sentences] of [
		['sentences of five kinds of writer', labelledSentences()],
		['more sentences of the same kinds', labelledSentences('more-sentences')]
	] as const)
		for (const held of [false, true]) {
			const set = sentences.filter((one) => one.held === held);
			const [read, near] = [scoreReading(set), scoreReading(set, true)];
			report(
				`${name}, the half ${held ? 'only ever run' : 'for tuning'}: read wholly right; precision and recall`,
				`${set.length - read.errors.length} of ${set.length}; elements ${rates(read.elements)}; facets ${rates(read.facets)}`,
				each(both(read.elements, 0.97), both(read.facets, 0.94))
			);
			report(
				'  another kind of the same family counted as found',
				`elements ${rates(near.elements)}; facets ${rates(near.facets)}`
			);
		}
}
{
	const pairs = labelledPairs();
	const tau = kendallTauB(
		pairs.map(({ grade }) => grade),
		pairs.map(({ closeness }) => closeness)
	);
	report(`likeness of ${pairs.length} graded pairs, Kendall’s tau-b`, tau.toFixed(3), atLeast(0.85, tau));
	for (const error of misplaced(pairs)) report('  two grades out', error);
	for (const [name, held] of [
		['more-pairs', false],
		['more-pairs', true],
		['fresh-pairs', false],
		['fresh-pairs', true]
	] as const) {
		const set = labelledPairs(name).filter((pair) => pair.held === held);
		const grades = set.map(({ grade }) => grade);
		const reached = kendallTauB(
			grades,
			set.map(({ closeness }) => closeness)
		);
		report(
			`  ${name === 'fresh-pairs' ? 'as strangers write them' : 'more'}, ${set.length} ${held ? 'only ever run' : 'for tuning'}; share of the tau-b that ties allow`,
			`${reached.toFixed(3)}; ${(reached / attainable(grades)).toFixed(2)}`,
			atLeast(0.8, reached)
		);
	}
	const closeCalls = labelledPairs('close-calls');
	const ordered = orderedWithin(closeCalls);
	report(
		'close calls for one reference in the order of their grades',
		`${ordered.inOrder} of ${ordered.compared}`
	);
	for (const error of ordered.errors) report('  out of order', error);
}
{
	const { tuned, held } = labelledLimits();
	for (const [which, set] of [
		['for tuning', tuned],
		['only ever run', held]
	] as const) {
		const share = 1 - missedOf(set).length / set.length;
		report(
			`limits in clients’ own words, ${set.length} ${which}: raised, asked or left to people as labelled`,
			share.toFixed(3),
			atLeast(0.9, share)
		);
	}
}
{
	const outfits = labelledOutfits();
	const spent = millisecondsOf(() => outfits.forEach(({ worn, context }) => checkLook(worn, context)), 15);
	report('one look checked by the eye', ms(spent / outfits.length));
	const { precision, recall, errors } = scoreEye(outfits);
	report(
		`  findings on ${outfits.length} labelled outfits, precision and recall`,
		`${precision.toFixed(3)} and ${recall.toFixed(3)}`,
		atLeast(0.9, precision, recall)
	);
	for (const error of errors) report('  error', error);
}
{
	const [client] = demo.clients;
	const [reference] = demo.references;
	const own = demo.pieces.filter(({ clientId }) => clientId === client?.id);
	if (client && reference) {
		report(
			`what ${own.length} pieces can become, for one element`,
			ms(median(reference.elements.map((one) => millisecondsOf(() => becomingsOf(own, one, { client })))))
		);
		report(
			'a wearable version (the slowest of the demo)',
			ms(
				Math.max(
					...demo.references.flatMap((one) =>
						demo.clients.map((who) => millisecondsOf(() => adaptLook(one, who), 3))
					)
				)
			)
		);
	}
}
{
	const looks = demo.references.map(({ elements: worn }) => ({
		worn: worn.map(({ id, garment, moves }) => ({ id, garment, moves }))
	}));
	const spent = median(looks.map((look) => millisecondsOf(() => drawPlate(look), 31)));
	report('one plate (median of the demo references)', ms(spent), atMost(3, 'ms', spent));
	report('types that draw', `${garmentTypes.length}`);
}
{
	const pack = async () => {
		const archive = openArchive(demo.writtenOn);
		await archive.addRecords(demo);
		return archive.close();
	};
	const file = await pack();
	const out = await millisecondsOfAsync(pack, 5);
	const back = await millisecondsOfAsync(async () => {
		const read = await openBackup(file);
		if (!read.ok) throw new Error('The backup does not come in again');
		await read.value.close();
	}, 5);
	report(`backup of ${demo.pieces.length} pieces, out and in again`, `${ms(out)} and ${ms(back)}`);
}

{
	const reference = demo.references.find(({ title }) => title === '1930s evening')!;
	const client = demo.clients[0]!;
	const scoring = scoringOf(reference, {}, client);
	const spent = [500, 1000, 2000].map((count) => {
		const rail = railOf(demo.pieces[0]!, count);
		const options = rail.flatMap(optionsOfPiece);
		let n = 0;
		const matching = millisecondsOf(
			() => matchWardrobe(reference, [], options, { ...scoring, newId: () => `match-${n++}` }),
			5
		);
		const tray = millisecondsOf(
			() =>
				candidatesFor({ reference, client, pieces: rail, scoring, seenOn: '2026-01-01' }).for(
					reference.elements[0]!
				),
			5
		);
		return { count, matching, tray };
	});
	for (const { count, matching, tray } of spent) {
		const limit = { 500: 40, 2000: 150 }[count];
		report(
			`match what I have, ${count} pieces`,
			ms(matching),
			limit ? atMost(limit, 'ms', matching) : undefined
		);
		report(`  tray of one rung, ${count} pieces`, ms(tray));
	}
	report(
		'  growth of matching from 1,000 to 2,000 pieces',
		`${(spent[2]!.matching / spent[1]!.matching).toFixed(1)} ×`
	);
}
{
	const client = demo.clients[0]!;
	const rail = railOf(demo.pieces[0]!, 300);
	const options = rail.flatMap(optionsOfPiece);
	const many = Array.from({ length: 100 }, (_, i) => {
		const reference = demo.references[i % demo.references.length]!;
		return { ...reference, id: `90000000-0000-4000-8000-${String(i).padStart(12, '0')}` };
	});
	let n = 0;
	const reach = millisecondsOf(
		() => reachOf(many, rail, options, { client, newId: () => `match-${n++}` }),
		3
	);
	report('reach of 100 references over 300 pieces', ms(reach), atMost(1000, 'ms', reach));
	const fit = options.filter(({ garment }) => mayWear(client, { garment }));
	const spent = fit
		.slice(0, 60)
		.filter((_, i) => i % 6 === 0)
		.map((anchor) =>
			millisecondsOf(
				() => outfitsFrom({ anchors: [anchor], rail: options, howMany: 10, context: { client } }),
				1
			)
		);
	report(
		'ten outfits from one of 300 pieces (median of 10)',
		ms(median(spent)),
		atMost(1000, 'ms', median(spent))
	);
}
{
	const look =
		'navy wool blazer with peak lapels, white cotton shirt, high rise wide-leg trousers in grey flannel, black leather loafers, gold hoops, ';
	const words = look.repeat(200).split(' ');
	const spent = [800, 1600, 3200].map((count) =>
		millisecondsOf(() => readLook(words.slice(0, count).join(' ')), 5)
	);
	report('reading 800 words', ms(spent[0]!), atMost(15, 'ms', spent[0]!));
	report('reading 3,200 words', ms(spent[2]!), atMost(60, 'ms', spent[2]!));
	report('  growth from 1,600 to 3,200 words', `${(spent[2]! / spent[1]!).toFixed(1)} ×`);
	let n = 0;
	const strange = millisecondsOf(() => readLook(`navy frob${n++}nicator`), 31);
	report('a word not known', ms(strange), atMost(0.2, 'ms', strange));
}

{
	// Renderings of seeds on which nothing was tuned.
	const measured = await measuredPhotographs(Array.from({ length: 60 }, (_, i) => 1001 + i));
	const row = (
		what: string,
		field: 'automatic' | 'beside' | 'mended' | 'best' | 'boxed' | 'before' | 'after' | 'hueAndChroma',
		aimOf?: (middle: number, worst: number) => Aim
	) => {
		const values = measured.flatMap((one) => one[field] ?? []);
		const isShare = ['automatic', 'beside', 'mended', 'best', 'boxed'].includes(field);
		const [middle, worst] = [quantile(values, 0.5), quantile(values, isShare ? 0.05 : 0.95)];
		report(
			`${what} (median, worst twentieth, of ${values.length})`,
			`${middle.toFixed(2)}, ${worst.toFixed(2)}`,
			aimOf?.(middle, worst)
		);
	};
	row('region of a click', 'automatic', (middle) => atLeast(0.85, middle));
	row('  where the larger garments of the look are marked already', 'beside');
	row('  after one click more where that was badly met', 'mended');
	row('  at its best level', 'best', (middle) => atLeast(0.94, middle));
	row('  of a box', 'boxed', (middle) => atLeast(0.89, middle));
	const printed = await measuredPrints([1001, 1002, 1003, 1004]);
	for (const [what, field] of [
		['region of a strong print, by a click', 'automatic'],
		['  at its best level', 'best'],
		['  by a box', 'boxed']
	] as const) {
		const values = printed.map((one) => one[field]);
		report(
			`${what} (median, worst tenth, of ${values.length})`,
			[0.5, 0.1].map((share) => quantile(values, share).toFixed(2)).join(', ')
		);
	}
	row('colour as it was taken, ΔE00', 'before');
	row('  after white and exposure', 'after', (middle, worst) =>
		each(atMost(3, '', middle), atMost(8, '', worst))
	);
	row('  hue and chroma alone', 'hueAndChroma', (middle, worst) =>
		each(atMost(1.5, '', middle), atMost(5, '', worst))
	);
	const shapeRow = (what: string, steps: readonly MeasuredStep[]) => {
		const { exact, within } = withinOne(steps);
		report(
			`${what} (exact, within one step, of ${steps.length})`,
			`${exact.toFixed(2)}, ${within.toFixed(2)}`,
			atLeast(0.9, within)
		);
	};
	const model = await poseModel();
	const seeds = Array.from({ length: 60 }, (_, i) => 1001 + i);
	const shapes = await measuredShapes(seeds, {
		'marks set by hand, 1 % off': (shot, seed) => drawnMarks(shot, seed, 0.01),
		async 'marks that were found'({ pixels }) {
			const points = await findPose(model, pixels);
			return points && marksOfPose(points, pixels);
		}
	});
	for (const [what, steps] of Object.entries(shapes)) {
		shapeRow(`hems, sleeves, rises by ${what}`, steps);
		for (const facet of new Set(steps.map((one) => one.facet)))
			shapeRow(
				`  ${facet}`,
				steps.filter((one) => one.facet === facet)
			);
	}
	const onCuts = await marksOnCuts(seeds.slice(0, 12), async (pixels) => {
		const points = await findPose(model, pixels);
		return points && marksOfPose(points, pixels);
	});
	for (const [below, astray] of Object.entries(onCuts))
		report(
			`marks found where the picture ends at the ${below} (median, worst twentieth, of ${astray.length}), in shares of stature`,
			`${quantile(astray, 0.5).toFixed(3)}, ${quantile(astray, 0.95).toFixed(3)}`
		);
	for (const [what, kinds] of [
		['kinds that were looked at', looked],
		['kinds and seeds only ever run', kept]
	] as const) {
		const { right, all, takenFor } = printsRead(kinds, kinds === kept ? 5001 : 1, 12);
		report(`prints of drawn cloths, ${what}`, `${(right / all).toFixed(3)} of ${all}`);
		for (const [name, hints] of Object.entries(takenFor))
			report(
				`  ${name} taken for`,
				Object.entries(hints)
					.map(([hint, count]) => `${hint} ${count}`)
					.join(', ')
			);
	}
	for (const [drawn, read] of Object.entries(await printConfusion()))
		report(
			`print drawn as ${drawn}`,
			Object.entries(read)
				.map(([hint, count]) => `${hint} ${count}`)
				.join(', ')
		);
}

{
	const { frontierMs, overGreedy, one } = await budgetFigures();
	report(
		'five budgets of 6 looks × 10 elements × 40 candidates, gap .1 % (median, worst of 5 seeds)',
		`${ms(median(frontierMs))}, ${ms(Math.max(...frontierMs))}`,
		each(atMost(10_000, 'ms', median(frontierMs)), atMost(20_000, 'ms', ...frontierMs))
	);
	report('  points beside greedy choosing, middle budget', `× ${median(overGreedy).toFixed(3)}`);
	report(
		'  one budget beside GLPK (60 s at most), points reached',
		`${ms(one.ownMs)} and ${ms(one.otherMs)}, ${one.ownPoints.toFixed(1)} and ${one.otherPoints.toFixed(1)}`
	);
}

for (const count of [5000, 50_000]) {
	const { startMs, lookMs, heldUpMs, crowdMs, answerBytes } = await marketFigures(count);
	report(
		`market of ${count.toLocaleString('en-GB')} listings, from the start of the server to the first answer`,
		ms(startMs),
		atMost(3000, 'ms', startMs)
	);
	report('  a whole look answered (median; worst)', `${ms(lookMs.median)}; ${ms(lookMs.worst)}`);
	report('  another question meanwhile, at most', ms(heldUpMs), atMost(50, 'ms', heldUpMs));
	report('  sixteen looks asked at once (median; the last)', `${ms(crowdMs.median)}; ${ms(crowdMs.worst)}`);
	const [usual, most] = [answerBytes.median / 1000, answerBytes.most / 1000];
	report(
		'  answers as they are sent (median; the longest)',
		`${usual.toFixed(1)} kB; ${most.toFixed(1)} kB`,
		atMost(10, 'kB', usual, most)
	);
}
/** What is waited for in the browser, and how long its main thread was busy by it, with what came after. */
const reportWaited = (what: string, most: number, ...steps: Waited[]) =>
	report(
		what,
		steps.map((step) => ms(step.ms)).join(', '),
		atMost(most, 'ms', ...steps.map((step) => step.ms)),
		`main thread busy ${steps.map(({ busyMs }) => ms(busyMs)).join(', ')}`
	);

/** What a stylist does on the table of the demo, on this machine and on one four times as slow. */
function reportSlower({ demo: plain, slower }: BrowserFigures): void {
	for (const [where, table, most] of [
		['on the demo’s table', plain, 50],
		['the same on a machine four times as slow', slower, 200]
	] as const)
		reportWaited(
			`${where}: a rung, Check, back, a card chosen`,
			most,
			table.rung,
			table.checked,
			table.back,
			table.card
		);
	report(
		'the demo, opened cold on a machine four times as slow',
		ms(slower.openingMs),
		atMost(3000, 'ms', slower.openingMs)
	);
}

/** What a stylist waits for in a studio of years. */
function reportYears({ years, manyYears, photosRestoredMs }: BrowserFigures): void {
	const { client, nodes, opened } = years;
	report('75 clients, 200 references, 500 echoes, 6,250 pieces, restored', ms(years.restoreMs));
	reportWaited('  the desk, the list of looks', 300, years.desk, years.fittings);
	reportWaited('  the same of 2,000 echoes', 400, manyYears.desk, manyYears.fittings);
	reportWaited(`  a client with 2,000 pieces (${nodes.toLocaleString('en-GB')} elements)`, 300, client);
	reportWaited('  the rail searched: the first key, cleared', 50, years.firstKey, years.cleared);
	report(
		'  the rail scrolled, a frame (median, worst)',
		`${ms(years.frames.median)}, ${ms(years.frames.worst)}`,
		atMost(17, 'ms', years.frames.median)
	);
	reportWaited('  a piece deleted', 100, years.removed);
	report(
		'  the fitting table opened, its longest task',
		`${ms(opened.ms)}, ${ms(opened.longest)}`,
		each(atMost(400, 'ms', opened.ms), atMost(200, 'ms', opened.longest)),
		`main thread busy ${ms(opened.busyMs)}`
	);
	reportWaited('  a rung, Check, back, a card chosen', 50, years.rung, years.checked, years.back, years.card);
	reportWaited('  all cards of a rung', 200, years.showAll);
	report('256 MB of photographs restored', ms(photosRestoredMs), atMost(3000, 'ms', photosRestoredMs));
}

/** About as many elements as one view has: that which was left last may still be held. */
const oneView = 2500;

/** What is kept of views that were left. */
function reportLeft({ left: { rounds, before, after } }: BrowserFigures): void {
	report(
		`elements held of views that were left, then after ${rounds} rounds more through four of them`,
		`${before.detached.toLocaleString('en-GB')}, ${after.detached.toLocaleString('en-GB')}`,
		atMost(before.detached + oneView, '', after.detached)
	);
	report('  megabytes of script’s memory', `${before.heapMB.toFixed(1)}, ${after.heapMB.toFixed(1)}`);
}

const inBrowser = await browserFigures();
if (!inBrowser) report('figures of the browser', 'no build or no Chromium here');
else {
	const { bytes, openingMs, choiceMs, photo } = inBrowser;
	report(
		'script and style until the demo’s desk is seen, its cards can be read, they are drawn and scored',
		[bytes.seen, bytes.read, bytes.all].map((count) => `${Math.round(count / 1000)} kB`).join(', '),
		atMost(250, 'kB', bytes.seen / 1000)
	);
	report('the demo, opened cold in the browser (median of 5)', ms(openingMs), atMost(2000, 'ms', openingMs));
	report('one choice to everything redrawn, in the browser', ms(choiceMs), atMost(50, 'ms', choiceMs));
	const [taken = NaN, ready = NaN] = photo?.takenInMs ?? [];
	report(
		'a 12-megapixel photo taken in, then ready to be clicked on',
		`${ms(taken)}, ${ms(ready)}`,
		atMost(1500, 'ms', ready)
	);
	for (const [what, part] of [
		['marked', '  a click to its region marked'],
		['measured', '  a click to its region measured']
	] as const) {
		const [first = NaN, ...later] = photo?.clicks.map((click) => click[what] ?? NaN) ?? [];
		const usual = median(later.filter((time) => !isNaN(time)));
		report(
			`${part} (median of ${later.length}; the first, while a body is looked for)`,
			`${ms(usual)}; ${ms(first)}`,
			what === 'marked' ? atMost(100, 'ms', usual, first) : undefined
		);
	}
	const longest = photo?.longestTaskMs ?? NaN;
	report('  longest task of the main thread meanwhile', ms(longest), atMost(50, 'ms', longest));
	reportSlower(inBrowser);
	reportYears(inBrowser);
	reportLeft(inBrowser);
}

const width = Math.max(...rows.map(({ what }) => what.length));
console.log(
	`Node.js ${process.versions.node}, ${cpus().length} × ${cpus()[0]?.model ?? 'unknown processor'}\n`
);
for (const { what, measured, aim, cpu } of rows)
	console.log(
		[
			`${what.padEnd(width)}  ${measured}`,
			aim && `(wanted ${aim.wanted}${aim.met ? '' : ': MISSED'})`,
			cpu && `[${cpu}]`
		]
			.filter(Boolean)
			.join('   ')
	);
const missed = rows.filter(({ aim }) => aim && !aim.met);
const held = rows.filter(({ aim }) => aim).length;
console.log(`\n${held - missed.length} of ${held} aims met.${missed.length > 0 ? ' Missed, and why:' : ''}`);
for (const { what, measured, aim } of missed)
	console.log(`- ${what.trim()}: ${measured}, wanted ${aim?.wanted}: ${whyMissed(what)}`);
process.exit(0);
