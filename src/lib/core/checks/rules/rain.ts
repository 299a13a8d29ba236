import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const spoilt = ['suede', 'satin', 'silk', 'velvet', 'straw', 'raffia', 'jute', 'cork'];
/** What soaks through on the foot, and dries again. */
const soaked = ['canvas', 'cotton', 'linen'];
/** What is spotted by the first drops, where nothing is worn over it. */
const spotted = ['suede', 'satin', 'silk', 'velvet'];
/** Soles of plaited fibre come apart in the wet, whatever is above them. */
const isPlaited = ({ type }: PieceFacts) => type.id === 'espadrilles';

const onTheFloor = ({ stated }: PieceFacts) =>
	stated('hemLength') === 'floor' ||
	['floor', 'stacked'].includes(stated('legLength') ?? '') ||
	stated('hemDetail') === 'trained';

export const rain: Rule = {
	id: 'rain',
	title: 'Rain spoils it',
	reason:
		'Rain marks suede, satin and straw, and climbs a hem that trails; say so before the day, and have the other shoe ready.',
	standing: 'settled',
	addIn: ['outer', 'bag'],
	about: ['material'],
	find: (facts) => {
		if (!facts.event?.weather?.rain || facts.event.setting === 'indoors') return [];
		const marked = facts
			.in('feet', 'bag', 'head', 'outer')
			.filter((piece) => spoilt.includes(piece.value('material') ?? '') || isPlaited(piece))
			.map((piece) => ({
				severity: 'warning' as const,
				pieces: [piece.id],
				measured: `${isPlaited(piece) ? 'plaited soles' : piece.value('material')} in the rain: the ${piece.title}`,
				swap: true
			}));
		const soaking = facts
			.in('feet')
			.filter((piece) => soaked.includes(piece.value('material') ?? '') && !isPlaited(piece))
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.value('material')} lets the rain through: the ${piece.title}`,
				swap: true
			}));
		const dragged = facts
			.in('legs', 'whole', 'drape', 'outer')
			.filter((piece) => onTheFloor(piece))
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `the hem of the ${piece.title} is on the wet floor`,
				swap: true
			}));
		const isKeptOff = facts.in('outer').length > 0 || facts.pieces.some(({ type }) => type.id === 'umbrella');
		const bare = isKeptOff
			? []
			: facts
					.in('top', 'layer', 'whole', 'suit', 'legs', 'drape')
					.filter((piece) => spotted.includes(piece.value('material') ?? ''))
					.map((piece) => ({
						severity: 'hint' as const,
						pieces: [piece.id],
						measured: `rain spots the ${piece.value('material')} of the ${piece.title}, and nothing keeps it off: a coat or an umbrella`,
						swap: true
					}));
		return [...marked, ...bare, ...soaking, ...dragged];
	}
};
