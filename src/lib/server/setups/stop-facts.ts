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
		machinesByIds(some(list.map((row) => row.machine_id)), on),
		mountsByIds(some(list.map((row) => row.mount_id)), on),
		wheelsByIds(some(list.map((row) => row.wheel_id)), on),
		companionsOf(
			list.filter((row) => row.mounting === 'pack'),
			on
		)
	]);
	const by = <T extends { id: number }>(all: readonly T[], id: number | null) =>
		all.find((x) => x.id === id) ?? null;
	return list.map((row) => ({
		id: row.id,
		state: row.state,
		machine: by(machines, row.machine_id)!,
		mount: by(mounts, row.mount_id),
		wheel: by(wheels, row.wheel_id),
		companions: companions.get(row.id) ?? [],
		stations: JSON.parse(row.stations) as StationId[],
		today: row.today
	}));
}
