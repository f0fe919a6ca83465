import { mulberry32 } from '../numeric/random.js';
import type { InstrumentKind } from './kinds.js';

/** How a stand-in can go wrong, so that screens are tried for it. */
export const FAILURES = [
	'none',
	'silent',
	'stuck',
	'spike',
	'rubbish',
	'wrong-unit',
	'drop',
	'flood',
	'half-lines'
] as const;
export type Failure = (typeof FAILURES)[number];
export interface Simulated {
	kind: InstrumentKind;
	seed: number;
	level: number;
	swing: number;
	multiple: number;
	failure: Failure;
}

const DEG = Math.PI / 180;
const TURN_DEG = 7.2;
const SPIKE_EVERY = 40;

/** Lines of a stand-in, one after the other without a clock; the same seed gives the same lines. */
export function* simulatedLines(s: Simulated): Generator<string, never, void> {
	const rng = mulberry32(s.seed);
	const start = 360 * mulberry32(s.seed ^ 0x77)();
	for (let i = 0; ; i++) {
		const u = 2 * rng() - 1;
		const angle = (i * TURN_DEG) % 360;
		const spike = s.failure === 'spike' && i % SPIKE_EVERY === SPIKE_EVERY - 1 ? 50 : 1;
		if (s.failure === 'rubbish') {
			yield `\u0001\u0007${String.fromCharCode(33 + (i % 60))}~~ ${i}`;
			continue;
		}
		const unit = (right: string) => (s.failure === 'wrong-unit' ? 'degC' : right);
		if (s.kind === 'dial')
			yield `${(spike * (s.level + (s.failure === 'stuck' ? 0 : s.swing * Math.cos((angle - start) * DEG) + 0.3 * u))).toFixed(2)} ${unit('um')} @ ${angle.toFixed(1)}`;
		else if (s.kind === 'tachometer')
			yield `${Math.round(spike * s.level * (1 + (s.failure === 'stuck' ? 0 : 0.002 * u)) * s.multiple)} ${unit('rpm')}`;
		else if (s.kind === 'presetter')
			yield `${(spike * s.level + (s.swing + 2 * u) / 1000).toFixed(4)} ${unit('mm')}`;
		else
			yield `${(spike * Math.sqrt(s.level ** 2 + s.swing ** 2) * (1 + 0.03 * u)).toFixed(3)} ${unit('mm/s')}`;
	}
}
