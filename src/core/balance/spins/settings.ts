import {
	between,
	deg,
	from0,
	mm,
	mmPerS,
	mps,
	over0,
	seconds,
	um,
	whole
} from '../../calculation/field/index.js';
import { InputFault } from '../../calculation/fault.js';
import { seed } from '../shared-fields.js';

/** What a comparison of ways of balancing is made with: the wheels, the stand and the noise, the same for all. */
export const SPIN_FIELDS = [
	seed,
	whole('wheels', 'Made up', { ...between(1, 5000), default: 200 }),
	mmPerS('gradeMmPerS', 'To be reached', { ...over0(4000), default: 2.5, label: 'Grade G' }),
	mps('speedMps', 'It is to run at', { ...over0(500), default: 30, label: 'Rim speed' }),
	um('eccMinUm', 'Of the mass', { ...from0(1e5), default: 40, label: 'Least off centre' }),
	um('eccMaxUm', 'Of the mass', { ...over0(1e5), default: 200, label: 'Most off centre' }),
	mm('rollingArmMm', 'Rolling friction', { ...from0(1), default: 0.004 }),
	deg('readNoiseDeg', 'Of a chalk mark', { ...from0(180), default: 3 }),
	seconds('timeNoiseS', 'Of the stopwatch', { ...from0(60), default: 0.2 }),
	deg('settingNoiseDeg', 'Of setting a weight', { ...from0(180), default: 1 }),
	whole('maxSpins', 'Releases', { ...between(2, 200), default: 60, label: 'Given up after' })
] as const;

/** Wheels are made up between two offsets; the least of them is no more than the most. @throws InputFault on `eccMinUm` */
export function checkOffsets({ eccMinUm, eccMaxUm }: { eccMinUm: number; eccMaxUm: number }): void {
	if (eccMinUm > eccMaxUm)
		throw new InputFault(
			'eccMinUm',
			'inconsistent',
			`Least off centre: ${eccMinUm} µm is above the most, ${eccMaxUm} µm. Enter a smaller one.`
		);
}
