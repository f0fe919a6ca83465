import { Findings } from '../../calculation/verdict.js';

/** What a recording can be judged by, once its notes are known. */
export interface Judged {
	toneDb: number;
	q: number;
	dullQ: number;
	clearQ: number;
	splitPct: number;
	shiftPct: number | null;
	baselineQ: number | null;
	tapQs: readonly number[];
	unexpected: boolean;
	pairCovered: boolean;
}

/** Findings in the order of the rules; where no note stands out nothing is said about its quality. */
export function judgeRinging(values: Judged): Findings {
	const tone = values.toneDb >= 15;
	const s = values.shiftPct ?? 0;
	return new Findings()
		.stop('no-tone', !tone, 'No note stands out: it thuds. Do not mount; quarantine it.')
		.stop('low-q', tone && values.q < values.dullQ, 'It dies away at once. Do not mount; quarantine it.')
		.stop(
			'mode-split-large',
			tone && values.splitPct >= 3,
			`The note is split in two, ${values.splitPct.toFixed(1)} % apart, as a crack makes it. A sound ring has one note. Do not mount; quarantine it.`
		)
		.stop(
			'frequency-drop-large',
			tone && values.shiftPct !== null && s <= -5,
			`Its note has fallen by ${(-s).toFixed(1)} % since its first ring. Do not mount; quarantine it.`
		)
		.caution(
			'weak-q',
			tone && values.q >= values.dullQ && values.q < values.clearQ,
			'It rings, but not for long. Dry and clean it, ring it again.'
		)
		.caution(
			'mode-split',
			tone && values.splitPct >= 1 && values.splitPct < 3,
			`The note is split, ${values.splitPct.toFixed(1)} % apart. Ring it again at more places, look closely for a crack.`
		)
		.caution(
			'frequency-shift',
			tone && values.shiftPct !== null && Math.abs(s) >= 2 && s > -5,
			'Its note has changed since its first ring. Find out why.'
		)
		.caution(
			'q-drop',
			tone && values.baselineQ !== null && values.q < 0.6 * values.baselineQ,
			'It rings much shorter than at its first ring.'
		)
		.caution(
			'tap-inconsistent',
			tone && values.tapQs.length > 0 && Math.min(...values.tapQs) < 0.5 * Math.max(...values.tapQs),
			'It rings at some places and not at others. Ring it again.'
		)
		.caution(
			'unexpected-frequency',
			tone && values.unexpected,
			'Its note is not the one its size and mass would give.'
		)
		.caution(
			'tap-coverage',
			!values.pairCovered,
			'The taps do not reach both twins of the note. Turn the wheel an eighth and tap again.'
		);
}

const UNUSABLE: Readonly<Record<string, string>> = {
	silent: 'Nothing can be heard. Check the microphone.',
	clipped: 'The recording is overdriven. Move the microphone back and ring it again.',
	'no-taps': 'No tap was found. Tap, wait, tap again.',
	'no-lead-in': 'It begins too close to the first tap. Wait a moment before the first one.',
	'too-few-taps': 'Too few taps can be used. Leave half a second between them.',
	noisy: 'The room is too loud. Ring it again when it is quieter.'
};
/** Why a recording cannot be judged. */
export const unusableFor = (code: string): Findings => new Findings().caution(code, true, UNUSABLE[code]!);
