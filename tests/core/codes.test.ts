import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import { allCodes, codesDocument } from '../../src/command/codes.js';
import { ROOT } from '../../src/command/paths.js';

describe('codes', () => {
	it('stand in docs as they are now', () => {
		expect(readFileSync(`${ROOT}/docs/codes.md`, 'utf8'), 'run ./uncinus codes > docs/codes.md').to.equal(
			codesDocument()
		);
	});
	it('are stable words, each said in full sentences', () => {
		for (const c of allCodes()) {
			expect(c.code, c.file).to.match(/^[a-z]+([.-][a-z0-9]+)*$/);
			expect(c.words, `${c.code} in ${c.file}`).to.match(/[.!?…]$/);
		}
	});
	it('of a stop are never those of a remark', () => {
		const of = (kind: string) =>
			new Set(
				allCodes()
					.filter((c) => c.kind === kind)
					.map((c) => c.code)
			);
		const [stops, remarks] = [of('stop'), of('remark')];
		expect([...remarks].filter((code) => stops.has(code))).to.deep.equal([]);
	});
});
