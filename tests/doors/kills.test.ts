import { expect } from 'chai';
import { killTrial } from '../../tools/trial/kills.js';

describe('killed while eight people record', () => {
	it('five times: the database, the application, both; nothing acknowledged is lost, nothing is there twice', async () => {
		const env = { ...process.env };
		try {
			const t = await killTrial(5);
			expect(t.acknowledged).to.be.above(8);
			expect(t).to.include({ lost: 0, doubled: 0 });
		} finally {
			Object.assign(process.env, env);
		}
	});
});
