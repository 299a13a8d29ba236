import type { DegreeId } from '../model/recipe';

/**
 * The numbers of the eye, each with its reason. Common practice put into figures by this project, to be argued with;
 * colour differences are CIEDE2000, lightness is CIELAB L*, chroma C*.
 */
export const thresholds = {
	/** A colour this full takes the eye; below it reads as muted. */
	strongChroma: 32,
	/** An area this large is one of the big ones: a top, a bottom, a coat. */
	largeArea: 0.25,
	/** Two large areas nearer than this are the same colour… */
	sameColour: 3.5,
	/** …and nearer than this, without being the same, look like a mistake. */
	nearMiss: 11,
	/** Light neutrals are tonal on purpose much sooner. */
	nearMissLight: 6,
	/** Two cloths whose surface or sheen is so many steps apart (0..4), or that are no more alike than this, are told apart at a glance. */
	clothsApart: 1.2,
	clothsUnlike: 0.25,
	/** Two denims nearer than this are one wash, and nearer than the second an accident. */
	sameWash: 5,
	nearWash: 14,
	/** Neighbours whose lightness differs by less fall flat. */
	flatLightness: 9,
	/** All large areas below this are one dark. */
	darkLightness: 31,
	/** Fits from here on stand off the body (place on the facet's scale: relaxed). */
	looseFit: 4,
	/** A hem that ends within this of the hem under it looks unplanned, in cm on a neutral figure. */
	layerHemsCm: 7,
	/** From this height down a coat is a long one (share of stature); under it a hem as much longer shows as a strip, in cm. */
	longCoat: 0.18,
	stripCm: 16,
	/** From here on down bare legs freeze, in °C. */
	frostC: 2,
	/** From here on a thing is large enough for how dressed up it is to be seen; of smaller ones only what is made for sport is. */
	seenArea: 0.05,
	/** Up to here a thing is made for sport, and from here on formal (places on the scale of formality). */
	sportUpTo: 0.5,
	formalFrom: 4.5,
	/** Levels of formality that still live together. */
	formalityApart: 2.4,
	/** Up to here something half way between makes them one: a suit with trainers over a shirt, not with flip-flops. */
	wellBridged: 3,
	/** Up to here, between smart and evening, a jacket goes over a tee and jeans: a velvet blazer, not a tailcoat. */
	dressyJacketUpTo: 4,
	/** From here on a thing is everyday wear, and no sport. */
	everydayFrom: 0.75,
	/** What is casual, on the scale of formality. */
	casual: 1,
	/** Further apart than this nothing bridges them: joggers under a dinner jacket. */
	beyondBridging: 4.2,
	/** A look this far below its dress code on average is too casual, though no piece is by itself. */
	belowTogether: 0.5,
	/** A look all of which is this far above its dress code is overdressed. */
	aboveCode: 0.4,
	/** As many statements as one look carries without a school that wants more. */
	statements: 1,
	/** From here on heavy cloth is out of season, and from here on down bare or thin things are, in °C. */
	warmC: 23,
	coldC: 9,
	/** Below this a colour is too muted to be either (C*). */
	temperatureChroma: 20,
	/** As many colours that take the eye as one look bears. */
	coloursAtOnce: 3,
	/** White and near-white from here on (L*); what is this light or this dark answers it, a large thing a little sooner. */
	whiteLightness: 90,
	answersWhite: 72,
	answersDark: 32,
	largeAnswersDark: 36,
	/** Hues nearer than this, in degrees of CIELAB, are one: camel, beige and chocolate. */
	oneHue: 35,
	/** Socks nearer than this to shoe or trouser continue it. */
	continues: 12,
	/** A hem this near to the top of a boot half covers it, in cm. */
	hemAtBootCm: 4.6,
	/** As many statements as the school that wants all in bears before one comes off. */
	statementsAllIn: 3,
	/** As many marks of one era as each degree bears without a plainly modern piece; all in bears any. */
	eraMarks: { touch: 2, half: 3, most: 4, 'all-in': undefined } as Record<DegreeId, number | undefined>,
	/** A floor-length hem of unknown length wants at least this heel, in cm. */
	heelForLongHemsCm: 4,
	/** New shoes from this heel on want breaking in, in cm. */
	breakInHeelCm: 4,
	/** Heels from here on are high for standing long, in cm. */
	highHeelCm: 10.5,
	/** Heels of two shoes that differ by more tilt the hips, in cm. */
	unevenHeelsCm: 1,
	/** From these on a heel wants a second pair: to stand in for so many hours, to walk in for so many km. */
	heelToStandCm: 6.5,
	longStandingHours: 2,
	heelToWalkCm: 5,
	longWalkKm: 1
} as const;
