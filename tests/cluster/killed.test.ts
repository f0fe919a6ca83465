import { expect } from 'chai';
import { clusterTrial } from '../../tools/cluster/trial.js';

describe('a cluster killed piece by piece while eight people record', () => {
	it('loses nothing it acknowledged and keeps nothing twice; two people on one setup never both win; what returns catches up', async () => {
		const env = { ...process.env };
		try {
			const t = await clusterTrial();
			expect(t.blows.map((b) => b.what)).to.deep.equal(['a node', 'an application', 'the donor']);
			expect(t.acknowledged).to.be.above(24);
			expect(t).to.include({ lost: 0, doubled: 0, pairs: 6, notOneOfThem: 0 });
			const [first, ...others] = t.nodes;
			expect(first!.records).to.be.above(t.acknowledged);
			expect(first!.triggers).to.be.above(20);
			expect(first!.evidenceStays).to.equal(true);
			for (const n of others) expect(n).to.deep.equal(first);
		} finally {
			Object.assign(process.env, env);
		}
	});
});
