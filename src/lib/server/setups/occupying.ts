import type { Occupied } from '../../../core/facts/shop.js';
import { type Runner, places, queryRows } from '../storage/pool.js';

interface Place {
	id: number;
	machine_id: number;
	mount_id: number | null;
	wheel_id: number | null;
}
interface There {
	setupId: number;
	wheel: string;
	machine: string;
	mount: string | null;
	machineId: number | null;
	mountId: number | null;
}
interface Kept {
	wheelId: number;
	wheel: string;
	mount: string;
	mountId: number;
}

/** Of each of these setups what another one has on its machine or on its mount, or what stays on its mount in the rack. */
export async function occupying(
	setups: readonly (Place & { machine: string })[],
	on?: Runner
): Promise<Map<number, Occupied>> {
	if (!setups.length) return new Map();
	const machines = setups.map((setup) => setup.machine_id);
	const mounts = setups.flatMap((setup) => (setup.mount_id === null ? [] : [setup.mount_id]));
	// A list is never empty for the database.
	const onMounts = mounts.length ? mounts : [0];
	const there = await queryRows<There>(
		`SELECT s.id AS setupId, COALESCE(w.number, '') AS wheel, m.code AS machine, f.code AS mount, s.occupies_machine AS machineId, s.occupies_mount AS mountId
		 FROM setups s JOIN machines m ON m.id = s.machine_id LEFT JOIN mounts f ON f.id = s.mount_id LEFT JOIN wheels w ON w.id = s.wheel_id
		 WHERE s.occupies_machine IN (${places(machines)}) OR s.occupies_mount IN (${places(onMounts)})`,
		[...machines, ...onMounts],
		on
	);
	const kept = await queryRows<Kept>(
		`SELECT w.id AS wheelId, w.number AS wheel, f.code AS mount, f.id AS mountId FROM wheels w JOIN mounts f ON f.id = w.kept_on_mount_id WHERE w.kept_on_mount_id IN (${places(onMounts)})`,
		[...onMounts],
		on
	);
	return new Map(
		setups.flatMap((setup) => {
			const what = onMachine(setup, there) ?? onMount(setup, there) ?? inRack(setup, kept);
			return what ? [[setup.id, what] as const] : [];
		})
	);
}

const told = ({ setupId, wheel, machine }: There, mount: string | null): Occupied => ({
	setupId,
	wheel,
	machine,
	mount
});
function onMachine(s: Place, there: readonly There[]): Occupied | null {
	const found = there.find((t) => t.setupId !== s.id && t.machineId === s.machine_id);
	return found ? told(found, null) : null;
}
function onMount(s: Place, there: readonly There[]): Occupied | null {
	const found = there.find((t) => t.setupId !== s.id && s.mount_id !== null && t.mountId === s.mount_id);
	return found ? told(found, found.mount) : null;
}
/** Another wheel that stays on this mount in the rack. */
function inRack(s: Place & { machine: string }, kept: readonly Kept[]): Occupied | null {
	const found = kept.find((k) => s.mount_id !== null && k.mountId === s.mount_id && k.wheelId !== s.wheel_id);
	return found ? { setupId: null, wheel: found.wheel, machine: s.machine, mount: found.mount } : null;
}
