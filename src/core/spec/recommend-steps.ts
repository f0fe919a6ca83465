import type { Operation } from './recommend-tables.js';

export interface Step {
	code: string;
	gradeShift: number;
	structureShift: number;
}
export interface StepFacts {
	open: number;
	gritNumber: number;
	material: string;
	hardnessHrc: number | null;
	operation: Operation;
	contactLengthMm: number | null;
	referenceMm: number | null;
	contactArea: 'narrow' | 'normal' | 'wide' | null;
	interrupted: boolean;
	burnProne: boolean;
	coolant: boolean;
	wheelSpeedMps: number | null;
	workSpeedMps: number | null;
}

const HARDENING = ['steel-hardened', 'hss', 'stainless-martensitic'];
const DRY_MATTERS = ['surface', 'cylindrical', 'internal'];
const WORK_SPEED_MATTERS = [...DRY_MATTERS, 'tool-post'];

/**
 * The rules that move grade and structure away from the base cell, in the order in which they are told. Harder work and longer
 * arcs dull grains before they break out, so softer and more open; a faster wheel acts harder; faster work acts softer.
 */
export function recommendSteps(f: StepFacts): Step[] {
	const steps: Step[] = [];
	const step = (when: boolean, code: string, gradeShift: number, structureShift: number) => {
		if (when) steps.push({ code, gradeShift, structureShift });
	};
	const { hardnessHrc: h, wheelSpeedMps: vs } = f;
	step(f.open !== 0, 'material-open', 0, f.open);
	step(f.gritNumber >= 150, 'fine-grit-denser', 0, -1);
	if (h !== null && HARDENING.includes(f.material)) {
		step(h >= 64, 'very-hard-work', -1, 0);
		step(h < 55, 'less-hard-work', 1, 0);
	}
	if (f.contactLengthMm !== null && f.referenceMm !== null) {
		const ratio = f.contactLengthMm / f.referenceMm;
		if (ratio > 4) step(true, 'very-long-contact', -2, 2);
		else if (ratio > 2) step(true, 'long-contact', -1, 1);
		else step(ratio < 1 / 3, 'short-contact', 1, 0);
	}
	step(f.contactArea === 'narrow', 'narrow-contact', 1, 0);
	step(f.contactArea === 'wide', 'wide-contact', -1, 1);
	step(f.interrupted, 'interrupted-cut', 1, 0);
	step(f.burnProne, 'burn-prone', -1, 1);
	step(!f.coolant && DRY_MATTERS.includes(f.operation), 'dry', -1, 1);
	if (vs !== null) {
		if (vs >= 60) step(true, 'very-fast-wheel', -2, 0);
		else if (vs >= 40) step(true, 'fast-wheel', -1, 0);
		else step(vs < 22, 'slow-wheel', 1, 0);
		if (f.workSpeedMps !== null && WORK_SPEED_MATTERS.includes(f.operation)) {
			const q = vs / f.workSpeedMps;
			step(q < 45, 'fast-work', 1, 0);
			step(q > 150, 'slow-work', -1, 0);
		}
	}
	return steps;
}
