import type { Findings } from '../calculation/verdict.js';

/** Standard gravity, m/s2. */
const GRAVITY = 9.80665;
/** Share of the rotor's weight a trial may pull with, and what counts where its mass is not known (guidelines). */
const [SHARE_CAUTION, SHARE_STOP] = [0.1, 1];
const [CAUTION_N, STOP_N] = [100, 1000];

/** The force with which a trial weight pulls, N: m r w^2. @example trialForceN(40000, 3000) // 3947.8418 */
export const trialForceN = (gmm: number, speedRpm: number): number =>
	gmm * 1e-6 * ((Math.PI * speedRpm) / 30) ** 2;

/** A trial that pulls too hard loosens itself, or shakes the spindle apart. */
export function judgeTrial(
	findings: Findings,
	forceN: number | null,
	rotorMassKg: number | null,
	which = 'The trial'
): Findings {
	if (forceN === null) return findings;
	const weight = rotorMassKg === null ? null : rotorMassKg * GRAVITY;
	const [caution, stop] =
		weight === null ? [CAUTION_N, STOP_N] : [SHARE_CAUTION * weight, SHARE_STOP * weight];
	const says = `${which} pulls with ${forceN.toFixed(0)} N at this speed`;
	return findings
		.stop('trial-heavy', forceN > stop + 1e-9, `${says}: far too heavy. Take a much lighter one.`)
		.caution('trial-heavy', forceN > caution + 1e-9, `${says}. Take a lighter one.`);
}
