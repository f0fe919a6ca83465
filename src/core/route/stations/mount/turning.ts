import { InputFault } from '../../../calculation/fault.js';
import { mountPack } from '../../../mount/pack.js';
import { WHIRL_SHARE, mountPoint } from '../../../mount/point.js';
import { mountQuill } from '../../../mount/quill.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { limitRpm } from '../../../spec/limit-rpm.js';

/** Every wheel that turns with this spindle: the leading one, then the others of its pack. */
export const wheelsOn = (f: Pick<SetupFacts, 'wheel' | 'companions'>): WheelFacts[] => [
	...(f.wheel ? [f.wheel] : []),
	...f.companions.map((companion) => companion.wheel)
];

/** The fastest that what is mounted may turn, and what allows no more. */
export interface TurningLimit {
	rpm: number;
	because: string;
}

/**
 * The least of what is marked on every wheel that turns, each at its diameter when new, and of what the pack's arbor, the quill or a point's shank allows.
 * Null where there is no wheel, or one without a marked speed: then nothing may turn.
 */
export function turningLimit(facts: SetupFacts): TurningLimit | null {
	const evidence = Evidence.of(facts);
	const limits: TurningLimit[] = [];
	for (const w of wheelsOn(facts)) {
		const rpm = limitRpm(w);
		if (rpm === null) return null;
		limits.push({ rpm, because: `wheel ${w.number}` });
	}
	if (!limits.length) return null;
	const pack = evidence.of(mountPack, 'mount', ['pack'])?.output;
	if (pack) limits.push({ rpm: pack.maxSpeedRpm, because: pack.limitedBy });
	const quill = evidence.of(mountQuill, 'mount', ['quill'])?.output;
	if (quill) limits.push({ rpm: quill.maxRunRpm, because: 'the quill' });
	const point = evidence.of(mountPoint, 'mount', ['point'])?.output;
	if (point) {
		if (point.limitRpm !== null) limits.push({ rpm: point.limitRpm, because: 'its mark and table' });
		limits.push({ rpm: WHIRL_SHARE * point.whirlRpm, because: 'the whirl of its shank' });
	}
	// The first of equal ones is the wheel, which says it best.
	return limits.reduce((least, l) => (l.rpm < least.rpm ? l : least));
}

/** The same in rpm. @throws InputFault `missing` where nothing says how fast it may turn */
export function mayTurnRpm(facts: SetupFacts): number {
	const limit = turningLimit(facts);
	if (!limit) throw new InputFault('ratedRpm', 'missing', NOT_MARKED);
	return limit.rpm;
}
const NOT_MARKED = 'A wheel without a marked speed must not run.';
