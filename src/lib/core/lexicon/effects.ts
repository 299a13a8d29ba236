/** Effects that clients wish for: ways to a wish, never faults to hide (common practice). */
export const effects = {
	'longer-leg': { label: 'a longer leg' },
	'marked-waist': { label: 'a marked waist' },
	'more-hip': { label: 'more hip' },
	'less-hip': { label: 'less hip' },
	'more-shoulder': { label: 'more shoulder' },
	'softer-shoulder': { label: 'a softer shoulder' },
	'more-bust': { label: 'more bust' },
	'less-bust': { label: 'less bust' },
	'longer-neck': { label: 'a longer neck' },
	height: { label: 'height' },
	cover: { label: 'more cover' }
} as const;
export type EffectId = keyof typeof effects;
export const effectIds = Object.keys(effects) as EffectId[];
