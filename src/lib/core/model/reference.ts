import * as z from 'zod';
import { facetIds } from '../lexicon/facets';
import { moveIds, type MoveId } from '../lexicon/moves';
import { roleIds } from '../lexicon/roles';
import { sides } from '../lexicon/sides';
import { idSchema, nameSchema, noteSchema, recordFields } from './basics';
import { garmentSchema } from './garment';
import { ownPhotos, photoIdsSchema, photoRegionSchema, withoutPhotoKeys } from './photo';
import { degreeIds } from './recipe';
import { givenTwice, recordType, type OldRecord } from './record-type';

/** What of an element can be signature or open: its facets, and the four that are not facets. */
export const aspectIds = ['type', ...facetIds, 'palette', 'print', 'metal'] as const;
export type AspectId = (typeof aspectIds)[number];

/** As many things as answer one element: stacked bracelets, layered chains. */
export const mostTogether = 5;

export const elementSchema = z.object({
	id: idSchema,
	garment: garmentSchema,
	/** Place in the order of importance, 1 first; equal numbers are ties. */
	rank: z.int().min(1),
	role: z.enum(roleIds),
	/** The stylist's own correction of the weight; 1 leaves it to rank and role. */
	weightFactor: z.number().gt(0).max(10),
	signature: z.array(z.enum(aspectIds)),
	open: z.array(z.enum(aspectIds)),
	moves: z.array(z.enum(moveIds as [MoveId, ...MoveId[]])),
	/** How many of it are worn together, where it is more than one: three chains, a stack of five bangles. */
	count: z.int().min(2).max(mostTogether).optional(),
	/** Where it is one of a pair whose other is another thing: a stud in the left ear, a hoop in the right. */
	side: z.enum(sides).optional(),
	note: noteSchema,
	/** Where it is on photos of the reference, one region a photo. */
	regions: z.array(photoRegionSchema).max(24).optional()
});
export type Element = z.infer<typeof elementSchema>;

export const referenceKinds = ['person', 'era', 'aesthetic'] as const;

const referenceFields = z.object({
	...recordFields,
	kind: z.enum(referenceKinds),
	title: nameSchema,
	/** Whose look it is and where it was seen. */
	credit: z.object({ who: z.string().max(120), source: z.string().max(200) }),
	boards: z.array(z.string().min(1).max(60)),
	photos: photoIdsSchema,
	/** The recipe that it was made from, and how far that was taken. */
	recipe: z.object({ id: idSchema, title: nameSchema, degree: z.enum(degreeIds) }).optional(),
	elements: z.array(elementSchema).max(40),
	note: noteSchema
});
const innerIds = ({ elements }: z.infer<typeof referenceFields>) => elements.map(({ id }) => id);

export const referenceSchema = referenceFields.superRefine((reference, context) => {
	if (givenTwice(innerIds(reference)).length > 0)
		context.addIssue({ code: 'custom', path: ['elements'], message: 'two elements have the same id' });
	reference.elements.forEach(({ regions = [] }, i) => {
		if (!regions.every(({ photo }) => reference.photos.includes(photo)))
			context.addIssue({
				code: 'custom',
				path: ['elements', i, 'regions'],
				message: 'it lies on a photo that the reference does not have'
			});
		if (new Set(regions.map(({ photo }) => photo)).size < regions.length)
			context.addIssue({
				code: 'custom',
				path: ['elements', i, 'regions'],
				message: 'it has two regions on one photo'
			});
	});
});
export type Reference = z.infer<typeof referenceSchema>;
export type ReferenceKind = (typeof referenceKinds)[number];

export const freshReference = (
	given: Pick<Reference, 'id' | 'kind' | 'title'> & Partial<Reference>
): Reference => ({
	rev: 0,
	credit: { who: '', source: '' },
	boards: [],
	photos: [],
	elements: [],
	note: '',
	...given
});

/** Up to version 7 an element had one place, a box on one photo. */
const withRegions = (record: OldRecord): OldRecord => ({
	...record,
	...(Array.isArray(record.elements) && {
		elements: record.elements.map((element: OldRecord) => {
			const { place, ...rest } = element;
			return place === undefined ? rest : { ...rest, regions: [place] };
		})
	})
});

const photosOfReference = ownPhotos<Reference>();

export const referenceType = recordType({
	schema: referenceSchema,
	fresh: freshReference,
	titleOf: ({ title }: Reference) => title,
	indexes: ['*photos'],
	innerIds,
	// The recipe is named to be told of, with its title: many of them ship with the app and are no records.
	links: [
		{
			...photosOfReference,
			whenGone: (draft: Reference, gone: ReadonlySet<string>) => {
				photosOfReference.whenGone(draft, gone);
				for (const element of draft.elements)
					if (element.regions) element.regions = element.regions.filter(({ photo }) => !gone.has(photo));
			}
		}
	],
	since: 1,
	migrations: [
		{ version: 4, name: 'photos-are-records', up: withoutPhotoKeys },
		{ version: 8, name: 'regions-a-photo', up: withRegions }
	]
});
