import { avoidedInNote, cautionsFor } from '../../body/cautions';
import { againstTheirWord } from '../bars';
import { breaksLimit, partsOfLimit } from '../limits';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

/** Limits of what sleeves cover, of what any second thing on the shoulders covers, and of what a layer hides. */
const ofTheArms = /arms?|elbows?|wrists?|sleeveless|(?:have|needs?|always) sleeves|^sleeves always/i;
const ofTheShoulders = /shoulder|back|strapless/i;
const ofTheCloth = /sheer|see.through|transparent/i;
/** Only what must not be bare can be covered: a mini bag, knee boots or short skirts are no less so over tights. */
const ofTheLegs =
	/(?:bare|uncovered|naked|shows?|showing)(?: the| her| his| their)? (?:knees?|thighs?|legs?|calf|calves|ankles?)|(?:knees?|thighs?|legs?|calf|calves|ankles?)(?: to be| always)? (?:bare|uncovered|showing|on show|covered)|cover(?:s|ed)?(?: the| her| his| their)? (?:knees?|thighs?|legs?|calf|calves|ankles?)/i;
const ofTheChest = /cleavage|chest|bust|d[ée]collet/i;
/** Limits that a high rise below a crop keeps. */
const ofTheMiddle = /midriff|belly|stomach|tummy/i;

export const clientLimits: Rule = {
	id: 'client-limits',
	title: 'Against the client’s limits',
	reason: 'What a client never wears or shows, and what their body must not have, comes before any likeness.',
	standing: 'settled',
	inStates: true,
	addIn: ['layer', 'outer', 'drape', 'scarf', 'hosiery'],
	about: [],
	find: ({ pieces, client, in: inSlots }) => {
		if (!client) return [];
		// What one thing leaves bare another may cover: sleeves the arms, any second upper thing the shoulders and the back.
		const upper = inSlots('top', 'whole', 'layer', 'outer', 'suit');
		const layered = inSlots('layer', 'outer', 'suit').length > 0;
		const sleeved = (piece: PieceFacts) =>
			!['strapless', 'sleeveless', 'cap', undefined].includes(piece.value('sleeveLength'));
		const inTights = inSlots('hosiery').some(({ value }) => value('opacity') === 'opaque');
		const legsCovered =
			inTights ||
			inSlots('legs').some(
				({ type, value }) =>
					type.facets.includes('legLength') &&
					['cropped', 'ankle', 'full', 'floor', 'stacked'].includes(value('legLength') ?? '')
			);
		const isCovered = (limit: string, piece: PieceFacts): boolean => {
			// What breaks the limit itself covers nothing.
			const others = upper.filter((other) => other !== piece && breaksLimit(limit, other) === 'no');
			if (ofTheLegs.test(limit)) return piece.slot === 'legs' ? inTights : legsCovered;
			// A bralette that something is worn over bares nothing; what is worn over it may.
			const isUnder = piece.slot === 'under' && inSlots('top', 'whole', 'drape').length > 0;
			if (isUnder && [ofTheArms, ofTheShoulders, ofTheMiddle, ofTheChest].some((one) => one.test(limit)))
				return true;
			if (!['top', 'whole', 'under'].includes(piece.slot)) return false;
			if (ofTheArms.test(limit)) return others.some(sleeved);
			if (ofTheShoulders.test(limit)) return others.some((other) => other.slot !== 'whole' || sleeved(other));
			return ofTheCloth.test(limit) && layered;
		};
		const limits = client.limits.never.flatMap(partsOfLimit);
		const highRise = inSlots('legs').some((bottom) => bottom.stated('rise') === 'high');
		return pieces.flatMap((piece): Violation[] => {
			const never = limits.filter(
				(limit) => !isCovered(limit, piece) && !(highRise && piece.slot === 'top' && ofTheMiddle.test(limit))
			);
			const ofTheirs = againstTheirWord({ ...client, limits: { ...client.limits, never } }, piece);
			const against = [...ofTheirs, ...cautionsFor(client, piece.garment, piece.note)].filter(
				({ kind }) => kind !== 'look'
			);
			const asked = [
				...ofTheirs.filter(({ kind }) => kind === 'look'),
				...avoidedInNote(client, piece.note ?? '')
			];
			const found = (severity: 'warning' | 'hint', said: typeof ofTheirs): Violation[] =>
				said.length === 0
					? []
					: [
							{
								severity,
								pieces: [piece.id],
								measured: `${piece.title}: ${said.map(({ words }) => words).join('; ')}`,
								of: said.map(({ words }) => words).join('; '),
								swap: severity === 'warning',
								leaveOff: severity === 'warning' && piece.area < 0.1
							}
						];
			// What a limit breaks is said; what nobody knows is asked, unless the label is all that tells.
			return [...found('warning', against), ...found('hint', asked)];
		});
	}
};
