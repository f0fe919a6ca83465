import { expect } from 'chai';
import fc from 'fast-check';
import { rimByHand } from '../../../src/core/true/rim-by-hand.js';
import { runout } from '../../../src/core/true/runout.js';
import { faults } from '../../shared/setup-in-memory.js';

const RANK = { ok: 0, caution: 1, stop: 2 } as const;
const codes = (input: object) => rimByHand.run(input).reasons.map((reason) => reason.code);

describe('run-out without an indicator', () => {
	it('dressed all round: the last bite and the spindle, a quarter of the bite after spark-out', () => {
		const dressed = { way: 'dressed-all-round', lastBiteUm: 20, spindleErrorUm: 3 };
		expect(rimByHand.run(dressed)).to.include({ tirUm: 23, verdict: 'ok', spindleKnown: true });
		expect(rimByHand.run({ ...dressed, sparkedOut: true }).tirUm).to.equal(8);
	});
	it('a pencil line closed all round tells as much as the pencil is steady', () => {
		expect(rimByHand.run({ way: 'line-held' })).to.include({ tirUm: 100, verdict: 'caution' });
		expect(rimByHand.run({ way: 'line-clamped', limitTirUm: 50 })).to.include({ tirUm: 30, verdict: 'ok' });
		expect(rimByHand.run({ way: 'line-clamped', clampedBandUm: 20 })).to.include({
			tirUm: 20,
			verdict: 'ok'
		});
	});
	it('a spindle nobody measured is said, and is not enough for a limit under 10 µm', () => {
		const dressed = { way: 'dressed-all-round', lastBiteUm: 4, sparkedOut: true };
		expect(rimByHand.run(dressed)).to.include({ verdict: 'ok', spindleKnown: false });
		expect(codes({ ...dressed, limitTirUm: 10 })).to.deep.equal([]);
		expect(codes({ ...dressed, limitTirUm: 9 })).to.deep.equal(['spindle-not-measured']);
		expect(codes({ ...dressed, limitTirUm: 9, spindleErrorUm: 2 })).to.deep.equal([]);
	});
	it('asks for the last bite where it was dressed', () => {
		faults('missing', 'lastBiteUm', () => rimByHand.run({ way: 'dressed-all-round' }));
	});
	it('never judges better than an indicator that reads the same', () =>
		fc.assert(
			fc.property(
				fc.constantFrom('dressed-all-round', 'line-held', 'line-clamped'),
				fc.integer({ min: 1, max: 200 }),
				fc.boolean(),
				fc.option(fc.integer({ min: 0, max: 50 })),
				fc.integer({ min: 1, max: 150 }),
				(way, lastBiteUm, sparkedOut, spindleErrorUm, limitTirUm) => {
					const byHand = rimByHand.run({ way, lastBiteUm, sparkedOut, spindleErrorUm, limitTirUm });
					const half = byHand.tirUm / 2;
					const read = runout.run({
						readingsUm: Array.from({ length: 12 }, (_, i) => half * Math.cos((i * Math.PI) / 6)),
						limitTirUm
					});
					expect(RANK[byHand.verdict]).to.be.at.least(Math.min(1, RANK[read.verdict]));
				}
			)
		));
});
