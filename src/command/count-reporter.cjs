const { writeFileSync } = require('node:fs');
const { reporters } = require('mocha');

/** Shows what the usual reporter shows, and tells the run that called it how many passed and which failed. */
module.exports = class extends reporters.Spec {
	constructor(runner, options) {
		super(runner, options);
		const file = process.env.UNCINUS_TEST_COUNT;
		const failures = [];
		runner.on('fail', (test, error) => failures.push(`${test.fullTitle()}: ${error.message}`));
		runner.once('end', () => {
			if (file) writeFileSync(file, JSON.stringify({ passed: runner.stats.passes, failures }));
		});
	}
};
