/** Air and people around a body. */
export interface Conditions {
	/** °C */
	airC: number;
	/** Mean radiant temperature, °C. */
	radiantC: number;
	/** Air speed at the body, m/s. */
	airSpeed: number;
	/** Relative humidity, 0 to 100 %. */
	humidity: number;
	/** Metabolic rate in met; no outward work is done. */
	met: number;
	/** Insulation of the clothes in clo. */
	clo: number;
}

/** W/m² in one met, and m²·K/W in one clo (ISO 7730). */
const wattsInMet = 58.15;
const insulationInClo = 0.155;
const zeroC = 273;

/** Ratio of the clothed to the naked area of the body (ISO 7730, annex D). */
const clothedArea = (insulation: number) =>
	insulation < 0.078 ? 1 + 1.29 * insulation : 1.05 + 0.645 * insulation;

/** The temperature of the clothes' surface in °C, with the coefficient of convection there (the iteration of ISO 7730, annex D). */
function surfaceOfClothes({ airC, radiantC, airSpeed }: Conditions, heat: number, insulation: number) {
	const area = clothedArea(insulation);
	const forced = 12.1 * Math.sqrt(airSpeed);
	const air = airC + zeroC;
	const radiant = radiantC + zeroC;
	const p1 = insulation * area;
	const p2 = p1 * 3.96;
	const p3 = p1 * 100;
	const p4 = p1 * air;
	const p5 = 308.7 - 0.028 * heat + p2 * (radiant / 100) ** 4;
	let surface = (air + (35.5 - airC) / (3.5 * (6.45 * insulation + 0.1))) / 100;
	let before = surface / 2;
	let convection = forced;
	for (let step = 0; step < 150 && Math.abs(surface - before) > 0.00015; step++) {
		before = (before + surface) / 2;
		convection = Math.max(forced, 2.38 * Math.abs(100 * before - air) ** 0.25);
		surface = (p5 + p4 * convection - p2 * before ** 4) / (100 + p3 * convection);
	}
	return { surfaceC: 100 * surface - zeroC, surface, convection, area };
}

/**
 * Predicted mean vote: −3 cold … 0 neutral … 3 hot, as a group of people would say of these conditions (ISO 7730:2005, clause
 * 4 and annex D; Fanger 1970). Meant for about 10 to 30 °C of air, 0.8 to 4 met, up to 2 clo and 1 m/s.
 */
export function predictedMeanVote(conditions: Conditions): number {
	const { airC, radiantC, humidity, met, clo } = conditions;
	const heat = met * wattsInMet;
	const insulation = clo * insulationInClo;
	const vapour = humidity * 10 * Math.exp(16.6536 - 4030.183 / (airC + 235));
	const { surfaceC, surface, convection, area } = surfaceOfClothes(conditions, heat, insulation);
	const throughSkin = 3.05 * 0.001 * (5733 - 6.99 * heat - vapour);
	const sweat = heat > wattsInMet ? 0.42 * (heat - wattsInMet) : 0;
	const moistBreath = 1.7 * 0.00001 * heat * (5867 - vapour);
	const dryBreath = 0.0014 * heat * (34 - airC);
	const radiation = 3.96 * area * (surface ** 4 - ((radiantC + zeroC) / 100) ** 4);
	const convected = area * convection * (surfaceC - airC);
	const sensation = 0.303 * Math.exp(-0.036 * heat) + 0.028;
	return sensation * (heat - throughSkin - sweat - moistBreath - dryBreath - radiation - convected);
}
