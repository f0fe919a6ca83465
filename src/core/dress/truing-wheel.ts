import { choice, mm, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { F_GRITS } from '../spec/grit-tables.js';
import { rpmForSpeed, surfaceSpeedMps } from '../spec/speed.js';
import { BOND_FIELD, type DressBond, bondOf } from './bonds.js';
import { GRAIN } from './overlap.js';
import { RATED_FIELDS, judgeRated } from './rated.js';

/** Grits a truing wheel comes in, coarse first. */
const GRITS = [46, 54, 60, 70, 80, 90, 100, 120, 150, 180, 220] as const;
/** Its grain against the grain of the wheel, and how far that may lie beyond its grits (guidelines). */
const [GRAIN_RATIO, BEYOND] = [1.8, 1.3];
const GRADES: Readonly<Record<DressBond, string>> = {
	resin: 'M',
	rubber: 'M',
	vitrified: 'L',
	hybrid: 'N',
	'crushable-metal': 'N',
	metal: 'O',
	plated: ''
};
const DIAMETER = mm('truingWheelDiameterMm', 'Measured', { ...over0(2000), label: 'Truing wheel' });

const grainOf = (grit: number): number => F_GRITS.get(grit)!;

/** The grit whose grain is nearest by ratio, the coarser one on a tie. */
function nearestGrit(grainUm: number): number {
	const off = (grit: number) => Math.abs(Math.log(grainOf(grit) / grainUm));
	return GRITS.reduce<number>((best, g) => (off(g) < off(best) - 1e-9 ? g : best), GRITS[0]);
}

/** Which conventional wheel a superabrasive is trued against, and whether it may turn so fast. */
export const truingWheel = defineCalculation({
	id: 'dress.truing-wheel',
	worse: {
		grainSizeUm: 'none',
		truingWheelDiameterMm: 'up',
		truingWheelSpeedRpm: 'up',
		ratedSpeedMps: 'down',
		ratedSpeedRpm: 'down'
	},
	title: 'Truing wheel',
	about:
		'The conventional wheel that wears a diamond or boron nitride wheel round: its grain, grit and grade. It is a wheel like any other: rated, rung, guarded.',
	source: 'Workshop practice (guidelines); speeds by circular motion.',
	formulas: [
		'truing grain = 1.8 x grain, nearest by ratio',
		'most rpm = least of 60000 v/(pi D) and marked rpm'
	],
	fields: [
		choice('abrasive', 'Of the wheel to be trued', ['cbn', 'diamond'], { required: true }),
		BOND_FIELD,
		{ ...GRAIN, required: true },
		DIAMETER,
		rpm('truingWheelSpeedRpm', 'Of the truing wheel', { ...over0(200000), label: 'Truing wheel turns' }),
		...RATED_FIELDS
	],
	outputs: [
		{ name: 'truingGrit', about: 'Grit', main: true },
		{ name: 'truingFamily', about: 'Grain' },
		{ name: 'truingGrade', about: 'Grade' },
		{ name: 'truingBond', about: 'Bond' },
		{ name: 'truingGrainUm', unit: 'um', about: 'Its grain' },
		{ name: 'grainRatio', about: 'Its grain over that of the wheel' },
		{ name: 'surfaceSpeedMps', unit: 'm/s', about: 'Surface speed' },
		{ name: 'maxRpm', unit: 'rpm', about: 'May turn' }
	],
	example: {
		abrasive: 'diamond',
		bond: 'resin',
		grainSizeUm: 115.5,
		truingWheelDiameterMm: 76,
		truingWheelSpeedRpm: 5200,
		ratedSpeedMps: 32
	},
	compute(values) {
		if (values.truingWheelSpeedRpm !== null) needed(values, [DIAMETER], 'Its speed follows from it.');
		const { bond, tough, plated } = bondOf(values.bond);
		const D = values.truingWheelDiameterMm;
		const n = values.truingWheelSpeedRpm;
		const wanted = GRAIN_RATIO * values.grainSizeUm;
		const grit = nearestGrit(wanted);
		const speed = n === null ? null : surfaceSpeedMps(D!, n);
		const limits = [
			values.ratedSpeedMps === null || D === null ? null : rpmForSpeed(values.ratedSpeedMps, D),
			values.ratedSpeedRpm
		].filter((x) => x !== null);
		const unrated = values.ratedSpeedMps === null && values.ratedSpeedRpm === null;
		const findings = new Findings().stop(
			'single-layer-do-not-true',
			plated,
			'A single layer is never trued: it would be gone.'
		);
		if (n !== null) judgeRated(findings, values, speed!, n);
		findings
			.stop(
				'rating-unknown',
				n !== null && unrated,
				'The truing wheel has no marked speed. Without one it does not turn.'
			)
			.caution(
				'grain-outside-guideline',
				!plated && (wanted > BEYOND * grainOf(GRITS[0]) || wanted < grainOf(GRITS.at(-1)!) / BEYOND),
				'No usual truing wheel is as coarse or as fine as this grain wants.'
			);
		const family = values.abrasive === 'diamond' || tough ? 'silicon-carbide-green' : 'alumina-white';
		return {
			truingFamily: plated ? null : family,
			truingGrit: plated ? null : grit,
			truingGrainUm: plated ? null : grainOf(grit),
			truingGrade: plated ? null : GRADES[bond],
			truingBond: plated ? null : 'vitrified',
			grainRatio: plated ? null : grainOf(grit) / values.grainSizeUm,
			surfaceSpeedMps: speed,
			maxRpm: limits.length ? Math.min(...limits) : null,
			...findings.judged()
		};
	}
});
