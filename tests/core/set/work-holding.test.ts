import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const HELD = {
	method: 'magnet',
	depthUm: 20,
	workSpeedMPerMin: 15,
	widthMm: 20,
	wheelSpeedMps: 30,
	chuckPressureNPerCm2: 80,
	contactAreaMm2: 2500,
	poleCoverage: 0.7,
	partHeightMm: 30,
	baseLengthMm: 50,
	holdingConfirmed: true
};
describe('set.work-holding', () => {
	it('a part on the magnet', () =>
		example('set.work-holding', HELD, {
			tangentialForceN: 133.3333,
			powerW: 4000,
			holdingForceN: 1400,
			capacityN: 210,
			slideRatio: 1.575,
			tipRatio: 8.75,
			maxDepthUm: 10.5,
			verdict: 'caution',
			codes: ['holding-thin']
		}));
	it('vise and centres', () => {
		const {
			chuckPressureNPerCm2: _p,
			contactAreaMm2: _a,
			partHeightMm: _h,
			baseLengthMm: _l,
			...rest
		} = HELD;
		example(
			'set.work-holding',
			{ ...rest, method: 'vise', clampForceN: 2000 },
			{ ratio: 4.5, tipRatio: null }
		);
		example(
			'set.work-holding',
			{ ...rest, method: 'centres', workDiameterMm: 40, driveTorqueNm: 8 },
			{ ratio: 3, holdingForceN: 400 }
		);
		refuses('set.work-holding', { ...rest, method: 'vise' }, 'clampForceN', 'missing');
		refuses('set.work-holding', rest, 'chuckPressureNPerCm2', 'missing');
		refuses('set.work-holding', { ...HELD, stopRatio: 4 }, 'stopRatio', 'inconsistent');
	});
	it('a stop takes the sliding away, and one as high as the part the tipping too', () => {
		example(
			'set.work-holding',
			{ ...HELD, blocking: 'stop', stopHeightMm: 15 },
			{ slideRatio: null, tipRatio: 17.5 }
		);
		example(
			'set.work-holding',
			{ ...HELD, blocking: 'blocked-in', stopHeightMm: 30 },
			{ ratio: null, maxDepthUm: null, verdict: 'stop', codes: ['stop-above-work'] }
		);
	});
	it('at the depth it names it is held exactly as often as care asks', () =>
		fc.assert(
			fc.property(fc.double({ min: 1, max: 200, noNaN: true }), (depthUm) => {
				const { maxDepthUm } = run<{ maxDepthUm: number }>('set.work-holding', { ...HELD, depthUm });
				const at = run<{ ratio: number }>('set.work-holding', { ...HELD, depthUm: maxDepthUm });
				expect(at.ratio).to.be.closeTo(3, 1e-9);
			})
		));
});
limits('set.work-holding', HELD, [
	{ code: 'magnet-not-confirmed', severity: 'stop', not: [{}], yes: [{ holdingConfirmed: false }] },
	{
		code: 'clamp-not-confirmed',
		severity: 'stop',
		not: [{ method: 'vise', clampForceN: 2000 }],
		yes: [{ method: 'vise', clampForceN: 2000, holdingConfirmed: false }]
	},
	{ code: 'holding-too-weak', severity: 'stop', not: [{}, { depthUm: 21 }], yes: [{ depthUm: 21.1 }] },
	{
		code: 'holding-thin',
		severity: 'caution',
		not: [{ depthUm: 10.5 }, { depthUm: 21.1 }],
		yes: [{ depthUm: 10.6 }, { depthUm: 21 }]
	},
	{
		code: 'block-it-in',
		severity: 'caution',
		not: [{ partHeightMm: 50 }, { partHeightMm: 51, blocking: 'blocked-in' }],
		yes: [{ partHeightMm: 51 }]
	}
]);
