/** The labelled outfits, read and scored: what the eye finds against what a stylist would say. */
import { readFileSync } from 'node:fs';
import { checkLook, garmentInWords, readLook, type CheckContext, type CheckedPiece } from '../src/lib/core';

export interface LabelledOutfit {
	text: string;
	/** Rules that should raise a fault. */
	faults: string[];
	/** Rules that should praise it. */
	praised: string[];
	worn: CheckedPiece[];
	context: CheckContext;
}

export const piecesOf = (text: string): CheckedPiece[] =>
	readLook(text).elements.map(({ garment, moves, side, note }, i) => ({
		id: `piece-${i}`,
		title: garmentInWords(garment),
		garment,
		moves,
		side,
		note
	}));

export function labelledOutfits(): LabelledOutfit[] {
	const file = new URL('./unit/data/outfits.txt', import.meta.url);
	return readFileSync(file, 'utf8')
		.split('\n')
		.filter((line) => line.trim() && !line.startsWith('#'))
		.map((line) => {
			const [labels = '', text = '', context] = line.split(' | ').map((part) => part.trim());
			const named = labels === '-' ? [] : labels.split(',');
			return {
				text,
				faults: named.filter((label) => !label.startsWith('+')),
				praised: named.filter((label) => label.startsWith('+')).map((label) => label.slice(1)),
				worn: piecesOf(text),
				context: context ? (JSON.parse(context) as CheckContext) : {}
			};
		});
}

/** A check for a client who has no limits but those that are told. */
export const forClient = (rest: Partial<NonNullable<CheckContext['client']>> = {}): CheckContext => ({
	client: {
		limits: { never: [] },
		avoidMaterials: [],
		allergies: [],
		wishedEffects: [],
		coloursRefused: [],
		ethics: { fur: true, leather: true },
		...rest
	}
});

export interface EyeScore {
	precision: number;
	recall: number;
	errors: string[];
}

/** Precision and recall of faults (warnings and hints), a rule counted once a look. */
export function scoreEye(outfits: readonly LabelledOutfit[]): EyeScore {
	let [right, raised, wanted] = [0, 0, 0];
	const errors: string[] = [];
	for (const { text, faults, worn, context } of outfits) {
		const found = new Set(
			checkLook(worn, context)
				.filter(({ severity }) => severity !== 'praise')
				.map(({ rule }) => rule)
		);
		raised += found.size;
		wanted += faults.length;
		for (const rule of found) {
			if (faults.includes(rule)) right++;
			else errors.push(`false alarm ${rule}: ${text}`);
		}
		for (const rule of faults) if (!found.has(rule)) errors.push(`missed ${rule}: ${text}`);
	}
	return { precision: right / Math.max(1, raised), recall: right / Math.max(1, wanted), errors };
}
