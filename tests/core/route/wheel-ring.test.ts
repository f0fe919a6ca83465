import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import type { RingResult } from '../../../src/core/inspect/ring/listen.js';
import type { PastRing, RecordingFacts, WheelFacts } from '../../../src/core/facts/wheel.js';
import { recordingThatCounts, ringOf, worstHeard } from '../../../src/core/route/stations/inspect/ring.js';
import { noteAt, ringContext, stiffness } from '../../../src/core/route/wheel-ring.js';

const WHEEL: WheelFacts = {
	id: 1,
	number: '1',
	marking: 'WA 60 K 8 V',
	canonical: 'WA 60 K 8 V',
	family: 'alumina-white',
	gritMeanUm: 250,
	gritNumber: 60,
	grade: 'K',
	structure: 8,
	bond: 'V',
	bondFamily: 'vitrified',
	concentrationPercent: null,
	rimDepthMm: null,
	rimWidthMm: null,
	diameterMm: 300,
	widthMm: 32,
	boreMm: 76.2,
	newDiameterMm: 300,
	minDiameterMm: 180,
	massComputed: false,
	massKg: 4.66,
	ratedMps: 40,
	ratedRpm: null,
	expiresOn: null,
	shape: '1',
	place: 'bay',
	state: 'available',
	stateReason: null,
	heldBy: null,
	inPack: false,
	keptOn: null
};
const past = (more: Partial<PastRing> = {}): PastRing => ({
	id: 1,
	atMs: 0,
	diameterMm: 300,
	ring: 'clear',
	frequencyHz: 1400,
	q: 500,
	modulusGPa: 40,
	simulated: false,
	baseline: true,
	...more
});
const recording = (
	id: number,
	ring: RingResult['ring'],
	setupId: number | null = 7,
	standing = true
): RecordingFacts => ({
	id,
	setupId,
	atMs: id,
	by: 'x',
	source: 'microphone',
	seconds: 6,
	standing,
	settings: ringContext(WHEEL, [], []).settings,
	result: {
		ring,
		releases: false,
		peak: 1,
		clippedFraction: 0,
		tapCount: 8,
		onsetsS: [],
		snrDb: 40,
		modes: [],
		mainFrequencyHz: 1400,
		q: 500,
		dampingRatio: 0.001,
		decayTimeS: 0.1,
		splitPct: 0,
		splitResolvablePct: 0.2,
		frequencyShiftPct: null,
		tapQ: [],
		tapFrequencyHz: [],
		pairCovered: true,
		verdict: ring === 'dull' ? 'stop' : 'ok',
		reasons: []
	}
});
const facts = (recordings: RecordingFacts[], id: number | null = 7) => ({
	id,
	wheel: WHEEL,
	recordings,
	pastRings: [],
	batchGPa: [],
	sinceMs: 0
});
const all = (what: string) => Array.from({ length: 8 }, () => what);

