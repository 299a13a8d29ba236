/** How far a garment reaches, said with a verb: "it reaches the floor", "brushing her ankles", "the sleeves stop at the elbow". */
import { articles } from '../words/glue';
import { longestPhrase, type Found } from '../words/longest-phrase';

const forms = (verb: string, stem = verb) => [
	verb,
	`${verb}${/(s|sh|ch)$/.test(verb) ? 'es' : 's'}`,
	`${stem}ing`
];
const reachVerbs = new Set([
	...forms('reach'),
	...forms('stop', 'stopp'),
	...forms('end'),
	...forms('finish')
]);
/** Of what hangs; of the hip it says that the garment lies close. */
const touching = new Set([
	...forms('skim', 'skimm'),
	...forms('brush'),
	...forms('graze', 'graz'),
	...forms('sweep'),
	...forms('touch'),
	...forms('kiss')
]);
const nearly = new Set(['just', 'nearly', 'almost', 'barely', 'only', 'right', 'down', 'to', 'at']);

/** Places that something may reach, and how the lexicon calls them. */
const places = new Map<string, string>([
	['floor', 'floor'],
	['ground', 'floor'],
	['ankle', 'ankle'],
	['ankles', 'ankle'],
	['calf', 'calf'],
	['calves', 'calf'],
	['knee', 'knee'],
	['knees', 'knee']
]);
const placesReached = new Map<string, string>([
	...places,
	['thigh', 'thigh'],
	['thighs', 'thigh'],
	['hip', 'hip'],
	['hips', 'hip'],
	['elbow', 'elbow'],
	['elbows', 'elbow'],
	['wrist', 'wrist'],
	['wrists', 'wrist']
]);

/** What "to the knee" says, in so many words. */
function reaching(place: string, length: number): Found | undefined {
	const found = longestPhrase(['to', 'the', place], 0, 3);
	return found?.length === 3 ? { senses: found.senses, length } : undefined;
}

/** "Coat: camel, knee, belted": a place alone between commas tells how far the garment reaches; a hip is where it sits. */
export function reachAlone(words: readonly string[], at: number, limit: number): Found | undefined {
	const place = limit === at + 1 ? placesReached.get(words[at] ?? '') : undefined;
	return place === undefined || place === 'hip' ? undefined : reaching(place, 1);
}

/** The words from a verb to the place that is reached, with what "to the place" says; undefined where there are none. */
export function reachAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const verb = words[at] ?? '';
	const known = reachVerbs.has(verb) ? placesReached : touching.has(verb) ? places : undefined;
	if (!known) return undefined;
	let end = at + 1;
	while (end < limit && (nearly.has(words[end] ?? '') || articles.has(words[end] ?? ''))) end++;
	const place = end < limit ? known.get(words[end] ?? '') : undefined;
	return place === undefined ? undefined : reaching(place, end + 1 - at);
}
