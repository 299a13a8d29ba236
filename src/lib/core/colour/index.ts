/** Colour: CIELAB, CIEDE2000, families, palettes and colours in words. */
export { deltaE00 } from './difference';
export { familyOf, type ColourFamily } from './family';
export { mainSwatch, paletteSimilarity } from './palette';
export { hexOfLab, labOfHex, type Lab } from './spaces';
export { colourDifferenceInWords, colourName, colourOfWord } from './words';
export { nudeHex, nudeOn, skinToneOf, type SkinTone } from './nude';
