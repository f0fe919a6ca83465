import {
	between,
	choice,
	from0,
	grams,
	mm as mmField,
	newtons,
	number,
	over0,
	rpm as rpmField,
	um,
	whole,
	gigapascals,
	kgPerM3,
	WHIRL_END
} from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';

const mm = <const N extends string>(name: N, max: number, label: string, about: string) =>
	mmField(name, about, { ...over0(max), required: true, label });
const rpm = <const N extends string>(name: N, label: string, about: string) =>
	rpmField(name, about, { ...over0(500000), required: true, label });
const sign = <const N extends string>(name: N, label: string) =>
	whole(name, '+1 or -1', { ...between(-1, 1), required: true, label });

export const QUILL_FIELDS = [
	choice('material', 'Of the quill', ['steel', 'carbide', 'heavy-tungsten'], { default: 'steel' }),
	gigapascals('modulusGPa', 'By the material when empty', {
		...over0(1200),
		label: 'Stiffness',
		advanced: true
	}),
	kgPerM3('densityKgPerM3', 'By the material when empty', {
		...over0(25000),
		label: 'Density',
		advanced: true
	}),
	mm('overhangMm', 1000, 'Overhang', 'Clamping to the middle of the wheel'),
	mm('quillDiameterMm', 300, 'Quill diameter', 'Its thinnest'),
	mmField('holeDiameterMm', 'Through the quill', { ...from0(300), default: 0, label: 'Coolant hole' }),
	grams('wheelMassG', 'Of the wheel', { ...from0(50000), required: true }),
	newtons('normalForceN', 'Across the quill', {
		...from0(100000),
		required: true,
		label: 'Grinding force'
	}),
	rpm('quillMaxRpm', 'Limit of the quill', 'Marked'),
	rpm('runRpm', 'Speed', 'It is to run at'),
	rpm('wheelRatedRpm', 'Limit of the wheel', 'Marked'),
	mm('originalDiameterMm', 500, 'Wheel when new', 'Across'),
	mm('currentDiameterMm', 500, 'Wheel today', 'Across'),
	mm('minimumDiameterMm', 500, 'Least diameter', 'Scrap below'),
	mm('originalWidthMm', 500, 'Width when new', 'Along'),
	mm('currentWidthMm', 500, 'Width today', 'Along'),
	mm('minimumWidthMm', 500, 'Least width', 'Scrap below'),
	um('nextDressDepthUm', 'On the radius', { ...from0(10000), default: 0, label: 'Next dress' }),
	mmField('dressClearanceMm', 'Between dresser and quill', {
		...from0(50),
		guideline: true,
		default: 1,
		advanced: true
	}),
	mmField('quillHeadDiameterMm', 'Behind the wheel; the quill itself when empty', {
		...over0(300),
		label: 'Quill head'
	}),
	sign('grindDirectionSign', 'Turns when grinding'),
	sign('dressDirectionSign', 'Turns when dressing'),
	mmField('workBoreMm', 'If known', { ...over0(2000), label: 'Bore to be ground' }),
	number('criticalCautionRatio', 'Caution from this share of the critical speed', {
		...over0(1),
		guideline: true,
		label: 'Whirl, caution from',
		default: 0.7,
		advanced: true
	}),
	number('criticalStopRatio', 'Stop from this share', {
		...over0(0.85),
		...WHIRL_END,
		guideline: true,
		label: 'Whirl, stop from',
		default: 0.85,
		advanced: true
	})
] as const;
export type Quill = Values<typeof QUILL_FIELDS>;

/** Sizes that cannot be together. */
export function checkQuill(values: Quill): void {
	const above = (field: string, value: number, most: number, what: string) => {
		if (value > most)
			throw new InputFault(
				field,
				'above-maximum',
				`${value} mm is more than ${what}, ${most} mm. Measure again.`
			);
	};
	if (values.holeDiameterMm >= values.quillDiameterMm)
		throw new InputFault(
			'holeDiameterMm',
			'above-maximum',
			`A hole of ${values.holeDiameterMm} mm leaves nothing of a quill of ${values.quillDiameterMm} mm.`
		);
	above('currentDiameterMm', values.currentDiameterMm, values.originalDiameterMm, 'the wheel had when new');
	above('minimumDiameterMm', values.minimumDiameterMm, values.originalDiameterMm, 'the wheel had when new');
	above('currentWidthMm', values.currentWidthMm, values.originalWidthMm, 'the wheel had when new');
	above('minimumWidthMm', values.minimumWidthMm, values.originalWidthMm, 'the wheel had when new');
	for (const name of ['grindDirectionSign', 'dressDirectionSign'] as const)
		if (values[name] === 0)
			throw new InputFault(name, 'unknown-choice', 'A spindle turns one way or the other: enter 1 or -1.');
}
