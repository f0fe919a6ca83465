import type { DresserFacts, MachineFacts, MountFacts } from '../../../core/facts/shop.js';
import type { DresserLeft } from '../../../core/route/effect.js';
import { DRESSER_FIELDS, dresserFields } from '../../../core/shop/dresser.js';
import { columnOf } from './columns.js';
import { type Runner, rows, write } from '../storage/pool.js';

const MACHINE = `id, code, name, kind, balance_class AS balanceClass, spindle_rpm AS spindleRpm, spindle_rpm_min AS spindleRpmMin, spindle_rpm_max AS spindleRpmMax, seat_mm AS seatMm, max_diameter_mm AS maxDiameterMm, max_width_mm AS maxWidthMm,
	rotation, motor_torque_nm AS motorTorqueNm, wet, coast_s AS coastS, drive, plate_rpm AS plateRpm, mains_hz AS mainsHz, axes, dial_division_um AS dialDivisionUm, dial_reads AS dialReads, mount_id AS mountId, dresser_id AS dresserId, locked_out AS lockedOut, retired`;
const MOUNT = `id, code, kind, seat_mm AS seatMm, flange_mm AS flangeMm, recess_mm AS recessMm, retention, thread_hand AS threadHand, screw_count AS screwCount, screw_diameter_mm AS screwDiameterMm, torque_nm AS torqueNm,
	mass_kg AS massKg, inertia_kgm2 AS inertiaKgM2, journal_radius_mm AS journalRadiusMm, track_radius_mm AS trackRadiusMm, weight_count AS weightCount, weight_mass_g AS weightMassG`;
const DRESSER = ['id', ...DRESSER_FIELDS.map((f) => f.name)].map((n) => `${columnOf(n)} AS ${n}`).join(', ');

export type Machine = MachineFacts & { mountId: number | null; dresserId: number | null; retired: boolean };
type Raw = Omit<Machine, 'wet' | 'lockedOut' | 'retired'> & {
	wet: number;
	lockedOut: number;
	retired: number;
};
const machine = (r: Raw): Machine => ({ ...r, wet: !!r.wet, lockedOut: !!r.lockedOut, retired: !!r.retired });

/** Every machine there ever was. */
const everyMachine = async (on?: Runner): Promise<Machine[]> =>
	(await rows<Raw>(`SELECT ${MACHINE} FROM machines ORDER BY id`, [], on)).map(machine);
export const machines = async (on?: Runner): Promise<Machine[]> =>
	(await everyMachine(on)).filter((m) => !m.retired);
/** Codes of every machine there ever was, for looking things up. */
export const machineCodes = async (): Promise<string[]> => {
	const all = await everyMachine();
	return [...all.filter((m) => !m.retired), ...all.filter((m) => m.retired)].map((m) => m.code);
};
export const machineById = async (id: number, on?: Runner): Promise<Machine | undefined> =>
	(await everyMachine(on)).find((m) => m.id === id);
/** Machines by their numbers, those out of use too. */
export const machinesByIds = async (ids: readonly number[], on?: Runner): Promise<Machine[]> =>
	(await everyMachine(on)).filter((m) => ids.includes(m.id));

type Mount = MountFacts & { kind: string };
const everyMount = (on?: Runner): Promise<(Mount & { retired: number })[]> =>
	rows(`SELECT ${MOUNT}, retired FROM mounts ORDER BY code`, [], on);
const withoutRetired = ({ retired: _, ...m }: Mount & { retired: number }): Mount => m;
export const mounts = async (on?: Runner): Promise<Mount[]> =>
	(await everyMount(on)).filter((m) => !m.retired).map(withoutRetired);
/** Mounts by their numbers, those out of use too. */
export const mountsByIds = async (ids: readonly number[], on?: Runner): Promise<MountFacts[]> =>
	(await everyMount(on)).filter((m) => ids.includes(m.id)).map(withoutRetired);
/** Of a dresser what its kind needs, so that a page is sent no more. */
function dresser(raw: Record<string, unknown>): DresserFacts {
	const names = ['id', ...dresserFields(raw.kind).map((field) => field.name)];
	// Columns and fields have the same names and types; only what the kind does not need is left out.
	return Object.fromEntries(names.map((n) => [n, raw[n]])) as DresserFacts;
}
export async function dressersInUse(on?: Runner): Promise<DresserFacts[]> {
	const sql = `SELECT ${DRESSER} FROM dressers WHERE wear = 'in-use' AND NOT retired ORDER BY code`;
	return (await rows<Record<string, unknown>>(sql, [], on)).map(dresser);
}
interface BlockSet {
	id: number;
	code: string;
	grade: string;
	blocks: string;
}
export const blockSets = (on?: Runner): Promise<BlockSet[]> =>
	rows('SELECT id, code, grade, blocks_mm AS blocks FROM block_sets WHERE NOT retired ORDER BY code', [], on);

/** Counts a dress on the dresser, or starts anew when it was turned in its holder; keeps what is left of it. */
export async function countDress(
	dresserId: number,
	turned: boolean,
	left: DresserLeft,
	on: Runner
): Promise<void> {
	await write(
		'UPDATE dressers SET dresses_since_turn = IF(?, 0, dresses_since_turn + 1), body_diameter_mm = COALESCE(?, body_diameter_mm), spool_m = COALESCE(?, spool_m) WHERE id = ?',
		[turned, left.bodyDiameterMm ?? null, left.spoolM ?? null, dresserId],
		on
	);
}
export async function lockMachine(id: number, locked: boolean, on: Runner): Promise<void> {
	await write('UPDATE machines SET locked_out = ? WHERE id = ?', [locked, id], on);
}
