import type { FacetValue } from './facets';

/** Print families, in groups that look alike (common practice). A pattern of the weave is a texture, not a print. */
export const printGroups: string[][] = [
	['plain'],
	['pinstripe', 'stripe', 'breton', 'candy-stripe'],
	['gingham', 'check', 'buffalo', 'checkerboard'],
	['plaid', 'windowpane', 'glen-check', 'houndstooth'],
	['pin-dot', 'polka-dot', 'spot'],
	['ditsy-floral', 'painterly-floral', 'botanical'],
	['leopard', 'zebra', 'snake'],
	['paisley', 'block-print', 'bandhani', 'ikat', 'folk-embroidery'],
	['tie-dye', 'ombre', 'abstract', 'geometric']
];

export const prints: FacetValue[] = printGroups.flat().map((id) => ({ id, label: id.replace(/-/g, ' ') }));
export const printIds = prints.map((print) => print.id);

/** Scale of a print's repeat, small to large. */
export const printScales = ['tiny', 'small', 'medium', 'large'];
