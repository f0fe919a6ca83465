import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const STROKE = {
	workStartMm: 0,
	workEndMm: 150,
	tableSpeedMPerMin: 15,
	workWidthMm: 50,
	wheelWidthMm: 20,
	accelerationMmPerS2: 1500,
	passes: 8
};
describe('set.stroke', () => {
	it('six strokes a pass, eight passes', () =>
		example('set.stroke', STROKE, {
			stopLeftMm: -25,
			stopRightMm: 175,
			strokesPerMin: 46.15385,
			strokesPerPass: 6,
			passTimeS: 7.8,
			timeS: 62.4,
			reversalMm: 20.83333,
			cuttingShare: 0.4615385,
			verdict: 'ok'
		}));
	it('the width of the work wants that of the wheel, and an end lies behind its beginning', () => {
		const { wheelWidthMm: _w, ...rest } = STROKE;
		refuses('set.stroke', rest, 'wheelWidthMm', 'missing');
		refuses('set.stroke', { ...STROKE, workEndMm: -1 }, 'workEndMm', 'inconsistent');
		example(
			'set.stroke',
			{ workStartMm: 0, workEndMm: 150, tableSpeedMPerMin: 15 },
			{ strokesPerPass: 1, reversalMm: null }
		);
	});
});
limits('set.stroke', STROKE, [
	{
		code: 'beyond-table-travel',
		severity: 'stop',
		not: [{ tableMinMm: -25, tableMaxMm: 175 }],
		yes: [{ tableMinMm: -24.9 }, { tableMaxMm: 174.9 }]
	},
	{
		code: 'over-travel-short',
		severity: 'caution',
		not: [{ overTravelMm: 10 }],
		yes: [{ overTravelMm: 9.9 }]
	},
	{
		code: 'reverses-over-the-work',
		severity: 'caution',
		not: [{ accelerationMmPerS2: 1250 }],
		yes: [{ accelerationMmPerS2: 1249 }]
	}
]);
