/** Limits of how a thing looks as a whole: bright, pale, dark, printed, shining. */
import { chromaOf, hueOf, type Lab } from '../../colour/spaces';
import { temperatureOf } from '../../colour/temperature';
import { feelOf, materialOfTexture } from '../../lexicon/material-feel';
import type { PieceFacts } from '../facts';
import { among, anyOf, byFacet, saidOnly, type Answer, type Property } from '../property';

/** From which chroma and lightness on (CIELAB) a colour is bright, pastel or dark (this project's). */
const colourKinds = {
	bright: { leastChroma: 48 },
	/** Up to this a colour is muted. */
	muted: { mostChroma: 36 },
	pastel: { leastLightness: 74, leastChroma: 7, mostChroma: 38 },
	light: { leastLightness: 74 },
	dark: { mostLightness: 31 },
	/** Warm and cool colours are told apart from here on. */
	temperature: { leastChroma: 20 },
	jewel: { leastChroma: 28, leastLightness: 18, mostLightness: 52 },
	earth: { leastChroma: 8, mostChroma: 52, mostLightness: 66, hues: [30, 115] }
} as const;
const hasColour =
	(is: (lab: Lab) => boolean, told?: RegExp) =>
	({ colours, type, note = '' }: PieceFacts): Answer =>
		told?.test(note) || (type.division !== 'jewellery' && colours.some(({ lab }) => is(lab))) ? 'yes' : 'no';
/** "Dark nails" are dark; "dark red" is a colour of its own. */
const of = (words: string) => new RegExp(`^(?:${words})(?: (?:colou?rs?|shades?|tones?))?(?=\\s|$)`, 'i');

/** Prints that are large where nobody said how large. */
const largePrints = ['painterly-floral', 'tropical', 'psychedelic', 'buffalo', 'checkerboard'];

/** Cloth that drapes no better than this is stiff (0 board … 4 fluid). */
const stiffTo = 1.2;
/** Does a cloth shine by itself? Satin and what is shinier (0 matt … 4 sequins). */
const shinesFrom = 2;
const shines = (cloth: string | undefined): Answer =>
	(feelOf.get(cloth ?? '')?.sheen ?? 0) >= shinesFrom ? 'by-kind' : 'no';

