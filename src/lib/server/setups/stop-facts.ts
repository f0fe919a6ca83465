import type { StationId } from '../../../core/route/station-names.js';
import type { StopFacts } from '../../../core/route/hard-stops.js';
import type { Runner } from '../storage/pool.js';
import { machinesByIds, mountsByIds } from '../shop/machines.js';
import { wheelsByIds } from '../wheels/wheels.js';
import { companionsOf } from './pack.js';
import { setupRows } from './setup-row.js';

/** Of these setups what can stop them, without their records; in as many statements for one as for all. */
export async function stopFactsOf(ids: readonly number[], on?: Runner): Promise<StopFacts[]> {
	const list = await setupRows(ids, on);
	const some = (of: readonly (number | null)[]) => [...new Set(of)].filter((id) => id !== null);
	const [machines, mounts, wheels, companions] = await Promise.all([
		machinesByIds(some(list.map((s) => s.machine_id)), on),
		mountsByIds(some(list.map((s) => s.mount_id)), on),
		wheelsByIds(some(list.map((s) => s.wheel_id)), on),
		companionsOf(
			list.filter((s) => s.mounting === 'pack'),
			on
		)
	]);
	const by = <T extends { id: number }>(all: readonly T[], id: number | null) =>
		all.find((x) => x.id === id) ?? null;
	return list.map((s) => ({
		id: s.id,
		state: s.state,
		machine: by(machines, s.machine_id)!,
		mount: by(mounts, s.mount_id),
		wheel: by(wheels, s.wheel_id),
		companions: companions.get(s.id) ?? [],
		stations: JSON.parse(s.stations) as StationId[],
		today: s.today
	}));
}
