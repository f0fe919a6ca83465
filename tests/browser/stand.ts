import { Roll, bottomOf, phiOf } from '../../src/core/balance/stand-physics.js';
import { DEG, angleOf, len } from '../../src/core/numeric/angles.js';
import { MOUNT } from './by-request.js';

/** The simulated stand: nine turning points of the wheel as it is, pushed gently, and the time from first to last. */
export function rollOnStand(
	massKg: number,
	inertiaKgM2: number,
	now: { x: number; y: number }
): { marks: number[]; timeS: number } {
	const heavy = angleOf(now);
	const roll = new Roll(
		{
			massKg,
			inertiaKgM2,
			unbalanceKgM: len(now) / 1e6,
			rhoM: MOUNT.journalRadiusMm / 1000,
			rollingArmM: 0.000004,
			viscousNmS: 0,
			slope: 0,
			discInertiaKgM2: null
		},
		phiOf(heavy, heavy + 40),
		-10 * DEG
	).run(0.02, 900);
	const narrow = roll.turnings.findIndex(
		(t, i) => i + 1 < roll.turnings.length && Math.abs(roll.turnings[i + 1]!.phi - t.phi) / 2 < 60 * DEG
	);
	const used = roll.turnings.slice(Math.max(0, narrow), Math.max(0, narrow) + 9);
	return {
		marks: used.map((t) => Math.round(bottomOf(heavy, t.phi))),
		timeS: used.at(-1)!.timeS - used[0]!.timeS
	};
}
