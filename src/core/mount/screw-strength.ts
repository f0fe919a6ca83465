import { linear } from '../numeric/linear.js';

/** Coarse pitch of metric threads, mm (ISO 261). */
const METRIC_PITCH: readonly (readonly [number, number])[] = [
	[2, 0.4],
	[2.5, 0.45],
	[3, 0.5],
	[3.5, 0.6],
	[4, 0.7],
	[5, 0.8],
	[6, 1],
	[7, 1],
	[8, 1.25],
	[10, 1.5],
	[12, 1.75],
	[14, 2],
	[16, 2],
	[18, 2.5],
	[20, 2.5],
	[22, 2.5],
	[24, 3],
	[27, 3],
	[30, 3.5],
	[36, 4]
];
/** Coarse pitch of unified threads, mm: 1/4-20, 5/16-18, 3/8-16, 1/2-13. */
const INCH_PITCH: readonly (readonly [number, number])[] = [
	[6.35, 1.27],
	[7.94, 1.411],
	[9.525, 1.5875],
	[12.7, 1.954]
];
const INCH_WITHIN_MM = 0.05;

/** Proof stress of a property class, MPa (ISO 898-1). */
const PROOF_MPA = { '4.6': 225, '5.8': 380, '8.8': 580, '10.9': 830, '12.9': 970 } as const;
export type ScrewClass = keyof typeof PROOF_MPA;
export const SCREW_CLASSES = ['4.6', '5.8', '8.8', '10.9', '12.9'] as const satisfies readonly ScrewClass[];
/** Class 8.8 over this diameter is proved to a little more. */
const LARGE_MM = 16;
const LARGE_88_MPA = 600;

/** The coarse pitch of a thread, mm; sizes between those made are read between them. @example coarsePitchMm(6) // 1 */
export function coarsePitchMm(diameterMm: number): number {
	const inch = INCH_PITCH.find(([d]) => Math.abs(d - diameterMm) <= INCH_WITHIN_MM + 1e-9);
	return inch ? inch[1] : linear(METRIC_PITCH, diameterMm);
}

/** Stress area of a thread, mm2: pi/4 (d - 0.9382 p)^2. @example stressAreaMm2(6, 1) // 20.12333 */
export const stressAreaMm2 = (diameterMm: number, pitchMm: number): number =>
	(Math.PI / 4) * (diameterMm - 0.9382 * pitchMm) ** 2;

/** What a screw of this class and diameter is proved to, MPa. @example proofStressMPa('8.8', 6) // 580 */
export const proofStressMPa = (screwClass: ScrewClass, diameterMm: number): number =>
	screwClass === '8.8' && diameterMm > LARGE_MM ? LARGE_88_MPA : PROOF_MPA[screwClass];
