/**
 * Terms to tell apart on drawn plates: of which facet, on which garment, the values and for each how it is known (the
 * trade's garment facts; common practice). Options of a question come from its own line.
 */
import type { TypeId } from '../../lexicon/types';

export const termSet: readonly {
	of: string;
	facet:
		| 'print'
		| 'lapel'
		| 'neckline'
		| 'hemLength'
		| 'leg'
		| 'toe'
		| 'heelShape'
		| 'sleeveShape'
		| 'skirtShape'
		| 'collar'
		| 'waistline'
		| 'topLength'
		| 'brim'
		| 'drape';
	type: TypeId;
	colours: readonly string[];
	/** What else is stated, so that the asked thing is seen. */
	also?: Readonly<Record<string, string>>;
	values: Readonly<Record<string, string>>;
}[] = [
	{
		of: 'check family',
		facet: 'print',
		type: 'shirt',
		colours: ['#24405f', '#f2efe6'],
		values: {
			gingham: 'Two colours, even squares, a half-tone where they cross.',
			plaid: 'Crossing bands of several widths.',
			windowpane: 'Thin lines around wide open squares.',
			houndstooth: 'Broken checks with teeth.',
			'glen-check': 'Groups of small checks.',
			buffalo: 'Large even squares.'
		}
	},
	{
		of: 'lapel',
		facet: 'lapel',
		type: 'blazer',
		colours: ['#3a3d42'],
		values: {
			notch: 'Lapel meets collar at a step.',
			peak: 'The tip of the lapel points up past the collar.',
			shawl: 'One curve without a step.',
			collarless: 'No lapel at all.'
		}
	},
	{
		of: 'hem',
		facet: 'hemLength',
		type: 'pencil-skirt',
		colours: ['#5a2430'],
		values: {
			mini: 'Mid-thigh.',
			knee: 'At the knee.',
			midi: 'At the calf.',
			ankle: 'At the ankle.'
		}
	},
	{
		of: 'neckline',
		facet: 'neckline',
		type: 'knitted-top',
		colours: ['#7d8f86'],
		values: {
			crew: 'Close and round at the base of the neck.',
			v: 'Two straight lines to a point.',
			boat: 'Straight across from shoulder to shoulder.',
			square: 'Straight across with corners.',
			roll: 'A collar folded over.',
			halter: 'Held around the neck, shoulders bare.'
		}
	},
	{
		of: 'leg',
		facet: 'leg',
		type: 'tailored-trousers',
		colours: ['#4b4a3f'],
		values: {
			tapered: 'Narrows from hip to ankle.',
			straight: 'The same width from the knee down.',
			wide: 'Wide from the hip on.',
			flared: 'Narrow to the knee, then wide.',
			balloon: 'Wide in the middle, drawn in at the end.'
		}
	},
	{
		of: 'skirt',
		facet: 'skirtShape',
		type: 'skirt',
		colours: ['#6b3f5b'],
		also: { hemLength: 'midi' },
		values: {
			'a-line': 'Widens evenly from the waist.',
			full: 'Gathered, and far from the body.',
			pleated: 'Folded all round.',
			tiered: 'In storeys, each wider.',
			tulip: 'Rounded at the hip, narrow at the hem.',
			mermaid: 'Close to the knee, then wide.'
		}
	},
	{
		of: 'sleeve',
		facet: 'sleeveShape',
		type: 'blouse',
		colours: ['#b7a58c'],
		also: { sleeveLength: 'long' },
		values: {
			puff: 'Gathered at the head.',
			bishop: 'Full below, gathered into a cuff.',
			bell: 'Widens to an open end.',
			plain: 'Neither gathered nor wide.'
		}
	},
	{
		of: 'toe',
		facet: 'toe',
		type: 'court-shoes',
		colours: ['#201c1d'],
		values: {
			pointed: 'Comes to a tip.',
			almond: 'Narrows and stays round.',
			round: 'Round.',
			square: 'Cut straight across.'
		}
	},
	{
		of: 'heel',
		facet: 'heelShape',
		type: 'court-shoes',
		colours: ['#7b2d3a'],
		also: { heelHeight: 'mid' },
		values: {
			stiletto: 'Thin all the way.',
			block: 'As thick below as above.',
			wedge: 'The sole itself rises.',
			kitten: 'Thin, low and set in.'
		}
	},
	{
		of: 'collar',
		facet: 'collar',
		type: 'blouse',
		colours: ['#8fa6b5'],
		values: {
			shirt: 'Two points on a stand.',
			band: 'The stand alone, without a fold.',
			'peter-pan': 'Flat, with round ends.',
			'pussy-bow': 'A long tie, bound into a bow.',
			revere: 'Open, lying flat like a small lapel.',
			ruffled: 'A frill around the neck.'
		}
	},
	{
		of: 'waistline',
		facet: 'waistline',
		type: 'dress',
		colours: ['#8c4a5e'],
		also: { hemLength: 'knee' },
		values: {
			natural: 'Where the body bends.',
			empire: 'Just below the bust.',
			dropped: 'On the hip.',
			unmarked: 'One line from shoulder to hem.'
		}
	},
	{
		of: 'length of a top',
		facet: 'topLength',
		type: 'knitted-top',
		colours: ['#a9805b'],
		values: {
			cropped: 'Ends above the waist.',
			waist: 'Ends at the waist.',
			hip: 'Ends on the hip.',
			thigh: 'Covers the seat.'
		}
	},
	{
		of: 'brim',
		facet: 'brim',
		type: 'hat',
		colours: ['#5b4a3a'],
		values: {
			none: 'The crown alone.',
			narrow: 'Two or three fingers wide.',
			medium: 'As wide as a hand.',
			wide: 'Shades the shoulders.'
		}
	},
	{
		of: 'drape',
		facet: 'drape',
		type: 'dupatta',
		colours: ['#b8862f'],
		values: {
			'over-left-shoulder': 'Over one shoulder, the left.',
			'over-right-shoulder': 'Over one shoulder, the right.',
			'pleated-pallu': 'Pleated and pinned, so that it falls in one band.',
			'over-head': 'Drawn over the head.'
		}
	}
];
