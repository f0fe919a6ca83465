import { expect } from 'chai';
import { spindleRunout } from '../../../src/core/mount/spindle-runout.js';
import { limits } from '../limits.js';

const taper = (taperRunoutUm: number) => ({ taperRunoutUm });
const flange = (flangeRunoutUm: number) => ({ flangeRunoutUm });

limits('mount.spindle-runout', { taperRunoutUm: 2, flangeRunoutUm: 2 }, [
	{
		code: 'runout-above-aim',
		severity: 'caution',
		not: [{}, taper(5), flange(5), taper(25), { ...flange(9), runoutAimUm: 9 }],
		yes: [taper(5.1), flange(5.1), taper(24.9), flange(24.9)]
	},
	{
		code: 'runout-over-limit',
		severity: 'stop',
		not: [taper(24.9), flange(24.9), { ...flange(30), runoutLimitUm: 31 }],
		yes: [taper(25), flange(25), { ...taper(8), runoutLimitUm: 8 }]
	}
]);

describe('mount.spindle-runout', () => {
	it('is judged by the worse of taper and flange, and says which it is', () => {
		expect(spindleRunout.run({ taperRunoutUm: 3, flangeRunoutUm: 5 })).to.include({
			verdict: 'ok',
			worstUm: 5
		});
		const says = (v: object) =>
			spindleRunout.run({ taperRunoutUm: 2, flangeRunoutUm: 2, ...v }).reasons[0]!.message;
		expect(says(taper(6))).to.match(/^The taper runs out 6/);
		expect(says(flange(6))).to.match(/^The flange runs out 6/);
		expect(says({ ...taper(30), ...flange(30) })).to.match(/^The taper runs out 30/);
		expect(says({ ...taper(29), ...flange(30) })).to.match(/^The flange runs out 30/);
	});
});

describe('what a drawing of the spindle shows', () => {
	it('is each reading as it was found, by the figures that count', () => {
		const states = (more: object) => {
			const o = spindleRunout.run({ taperRunoutUm: 13, flangeRunoutUm: 6, ...more });
			return [o.taperState, o.flangeState];
		};
		expect(states({})).to.deep.equal(['caution', 'caution']);
		expect(states({ taperLimitUm: 12 })).to.deep.equal(['stop', 'caution']);
		expect(states({ runoutAimUm: 6, runoutLimitUm: 13 })).to.deep.equal(['stop', 'ok']);
	});
});
