/** How two things go together, judged quickly: for laying out many outfits, before the eye looks at the best of them. */
import { deltaE00 } from '../colour/difference';
import { chromaOf } from '../colour/spaces';
import { colourName } from '../colour/words';
import type { PieceFacts } from '../checks/facts';
import { almostMatch } from '../checks/near-colours';
import { thresholds } from '../checks/thresholds';
import { placeOf } from '../lexicon/facets';
import { metalGroupsOf } from '../lexicon/metals';

const groupOf = (metal: string | undefined) =>
	metal === undefined ? -1 : metalGroupsOf.findIndex((group) => group.some(({ id }) => id === metal));
const isLarge = ({ area }: PieceFacts) => area >= thresholds.largeArea;
const isLoose = ({ value }: PieceFacts) => {
	const fit = value('fit');
	return fit !== undefined && placeOf('fit', fit) >= thresholds.looseFit;
};
/** A colour of one that another has too, where it is no neutral; undefined where they share none. */
function sharedColour(a: PieceFacts, b: PieceFacts): string | undefined {
	const own = a.colours.find((one) =>
		b.colours.some(
			(other) =>
				one.family === other.family &&
				chromaOf(one.lab) >= thresholds.temperatureChroma &&
				chromaOf(other.lab) >= thresholds.temperatureChroma
		)
	);
	return own && colourName(own.hex);
}

/** Weights of what makes two things go together or not, in points of an outfit (this project's, after the eye's rules). */
const weigh = {
	apartInFormality: -1.2,
	nearMiss: -5,
	flat: -0.8,
	contrast: 0.35,
	twoStrong: -1.1,
	shared: 0.9,
	twoStatements: -1.6,
	twoPrints: -1.4,
	twoLoose: -1,
	oneLoose: 0.25,
	sameMetal: 0.4,
	otherMetal: -0.7,
	texture: 0.35
} as const;

export interface Together {
	points: number;
	/** What speaks for it, in words, strongest first. */
	reasons: { points: number; words: string }[];
}

function ofColour(a: PieceFacts, b: PieceFacts): Together['reasons'] {
	const found: Together['reasons'] = [];
	if (!a.main || !b.main) return found;
	const large = isLarge(a) && isLarge(b);
	const apart = deltaE00(a.main.lab, b.main.lab);
	const darkness = Math.abs(a.main.lab.l - b.main.lab.l);
	if (large && almostMatch(a, b) !== undefined)
		found.push({ points: weigh.nearMiss, words: 'colours that almost match' });
	else if (large && darkness >= 20)
		found.push({
			points: weigh.contrast,
			words: `${colourName(a.main.hex)} against ${colourName(b.main.hex)}`
		});
	else if (large && darkness < thresholds.flatLightness && apart >= thresholds.nearMiss)
		found.push({ points: weigh.flat, words: 'the same depth' });
	const shared = sharedColour(a, b);
	if (shared) found.push({ points: weigh.shared, words: `${shared} returns` });
	else if (a.strong && b.strong) found.push({ points: weigh.twoStrong, words: 'two strong colours' });
	return found;
}

function ofShape(a: PieceFacts, b: PieceFacts): Together['reasons'] {
	const halves = isLarge(a) && isLarge(b) && [a, b].some(({ slot }) => slot === 'legs');
	const loose = [isLoose(a), isLoose(b)].filter(Boolean).length;
	if (!halves || loose === 0) return [];
	return loose === 2
		? [{ points: weigh.twoLoose, words: 'loose above and below' }]
		: [{ points: weigh.oneLoose, words: 'volume in one place' }];
}

function ofDetail(a: PieceFacts, b: PieceFacts): Together['reasons'] {
	const found: Together['reasons'] = [];
	if (a.statement && b.statement) found.push({ points: weigh.twoStatements, words: 'two statements' });
	if (a.print && b.print) found.push({ points: weigh.twoPrints, words: 'two prints' });
	const [one, other] = [groupOf(a.metal), groupOf(b.metal)];
	if (one >= 0 && other >= 0)
		found.push(
			one === other
				? { points: weigh.sameMetal, words: `${(a.metal ?? '').replace('-', ' ')} throughout` }
				: { points: weigh.otherMetal, words: 'two metals' }
		);
	const texture = a.value('texture') ?? a.value('material');
	if (texture !== undefined && texture === (b.value('texture') ?? b.value('material')) && !isLarge(b))
		found.push({ points: weigh.texture, words: `${texture.replace(/-/g, ' ')} returns` });
	return found;
}

function ofFormality(a: PieceFacts, b: PieceFacts): Together['reasons'] {
	if (a.formality === undefined || b.formality === undefined) return [];
	const apart = Math.abs(a.formality - b.formality);
	return apart > 1
		? [{ points: weigh.apartInFormality * (apart - 1), words: 'dressed for two occasions' }]
		: [];
}

/** How two worn things go together. Symmetric in its points. */
export function together(a: PieceFacts, b: PieceFacts): Together {
	const [large, small] = a.area >= b.area ? [a, b] : [b, a];
	const found = [
		...ofColour(large, small),
		...ofShape(large, small),
		...ofDetail(large, small),
		...ofFormality(large, small)
	];
	return {
		points: found.reduce((sum, { points }) => sum + points, 0),
		reasons: found.filter(({ points }) => points > 0).sort((one, other) => other.points - one.points)
	};
}