export const lookProperties: readonly Property[] = [
	{
		said: /\bshin(?:y|es?|ing)\b/i,
		asks: 'does it shine?',
		holds: (piece) =>
			piece.stated('sheen') === undefined && piece.type.division === 'jewellery'
				? 'no'
				: anyOf(
						saidOnly(byFacet(piece, 'sheen', among('satin', 'shiny', 'glittering'))),
						shines(piece.stated('material')),
						shines(materialOfTexture[piece.stated('texture') ?? ''])
					)
	},
	{
		ofColour: true,
		said: of('bright|neon|loud(?= \\w)|vivid|strong|garish|lurid|fluorescent'),
		asks: 'how bright is it?',
		holds: hasColour(
			(lab) => chromaOf(lab) >= colourKinds.bright.leastChroma,
			/\b(?:bright|neon|fluorescent|vivid)\b/i
		)
	},
	{
		ofColour: true,
		said: of('muted|soft|subdued|quiet|dusty'),
		asks: 'how muted is it?',
		holds: hasColour((lab) => chromaOf(lab) <= colourKinds.muted.mostChroma)
	},
	{
		said: /^(?:loud|showy|flashy|shouty|in your face|attention[- ]?(?:seeking|grabbing)|that shouts)(?: (?:clothes|clothing|things?|pieces?))?$/i,
		asks: 'does it take the eye?',
		holds: ({ statement, strong, type }) =>
			(statement || strong) && type.division !== 'beauty' ? 'yes' : 'no'
	},
	{
		ofColour: true,
		said: of('pastels?|pale|washed.out'),
		asks: 'how pale is it?',
		holds: hasColour(
			(lab) =>
				lab.l >= colourKinds.pastel.leastLightness &&
				chromaOf(lab) >= colourKinds.pastel.leastChroma &&
				chromaOf(lab) <= colourKinds.pastel.mostChroma
		)
	},
	{
		ofColour: true,
		// "Light fabrics" are of no weight.
		said: /^light(?:-colou?red| colou?rs?| shades?| tones?)(?= |$)|^light(?= (?!(?:fabrics?|cloths?|materials?|layers?|jackets?|coats?|clothes|clothing|things)\b))/i,
		asks: 'how light is its colour?',
		holds: hasColour(({ l }) => l >= colourKinds.light.leastLightness)
	},
	{
		ofColour: true,
		said: of('dark'),
		asks: 'how dark is it?',
		holds: hasColour(({ l }) => l <= colourKinds.dark.mostLightness, /\bdark\b/i)
	},
	{
		said: /\b(?:stiff|rigid|boardy|crisp)(?: (?:fabrics?|cloths?|materials?|things))?\b/i,
		asks: 'is it stiff?',
		holds: ({ stated, type }) => {
			const drape = feelOf.get(stated('material') ?? type.usual.material ?? '')?.drape;
			if (
				drape === undefined ||
				!['one-pieces', 'tops', 'bottoms', 'layers', 'south-asian'].includes(type.division)
			)
				return 'no';
			return drape <= stiffTo ? 'by-kind' : 'no';
		}
	},
	...(['warm', 'cool'] as const).map((temperature): Property => ({
		ofColour: true,
		said: of(temperature === 'cool' ? 'cool|cold|icy' : temperature),
		asks: `is its colour ${temperature}?`,
		holds: (piece) =>
			anyOf(
				hasColour(
					(lab) => chromaOf(lab) >= colourKinds.temperature.leastChroma && temperatureOf(lab) === temperature
				)(piece),
				// Ice blue is hardly a colour, and cold.
				hasColour(
					(lab) => chromaOf(lab) >= colourKinds.pastel.leastChroma && temperatureOf(lab) === temperature
				)(piece) === 'yes'
					? 'unknown'
					: 'no'
			)
	})),
	{
		said: /^jewel (?:colou?rs?|tones?|shades?)$/i,
		asks: 'how deep is its colour?',
		holds: hasColour(
			(lab) =>
				chromaOf(lab) >= colourKinds.jewel.leastChroma &&
				lab.l >= colourKinds.jewel.leastLightness &&
				lab.l <= colourKinds.jewel.mostLightness
		)
	},
	{
		said: /^earth(?:y|en)? (?:colou?rs?|tones?|shades?)$/i,
		asks: 'is its colour earthy?',
		holds: hasColour((lab) => {
			const { leastChroma, mostChroma, mostLightness, hues } = colourKinds.earth;
			const [chroma, hue] = [chromaOf(lab), hueOf(lab)];
			return (
				chroma >= leastChroma &&
				chroma <= mostChroma &&
				lab.l <= mostLightness &&
				hue >= hues[0] &&
				hue <= hues[1]
			);
		})
	},
	{
		said: /sparkl|glitter|glitz|\bbling/i,
		asks: 'does it glitter?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'sheen', among('glittering'))),
				saidOnly(byFacet(piece, 'material', among('sequin', 'lame'))),
				saidOnly(byFacet(piece, 'texture', among('sequinned', 'beaded', 'mirror-work')))
			)
	},
	{
		ofColour: true,
		said: /^(?:any )?colou?r(?:s|ed|ful)?(?! (?:block|clash|match))(?= |$)/i,
		asks: 'has it a colour?',
		holds: ({ neutral, main, type }) => (main && !neutral && type.division !== 'jewellery' ? 'yes' : 'no')
	},
	{
		ofColour: true,
		said: of('neutrals?|plain neutrals?'),
		asks: 'is it a neutral?',
		holds: ({ neutral, main, type }) => (neutral && main && type.division !== 'jewellery' ? 'yes' : 'no')
	},
	{
		said: /^(?:statement|show-?stopping) (?:jewel(?:le)?ry|pieces?|things?)$/i,
		asks: 'does it take the eye?',
		holds: ({ statement, type }) => (statement && type.division === 'jewellery' ? 'yes' : 'no')
	},
	{
		said: /^(?:any |all(?:.over)? )?(?:prints?|patterns?|patterned|printed)(?: (?:things|clothes|fabrics?))?$|^(?:patterned|printed)(?= )/i,
		asks: 'is it printed?',
		// A net is a pattern, on a leg.
		holds: ({ print, type }) => (print ? 'yes' : type.id === 'fishnet-tights' ? 'by-kind' : 'no')
	},
	{
		positive: true,
		said: /^(?:plain|solid|unpatterned|unprinted)(?: (?:colou?rs?|fabrics?|cloths?|things|clothes|pieces))?(?=.* only$)/i,
		asks: 'is it printed?',
		holds: ({ print }) => (print ? 'yes' : 'no')
	},
	{
		said: /^(?:small|tiny|little|ditsy|mini|fussy) (?:prints?|patterns?)$/i,
		asks: 'how large is its print?',
		holds: ({ print, garment }) => {
			if (!print || largePrints.includes(print)) return 'no';
			const scale = garment.print?.scale?.value;
			if (scale) return scale === 'small' ? 'yes' : 'no';
			return print.startsWith('ditsy') ? 'yes' : 'unknown';
		}
	},
	{
		positive: true,
		said: /^(?:small|tiny|little|ditsy|discreet|subtle) (?:prints?|patterns?) only$/i,
		asks: 'how large is its print?',
		holds: ({ print, garment }) => {
			if (!print) return 'no';
			const scale = garment.print?.scale?.value;
			if (scale) return scale === 'small' ? 'no' : 'yes';
			if (print.startsWith('ditsy')) return 'no';
			return largePrints.includes(print) ? 'by-kind' : 'unknown';
		}
	},
	{
		said: /^(?:big|large|bold|loud|huge|busy|oversized) (?:prints?|patterns?)$/i,
		asks: 'how large is its print?',
		holds: ({ print, garment }) => {
			if (!print) return 'no';
			const scale = garment.print?.scale?.value;
			if (scale) return scale === 'large' ? 'yes' : 'no';
			return largePrints.includes(print) ? 'by-kind' : 'unknown';
		}
	}
];
