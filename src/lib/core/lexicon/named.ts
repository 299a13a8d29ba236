/**
 * What the texts of the lexicon name, as unions: so that nothing is compared with a word that no table holds. Worked out by the
 * compiler alone.
 */

/** The words of a text, parted by blanks and lines. */
export type WordIn<Text extends string, Found = never> = Text extends `${infer Line}\n${infer More}`
	? WordIn<More, Found | WordOf<Line>>
	: Found | WordOf<Text>;

type WordOf<Line extends string, Found = never> = Line extends `${infer Word} ${infer More}`
	? WordOf<More, Found | Word>
	: Exclude<Found | Line, ''>;

/** What stands before the colon of each line of a text. */
export type IdIn<Text extends string, Found = never> = Text extends `${infer Line}\n${infer More}`
	? IdIn<More, Found | IdOf<Line>>
	: Found | IdOf<Text>;

type IdOf<Line extends string> = Line extends `${infer Id}:${string}` ? Bare<Id> : never;

type Bare<Id extends string> = Id extends `\t${infer Rest}` ? Bare<Rest> : Id;
