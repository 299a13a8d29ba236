/** Ways of putting a limit, turned into what it forbids: "gold rather than silver", "sleeves must be long", "no jewellery except pearls". */
import type { Sense, Span } from '../../reading/model';
import { sensesOfPhrase, spansOf } from '../../reading/spans/spans';

/** One of several ways of putting it, as a part of a pattern. */
const oneOf = (...ways: readonly string[]) => `(?:${ways.join('|')})`;
const client = oneOf('me', 'her', 'him', 'them');

/** What says that something is not worn, wherever it stands: "must not be tight" is no list of what is. */
export const denied =
	/\b(?:no|not|never|nothing|none|neither|nor|without|cannot|avoid\w*|hates?|dislikes?|refuses?|loathes?|detests?)\b|n['’]t\b/i;

/** Whose limit it is, or who thinks so, goes without saying. */
export const somebody = new RegExp(
	`^${oneOf('i', 'she', 'he', 'they', 'we', 'the client')}(?:['’]${oneOf('m', 's', 're', 'd')})?\\s+(?:really |also |just )?`,
	'i'
);
const opinion =
	/^(?:thinks?|finds?|says?|feels?|believes?)(?: that)? (?=\S+.* (?:cuts?|makes?|looks?|is|are|do|does) )/i;
const lackingNothing = /^(?:never|not|nothing)(?: be)? without (?:an? |any )?/i;

/** "Wears a turban", "wears glasses", "lives in jeans" forbids none of them. */
const wornAnyway =
	/^(?:also )?(?:wears|lives in|loves|likes|adores|favours)\b(?!.*\b(?:only|always|no|not|never|nothing|cover\w*|hid\w*|kept|keep)\b)/i;
/** "Red makes her happy" forbids no red. */
const pleases =
	/ (?:makes?|gives?|brings?) (?:me|her|him|them)\b.*\b(?:happy|happier|great|good|better|taller|slimmer|younger|alive|confident|confidence|joy|glow)\b/i;
/** What something does to who wears it. */
const harms = oneOf(
	...['makes?', 'leaves?', 'gives?', 'brings?', 'wash(?:es)?', 'drains?', 'ages?', 'swamps?', 'dwarfs?'],
	...['cuts?', 'chops?', 'shortens?', 'widens?', 'traps?', 'chokes?', 'overwhelms?', 'suffocates?'],
	...['scratch(?:es)?', 'itch(?:es)?', 'irritates?', 'hurts?', 'kills?']
);
/** "Yellow makes me look ill", "brown isn't her colour", "heels are a no": whatever is said of it, it is not worn. */
const whatItDoes = new RegExp(
	oneOf(
		` ${harms} ${client}\\b.*`,
		` (?:does|do) (?:nothing for .*|${client} no favou?rs)`,
		`(?: is| are|['’]s) (?:far |much |just |way )?too [\\w-]+(?: (?:for|on|with|near|against) .*)?`,
		` (?:is|are)(?:n['’]t| not) ${oneOf(client, 'his', 'my', 'their', `for ${client}`)}\\b.*`,
		` (?:is|are) (?:an? )?(?:(?:absolute|definite|big|firm|hard) )?${oneOf('no', 'no[- ]no', 'no[- ]go', 'never', 'nightmare')}(?: for .*)?`
	) + '$',
	'i'
);
const unless = oneOf(
	'but',
	'bar',
	'except(?: for)?',
	'apart from',
	'other than',
	`(?:as|so) long as it(?:['’]?s not| is ?n(?:['’]t|ot)| is not| isn['’]t)`
);
/** "Gold rather than silver" is not silver, "happy in heels except stilettos" no stilettos. */
export const inPlaceOf = new RegExp(
	oneOf(
		`^(?:(?:is |quite )?(?:happy|fine|ok(?:ay)?|good|comfortable) (?:in|with)|loves|likes|yes to) .+?,? ${oneOf('except(?: for)?', 'apart from', 'other than', 'but (?:not?|never|hates?|dislikes?)(?: to)?', 'just not?')} `,
		`^.+?(?:['’](?:s|re)| is| are) (?:fine|ok(?:ay)?|all right|allowed|good),? but (?:not?|never)(?: in)? `,
		`^.+?,? (?:rather than|instead of|in place of|sooner than) `,
		`^(?:any(?:thing)?|every(?:thing)?)(?: colou?rs?| metals?| shades?)?(?: goes| is fine)?,? ${unless}(?: in)? `
	),
	'i'
);
/** "A block heel is the most she can do": no more than that. */
const atMost =
	/,? (?:(?:is|are) (?:the|her|his|my|their) (?:most|limit|max(?:imum)?)\b(?: (?:i|she|he|they) can (?:do|manage|wear|stand))?|(?<=(?:cm|inch(?:es)?|heels?),? )tops$)/i;
/** "Heels no, wedges yes": of two sentences the first is a limit. */
const refusedLast = /^([\w -]+?),? (?:(?:absolutely|definitely|just) )?(?:no|never|not|no way|no thanks)$/i;
/** "If it’s beige it’s a no". */
const refusedIf =
	/^if (?:it|they)(?:['’](?:s|re)| is| are) (.+?),? (?:then )?(?:it|they)(?:['’](?:s|re)| is| are) (?:an? )?(?:no|out|never|off)\b.*$/i;
/** "Flat soles" are asked for in a dress code; whoever wears none wears no flats. */
const noFlatSoles =
	/^(no|never|nothing with|avoids?|hates?|can['’]?t (?:wear|do|walk in)) (?:completely |totally |very )?flat (?:soles?|heels?|shoes?)$/i;
const allowedLast =
	/^(?!no\b|not\b|never\b|nothing\b)(?:but |and )?[\w -]+ (?:yes|fine|ok(?:ay)?|is fine|are fine)$/i;
/** "Will only carry a crossbody". */
const carriesOnly =
	/^(?:will |can |does )?only (?:(?:ever )?(?:carr(?:y|ies)|wears?|do(?:es)?|likes?|uses?)) (?:an? )?/i;
/** "Trousers, not skirts": of two things the second. */
const notBut =
	/^(?!(?:is|are|am|was|does|do|did|can|will|would|must|should|may|has|have|could)\b)[\w -]+?,? (?:and )?(?:not|never) (?=(?:in )?([\w -]+)$)/i;
/** "Hair never up", "her dress must not be tight". */
const deniedWithin =
	/^(?!(?:must|should|may|has|have|is|are|always)\b)([\w-]+(?: [\w-]+)?) (?:(?:is|are|must|should|may) )?(?:never|not) (?!pierced\b)(?:(?:be|worn) )?(?=\w)/i;
/** "Sleeves must be long", "keep prints small": a part of what is worn, and how it is to be. */
const toBe =
	/^(?:(?:the|her|his|their|my|all) )?([\w-]{3,}) (?:(?:must|should|has to|have to|needs? to)(?: always)? be|to be) (?:an? )?([\w-]+)$|^keeps? (?:(?:the|her|his|their|my|all) )?([\w-]{3,}) ([\w-]+)$/i;
/** "Skirts only if they hit below the knee", "shorts only if they are long". */
const onlyIf =
	/^(.+?),? (?:only|just)(?: (?:ever|wears?))? (?:if|when|where) (?:they|it)(?:['’](?:re|s)| are| is)? (?:an? )?(?:(?:hits?|ends?|reach(?:es)?|comes?|falls?|goes?|sits?|stops?) )?(.+)$/i;
/** "Silk only for scarves". */
const onlyFor = /^([\w-]+(?: [\w-]+)?) only (?:for|in|on) (?:(?:the|her|his|their|my) )?([\w -]+)$/i;
const namesOneThing = (words: string): boolean =>
	spansOf(words).every((span) => has(span, 'type') && !has(span, 'filler'));
/** Where something ends, or how long it is. */
const ofReach = /\b(?:above|below|past|over|under|to|at) (?:the|her|his|their|my)\b/i;
/** "No jewellery except pearls", "no trainers unless white". */
export const exception =
	/^(.+?),? (?:except(?:ing)?(?: for)?|apart from|other than|unless(?: (?:it is|it['’]s|they are|they['’]re))?|save for|but for) (?:(?:the|her|his|their|an?) )?((?!at\b|in\b|on\b|for\b).+)$/i;

/** "Wears only trousers". */
const wearsOnly =
	/^(?:(?:will|can|does) )?(?:wears?|carr(?:y|ies)|uses?|buys?|likes?|wants?|takes?) only (?:an? )?/i;
/** "Long sleeves, even in summer", and never without. */
const evenThen = /^(.+?),? even (?:in|at|on|when|if|during) .+$/i;
/** "Keep it below the knee", "stays in flats", "wants everything loose": how whatever is worn is to be. */
const keptSo =
	/^(?:please )?(?:(?:keeps?|wants?|likes?|prefers?|needs?) (?:it|them|things|everything|all of it|hems|hemlines)(?: to (?:be|stay))?|(?:stays?|sticks?)(?: (?:to|with|in))?) (?!(?:away|clear|off|out|well|up|down|covered|hidden|on|cool|warm|dry|still|put)\b)/i;
/** "Nothing but silver", "flats or nothing", "strictly flats": what alone is worn, in other words. */
const aloneFirst =
	/^(?:nothing|none) (?:but|except|other than|apart from) |^(?:strictly|exclusively)(?: (?:in|wears))? (?!no\b|nothing\b)/i;
const aloneLast = /,? (?:or (?:nothing|not at all)(?: else)?|and nothing (?:else|but)|exclusively)$/i;
/** "All black all the time". */
const allTheTime = /^(?:all |always )?(?:in )?([\w -]+?),? (?:all the time|at all times|day in,? day out)$/i;
/** What alone is worn, said with "only". */
export function alone(said: string): string {
	const left = said.trim().replace(somebody, '');
	const [, worn] = allTheTime.exec(left) ?? [];
	if (worn) return `${worn} always`;
	if (aloneFirst.test(left)) return `only ${left.replace(aloneFirst, '')}`;
	if (keptSo.test(left) && !denied.test(left)) return `${left.replace(keptSo, '')} only`;
	if (wearsOnly.test(left)) return `only ${left.replace(wearsOnly, '')}`;
	const [, always] = evenThen.exec(left) ?? [];
	if (always && !denied.test(left) && !wornAnyway.test(left)) return `${always} only`;
	if (carriesOnly.test(left)) return `only ${left.replace(carriesOnly, '')}`;
	return aloneLast.test(left) ? `${left.replace(aloneLast, '')} only` : said;
}

const has = ({ senses }: Span, kind: Sense['kind']) => senses.some((sense) => sense.kind === kind);
const bodyParts =
	/^(?:arms?|shoulders?|backs?|midriff|belly|stomach|tummy|cleavage|chest|knees?|thighs?|legs?|ankles?|elbows?|hair|head)$/i;
/** Is a word the name of a part of what is worn, and of no thing? */
const namesPart = (word: string): boolean =>
	!bodyParts.test(word) && spansOf(word).every((span) => has(span, 'detail') || !has(span, 'type'));

/** "Silver over gold", "prefers silver to gold": of two metals, or two colours, the one that is not to be. */
const preferred =
	/^(?:(prefers?|likes?|wants?|would rather(?: have)?|always) )?(.+?) (?:over|to|before|above|more than|better than) (.+)$/i;
export function outdone(said: string): string | undefined {
	const [, wish, one = '', other = ''] = preferred.exec(said) ?? [];
	const areBoth = (kind: Sense['kind']) =>
		[one, other].every((words) => {
			const spans = spansOf(words);
			return spans.length === 1 && spans.every((span) => has(span, kind));
		});
	return areBoth('metal') || (wish !== undefined && areBoth('colour')) ? `no ${other}` : undefined;
}

/** "Shoes that lace", "jackets must zip". */
const doing = /^(.+?) (that|which|must|should|has to|have to|needs? to) ([a-z]{3,})(?: up)?$/i;
/** What a thing is that does so: laced, zipped, wrapped; undefined where no field holds it. */
function doneSo(verb: string): string | undefined {
	const stem = verb.toLowerCase().replace(/s$/, '');
	const done = [`${stem}ed`, `${stem}d`, `${stem}${stem.slice(-1)}ed`];
	return done.find((word) =>
		sensesOfPhrase(word)?.some(
			(sense) => sense.kind === 'facet' && ['closure', 'skirtShape', 'leg'].includes(sense.facet)
		)
	);
}
/** "Only laced shoes", "jackets must be zipped", for what says it by a verb. */
function asDone(said: string): string {
	const [, things = '', joined = '', verb = ''] = doing.exec(said) ?? [];
	const done = /^covers?$/i.test(verb) ? undefined : doneSo(verb);
	if (!done) return said;
	if (!/^(?:that|which)$/i.test(joined)) return `${things} ${joined} be ${done}`;
	const [, before = '', thing = ''] = /^(.* )?(\S+)$/.exec(things) ?? [];
	return `${before}${done} ${thing}`;
}

/** A limit as what it forbids, and what it does not hold for; undefined where it tells what is worn anyway. */
export function reworded(said: string): { words: string; except?: string } | undefined {
	const bare = asDone(said.trim().replace(somebody, '').replace(opinion, ''));
	const instead = outdone(bare);
	if (instead) return { words: instead };
	if ([wornAnyway, pleases, allowedLast].some((one) => one.test(bare))) return undefined;
	const [, kind, of = ''] = onlyFor.exec(bare) ?? [];
	if (kind && namesOneThing(of)) return { words: `${of} must be ${kind}` };
	const [, things, so = ''] = onlyIf.exec(bare) ?? [];
	if (things && ofReach.test(so)) return { words: `${things} ${so} only` };
	let words = (things ? `${things} must ${/^have /i.test(so) ? so : `be ${so}`}` : bare)
		.replace(lackingNothing, 'always ')
		.replace(inPlaceOf, 'no ')
		.replace(whatItDoes, '')
		.replace(refusedIf, 'no $1')
		.replace(refusedLast, 'no $1')
		.replace(noFlatSoles, '$1 flats')
		.replace(atMost, ' at most');
	const [, other = ''] = notBut.exec(words) ?? [];
	const isOther =
		other !== '' &&
		spansOf(other).some((span) => (['type', 'metal', 'colour'] as const).some((kind) => has(span, kind)));
	words = isOther ? words.replace(notBut, 'no ') : words.replace(deniedWithin, '$1 ');
	const [, one, isToBe, kept, asKept] = toBe.exec(words) ?? [];
	const part = one ?? kept;
	if (part && namesPart(part)) words = `${isToBe ?? asKept} ${part} only`;
	const [, base, except] = exception.exec(words) ?? [];
	return base && except ? { words: base, except } : { words };
}
