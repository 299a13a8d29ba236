/** The kinds of loss that a stylist may weigh otherwise than the method does, and what each takes in. */
import type { AspectId } from '../model/reference';
import type { WeighedLoss } from '../model/settings';

export const lossGroups: Record<WeighedLoss, { label: string; about: string }> = {
	colour: { label: 'Colour', about: 'colours, prints and metals that differ' },
	shape: { label: 'Shape', about: 'fit, lengths, volumes and heels that differ' },
	kind: { label: 'Kind', about: 'another garment than the reference’s' },
	cloth: { label: 'Cloth', about: 'texture, material, sheen and weight that differ' },
	detail: {
		label: 'Detail',
		about: 'necklines, collars, toes and other details, and what carries an element'
	},
	wearing: { label: 'Wearing', about: 'styling moves that are not done, and fewer worn than asked' },
	missing: { label: 'Missing', about: 'gaps, what was left out, and what is too far off to count' }
};

const groups: Partial<Record<WeighedLoss, readonly AspectId[]>> = {
	colour: ['palette', 'print', 'metal'],
	kind: ['type'],
	shape: [
		'fit',
		'topLength',
		'hemLength',
		'legLength',
		'rise',
		'sleeveLength',
		'sleeveShape',
		'heelHeight',
		'heelShape',
		'shaft',
		'size',
		'leg',
		'skirtShape',
		'waistline',
		'shoulder',
		'hairLength'
	],
	cloth: ['sheen', 'weight', 'opacity', 'texture', 'material', 'hairTexture']
};
const groupOfAspect = new Map(
	Object.entries(groups).flatMap(([group, aspects]) =>
		aspects.map((aspect) => [aspect as string, group as WeighedLoss])
	)
);

/** Under which group a loss is weighed; kinds and aspects that a later lexicon dropped count as details. */
export function groupOfLoss({ kind, aspect }: { kind: string; aspect?: string }): WeighedLoss {
	if (kind === 'gap' || kind === 'left-out' || kind === 'too-far') return 'missing';
	if (kind === 'moves' || kind === 'count') return 'wearing';
	return (aspect === undefined ? undefined : groupOfAspect.get(aspect)) ?? 'detail';
}
