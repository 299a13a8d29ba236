import { ESLint } from 'eslint';
import ts from 'typescript-eslint';
import { describe, expect, it } from 'vitest';

/** The lint rules must catch what they are there to catch: a bad import is a failure, a good one is none. */
describe('the arrows between layers', () => {
	// What is asked here needs no types, nor the whole graph of imports, which lint itself goes over.
	const eslint = new ESLint({
		overrideConfig: [
			ts.configs.disableTypeChecked,
			{
				languageOptions: { parserOptions: { projectService: false } },
				rules: { 'import-x/no-cycle': 'off' }
			}
		]
	});
	const rulesBroken = async (filePath: string, code: string) => {
		const [result] = await eslint.lintText(code, { filePath });
		return result?.messages.map(({ ruleId }) => ruleId) ?? [];
	};

	it.each([
		['core', 'store', "import { database } from '../store/database';\nexport const d = database;\n"],
		['core', 'ui', "import { m } from '../ui/messages';\nexport const d = m;\n"],
		['store', 'ui', "import { m } from '../ui/messages';\nexport const d = m;\n"],
		[
			'store',
			'server',
			"import { simulatedShops } from '../server/market/shops';\nexport const d = simulatedShops;\n"
		],
		['workers', 'store', "import { database } from '../store/database';\nexport const d = database;\n"],
		['server', 'store', "import { database } from '../store/database';\nexport const d = database;\n"],
		[
			'ui',
			'server',
			"import { simulatedShops } from '../server/market/shops';\nexport const d = simulatedShops;\n"
		],
		[
			'ui',
			'server',
			"import { simulatedShops } from '$lib/server/market/shops';\nexport const d = simulatedShops;\n"
		]
	])('%s may not import %s', async (layer, _, code) => {
		expect(await rulesBroken(`src/lib/${layer}/bad.ts`, code)).toContain('import-x/no-restricted-paths');
	});

	it.each([
		['store', "import { garmentTypes } from '../core';\nexport const d = garmentTypes;\n"],
		['ui', "import { database } from '$lib/store/database';\nexport const d = database;\n"]
	])('%s may import what lies below', async (layer, code) => {
		expect(await rulesBroken(`src/lib/${layer}/good.ts`, code)).toEqual([]);
	});

	it.each([
		['words', "import { spansOf } from '../spans/spans';\nexport const d = spansOf;\n"],
		['meaning', "import { clausesOf } from '../clauses/clauses';\nexport const d = clausesOf;\n"],
		['description', "import { readLook } from '../read-look';\nexport const d = readLook;\n"]
	])('the room of %s in reading may not import what comes after it', async (room, code) => {
		const broken = await rulesBroken(`src/lib/core/reading/${room}/bad.ts`, code);
		expect(broken).toContain('import-x/no-restricted-paths');
	});

	it('a room of reading may import those before it', async () => {
		const code = "import { spansOf } from '../spans/spans';\nexport const d = spansOf;\n";
		expect(await rulesBroken('src/lib/core/reading/clauses/good.ts', code)).toEqual([]);
	});

	it.each([
		['a browser', 'export const w = window.innerWidth;\n', 'no-restricted-globals'],
		['a store', "import Dexie from 'dexie';\nexport const d = Dexie;\n", 'no-restricted-imports'],
		[
			'an interface',
			"import { onMount } from 'svelte';\nexport const d = onMount;\n",
			'no-restricted-imports'
		],
		[
			'the machine',
			"import { readFileSync } from 'node:fs';\nexport const d = readFileSync;\n",
			'no-restricted-imports'
		],
		['the clock', 'export const now = () => Date.now();\n', 'no-restricted-syntax'],
		['today', 'export const now = () => new Date();\n', 'no-restricted-syntax'],
		['chance', 'export const dice = () => Math.random();\n', 'no-restricted-syntax']
	])('the core knows no %s', async (_, code, rule) => {
		expect(await rulesBroken('src/lib/core/bad.ts', code)).toContain(rule);
	});
}, 180_000);
