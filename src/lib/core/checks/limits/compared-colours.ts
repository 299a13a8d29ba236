/** Limits that compare colours: "nothing bolder than navy", "no darker than grey". */
import { chromaOf, labOfHex, type Lab } from '../../colour/spaces';
import { colourOfWord } from '../../colour/words';
import type { PieceFacts } from '../facts';
import type { Answer } from '../property';

/** Words for more of something, how much there is of it in a colour, and whether more of that is meant. */
const comparing: readonly [said: RegExp, of: (lab: Lab) => number, up: boolean][] = [
	[/^(?:bolder|brighter|louder|stronger|more (?:vivid|colou?rful))$/i, chromaOf, true],
	[/^(?:quieter|duller|softer|more muted)$/i, chromaOf, false],
	[/^(?:lighter|paler)$/i, ({ l }) => l, true],
	[/^(?:darker|deeper)$/i, ({ l }) => l, false]
];
const compared = /^(?:any |colou?rs? )?((?:more )?[a-z]+) than (?:an? )?([\w -]+)$/i;
/** Colours that differ by no more, in L* or C*, are as bold or as dark as each other (this project's). */
const asMuch = 4;

/** Whether a piece goes beyond the colour that words compare it with; undefined where they compare none. A jewel goes by its metal. */
export function comparedColourIn(words: string): ((piece: PieceFacts) => Answer) | undefined {
	const [, how = '', named = ''] = compared.exec(words) ?? [];
	const [, of, up] = comparing.find(([said]) => said.test(how)) ?? [];
	const colour = colourOfWord(named.toLowerCase());
	if (!of || !colour) return undefined;
	const most = of(labOfHex(colour.hex));
	const isBeyond = (lab: Lab) => (up ? of(lab) - most : most - of(lab)) > asMuch;
	return ({ colours, type }) =>
		type.division !== 'jewellery' && colours.some(({ lab }) => isBeyond(lab)) ? 'yes' : 'no';
}
