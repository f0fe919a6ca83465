import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const MARKS = {
	markedLengthMm: 52,
	markCount: 8,
	workSpeedMPerMin: 11.5,
	wheelRpm: 1760,
	known: [{ name: 'pump', frequencyHz: 24.5 }]
};
describe('prove.chatter-pitch', () => {
	it('eight marks, once a turn of the wheel', () =>
		example('prove.chatter-pitch', MARKS, {
			pitchMm: 6.5,
			frequencyHz: 29.48718,
			perWheelTurn: 1.005245,
			pitchAtWheelRpmMm: 6.534091,
			likely: 'wheel-rpm',
			likelyCount: 1,
			verdict: 'ok'
		}));
	it('a roll that turns 3.1 times a wheel turn beats ten times in a hundred turns', () =>
		example(
			'prove.chatter-pitch',
			{ pitchMm: 60, workSpeedMPerMin: 12, wheelRpm: 2000, rollRpm: 6200 },
			{ likely: 'roll-beat', frequencyHz: 3.333333 }
		));
	it('a whole ratio of the roll has no beat', () => {
		const o = run<{ candidates: { code: string }[] }>('prove.chatter-pitch', {
			...MARKS,
			rollRpm: 3520,
			workRpm: 90
		});
		expect(o.candidates.map((c) => c.code)).to.include.members(['roll-lobes', 'work-rpm', 'known']);
		expect(o.candidates.map((c) => c.code)).to.not.include('roll-beat');
	});
	it('whatever hums at the frequency of the marks is named first', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 50, noNaN: true }),
				fc.double({ min: 1, max: 40, noNaN: true }),
				(pitchMm, workSpeedMPerMin) => {
					const frequencyHz = (1000 * workSpeedMPerMin) / 60 / pitchMm;
					const o = run<{ likely: string; likelyName: string; candidates: { mismatch: number }[] }>(
						'prove.chatter-pitch',
						{ pitchMm, workSpeedMPerMin, wheelRpm: 1777, known: [{ name: 'neighbour', frequencyHz }] }
					);
					expect(o.candidates[0]!.mismatch).to.be.below(1e-9);
					expect(o.likely).to.equal('known');
					expect(o.likelyName).to.equal('neighbour');
				}
			)
		));
	it('asks for the marks when there is no pitch', () => {
		refuses('prove.chatter-pitch', { workSpeedMPerMin: 10, wheelRpm: 2000 }, 'markedLengthMm', 'missing');
		refuses(
			'prove.chatter-pitch',
			{ workSpeedMPerMin: 10, wheelRpm: 2000, markedLengthMm: 50 },
			'markCount',
			'missing'
		);
	});
});
limits('prove.chatter-pitch', MARKS, [
	{ code: 'no-match', severity: 'caution', not: [{}], yes: [{ pitchMm: 200 }] },
	{
		code: 'several-match',
		severity: 'caution',
		not: [{}],
		yes: [{ known: [{ name: 'fan', frequencyHz: 29.4 }] }]
	}
]);
