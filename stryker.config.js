/**
 * Would the tests notice a small change? `STATION=run-in npm run mutate` changes one comparison, sign or min at
 * a time in that folder of the core and runs that folder's own tests; without STATION the whole core, over night.
 *
 * The walks over everything (every step with every input, the register, the list of codes) and the statistics over
 * hundreds of simulated wheels are left out: they look at promises all steps keep, not at one number, and would run
 * again for every change.
 */
const folder = process.env.STATION ?? '**';

export default {
	testRunner: 'mocha',
	testRunnerNodeArgs: ['--import', 'tsx'],
	mochaOptions: {
		config: '.mocharc.json',
		spec: [`tests/core/${folder}/**/*.test.ts`],
		ignore: [
			'tests/core/*.test.ts',
			'tests/core/route/any-step.test.ts',
			'tests/core/balance/spins.test.ts',
			'tests/core/inspect/conditions.test.ts'
		]
	},
	mutate: [`src/core/${folder}/**/*.ts`],
	ignorePatterns: ['build', '.svelte-kit', '.data', 'docs', 'static'],
	mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration', 'Regex'] },
	coverageAnalysis: 'perTest',
	ignoreStatic: true,
	concurrency: 2,
	timeoutMS: 20000,
	reporters: ['clear-text', 'progress-append-only'],
	clearTextReporter: { allowColor: false, reportTests: false, reportMutants: true },
	tempDirName: 'test-results/mutants'
};
