import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { studioSchemaText } from './schema';

describe('the published schema of a studio', () => {
	const text = readFileSync('docs/studio.schema.json', 'utf8');
	it('is the one that the records have now (npm run schema)', () =>
		expect(JSON.parse(text)).toEqual(JSON.parse(studioSchemaText())));
	it('is taken by an independent validator, and takes a studio and no other thing', () => {
		const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(JSON.parse(text));
		const studio = JSON.parse(readFileSync('tests/unit/data/studio-v15.json', 'utf8'));
		expect(validate(studio), JSON.stringify(validate.errors?.slice(0, 2))).toBe(true);
		expect(validate({ ...studio, clients: [{}] })).toBe(false);
		expect(validate({})).toBe(false);
	});
});
