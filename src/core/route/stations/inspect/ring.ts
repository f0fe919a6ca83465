import { foundBy } from '../../basis.js';
import { choice, list } from '../../../calculation/field/index.js';
import { ringDecision } from '../../../inspect/ring-decision.js';
import { InputFault } from '../../../calculation/fault.js';
import { ringAnalysis } from '../../../inspect/ring-analysis.js';
import { sonicModulus } from '../../../inspect/sonic-modulus.js';
import { Evidence } from '../../evidence.js';
import type { RecordingFacts } from '../../../facts/wheel.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type RingContext, ringContext, stiffness, stiffnessInput } from '../../wheel-ring.js';
import { AS_SHIPPED, compute } from '../../compute-step.js';
import { type Computed, type Result, all, outputOf } from '../../result.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import type { OutputOf } from '../../../calculation/define.js';
import type { WheelEffect } from '../../set-aside.js';
import { lookStep } from './look.js';

/** What the ring of a wheel is judged from, in a setup or at the rack (`id` null). */
export type RingFacts = Pick<SetupFacts, 'wheel' | 'recordings' | 'pastRings' | 'batchGPa'> & {
	id: number | null;
	/** An inspection begins here: recordings made before it belong to an earlier one. */ sinceMs: number;
};

/** In a setup an inspection begins with its look. */
export const ringFacts = (facts: SetupFacts): RingFacts => ({
	id: facts.id,
	wheel: facts.wheel,
	recordings: facts.recordings,
	pastRings: facts.pastRings,
	batchGPa: facts.batchGPa,
	sinceMs: Evidence.of(facts).step(lookStep)?.atMs ?? 0
});

/** What a ring of this wheel is judged against: its size, its earlier notes, its batch. */
export const contextOf = (f: RingFacts): RingContext => ringContext(wheelOf(f), f.pastRings, f.batchGPa);

/** The recording that counts: a dull one stays until a lead clears the wheel, wherever it was made; otherwise the last one made here in this inspection. */
export function recordingThatCounts(
	f: Pick<RingFacts, 'id' | 'recordings' | 'sinceMs'>
): RecordingFacts | null {
	const standing = f.recordings.filter((recording) => recording.standing);
	return (
		standing.filter((recording) => recording.result.ring === 'dull').at(-1) ??
		standing.filter((recording) => recording.setupId === f.id && recording.atMs >= f.sinceMs).at(-1) ??
		null
	);
}

/** The worst of what was heard at all places. */
export function worstHeard(taps: readonly string[]): 'clear' | 'doubtful' | 'dull' | 'none' {
	if (taps.includes('dull')) return 'dull';
	return taps.includes('doubtful') ? 'doubtful' : taps.length ? 'clear' : 'none';
}

export const RING_FIELDS = [
	list(
		'taps',
		'What was heard, place by place',
		choice('heard', 'At this place', ['clear', 'doubtful', 'dull'], { required: true }),
		{ required: true, minItems: 0, maxItems: 8 }
	)
] as const;

/** A dull sound, by ear or recording, takes the wheel out of use. */
export const RING_QUARANTINES = ['ear-dull', 'analysis-dull'] as const;

/** Whether the ear has spoken for every place (or has said dull), and whether it is dull by either. */
export function ringStanding(f: RingFacts, taps: readonly string[]): { earDone: boolean; dull: boolean } {
	const heard = taps.filter(Boolean);
	const earDone = heard.includes('dull') || heard.length >= contextOf(f).taps.length;
	return {
		earDone,
		dull: heard.includes('dull') || (earDone && recordingThatCounts(f)?.result.ring === 'dull')
	};
}

/** The decision, and beside it what it rests on. @throws InputFault while places are left unheard */
export function ringOf(f: RingFacts, taps: readonly string[]): Result<OutputOf<typeof ringDecision>> {
	const context = contextOf(f);
	const recording = recordingThatCounts(f);
	const dull = taps.includes('dull') || recording?.result.ring === 'dull';
	if (context.applicability !== 'no' && !dull && taps.length < context.taps.length)
		throw new InputFault(
			'taps',
			'too-few',
			`${taps.length} of ${context.taps.length} places heard. Tap them all; a crack may hide at one of them.`
		);
	const main = compute(AS_SHIPPED, ringDecision, {
		applicability: context.applicability,
		analysis: recording?.result.ring ?? 'none',
		ear: worstHeard(taps)
	});
	return { main, secondary: recording ? heardBy(f, recording) : [] };
}

/** What the recording said, and the stiffness that follows from its note. */
function heardBy(f: RingFacts, recording: RecordingFacts): Computed[] {
	const { minTaps: _m, bandLowHz: _b, ...settings } = recording.settings;
	const analysis: Computed = {
		calculation: ringAnalysis.id,
		input: { recordingId: recording.id, source: recording.source, ...settings },
		output: { ...recording.result }
	};
	const hz = recording.result.mainFrequencyHz;
	const stiff = hz === null ? null : stiffness(wheelOf(f), hz, f.batchGPa);
	if (hz === null || !stiff) return [analysis];
	const input = stiffnessInput(wheelOf(f), hz, f.batchGPa);
	return [analysis, { calculation: sonicModulus.id, input, output: { ...stiff } }];
}

/** Where ear and recording both found it clear, the recording becomes what later ones are compared with, if it is the first. */
export function baselineFrom(wheelId: number, result: Result): WheelEffect[] {
	const recordingId = all(result).find((c) => c.calculation === ringAnalysis.id)?.input.recordingId;
	const clear = outputOf(result, ringDecision)?.result === 'clear';
	return clear && typeof recordingId === 'number' ? [{ kind: 'keep-baseline', wheelId, recordingId }] : [];
}

export const ringStep = defineStep({
	station: 'inspect',
	step: 'ring',
	title: 'Ring it',
	basis: (entered) => (entered.taps.length ? foundBy('by ear') : null),
	fields: RING_FIELDS,
	compute: (facts, { taps }) => ringOf(ringFacts(facts), taps),
	event: () => ({ kind: 'inspected', diameterAfterMm: null, note: null }),
	effects: (facts, _values, result) => baselineFrom(wheelOf(facts).id, result),
	quarantines: RING_QUARANTINES
});
