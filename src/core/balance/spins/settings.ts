import { between, whole } from '../../calculation/field/index.js';
import { seed } from '../shared-fields.js';

const number = <const N extends string, const M extends object>(name: N, min: number, max: number, more: M) =>
	({ name, kind: 'number', min, max, ...more }) as const;

/** What a comparison of ways of balancing is made with: the wheels, the stand and the noise, the same for all. */
export const SPIN_FIELDS = [
	seed,
	whole('wheels', 'Made up', { ...between(1, 5000), default: 200 }),
	number('gradeMmPerS', 0, 4000, {
		unit: 'mm/s',
		minOpen: true,
		default: 2.5,
		label: 'Grade G',
		about: 'To be reached'
	}),
	number('speedMps', 0, 500, {
		unit: 'm/s',
		minOpen: true,
		default: 30,
		label: 'Rim speed',
		about: 'It is to run at'
	}),
	number('eccMinUm', 0, 1e5, { unit: 'um', default: 40, label: 'Least off centre', about: 'Of the mass' }),
	number('eccMaxUm', 0, 1e5, {
		unit: 'um',
		minOpen: true,
		default: 200,
		label: 'Most off centre',
		about: 'Of the mass'
	}),
	number('rollingArmMm', 0, 1, { unit: 'mm', default: 0.004, about: 'Rolling friction' }),
	number('readNoiseDeg', 0, 180, { unit: 'deg', default: 3, about: 'Of a chalk mark' }),
	number('timeNoiseS', 0, 60, { unit: 's', default: 0.2, about: 'Of the stopwatch' }),
	number('settingNoiseDeg', 0, 180, { unit: 'deg', default: 1, about: 'Of setting a weight' }),
	whole('maxSpins', 'Releases', { ...between(2, 200), default: 60, label: 'Given up after' })
] as const;