describe('the ring of one wheel', () => {
	it('carries the first note over to the size of today', () => {
		const worn = { ...WHEEL, diameterMm: 250 };
		const first = noteAt(WHEEL, 40)!;
		const now = noteAt(worn, 40)!;
		expect(now).to.be.above(1.2 * first);
		const { settings } = ringContext(worn, [past({ frequencyHz: first })], []);
		expect(settings.baseline!.frequencyHz).to.be.closeTo(now, 1e-6);
		expect(settings.expectedFrequencyHz).to.equal(settings.baseline!.frequencyHz);
	});
	it('finds the same stiffness whatever the wheel was worn to', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 200, max: 300, noNaN: true }),
				fc.double({ min: 20, max: 90, noNaN: true }),
				(diameterMm, modulus) => {
					const worn = { ...WHEEL, diameterMm };
					expect(stiffness(worn, noteAt(worn, modulus)!, [])!.modulusGPa).to.be.closeTo(
						modulus,
						1e-6 * modulus
					);
				}
			),
			{ numRuns: 100 }
		));
	it('expects the note of its batch when it was never rung itself, and the usual band otherwise', () => {
		expect(ringContext(WHEEL, [], [40, 44]).settings.expectedFrequencyHz).to.be.closeTo(
			noteAt(WHEEL, 42)!,
			1e-9
		);
		const lone = ringContext(WHEEL, [past({ baseline: false })], []);
		expect(lone.settings.expectedFrequencyHz).to.equal(null);
		expect(lone.usualHz![0]).to.be.below(lone.usualHz![1]);
	});
	it('computes no note for shapes the formula does not know', () => {
		for (const shape of ['6', '2', '11']) expect(noteAt({ ...WHEEL, shape }, 40)).to.equal(null);
		expect(stiffness({ ...WHEEL, shape: '6' }, 1400, [])).to.equal(null);
		expect(noteAt({ ...WHEEL, widthMm: 120 }, 40)).to.equal(null);
	});
	it('knows what cannot be rung, and says why', () => {
		expect(ringContext({ ...WHEEL, diameterMm: 90, boreMm: 20 }, [], [])).to.include({
			applicability: 'no',
			cannot: 'it is too small to ring'
		});
		expect(ringContext({ ...WHEEL, family: 'cbn' }, [], [])).to.include({
			applicability: 'no',
			cannot: 'its core or bond does not ring'
		});
		expect(ringContext({ ...WHEEL, bondFamily: 'resin' }, [], [])).to.include({
			applicability: 'limited',
			expectedSound: 'muted'
		});
	});
});

describe('which recording counts', () => {
	it('the last one made here', () =>
		expect(recordingThatCounts(facts([recording(1, 'doubtful'), recording(2, 'clear')]))!.id).to.equal(2));
	it('not one made for another setup', () =>
		expect(recordingThatCounts(facts([recording(1, 'clear', 8)]))).to.equal(null));
	it('not one of an earlier inspection', () =>
		expect(recordingThatCounts({ ...facts([recording(1, 'clear')]), sinceMs: 2 })).to.equal(null));
	it('but a dull one, wherever it was made, until a lead clears the wheel', () => {
		expect(recordingThatCounts(facts([recording(1, 'dull', null), recording(2, 'clear')]))!.id).to.equal(1);
		expect(
			recordingThatCounts(facts([recording(1, 'dull', null, false), recording(2, 'clear')]))!.id
		).to.equal(2);
	});
});

describe('ear and recording together', () => {
	const decision = (recordings: RecordingFacts[], taps: string[]) =>
		ringOf(facts(recordings), taps).main.output;
	it('dull by either is a stop', () => {
		expect(decision([recording(1, 'clear')], [...all('clear').slice(1), 'dull']).verdict).to.equal('stop');
		expect(decision([recording(1, 'dull')], all('clear')).verdict).to.equal('stop');
		expect(decision([recording(1, 'dull')], []).verdict).to.equal('stop');
	});
	it('a clear recording alone releases nothing', () =>
		expect(() => decision([recording(1, 'clear')], [])).to.throw(InputFault, /0 of 8 places heard/));
	it('clear by both may go on, with the recording and its stiffness kept beside the decision', () => {
		const { main, secondary: beside } = ringOf(facts([recording(4, 'clear')]), all('clear'));
		expect(main.calculation).to.equal('inspect.ring-decision');
		expect(beside.map((c) => c.calculation)).to.deep.equal([
			'inspect.ring-analysis',
			'inspect.sonic-modulus'
		]);
		expect(main.output).to.include({ result: 'clear', mayProceed: true });
		expect(beside[0]!.input).to.include({ recordingId: 4, source: 'microphone' });
	});
	it('a recording that cannot be judged waits for a reason, a doubtful one for another ring', () => {
		expect(decision([recording(1, 'unusable-recording')], all('clear'))).to.include({
			verdict: 'caution',
			mayProceed: true
		});
		expect(decision([recording(1, 'doubtful')], all('clear'))).to.include({
			verdict: 'caution',
			mayProceed: false
		});
	});
	it('the worst place counts', () => {
		expect(worstHeard(['clear', 'doubtful', 'clear'])).to.equal('doubtful');
		expect(worstHeard(['clear', 'dull', 'doubtful'])).to.equal('dull');
		expect(worstHeard([])).to.equal('none');
	});
});
