/** Body measures in cm with the range that is taken as a real adult or child; outside it is a typing error. */
export const bodyMeasures = {
	stature: { label: 'height', min: 90, max: 230 },
	bust: { label: 'bust or chest', min: 50, max: 180 },
	waist: { label: 'waist', min: 40, max: 180 },
	hip: { label: 'hip', min: 50, max: 190 },
	shoulder: { label: 'shoulder width', min: 25, max: 65 },
	inseam: { label: 'inside leg', min: 40, max: 110 },
	sleeve: { label: 'arm length', min: 35, max: 90 },
	foot: { label: 'foot length', min: 14, max: 35 },
	head: { label: 'head', min: 45, max: 68 }
} as const;
export type BodyMeasure = keyof typeof bodyMeasures;
export const bodyMeasureIds = Object.keys(bodyMeasures) as BodyMeasure[];
