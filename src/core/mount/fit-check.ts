import { between, from0, kelvin, kg, mm, over0, perKelvin, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { nominalBore } from './bore-sizes.js';

const bore = <const N extends string>(name: N, about: string, required: boolean) =>
	mm(name, about, { ...over0(1000), required });
const THICK_SHIM_UM = 100;

/** Bore on arbor: slides on by hand, never forced; how far off centre the play lets the wheel sit. */
export const fitCheck = defineCalculation({
	id: 'mount.fit-check',
	worse: {
		boreMm: 'none',
		arborMm: 'none',
		spindleTempRiseK: 'up',
		arborExpansionPerK: 'up',
		looseUm: 'down',
		mostPlayUm: 'down',
		shimUm: 'up'
	},
	title: 'Bore fit',
	about:
		'The wheel slides on by hand with a whisper of play. If it will not go on it is the wrong wheel or a dirty spindle.',
	source: 'First principles of clearance and thermal growth; sizes as commonly used.',
	formulas: [
		'clearance = 1000 (bore - arbor)',
		'warm clearance = clearance - alpha dT arbor 1000',
		'off centre at most clearance/2, run-out twice that',
		'unbalance = mass x off-centre'
	],
	fields: [
		{ ...bore('boreMm', 'Measured bore', true), required: true },
		{ ...bore('arborMm', 'Measured seat', true), required: true },
		yesNo('forced', 'It did not slide on by hand', { default: false, label: 'Had to be forced' }),
		kelvin('spindleTempRiseK', 'How much warmer the spindle gets', {
			...from0(200),
			guideline: true,
			label: 'Spindle warms by',
			default: 30,
			advanced: true
		}),
		perKelvin('arborExpansionPerK', 'Thermal expansion of the seat (steel)', {
			...over0(0.0001),
			default: 11.7e-6,
			advanced: true
		}),
		um('looseUm', 'More play than this is loose (guideline)', {
			...over0(2000),
			guideline: true,
			label: 'Loose above',
			default: 150,
			advanced: true
		}),
		um('mostPlayUm', 'With more play than this it is another size (guideline)', {
			...between(50, 1000),
			guideline: true,
			label: 'Far too loose above',
			default: 500,
			advanced: true
		}),
		um('shimUm', 'Paper shim in the bore', { ...from0(2000), default: 0 }),
		kg('massKg', 'Wheel mass', over0(2000)),
		{
			...bore('boreNominalMm', 'Nominal bore; found when left empty', false),
			required: false,
			advanced: true
		},
		{
			...bore('arborNominalMm', 'Nominal seat; found when left empty', false),
			required: false,
			advanced: true
		}
	],
	outputs: [
		{ name: 'clearanceUm', unit: 'um', about: 'Play', main: true },
		{ name: 'hotClearanceUm', unit: 'um', about: 'Play with a warm spindle' },
		{ name: 'maxEccentricityUm', unit: 'um', about: 'Off centre at most' },
		{ name: 'maxRunoutTirUm', unit: 'um', about: 'Run-out from it at most' },
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance from it at most' },
		{ name: 'boreNominalMm', unit: 'mm', about: 'Bore family' },
		{ name: 'arborNominalMm', unit: 'mm', about: 'Seat family' }
	],
	example: { boreMm: 31.81, arborMm: 31.74, massKg: 3.2, shimUm: 60 },
	compute(values) {
		const clearanceUm = 1000 * (values.boreMm - values.arborMm);
		const hotClearanceUm =
			clearanceUm - values.arborExpansionPerK * values.spindleTempRiseK * values.arborMm * 1000;
		const maxEccentricityUm = Math.max(clearanceUm, 0) / 2;
		const boreNominalMm = values.boreNominalMm ?? nominalBore(values.boreMm);
		const arborNominalMm = values.arborNominalMm ?? nominalBore(values.arborMm);
		const farTooLoose = clearanceUm > values.mostPlayUm + 1e-6;
		const findings = new Findings()
			.stop('forced', values.forced, 'Never force a wheel on. Take it off; wrong wheel or dirty spindle.')
			.stop(
				'nominal-mismatch',
				boreNominalMm !== null && arborNominalMm !== null && boreNominalMm !== arborNominalMm,
				`Bore ${boreNominalMm} mm on a ${arborNominalMm} mm seat. Wrong wheel for this spindle.`
			)
			.stop(
				'interference',
				clearanceUm <= 1e-9,
				'No play: it would have to be forced. Wrong wheel or dirty spindle.'
			)
			.caution(
				'hot-grip',
				clearanceUm > 1e-9 && hotClearanceUm <= 1e-9,
				'The warm spindle would grip the bore and load it from inside.'
			)
			.stop(
				'far-too-loose',
				farTooLoose,
				`Play ${clearanceUm.toFixed(0)} µm: wrong wheel, or the bushing is missing. It does not go on.`
			)
			.caution(
				'loose-fit',
				clearanceUm > values.looseUm + 1e-9 && !farTooLoose,
				`Play ${clearanceUm.toFixed(0)} µm: expect large run-out; check that it is the right wheel or bushing.`
			)
			.stop(
				'shim-will-not-fit',
				values.shimUm > 0 && values.shimUm > clearanceUm + 1e-9,
				'The shim is thicker than the play.'
			)
			.caution(
				'thick-shim',
				values.shimUm > THICK_SHIM_UM,
				'A hard or thick shim loads one line of the bore.'
			);
		return {
			clearanceUm,
			hotClearanceUm,
			maxEccentricityUm,
			maxRunoutTirUm: 2 * maxEccentricityUm,
			unbalanceGmm: values.massKg === null ? null : values.massKg * maxEccentricityUm,
			boreNominalMm,
			arborNominalMm,
			...findings.judged()
		};
	}
});
