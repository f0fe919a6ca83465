import type { DresserFacts, MachineFacts, MountFacts } from '../../../core/route/facts.js';
import { type Runner, row, rows, write } from '../db/pool.js';

const MACHINE = `id, code, name, kind, balance_class AS balanceClass, spindle_rpm AS spindleRpm, spindle_rpm_min AS spindleRpmMin, spindle_rpm_max AS spindleRpmMax, seat_mm AS seatMm, max_diameter_mm AS maxDiameterMm, max_width_mm AS maxWidthMm,
	rotation, motor_torque_nm AS motorTorqueNm, wet, mount_id AS mountId, dresser_id AS dresserId, locked_out AS lockedOut`;
const MOUNT = `id, code, kind, seat_mm AS seatMm, flange_mm AS flangeMm, recess_mm AS recessMm, retention, thread_hand AS threadHand, screw_count AS screwCount, screw_diameter_mm AS screwDiameterMm, torque_nm AS torqueNm,
	mass_kg AS massKg, inertia_kgm2 AS inertiaKgM2, journal_radius_mm AS journalRadiusMm, track_radius_mm AS trackRadiusMm, weight_count AS weightCount, weight_mass_g AS weightMassG`;
const DRESSER =
	'id, code, kind, tip_radius_um AS tipRadiusUm, flat_width_um AS flatWidthUm, carat, dresses_since_turn AS dressesSinceTurn, turn_every AS turnEvery';

export type Machine = MachineFacts & { mountId: number | null; dresserId: number | null };
type Raw = Omit<Machine, 'wet' | 'lockedOut'> & { wet: number; lockedOut: number };
const machine = (r: Raw): Machine => ({ ...r, wet: !!r.wet, lockedOut: !!r.lockedOut });

export async function machines(on?: Runner): Promise<Machine[]> {
	return (await rows<Raw>(`SELECT ${MACHINE} FROM machines ORDER BY id`, [], on)).map(machine);
}
export async function machineById(id: number, on?: Runner): Promise<Machine | undefined> {
	const r = await row<Raw>(`SELECT ${MACHINE} FROM machines WHERE id = ?`, [id], on);
	return r && machine(r);
}
export const mounts = (): Promise<(MountFacts & { kind: string })[]> =>
	rows(`SELECT ${MOUNT} FROM mounts ORDER BY code`);
export const mountById = (id: number, on?: Runner): Promise<MountFacts | undefined> =>
	row(`SELECT ${MOUNT} FROM mounts WHERE id = ?`, [id], on);
export const dressers = (): Promise<(DresserFacts & { carat: number | null })[]> =>
	rows(`SELECT ${DRESSER} FROM dressers ORDER BY code`);
export const dresserById = (id: number, on?: Runner): Promise<DresserFacts | undefined> =>
	row(`SELECT ${DRESSER} FROM dressers WHERE id = ?`, [id], on);
export const blockSets = (): Promise<{ id: number; code: string; grade: string; blocks: string }[]> =>
	rows('SELECT id, code, grade, blocks_mm AS blocks FROM block_sets ORDER BY code');

/** Counts a dress on the diamond, or starts anew when it was turned in its holder. */
export async function countDress(dresserId: number, turned: boolean, on: Runner): Promise<void> {
	await write(
		'UPDATE dressers SET dresses_since_turn = IF(?, 0, dresses_since_turn + 1) WHERE id = ?',
		[turned, dresserId],
		on
	);
}
export async function lockMachine(id: number, locked: boolean, on: Runner): Promise<void> {
	await write('UPDATE machines SET locked_out = ? WHERE id = ?', [locked, id], on);
}
