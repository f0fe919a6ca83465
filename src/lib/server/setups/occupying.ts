import type { Occupied } from '../../../core/route/facts.js';
import { type Runner, row } from '../db/pool.js';

/** What another setup has on the machine or on the mount of this one. */
export async function occupying(
	s: { id: number; machine_id: number; mount_id: number | null; wheel_id: number | null },
	on?: Runner
): Promise<Occupied | null> {
	const found = await row<Occupied & { machineId: number }>(
		`SELECT s.id AS setupId, COALESCE(w.number, '') AS wheel, m.code AS machine, f.code AS mount, s.machine_id AS machineId
		 FROM setups s JOIN machines m ON m.id = s.machine_id LEFT JOIN mounts f ON f.id = s.mount_id LEFT JOIN wheels w ON w.id = s.wheel_id
		 WHERE s.id <> ? AND (s.occupies_machine = ? OR s.occupies_mount = ?) ORDER BY s.occupies_machine <=> ? DESC LIMIT 1`,
		[s.id, s.machine_id, s.mount_id, s.machine_id],
		on
	);
	if (!found) return keptThere(s, on);
	const { machineId, ...what } = found;
	return { ...what, mount: machineId === s.machine_id ? null : what.mount };
}

/** Another wheel that stays on this mount in the rack. */
async function keptThere(
	s: { machine_id: number; mount_id: number | null; wheel_id: number | null },
	on?: Runner
): Promise<Occupied | null> {
	const found = await row<{ wheel: string; mount: string; machine: string }>(
		'SELECT w.number AS wheel, f.code AS mount, m.code AS machine FROM wheels w JOIN mounts f ON f.id = w.kept_on_mount_id JOIN machines m ON m.id = ? WHERE w.kept_on_mount_id = ? AND w.id <> COALESCE(?, 0)',
		[s.machine_id, s.mount_id, s.wheel_id],
		on
	);
	return found ? { ...found, setupId: null } : null;
}
