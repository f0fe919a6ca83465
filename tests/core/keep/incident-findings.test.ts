import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { limits } from '../limits.js';

const CLEAN = {
	guard: 'sound',
	flange: 'sound',
	taper: 'sound',
	taperRunoutUm: 2,
	flangeRunoutUm: 3,
	polishMarks: false,
	chuckHighSpots: false,
	chuckGouges: false,
	spindleNoise: false
};
const CRASH = { event: 'hard-crash', injury: false, madeSafe: true, findings: CLEAN };
const found = (more: object, event = 'hard-crash') => ({ event, findings: { ...CLEAN, ...more } });
const MECHANICAL = ['burst', 'hard-crash', 'light-touch', 'overspeed'];
/** The same finding after each event in which the machine was hit. */
const hit = (more: object) => MECHANICAL.map((event) => found(more, event));
/** Events in which it cannot have happened to the machine. */
const notHit = (more: object) =>
	['vibration', 'dropped-wheel', 'dull-ring'].map((event) => found(more, event));

limits('keep.incident-plan', CRASH, [
	{
		code: 'not-made-safe',
		severity: 'stop',
		not: [{}, { madeSafe: false, event: 'dropped-wheel' }, { madeSafe: false, event: 'dull-ring' }],
		yes: [{ madeSafe: false }, { madeSafe: false, event: 'power-loss-in-cut' }]
	},
	{
		code: 'injury',
		severity: 'stop',
		not: [{}, { injury: true, done: ['care-for-people'] }],
		yes: [{ injury: true }, { injury: true, event: 'dull-ring' }]
	},
	{
		code: 'findings-missing',
		severity: 'stop',
		not: [
			{},
			{ findings: null, event: 'dropped-wheel' },
			{ findings: { spindleNoise: false }, event: 'vibration' }
		],
		yes: [
			{ findings: null },
			found({ polishMarks: null }),
			{ findings: null, event: 'vibration' },
			{ findings: null, event: 'power-loss-in-cut' }
		]
	},
	{
		code: 'guard-damaged',
		severity: 'stop',
		not: [{}, ...notHit({ guard: 'damaged' })],
		yes: hit({ guard: 'damaged' })
	},
	{
		code: 'flange-damaged',
		severity: 'stop',
		not: [found({ flange: 'light-burr' }), ...notHit({ flange: 'bent' })],
		yes: [...hit({ flange: 'bent' }), ...hit({ flange: 'cracked' })]
	},
	{
		code: 'taper-galled',
		severity: 'stop',
		not: [found({ taper: 'light-galling' }), ...notHit({ taper: 'severe-galling' })],
		yes: hit({ taper: 'severe-galling' })
	},
	{
		code: 'runout-over-limit',
		severity: 'stop',
		not: [found({ taperRunoutUm: 24.9 }), ...notHit({ taperRunoutUm: 40 })],
		yes: [...hit({ taperRunoutUm: 25 }), ...hit({ flangeRunoutUm: 25 })]
	},
	{
		code: 'taper-runout',
		severity: 'stop',
		not: [
			{ taperLimitUm: 12, ...found({ taperRunoutUm: 12 }) },
			found({ taperRunoutUm: 23 }),
			{ taperLimitUm: 12, ...found({ taperRunoutUm: 23, taperRunoutAgainUm: 4 }) },
			{ taperLimitUm: 12, ...found({ taperRunoutUm: 23 }, 'vibration') }
		],
		yes: [
			{ taperLimitUm: 12, ...found({ taperRunoutUm: 12.1 }) },
			{ taperLimitUm: 12, ...found({ taperRunoutUm: 23, taperRunoutAgainUm: 13 }) }
		]
	},
	{
		code: 'runout-above-aim',
		severity: 'caution',
		not: [
			found({ taperRunoutUm: 5, flangeRunoutUm: 5 }),
			found({ taperRunoutUm: 25 }),
			...notHit({ taperRunoutUm: 9 })
		],
		yes: [...hit({ taperRunoutUm: 5.1 }), ...hit({ flangeRunoutUm: 24.9 })]
	},
	{
		code: 'spindle-noise',
		severity: 'stop',
		not: [{}, found({ spindleNoise: true }, 'dull-ring'), found({ spindleNoise: true }, 'dropped-wheel')],
		yes: [
			...hit({ spindleNoise: true }),
			found({ spindleNoise: true }, 'vibration'),
			found({ spindleNoise: true }, 'power-loss-in-cut')
		]
	},
	{
		code: 'flange-burr',
		severity: 'caution',
		not: [{}, ...notHit({ flange: 'light-burr' })],
		yes: hit({ flange: 'light-burr' })
	},
	{
		code: 'taper-light-galling',
		severity: 'caution',
		not: [{}, ...notHit({ taper: 'light-galling' })],
		yes: hit({ taper: 'light-galling' })
	},
	{
		code: 'polish-marks',
		severity: 'caution',
		not: [{}, ...notHit({ polishMarks: true })],
		yes: hit({ polishMarks: true })
	},
	{
		code: 'chuck-high-spots',
		severity: 'caution',
		not: [{}, found({ chuckGouges: true }), ...notHit({ chuckHighSpots: true })],
		yes: hit({ chuckHighSpots: true })
	}
]);

describe('keep.incident-plan: the steps a finding adds', () => {
	const steps = (v: object) =>
		(calculation('keep.incident-plan').run({ ...CRASH, ...v }) as { steps: { code: string }[] }).steps.map(
			(s) => s.code
		);
	const plain = steps({});
	for (const [more, step] of [
		[{ guard: 'damaged' }, 'repair-guard'],
		[{ flange: 'light-burr' }, 'stone-flange'],
		[{ flange: 'bent' }, 'replace-flange'],
		[{ flange: 'cracked' }, 'replace-flange'],
		[{ taper: 'light-galling' }, 'polish-taper'],
		[{ taper: 'severe-galling' }, 'spindle-service'],
		[{ polishMarks: true }, 'polish-marks'],
		[{ taperRunoutUm: 5.1 }, 'clean-and-remeasure'],
		[{ spindleNoise: true }, 'spindle-service'],
		[{ chuckHighSpots: true }, 'stone-chuck-high-spots'],
		[{ chuckGouges: true }, 'leave-gouges']
	] as const)
		it(`${JSON.stringify(more)}: ${step}`, () => {
			expect(plain).not.to.include(step);
			expect(steps(found(more)).filter((s) => !plain.includes(s))).to.deep.equal([step]);
		});
	it('a run-out over the limit is measured again and the spindle looked at', () =>
		expect(steps(found({ flangeRunoutUm: 25 })).filter((s) => !plain.includes(s))).to.deep.equal([
			'clean-and-remeasure',
			'spindle-service'
		]));
	it('after a vibration one listens, and only a noisy spindle is serviced', () => {
		const quiet = steps(found({}, 'vibration'));
		expect(quiet).to.deep.equal([
			'make-safe',
			'record-and-tag',
			'quarantine-and-retest-wheel',
			'listen-to-spindle',
			'full-route-retest'
		]);
		expect(steps(found({ spindleNoise: true }, 'power-loss-in-cut'))).to.include('spindle-service');
	});
	it('a machine that was hit is looked at from guard to chuck, in this order', () =>
		expect(plain).to.deep.equal([
			'make-safe',
			'record-and-tag',
			'scrap-wheel',
			'inspect-guard',
			'inspect-flange',
			'inspect-taper',
			'measure-taper-runout',
			'measure-flange-runout',
			'listen-to-spindle',
			'inspect-chuck',
			'full-route-new-wheel'
		]));
});
