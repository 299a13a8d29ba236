/** Writes down what is said of a garment: as a value, or in its note, with what each phrase was taken for. */
import { limitWouldPass } from '../../lexicon/limit-properties';
import { saysHowMade } from '../../lexicon/metals';
import type { Provenance } from '../../model/basics';
import type { ReadStatus } from '../model';
import type { Part } from '../meaning/parts';
import {
	saidOf,
	saysInWords,
	valueLabel,
	type Description,
	type Says,
	type Taking
} from '../meaning/takings';

/** Necklines that say what a bodice hangs from, whatever shape its edge has besides. */
export const hangsFrom = new Set(['halter', 'one-shoulder', 'strapless', 'off-shoulder']);

/** Aspects that are named after the part that they speak of, so that "V" and "wide" need the word. */
const partsOfIt = new Set(['neckline', 'collar', 'lapel', 'toe', 'leg', 'sole', 'strap', 'back', 'shoulder']);
function inWordsBeside(says: Says): string {
	const label = valueLabel(says);
	if (says.aspect === 'material') return `with ${label}`;
	return partsOfIt.has(says.aspect) ? `${label} ${says.aspect}` : label;
}

/** What is said of one garment in one clause, as it is written down: a value, or words in the note; nothing is lost. */
export class Keeper {
	/** Words for the scale of a print; they are written down once the print is. */
	readonly scales: Part[] = [];
	/** "Embroidered in gold": what is said is of the work that was named before. */
	afterWork = false;
	/** The cloth that a word for a colour named besides. */
	clothOfColour: Description['facets']['material'];

	constructor(
		readonly description: Description,
		readonly provenance: Provenance
	) {}

	note(part: Part, status: ReadStatus, takenFor: string, says?: Says): void {
		this.description.outcomes.push({ at: part.at, status, takenFor, says });
	}
	/** Words are kept as they stand, once. */
	keepBeside(words: string): void {
		if (!this.description.notes.includes(words)) this.description.notes.push(words);
	}
	/** Words that no field holds are kept as they stand. */
	keep(part: Part, words: string, status: ReadStatus, takenFor: string): void {
		this.keepBeside(words);
		this.note(part, status, `${takenFor}: ${words}`, { aspect: 'note', value: words });
	}
	take(part: Part, taking: Taking, provenance = this.provenance): void {
		const { description } = this;
		const { says } = taking;
		const before = saidOf(description, says.aspect);
		if (before !== undefined && before !== says.value) {
			// "A halter neck and a keyhole": what the bodice hangs from is its neckline, the other is kept beside it.
			if (says.aspect === 'neckline' && hangsFrom.has(before) && !hangsFrom.has(says.value))
				return this.keep(part, part.span.text, 'understood', 'kept as a note');
			// "Wool crepe": the fibre is what may not be worn, the weave only how it hangs.
			if (says.aspect === 'material' && limitWouldPass(before, says.value))
				return this.keep(part, part.span.text, 'understood', 'kept as a note');
			this.overrule(says.aspect, before);
		}
		// "Silver-plated": what lies under it tells whose skin it harms.
		if (says.aspect === 'metal' && saysHowMade(part.span.text)) this.keepBeside(part.span.text);
		taking.apply(description, provenance);
		this.note(part, 'understood', saysInWords(says), says);
	}

	/** Of two that are said where one has place the later stands, and the first is not lost: it is kept as a note. */
	overrule(aspect: Says['aspect'], before: string): void {
		const { description } = this;
		// "Jade velvet" says one cloth.
		if (aspect === 'material' && description.facets.material === this.clothOfColour) return;
		const first = description.outcomes.find(({ says }) => says?.aspect === aspect && says.value === before);
		const words = inWordsBeside({ aspect, value: before });
		this.keepBeside(words);
		if (!first) return;
		first.takenFor = `kept as a note: ${words}`;
		first.says = { aspect: 'note', value: words };
	}

	/** Words that say something of what is worn with it: they are kept as they stand. */
	keepTogether(parts: readonly Part[], what: string, status: ReadStatus = 'doubted', opening = ''): void {
		const words = opening + parts.map(({ span }) => span.text).join(' ');
		for (const part of parts) this.keep(part, words, status, `${what}; kept as a note`);
	}

	/** Words before a thing that no field holds: they are kept with its name. */
	keepOf(before: readonly Part[], thing: Part): void {
		if (before.length === 0) return;
		const words = [...before, thing].map(({ span }) => span.text).join(' ');
		this.description.notes.push(words);
		for (const word of before)
			this.note(word, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
	}
}
