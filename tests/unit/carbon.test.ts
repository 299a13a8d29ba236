import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { isUnused, unusedCarbon, unusedVariants } from '../../scripts/carbon.mjs';

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.filter((file) => file.endsWith('.svelte'))
	.map((file) => ({ file, text: readFileSync(join('src', file), 'utf8') }));
const imported = sources.flatMap(({ file, text }) =>
	[...text.matchAll(/import \{([^}]*)\} from 'carbon-components-svelte'/g)].flatMap(([, names = '']) =>
		names.split(',').map((name) => ({ file, name: name.trim() }))
	)
);

describe('the style sheet of Carbon', () => {
	it('is found to be used at all', () => expect(imported.length).toBeGreaterThan(50));

	it('keeps the rules of every component that a view uses', () => {
		expect(imported.filter(({ name }) => name in unusedCarbon)).toEqual([]);
	});
	it('keeps the rules of every variant that a view asks for', () => {
		const asked = sources.flatMap(({ file, text }) =>
			Object.keys(unusedVariants)
				.filter((variant) => text.includes(variant))
				.map((variant) => `${file}: ${variant}`)
		);
		expect(asked).toEqual([]);
	});
	it('loses what is on the list, and nothing else', () => {
		expect(isUnused('.bx--tabs__nav')).toBe(true);
		expect(isUnused('.bx--btn--danger--tertiary')).toBe(false);
		expect(isUnused('.bx--text-input')).toBe(false);
	});
});
