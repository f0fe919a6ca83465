import type { Findings } from '../calculation/verdict.js';

/** Pressure of a flange on a wheel: from where it is hard on the wheel, and from where it crushes it (guideline). */
const HARD_MPA = 10;
const CRUSHING_MPA = 25;

/** What the pressure on the contact ring says; nothing where the clamping force is not known. */
export function judgePressure(findings: Findings, pressureMPa: number | null): Findings {
	const crushed = pressureMPa !== null && pressureMPa > CRUSHING_MPA + 1e-9;
	const says = pressureMPa === null ? '' : `${pressureMPa.toFixed(1)} MPa on the contact ring`;
	return findings
		.stop('crushed', crushed, `${says} crushes the wheel. Check torque, thread and contact ring.`)
		.caution(
			'pressed-hard',
			!crushed && pressureMPa !== null && pressureMPa > HARD_MPA + 1e-9,
			`${says} is hard on the wheel. Keep to the torque of the machine's own instructions.`
		);
}
