import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example } from '../examples.js';
import { limits } from '../limits.js';

const JET = { wheelSpeedMps: 30, contactWidthMm: 20, pumpBar: 3, pumpLPerMin: 60, nozzleAreaMm2: 20 };
describe('prove.coolant-jet', () => {
	it('a pump of three bar through twenty square millimetres', () =>
		example('prove.coolant-jet', JET, {
			pressureBar: 4.5,
			flowLPerMin: 30,
			nozzleAreaMm2: 18.51852,
			nozzleHeightMm: 0.9259259,
			pumpPowerW: 450,
			jetRatioFromPump: 0.8164966,
			flowFromPumpLPerMin: 26.45449,
			verdict: 'caution',
			codes: ['flow-short']
		}));
	it('the nozzle it asks for passes the flow it asks for, at the pressure it asks for', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 10, max: 80, noNaN: true }),
				fc.double({ min: 2, max: 100, noNaN: true }),
				fc.double({ min: 0.5, max: 1.5, noNaN: true }),
				(wheelSpeedMps, contactWidthMm, jetRatio) => {
					const asked = run<Record<string, number>>('prove.coolant-jet', {
						wheelSpeedMps,
						contactWidthMm,
						jetRatio
					});
					const got = run<Record<string, number>>('prove.coolant-jet', {
						wheelSpeedMps,
						contactWidthMm,
						jetRatio,
						pumpBar: asked.pressureBar,
						nozzleAreaMm2: asked.nozzleAreaMm2
					});
					expect(got.flowFromPumpLPerMin! / asked.flowLPerMin!).to.be.closeTo(1, 1e-9);
					expect(got.jetRatioFromPump).to.be.closeTo(jetRatio, 1e-9);
				}
			)
		));
});
limits('prove.coolant-jet', JET, [
	{ code: 'jet-slow', severity: 'caution', not: [{ pumpBar: 2.88 }], yes: [{ pumpBar: 2.87 }] },
	{
		code: 'flow-short',
		severity: 'caution',
		not: [{ nozzleAreaMm2: 23 }, { nozzleAreaMm2: null }],
		yes: [{}, { nozzleAreaMm2: null, pumpLPerMin: 29.9 }]
	},
	{
		code: 'pump-cannot-fill-nozzle',
		severity: 'caution',
		not: [{}],
		yes: [{ pumpLPerMin: 26 }]
	},
	{
		code: 'nozzle-narrow',
		severity: 'caution',
		not: [{}, { nozzleWidthMm: 20 }],
		yes: [{ nozzleWidthMm: 19.9 }]
	},
	{ code: 'nozzle-far', severity: 'caution', not: [{}, { distanceMm: 50 }], yes: [{ distanceMm: 50.1 }] }
]);
