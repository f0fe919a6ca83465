import { expect } from 'chai';
import fc from 'fast-check';
import { mountLifting } from '../../../src/core/mount/lifting.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BY = { massKg: 10, method: 'hand', handLimitKg: 20 };

limits('mount.lifting', BY, [
	{
		code: 'hoist-needed',
		severity: 'stop',
		not: [{ massKg: 20 }, { massKg: 30, method: 'two-person' }],
		yes: [
			{ massKg: 20.1 },
			{ massKg: 30.1, method: 'two-person' },
			{ reachMm: 631 },
			{ handHeightMm: 1751 },
			{ travelMm: 1751 },
			{ twistDeg: 136 }
		]
	},
	{
		code: 'heavy',
		severity: 'caution',
		not: [{ massKg: 16 }, { massKg: 20.1 }, { massKg: 24, method: 'two-person' }],
		yes: [{ massKg: 16.1 }, { massKg: 20 }, { massKg: 24.1, method: 'two-person' }]
	},
	{
		code: 'hoist-capacity',
		severity: 'stop',
		not: [{ method: 'hoist', hoistCapacityKg: 10 }],
		yes: [{ method: 'hoist', hoistCapacityKg: 9.9 }]
	}
]);

describe('mount.lifting: what takes off from the limit', () => {
	const takes = (v: object, multipliers: object) =>
		example('mount.lifting', { ...BY, ...v }, { multipliers });
	it('each posture by its own line, and nothing beyond its end', () => {
		takes({ reachMm: 100 }, { reach: 1 });
		takes({ reachMm: 500 }, { reach: 0.5 });
		takes({ reachMm: 630 }, { reach: 250 / 630 });
		takes({ reachMm: 630.1 }, { reach: 0 });
		takes({ handHeightMm: 750 }, { height: 1 });
		takes({ handHeightMm: 650 }, { height: 0.97 });
		takes({ handHeightMm: 1750 }, { height: 0.7 });
		takes({ travelMm: 100 }, { travel: 1 });
		takes({ travelMm: 450 }, { travel: 0.92 });
		takes({ travelMm: 1750 }, { travel: 0.82 + 45 / 1750 });
		takes({ twistDeg: 100 }, { twist: 0.68 });
		takes({ twistDeg: 135 }, { twist: 1 - 0.0032 * 135 });
		takes({ grip: 'fair' }, { grip: 0.95 });
		takes({ grip: 'poor' }, { grip: 0.9 });
	});
	it('all of them multiply, two lift half as much again', () => {
		const held = { reachMm: 500, grip: 'poor' };
		example('mount.lifting', { ...BY, ...held, massKg: 9 }, { allowedKg: 9, liftingIndex: 1 });
		example(
			'mount.lifting',
			{ ...BY, ...held, method: 'two-person' },
			{ recommendedLimitKg: 9, allowedKg: 13.5 }
		);
		example('mount.lifting', { ...BY, twistDeg: 136 }, { liftingIndex: null, allowedKg: 0 });
	});
	it('needs a mass or a size, a bore inside the wheel, and what the hoist carries', () => {
		refuses('mount.lifting', { method: 'hand' }, 'diameterMm', 'missing');
		refuses('mount.lifting', { method: 'hand', diameterMm: 300 }, 'boreMm', 'missing');
		refuses('mount.lifting', { method: 'hand', diameterMm: 300, boreMm: 76 }, 'thicknessMm', 'missing');
		refuses('mount.lifting', { ...BY, diameterMm: 76, boreMm: 76 }, 'boreMm', 'above-maximum');
		refuses('mount.lifting', { ...BY, method: 'hoist' }, 'hoistCapacityKg', 'missing');
	});
});

const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.lifting: how it behaves', () => {
	const run = (more: object) => mountLifting.run({ massKg: 10, method: 'hand', ...more });
	it('never allows more for a worse posture', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 1500, noNaN: true }),
				fc.double({ min: 750, max: 2500, noNaN: true }),
				fc.double({ min: 0, max: 2500, noNaN: true }),
				fc.double({ min: 0, max: 180, noNaN: true }),
				fc.double({ min: 1, max: 1.2, noNaN: true }),
				(reachMm, handHeightMm, travelMm, twistDeg, worse) => {
					const a = run({ reachMm, handHeightMm, travelMm, twistDeg });
					const b = run({
						reachMm: Math.min(1500, reachMm * worse),
						handHeightMm: Math.min(2500, handHeightMm * worse),
						travelMm: Math.min(2500, travelMm * worse),
						twistDeg: Math.min(180, twistDeg * worse),
						grip: 'poor'
					});
					expect(b.recommendedLimitKg).to.be.at.most(a.recommendedLimitKg + 1e-9);
					expect(a.recommendedLimitKg).to.be.within(0, 23);
				}
			)
		));
	it('two may lift half as much again, a hoist what it carries', () => {
		expect(run({ massKg: 30, method: 'two-person' }).verdict).to.equal('caution');
		expect(codes(run({ massKg: 36, method: 'two-person' }))).to.deep.equal(['hoist-needed']);
		expect(codes(run({ massKg: 36, method: 'hoist', hoistCapacityKg: 30 }))).to.deep.equal([
			'hoist-capacity'
		]);
		refuses('mount.lifting', { massKg: 36, method: 'hoist' }, 'hoistCapacityKg', 'missing');
	});
	it('out of reach nothing may be lifted, and there is no index', () =>
		expect(run({ reachMm: 700 })).to.include({ recommendedLimitKg: 0, liftingIndex: null, verdict: 'stop' }));
	it('wants a mass or the size it follows from', () => {
		refuses('mount.lifting', { method: 'hand', diameterMm: 300 }, 'boreMm', 'missing');
		refuses(
			'mount.lifting',
			{ method: 'hand', diameterMm: 300, boreMm: 300, thicknessMm: 20 },
			'boreMm',
			'above-maximum'
		);
	});
});
