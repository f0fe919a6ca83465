import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { licencesDocument } from '../../src/command/licences.js';
import { ROOT } from '../../src/command/paths.js';

describe('licences', () => {
	it('stand in docs as they are now', () => {
		const kept = readFileSync(join(ROOT, 'docs/licences.md'), 'utf8');
		expect(kept === licencesDocument(), 'run ./uncinus licences > docs/licences.md').to.equal(true);
	});
	it('name every package the application asks for itself', () => {
		const { dependencies } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')) as {
			dependencies: Record<string, string>;
		};
		const text = licencesDocument();
		for (const name of Object.keys(dependencies)) expect(text, name).to.include(`- ${name} `);
	});
	it('the product itself keeps all rights', () => {
		expect(readFileSync(join(ROOT, 'LICENSE'), 'utf8')).to.match(/All rights reserved/);
	});
});
