import * as z from 'zod';
import { dateSchema, idSchema, noteSchema, priceSchema, recordFields, type Id } from './basics';
import { listingSchema, shopSchema } from './market';
import { givenTwice, recordType } from './record-type';

/** What becomes of a thing that was ordered, in the order in which it can. */
export const lineStates = ['ordered', 'here', 'kept', 'sent-back', 'refunded', 'cancelled'] as const;
export type LineState = (typeof lineStates)[number];

/** One thing of an order, as it was when it was ordered. */
export const orderLineSchema = z.object({
	id: idSchema,
	/** Whose rail it is to hang on. */
	clientId: idSchema,
	/** The looks that it is for. */
	echoIds: z.array(idSchema).max(60),
	listing: listingSchema,
	sizeLabel: z.string().max(20),
	state: z.enum(lineStates),
	/** Since when it is so. */
	since: dateSchema,
	/** The day on which it was sent back: things of one day go in one parcel. */
	sentBackOn: dateSchema.optional(),
	/** What the shop gave back. */
	refund: priceSchema.optional(),
	/** The piece that it became when it was kept. */
	pieceId: idSchema.optional()
});
export type OrderLine = z.infer<typeof orderLineSchema>;

const orderFields = z.object({
	...recordFields,
	/** As it was when it was ordered from: its postage, its returns, its duty. */
	shop: shopSchema,
	orderedOn: dateSchema,
	/** What the shop charged for sending all of it. */
	postage: priceSchema,
	/** The day on which the parcel came. */
	arrivedOn: dateSchema.optional(),
	lines: z.array(orderLineSchema).max(60),
	note: noteSchema
});

export const orderSchema = orderFields.superRefine(({ lines }, context) => {
	if (givenTwice(lines.map(({ id }) => id)).length > 0)
		context.addIssue({ code: 'custom', path: ['lines'], message: 'two lines have the same id' });
});
export type Order = z.infer<typeof orderSchema>;

export const freshOrder = (
	given: Pick<Order, 'id' | 'shop' | 'orderedOn' | 'postage'> & Partial<Order>
): Order => ({ rev: 0, lines: [], note: '', ...given });

/** Lines without what names an id that is gone. */
const eachLine = (draft: Order, change: (line: OrderLine) => void) => draft.lines.forEach(change);

export const orderType = recordType({
	schema: orderSchema,
	fresh: freshOrder,
	titleOf: ({ shop, orderedOn }: Order) => `${shop.name}, ${orderedOn}`,
	indexes: ['orderedOn'],
	links: [
		{
			to: 'clients',
			words: 'the client of a line',
			holders: ({ lines }: Order) => lines.map(({ clientId }) => clientId),
			whenGone: (draft: Order, gone: ReadonlySet<Id>) => {
				draft.lines = draft.lines.filter(({ clientId }) => !gone.has(clientId));
			}
		},
		{
			to: 'echoes',
			words: 'a look that a line is for',
			holders: ({ lines }: Order) => lines.flatMap(({ echoIds }) => echoIds),
			whenGone: (draft: Order, gone: ReadonlySet<Id>) =>
				eachLine(draft, (line) => {
					line.echoIds = line.echoIds.filter((id) => !gone.has(id));
				})
		},
		{
			to: 'pieces',
			words: 'the piece that a line became',
			holders: ({ lines }: Order) => lines.flatMap(({ pieceId }) => pieceId ?? []),
			whenGone: (draft: Order, gone: ReadonlySet<Id>) =>
				eachLine(draft, (line) => {
					if (line.pieceId !== undefined && gone.has(line.pieceId)) delete line.pieceId;
				})
		}
	],
	since: 9,
	migrations: []
});
