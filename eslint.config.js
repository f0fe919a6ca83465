import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** Imports point one way: routes -> (stations, features) -> desk -> (drawing, ui) -> core, and routes -> server -> core. */
const only = (files, group, message) => ({
	files,
	rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] }
});

const SERVER = ['$lib/server/*', '**/lib/server/**'];
const STATIONS = ['$lib/stations/*', '**/lib/stations/**'];
const TOOLS = ['**/tools/**'];
const FEATURES = ['$lib/features/*', '**/lib/features/**'];
/** What knows every station: one import of it in a page and the browser loads them all. */
const EVERY_STATION = ['$core/route/engine', '$core/route/steps', '$core/route/stations/index'];

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', '.data/', 'test-results/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: {
			globals: {
				console: 'readonly',
				process: 'readonly',
				fetch: 'readonly',
				setTimeout: 'readonly',
				clearTimeout: 'readonly',
				setInterval: 'readonly',
				clearInterval: 'readonly',
				URL: 'readonly',
				Buffer: 'readonly'
			}
		},
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			'no-console': 'error',
			eqeqeq: ['error', 'always'],
			'no-var': 'error',
			'prefer-const': 'error',
			'svelte/prefer-svelte-reactivity': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } },
		rules: { 'prefer-const': 'off', 'svelte/prefer-const': 'off' }
	},
	only(
		['src/core/**'],
		[
			'$lib/*',
			'$app/*',
			'**/lib/**',
			'**/routes/**',
			'**/command/**',
			'**/tools/**',
			'svelte',
			'svelte/*',
			'node:*',
			'joi',
			'mysql2*',
			'@sveltejs/*'
		],
		'The core imports nothing from outside the core but numeric packages.'
	),
	only(
		['src/lib/drawing/**', 'src/lib/ui/**'],
		[...SERVER, ...STATIONS, ...FEATURES, '$lib/desk/*', '**/desk/**', '**/routes/**'],
		'Drawings and interface parts know nothing of stations and server.'
	),
	only(
		['src/lib/desk/**'],
		[...SERVER, ...STATIONS, ...FEATURES, ...EVERY_STATION, '**/routes/**'],
		'The desk is what every station shares; it knows none of them.'
	),
	only(
		['src/lib/stations/**', 'src/lib/features/**', 'src/lib/workers/**'],
		[...SERVER, ...TOOLS, ...EVERY_STATION, '**/routes/**'],
		'The server and what knows every station never reach the browser; the decision that was taken does.'
	),
	only(
		['src/lib/server/**'],
		[...STATIONS, ...FEATURES, ...TOOLS, '$lib/ui/*', '$lib/desk/*', '$lib/drawing/*', '**/routes/**'],
		'The server imports from the core only.'
	),
	only(
		['src/lib/server/storage/**'],
		[
			...STATIONS,
			...FEATURES,
			...TOOLS,
			'$lib/*',
			'**/http/**',
			'**/setups/**',
			'**/people/**',
			'**/routes/**'
		],
		'What keeps rows knows nothing of requests and of what is built on it.'
	),
	{
		files: ['src/core/**'],
		rules: {
			'no-restricted-globals': ['error', 'window', 'document', 'performance', 'fetch'],
			'no-restricted-syntax': [
				'error',
				{
					selector:
						"CallExpression[callee.object.name='Date'][callee.property.name='now'], NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'The core has no clock; take the time as input.'
				}
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'Use the seeded generator.' }
			]
		}
	},
	// The reporter is loaded by the runner the old way.
	{ files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
	{ files: ['tests/**'], rules: { '@typescript-eslint/no-unused-expressions': 'off' } }
);
