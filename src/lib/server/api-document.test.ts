import { Validator } from '@seriousme/openapi-schema-validator';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { apiDocument } from './api-document';

const root = join(import.meta.dirname, '../../..');

describe('the document of the routes', () => {
	// OpenAPI Specification 3.1, as the validator’s copy of its schema has it.
	it('is valid OpenAPI 3.1', async () => {
		const validator = new Validator();
		const { valid, errors } = await validator.validate(JSON.parse(JSON.stringify(apiDocument())));
		expect(errors).toBeUndefined();
		expect(valid).toBe(true);
		expect(validator.version).toBe('3.1');
	});
	it('is the one that is kept in docs; “npm run api” writes it anew', () =>
		expect(JSON.parse(readFileSync(join(root, 'docs/openapi.json'), 'utf8'))).toEqual(
			JSON.parse(JSON.stringify(apiDocument()))
		));
	it('has every route of the server, each by the way in which it is asked', () => {
		const files = readdirSync(join(root, 'src/routes/api'), { recursive: true, encoding: 'utf8' });
		const served = files
			.filter((file) => file.endsWith('+server.ts'))
			.map((file) => {
				const text = readFileSync(join(root, 'src/routes/api', file), 'utf8');
				return [
					`/api/${file.replace('/+server.ts', '')}`,
					text.includes('export const POST') ? 'post' : 'get'
				];
			});
		const told = Object.entries(apiDocument().paths).map(([path, ways]) => [path, Object.keys(ways)[0]]);
		expect(told.sort()).toEqual(served.sort());
	});
});
