import { choice, mm, mps, over0, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

const LARGE_IN_BORE = 0.8;

/** A wheel of this size on flat work would touch as long an arc, in mm (textbook). */
export const equivalentDiameterMm = (
	mode: 'surface' | 'external' | 'internal',
	wheelMm: number,
	workMm: number
): number =>
	mode === 'surface'
		? wheelMm
		: mode === 'external'
			? (wheelMm * workMm) / (workMm + wheelMm)
			: (wheelMm * workMm) / (workMm - wheelMm);

/** Arc of contact, chip and removal of a cut. */
export const contact = defineCalculation({
	id: 'spec.contact',
	worse: { wheelDiameterMm: 'up', workDiameterMm: 'down', workSpeedMps: 'up', wheelSpeedMps: 'down' },
	title: 'Contact and chip',
	about:
		'How long the arc of contact is, how thick a layer each grain shares, and how much is removed: what decides between soft and hard, open and dense.',
	source: 'Textbook grinding kinematics; the rigid arc, the true one is up to about twice as long.',
	formulas: [
		'd_e = d_s d_w/(d_w +- d_s); flat: d_s',
		'arc = sqrt(a d_e)',
		'h_eq = a v_w/v_s',
		"Q'w = a v_w",
		'contact time = arc/v_s'
	],
	fields: [
		choice('mode', 'Flat, outside or in a bore', ['surface', 'external', 'internal'], {
			required: true,
			label: 'Ground'
		}),
		mm('wheelDiameterMm', 'Today', { ...over0(3000), required: true }),
		mm('workDiameterMm', 'Of the part; not for flat work', over0(10000)),
		um('depthUm', 'Real depth', { ...over0(20000), required: true, label: 'Depth of cut' }),
		mps('workSpeedMps', 'Table or work surface', { ...over0(100), required: true }),
		mps('wheelSpeedMps', 'At the rim', { ...over0(500), required: true }),
		mm('widthMm', 'Width in cut', over0(2000))
	],
	between: {
		after: 'workDiameterMm',
		test: (v) => {
			if (v.mode !== 'surface' && v.workDiameterMm === null)
				throw new InputFault(
					'workDiameterMm',
					'missing',
					"Work diameter is missing. Enter the part's diameter."
				);
		}
	},
	outputs: [
		{ name: 'contactLengthMm', unit: 'mm', about: 'Arc of contact', main: true },
		{ name: 'equivalentDiameterMm', unit: 'mm', about: 'Like a wheel of this size on flat work' },
		{ name: 'equivalentChipThicknessUm', unit: 'um', about: 'Equivalent chip thickness' },
		{ name: 'specificRemovalRateMm2PerS', unit: 'mm2/s', about: 'Removed' },
		{ name: 'removalRateMm3PerS', unit: 'mm3/s', about: 'Removed' },
		{ name: 'speedRatio', about: 'Wheel over work speed' },
		{ name: 'contactTimeMs', about: 'A grain is in contact, ms' }
	],
	example: {
		mode: 'internal',
		wheelDiameterMm: 36,
		workDiameterMm: 52,
		depthUm: 6,
		workSpeedMps: 0.5,
		wheelSpeedMps: 35
	},
	compute(values) {
		const ds = values.wheelDiameterMm;
		const dw = values.workDiameterMm ?? Infinity;
		const a = values.depthUm / 1000;
		if (values.mode === 'internal' && ds >= dw)
			throw new InputFault(
				'wheelDiameterMm',
				'above-maximum',
				`A wheel of ${ds} mm does not go into a bore of ${dw} mm.`
			);
		const half = values.mode === 'external' ? Math.min(ds, dw) / 2 : ds / 2;
		if (a > half)
			throw new InputFault(
				'depthUm',
				'above-maximum',
				`A cut ${a} mm deep is more than half of what is there. Check the unit of the depth.`
			);
		const de = equivalentDiameterMm(values.mode, ds, dw);
		const arc = Math.sqrt(a * de);
		const specific = a * values.workSpeedMps * 1000;
		const findings = new Findings()
			.caution(
				'wheel-large-for-bore',
				values.mode === 'internal' && ds / dw > LARGE_IN_BORE * (1 + 1e-9),
				'The wheel nearly fills the bore: a very long arc that loads and burns. Take a smaller wheel.'
			)
			.caution(
				'work-faster-than-wheel',
				values.workSpeedMps >= values.wheelSpeedMps,
				'The work moves as fast as the wheel. Check both speeds.'
			);
		return {
			equivalentDiameterMm: de,
			contactLengthMm: arc,
			equivalentChipThicknessUm: (values.depthUm * values.workSpeedMps) / values.wheelSpeedMps,
			specificRemovalRateMm2PerS: specific,
			removalRateMm3PerS: values.widthMm === null ? null : specific * values.widthMm,
			speedRatio: values.wheelSpeedMps / values.workSpeedMps,
			contactTimeMs: arc / values.wheelSpeedMps,
			...findings.judged()
		};
	}
});
