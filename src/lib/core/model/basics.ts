import * as z from 'zod';

// Zod would otherwise try `new Function`, which the content security policy reports as a violation.
z.config({ jitless: true });

/** Version of the stored and exported records; raised with a migration in `migrations.ts`. */
export const schemaVersion = 15;

export const idSchema = z.uuid();
export type Id = z.infer<typeof idSchema>;

/** A day without a time, as in "2026-11-25"; its zone is the studio's. */
export const dateSchema = z.iso.date();
/** A time of day where the event is, as in "19:30". */
export const timeSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);
/** A moment in UTC, as in "2026-11-25T09:30:00.000Z". */
export const momentSchema = z.iso.datetime();

export const moneySchema = z.object({
	/** In the currency's smallest unit: pence, cents. */
	amountMinor: z.int(),
	/** ISO 4217, as in "GBP". */
	currency: z.string().regex(/^[A-Z]{3}$/)
});
export type Money = z.infer<typeof moneySchema>;

/** A sum that is paid or may be spent: never negative. */
export const priceSchema = moneySchema.refine((money) => money.amountMinor >= 0, {
	error: 'must not be negative'
});

/** Where a value comes from, strongest first. */
export const provenances = ['measured', 'seen', 'said', 'inferred', 'assumed'] as const;
export const provenanceSchema = z.enum(provenances);
export type Provenance = z.infer<typeof provenanceSchema>;

export const nameSchema = z.string().trim().min(1).max(120);
export const noteSchema = z.string().max(4000);

/** Fields that every stored record has. `rev` counts its writes, so that a stale write is noticed. */
export const recordFields = {
	id: idSchema,
	rev: z.int().min(0)
};
