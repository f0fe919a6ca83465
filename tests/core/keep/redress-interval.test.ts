import { expect } from 'chai';
import fc from 'fast-check';
import { redressInterval } from '../../../src/core/keep/redress-interval.js';
import { example } from '../examples.js';
import { faults } from '../../shared/setup-in-memory.js';

describe('keep: when to redress the form', () => {
	it('keep.redress-interval 1', () =>
		example(
			'keep.redress-interval',
			{
				source: 'measured',
				lossUmPerMm: 2.5,
				formToleranceUm: 20,
				redressUm: 30,
				partDepthMm: 1.5,
				cleanUpUm: 5
			},
			{
				lossUmPerMm: 2.5,
				standardErrorUmPerMm: null,
				pointCount: null,
				intervalMm: 6.4,
				partsPerRedress: 4,
				lossAtRedressUm: 15,
				minRedressUm: 20,
				radiusUsedPerPartUm: 7.5,
				verdict: 'ok',
				codes: []
			},
			5e-7
		));
	it('keep.redress-interval 2', () =>
		example(
			'keep.redress-interval',
			{
				source: 'g-ratio',
				gRatio: 25,
				wheelDiameterMm: 300,
				workLengthMm: 50,
				formToleranceUm: 40,
				redressUm: 40,
				partDepthMm: 3
			},
			{
				lossUmPerMm: 4.244132,
				intervalMm: 7.539822,
				partsPerRedress: 2,
				minRedressUm: 25.46479,
				verdict: 'ok'
			},
			5e-7
		));
	it('keep.redress-interval 3', () =>
		example(
			'keep.redress-interval',
			{
				source: 'measured',
				lossUmPerMm: 12,
				formToleranceUm: 10,
				redressUm: 25,
				partDepthMm: 1.8,
				maxFlankDeg: 60,
				usableRadiusUm: 6000
			},
			{
				intervalMm: 0.6666667,
				partsPerRedress: 0,
				mode: 'inside-part',
				redressesPerPart: 3,
				infeedPerRedressMm: 0.6,
				lossAtRedressUm: 7.2,
				minRedressUm: 14.4,
				radiusUsedPerPartUm: 75,
				partsPerWheel: 80,
				infeedPerWheelMm: 144,
				verdict: 'caution',
				codes: ['tolerance-lost-within-one-part']
			},
			5e-7
		));

	const PLAIN = { formToleranceUm: 20, redressUm: 40, partDepthMm: 1 };
	it('the line through what was measured is the one that lies nearest', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						groundMm: fc.double({ min: 0.1, max: 50, noNaN: true }),
						lossUm: fc.double({ min: 0.1, max: 60, noNaN: true })
					}),
					{ minLength: 2, maxLength: 12 }
				),
				fc.double({ min: -0.2, max: 0.2, noNaN: true }),
				(measurements, off) => {
					const { lossUmPerMm: k } = redressInterval.run({ ...PLAIN, source: 'points', measurements });
					const rest = (slope: number) =>
						measurements.reduce((s, p) => s + (p.lossUm - slope * p.groundMm) ** 2, 0);
					expect(rest(k)).to.be.at.most(rest(k + off) + 1e-6 * (1 + rest(k)));
				}
			),
			{ numRuns: 200 }
		));
	it('never plans to lose more than its share of the tolerance, and redresses under the wear', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.05, max: 60, noNaN: true }),
				fc.double({ min: 1, max: 200, noNaN: true }),
				fc.double({ min: 0.05, max: 20, noNaN: true }),
				fc.boolean(),
				(lossUmPerMm, formToleranceUm, partDepthMm, dressBeforeFinish) => {
					const o = redressInterval.run({
						source: 'measured',
						lossUmPerMm,
						formToleranceUm,
						partDepthMm,
						dressBeforeFinish,
						redressUm: 30
					});
					expect(o.lossAtRedressUm).to.be.at.most(0.8 * formToleranceUm * (1 + 1e-6));
					expect(o.minRedressUm).to.be.at.least(o.lossAtRedressUm);
					expect(o.mode === 'inside-part').to.equal(o.partsPerRedress < 1 || dressBeforeFinish);
				}
			),
			{ numRuns: 300 }
		));
	it('says what is missing for where the wear is known from', () => {
		faults('missing', 'lossUmPerMm', () => redressInterval.run({ ...PLAIN, source: 'measured' }));
		faults('missing', 'measurements', () => redressInterval.run({ ...PLAIN, source: 'points' }));
		faults('missing', 'workLengthMm', () =>
			redressInterval.run({ ...PLAIN, source: 'g-ratio', gRatio: 20, wheelDiameterMm: 300 })
		);
		faults('no-loss', 'measurements', () =>
			redressInterval.run({ ...PLAIN, source: 'points', measurements: [{ groundMm: 3, lossUm: 0 }] })
		);
	});
	it('one look tells a wear and no error of it', () => {
		const o = redressInterval.run({ ...PLAIN, source: 'points', measurements: [{ groundMm: 4, lossUm: 8 }] });
		expect(o).to.deep.include({ lossUmPerMm: 2, standardErrorUmPerMm: null, pointCount: 1 });
	});
});
