import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const HEARD = { chatterHz: 240, wheelRpm: 1450, workRpm: 83, workRpmMin: 40, workRpmMax: 200 };
type Output = {
	proposeWorkRpm: number | null;
	proposeWheelRpm: number | null;
	changePct: number | null;
	reasons: { code: string }[];
};
const run = (input: object) => calculation('prove.chatter-speed').run(input) as unknown as Output;

limits('prove.chatter-speed', HEARD, [
	{
		code: 'follows-wheel',
		severity: 'caution',
		not: [{}, { wheelRpm: 14400 / 9.97 }],
		yes: [{ wheelRpm: 1440 }, { wheelRpm: 14400 / 9.981 }, { wheelRpm: 14400 / 10.019 }]
	},
	{
		code: 'no-better-speed',
		severity: 'caution',
		not: [{}, { workRpmMin: null, workRpmMax: null, workRpm: 14400 / 173.4, wheelRpm: 14400 / 9.4 }],
		yes: [{ workRpmMin: null, workRpmMax: null, workRpm: 14400 / 173.75 }]
	}
]);

describe('prove.chatter-speed', () => {
	it('counts the waves on wheel and work', () =>
		example('prove.chatter-speed', HEARD, {
			wavesWheel: 9.9310345,
			fractionWheel: 0.9310345,
			wavesWork: 173.493976,
			fractionWork: 0.493976,
			proposeWorkRpm: 14400 / 173.25,
			proposeWheelRpm: null,
			changePct: 100 * (14400 / 173.25 / 83 - 1)
		}));
	it('what it proposes leaves a quarter of a wave over, and nothing nearer does', () =>
		fc.assert(
			fc.property(fc.double({ min: 41, max: 199, noNaN: true }), (workRpm) => {
				const to = run({ ...HEARD, workRpm }).proposeWorkRpm!;
				const waves = 14400 / to;
				expect(waves - Math.floor(waves)).to.be.closeTo(0.25, 1e-6);
				const mine = 14400 / workRpm;
				for (const whole of [Math.floor(mine) - 1, Math.floor(mine), Math.floor(mine) + 1])
					expect(Math.abs(to - workRpm)).to.be.at.most(Math.abs(14400 / (whole + 0.25) - workRpm) + 1e-9);
			})
		));
	it('turns to the wheel where the work cannot change, never above what it allows', () => {
		const fixed = { ...HEARD, workRpmMin: null, workRpmMax: null, wheelRpmMin: 1000, wheelMaxRpm: 1460 };
		const out = run(fixed);
		expect(out.proposeWorkRpm).to.equal(null);
		expect(out.proposeWheelRpm).to.be.closeTo(14400 / 10.25, 1e-9);
		expect(run({ ...fixed, wheelRpmMin: 1440 }).proposeWheelRpm).to.equal(null);
	});
	it('on a table there is no work that turns', () => {
		const table = { chatterHz: 240, wheelRpm: 1450, wheelRpmMin: 1000, wheelMaxRpm: 1500 };
		expect(run(table).proposeWheelRpm).to.be.closeTo(14400 / 10.25, 1e-9);
		refuses('prove.chatter-speed', { ...table, workRpmMax: 100 }, 'workRpm', 'missing');
	});
	it('refuses a range turned round', () =>
		refuses('prove.chatter-speed', { ...HEARD, workRpmMin: 300 }, 'workRpmMin', 'inconsistent'));
});
