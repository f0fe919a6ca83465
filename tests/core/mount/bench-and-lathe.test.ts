import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { mountToolPost } from '../../../src/core/mount/tool-post.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const BENCH = {
	restGapMm: 2,
	tongueGapMm: 5,
	restAtCentre: true,
	guardsOn: true,
	shieldClear: true,
	boltedDown: true
};

limits('mount.bench-grinder', BENCH, [
	{
		code: 'rest-gap',
		severity: 'stop',
		not: [{ restGapMm: 3 }, { restGapMm: 3.2, restGapMostMm: 3.2 }],
		yes: [{ restGapMm: 3.1 }]
	},
	{
		code: 'tongue-gap',
		severity: 'stop',
		not: [{ tongueGapMm: 6 }, { tongueGapMm: 6.4, tongueGapMostMm: 6.4 }],
		yes: [{ tongueGapMm: 6.1 }]
	},
	{ code: 'guards-off', severity: 'stop', not: [{}], yes: [{ guardsOn: false }] },
	{ code: 'rest-not-at-centre', severity: 'caution', not: [{}], yes: [{ restAtCentre: false }] },
	{ code: 'shield', severity: 'caution', not: [{}], yes: [{ shieldClear: false }] },
	{ code: 'not-bolted', severity: 'caution', not: [{}], yes: [{ boltedDown: false }] }
]);

const LATHE = {
	centreOffsetMm: 0,
	workDiameterMm: 40,
	wheelDiameterMm: 60,
	runRpm: 6000,
	ratedRpm: 8000,
	waysCovered: true,
	wheelClearOfChuck: true
};

limits('mount.tool-post', LATHE, [
	{ code: 'overspeed', severity: 'stop', not: [{ runRpm: 8000 }], yes: [{ runRpm: 8001 }] },
	{ code: 'wheel-near-chuck', severity: 'stop', not: [{}], yes: [{ wheelClearOfChuck: false }] },
	{ code: 'ways-uncovered', severity: 'caution', not: [{}], yes: [{ waysCovered: false }] },
	{
		code: 'slow-wheel',
		severity: 'caution',
		not: [{ runRpm: 4775 }, { runRpm: 1000, minSpeedMps: 3 }],
		yes: [{ runRpm: 4774 }]
	},
	{
		code: 'off-centre',
		severity: 'caution',
		not: [
			{},
			{ centreOffsetMm: 0.3162 },
			{ centreOffsetMm: -0.3162 },
			{ centreOffsetMm: 0.5, sizeToleranceUm: 6 }
		],
		yes: [{ centreOffsetMm: 0.3163 }, { centreOffsetMm: -0.3163 }]
	}
]);

describe('grinding on a bench and on a lathe: what is measured', () => {
	it('what rest and tongue have to spare', () => {
		example('mount.bench-grinder', BENCH, { restSpareMm: 1, tongueSpareMm: 1, verdict: 'ok' });
	});
	it('outside the axes stand half of both apart, in a bore the difference', () => {
		example('mount.tool-post', LATHE, {
			axisDistanceMm: 50,
			diameterErrorUm: 0,
			surfaceSpeedMps: 18.85,
			maxOffsetForToleranceMm: Math.sqrt(50.001 ** 2 - 50 ** 2)
		});
		example(
			'mount.tool-post',
			{ ...LATHE, workDiameterMm: 100, grinding: 'internal', centreOffsetMm: 3, sizeToleranceUm: 500 },
			{ axisDistanceMm: 20, diameterErrorUm: 2000 * (Math.sqrt(409) - 20), verdict: 'ok' }
		);
	});
	it('a wheel does not go into a bore of its own size', () => {
		const bore = (workDiameterMm: number) => ({ ...LATHE, grinding: 'internal', workDiameterMm });
		refuses('mount.tool-post', bore(60), 'wheelDiameterMm', 'above-maximum');
		example('mount.tool-post', bore(60.1), { axisDistanceMm: 0.05 });
	});
});

const POST = calculation('mount.tool-post').example as Record<string, unknown>;
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.tool-post: how it behaves', () => {
	const run = (more: object) => mountToolPost.run({ ...POST, ...more });
	it('at the offset it allows, the error is the tolerance', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 500, noNaN: true }),
				fc.double({ min: 20, max: 200, noNaN: true }),
				fc.double({ min: 0.5, max: 50, noNaN: true }),
				(workDiameterMm, wheelDiameterMm, sizeToleranceUm) => {
					const at = run({ workDiameterMm, wheelDiameterMm, sizeToleranceUm }).maxOffsetForToleranceMm;
					expect(
						run({ workDiameterMm, wheelDiameterMm, sizeToleranceUm, centreOffsetMm: Math.min(100, at) })
							.diameterErrorUm
					).to.be.closeTo(sizeToleranceUm, 1e-6 * sizeToleranceUm + 1e-6);
					expect(run({ centreOffsetMm: 0.3 }).diameterErrorUm).to.equal(
						run({ centreOffsetMm: -0.3 }).diameterErrorUm
					);
				}
			)
		));
	it('each fault has its word', () => {
		for (const [more, code] of [
			[{ runRpm: 8600 }, 'overspeed'],
			[{ wheelClearOfChuck: false }, 'wheel-near-chuck'],
			[{ waysCovered: false }, 'ways-uncovered'],
			[{ wheelDiameterMm: 30, centreOffsetMm: 0 }, 'slow-wheel']
		] as const)
			expect(codes(run({ centreOffsetMm: 0, ...more })), code).to.deep.equal([code]);
		refuses(
			'mount.tool-post',
			{ ...POST, grinding: 'internal', workDiameterMm: 60 },
			'wheelDiameterMm',
			'above-maximum'
		);
	});
});
