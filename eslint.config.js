import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** What each layer may import besides itself and packages; the arrows of docs/architecture.md. */
const arrows = {
	core: [],
	workers: ['core'],
	store: ['core', 'workers'],
	server: ['core'],
	ui: ['core', 'workers', 'store']
};

/** The rooms of reading, in the order in which a text goes through them: each may import those before it, and none the whole. */
const rooms = ['words', 'spans', 'meaning', 'clauses', 'groups', 'description'];
const readingPath = './src/lib/core/reading';
const wholeReading = ['index', 'read-look', 'read-pieces', 'rephrase', 'said-over', 'left-over'];
const roomZones = rooms.map((room, at) => ({
	target: `${readingPath}/${room}`,
	from: [
		...rooms.slice(at + 1).map((later) => `${readingPath}/${later}`),
		...wholeReading.map((file) => `${readingPath}/${file}.ts`)
	],
	message: `reading/${room} may only import ${['model.ts', ...rooms.slice(0, at)].join(', ')}: see docs/architecture.md.`
}));

const layerPath = (layer) => `./src/lib/${layer}`;
const zones = Object.entries(arrows).flatMap(([layer, allowed]) => [
	...Object.keys(arrows)
		.filter((other) => other !== layer && !allowed.includes(other))
		.map((other) => ({
			target: layerPath(layer),
			from: layerPath(other),
			message: `src/lib/${layer} may not import src/lib/${other}: see docs/architecture.md.`
		})),
	{
		target: layerPath(layer),
		from: './src/routes',
		message: 'Only routes import routes: see docs/architecture.md.'
	},
	{ target: layerPath(layer), from: './demo', message: 'The demo is data for the app, not a part of it.' }
]);

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'static/', 'test-results/', 'playwright-report/'] },
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		plugins: { 'import-x': importX },
		settings: {
			'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })]
		},
		rules: {
			'no-undef': 'off',
			'import-x/no-restricted-paths': ['error', { zones: [...zones, ...roomZones] }],
			'import-x/no-cycle': 'error',
			'svelte/no-navigation-without-resolve': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }]
		}
	},
	// Rules that know the types, over every module; what the components add in their script svelte-check looks at.
	{
		files: ['src/**/*.ts', 'demo/**/*.ts', 'scripts/**/*.ts'],
		// The service worker has a world of its own, which the app's project leaves out.
		ignores: ['**/*.test.ts', 'src/service-worker.ts'],
		extends: [...ts.configs.strictTypeChecked],
		languageOptions: {
			parserOptions: {
				projectService: {
					// The architecture test asks about files that are not there.
					allowDefaultProject: [
						...Object.keys(arrows).map((layer) => `src/lib/${layer}`),
						...rooms.map((room) => `src/lib/core/reading/${room}`)
					].flatMap((folder) => [`${folder}/bad.ts`, `${folder}/good.ts`])
				},
				extraFileExtensions: ['.svelte'],
				tsconfigRootDir: import.meta.dirname
			}
		},
		rules: {
			'@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
			// An arrow that only calls is as clear without braces.
			'@typescript-eslint/no-confusing-void-expression': 'off',
			// Patches and worker proxies are typed as far as their packages type them.
			'@typescript-eslint/no-unnecessary-type-parameters': 'off'
		}
	},
	// A state's deeds are closures that know no `this`, and an effect names with `void` what it hangs on.
	{
		files: ['src/lib/ui/**/*.ts', 'demo/**/*.ts'],
		rules: {
			'@typescript-eslint/unbound-method': 'off',
			'@typescript-eslint/no-meaningless-void-operator': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig }
		}
	},
	// A day is a day wherever it is read: only core/time turns one into a moment.
	{
		files: ['src/**/*.ts', 'src/**/*.svelte', 'demo/**/*.ts'],
		ignores: ['src/lib/core/**', '**/*.test.ts', 'src/lib/store/clock.ts'],
		rules: {
			'no-restricted-syntax': [
				'error',
				{
					selector: "NewExpression[callee.name='Date']",
					message:
						'Days and moments are the business of core/time: use dayInWords, addDays, daysBetween, momentInWords.'
				},
				{
					selector: 'MemberExpression[property.name=/^toLocale(Date|Time)String$/]',
					message: 'How a day is said stands in core/time.'
				}
			]
		}
	},
	{
		files: ['**/*.test.ts', 'tests/**/*.ts'],
		rules: { '@typescript-eslint/no-non-null-assertion': 'off' }
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							regex: '^(svelte|\\$app|\\$env|@sveltejs|dexie|comlink|carbon-|node:|fs|path)',
							message: 'The core knows no interface, browser, storage or machine.'
						}
					]
				}
			],
			'no-restricted-globals': [
				'error',
				...['window', 'document', 'localStorage', 'indexedDB', 'fetch', 'process'].map((name) => ({
					name,
					message: 'The core knows no interface, browser, storage or machine.'
				}))
			],
			'no-restricted-syntax': [
				'error',
				{
					selector: "NewExpression[callee.name='Date'][arguments.0.raw=/^[\"'`]/]",
					message: 'A day is no moment of this machine’s zone: see core/time.'
				},
				{
					selector: "NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'Time is passed in to the core.'
				},
				{
					selector: "MemberExpression[object.name='Date'][property.name='now']",
					message: 'Time is passed in to the core.'
				},
				{
					selector: "MemberExpression[object.name='Math'][property.name='random']",
					message: 'Chance is passed in to the core as a seed.'
				}
			]
		}
	}
);
