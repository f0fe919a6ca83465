import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

interface Plan {
	steps: { order: number; code: string; done: boolean }[];
	next: string | null;
	wheelDisposition: string;
	machineState: string;
	restartStation: string;
	verdict: string;
	reasons: { code: string; severity: string }[];
}
const plan = (input: object): Plan =>
	calculation('keep.incident-plan').run({ injury: false, madeSafe: true, ...input }) as never;
const codes = (p: Plan) => p.reasons.map((r) => r.code);
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
const MECHANICAL = ['burst', 'hard-crash', 'light-touch', 'overspeed'];
const EVENTS = [...MECHANICAL, 'vibration', 'power-loss-in-cut', 'dropped-wheel', 'dull-ring'];
/** Everything the plan asks for is done; what is found later adds to it. */
const worked = (input: { event: string } & Record<string, unknown>): Plan => {
	let p = plan(input);
	for (let i = 0; i < 5 && p.next; i++) p = plan({ ...input, done: p.steps.map((s) => s.code) });
	return p;
};

const finding = fc.record({
	guard: fc.constantFrom('sound', 'damaged'),
	flange: fc.constantFrom('sound', 'light-burr', 'bent', 'cracked'),
	taper: fc.constantFrom('sound', 'light-galling', 'severe-galling'),
	taperRunoutUm: fc.integer({ min: 0, max: 60 }),
	flangeRunoutUm: fc.integer({ min: 0, max: 60 }),
	polishMarks: fc.boolean(),
	chuckHighSpots: fc.boolean(),
	chuckGouges: fc.boolean(),
	spindleNoise: fc.boolean()
});

describe('keep.incident-plan: after a crash', () => {
	it('a machine that was not touched is not locked; every other is, until its plan is worked', () => {
		for (const event of EVENTS) {
			const off = event === 'dropped-wheel' || event === 'dull-ring';
			expect(plan({ event }).machineState, event).to.equal(off ? 'not-involved' : 'locked-out');
			expect(worked({ event, findings: CLEAN }).machineState, event).to.equal(
				off ? 'not-involved' : 'ready-for-wheel'
			);
		}
	});
	it('a wheel that was hit is scrap, and starts again with another one', () => {
		for (const event of EVENTS) {
			const p = plan({ event });
			const scrap = ['burst', 'hard-crash', 'overspeed', 'dropped-wheel', 'dull-ring'].includes(event);
			expect([p.wheelDisposition, p.restartStation], event).to.deep.equal(
				scrap ? ['scrap', 'spec'] : ['quarantine', 'inspect']
			);
			expect(p.steps.at(-1)!.code).to.equal(scrap ? 'full-route-new-wheel' : 'full-route-retest');
		}
	});
	it('no finding that is a stop is lifted by doing steps, whatever else is found', () =>
		fc.assert(
			fc.property(finding, fc.constantFrom(...MECHANICAL), (findings, event) => {
				const p = worked({ event, findings });
				const bad =
					findings.guard === 'damaged' ||
					['bent', 'cracked'].includes(findings.flange) ||
					findings.taper === 'severe-galling' ||
					findings.taperRunoutUm >= 25 ||
					findings.flangeRunoutUm >= 25 ||
					findings.spindleNoise;
				expect(p.machineState).to.equal(bad ? 'locked-out' : 'ready-for-wheel');
				expect(new Set(p.steps.map((s) => s.code)).size, 'each step once').to.equal(p.steps.length);
				expect(p.steps.map((s) => s.order)).to.deep.equal(p.steps.map((_, i) => i + 1));
			}),
			{ numRuns: 200 }
		));
	it('a machine is never ready while something has not been looked at', () =>
		fc.assert(
			fc.property(
				finding,
				fc.constantFrom(...Object.keys(CLEAN)),
				fc.constantFrom(...MECHANICAL),
				(findings, unseen, event) => {
					const p = worked({ event, findings: { ...findings, [unseen]: null } });
					expect(p.machineState).to.equal('locked-out');
					expect(codes(p)).to.include('findings-missing');
				}
			),
			{ numRuns: 60 }
		));
	it('one run-out over the limit and one above the aim are both said', () => {
		expect(
			codes(plan({ event: 'hard-crash', findings: { ...CLEAN, taperRunoutUm: 30, flangeRunoutUm: 12 } }))
		).to.include.members(['runout-over-limit', 'runout-above-aim']);
		expect(
			codes(plan({ event: 'hard-crash', findings: { ...CLEAN, taperRunoutUm: 30, flangeRunoutUm: 5 } }))
		).to.not.include('runout-above-aim');
		expect(codes(plan({ event: 'hard-crash', findings: { ...CLEAN, taperRunoutUm: 25 } }))).to.include(
			'runout-over-limit'
		);
	});
	it('people come first: not made safe or somebody hurt is a stop of its own', () => {
		expect(codes(plan({ event: 'vibration', madeSafe: false }))[0]).to.equal('not-made-safe');
		const hurt = plan({ event: 'burst', injury: true, findings: CLEAN });
		expect(hurt.steps.map((s) => s.code).slice(0, 2)).to.deep.equal(['make-safe', 'care-for-people']);
		expect(codes(hurt)).to.include('injury');
		expect(worked({ event: 'burst', injury: true, findings: CLEAN }).machineState).to.equal(
			'ready-for-wheel'
		);
	});
	it('hollows are left alone, lumps are stoned', () => {
		const steps = (more: object) =>
			plan({ event: 'light-touch', findings: { ...CLEAN, ...more } }).steps.map((s) => s.code);
		expect(steps({ chuckGouges: true })).to.include('leave-gouges');
		expect(steps({ chuckGouges: true, chuckHighSpots: true }))
			.to.include('stone-chuck-high-spots')
			.and.not.include('leave-gouges');
	});
	it('names what it cannot take', () => {
		refuses(
			'keep.incident-plan',
			{ event: 'bang', injury: false, madeSafe: true },
			'event',
			'unknown-choice'
		);
		refuses('keep.incident-plan', { event: 'burst', madeSafe: true }, 'injury', 'missing');
		refuses(
			'keep.incident-plan',
			{ event: 'burst', injury: false, madeSafe: true, findings: { ...CLEAN, flangeRunoutUm: -1 } },
			'findings.flangeRunoutUm',
			'below-minimum'
		);
	});
});
