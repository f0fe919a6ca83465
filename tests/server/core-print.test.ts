import { cpSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import { corePrint, printOfCore } from '../../src/lib/server/setups/core-print.js';

describe('the print of the rules', () => {
	it('is that of the sources, and another one once anything in them is otherwise', () => {
		const folder = mkdtempSync(join(tmpdir(), 'uncinus-print-'));
		try {
			cpSync('src/core', folder, { recursive: true });
			expect(printOfCore(folder)).to.equal(corePrint());
			writeFileSync(join(folder, 'route/sums.ts'), '// otherwise');
			expect(printOfCore(folder)).to.not.equal(corePrint());
		} finally {
			rmSync(folder, { recursive: true, force: true });
		}
	});
});
