import { type ClosedFacts, upgradedFacts } from '../../../core/facts/kept.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { StationId } from '../../../core/route/station-names.js';
import { guidelinesNow } from '../shop/guidelines.js';
import { dressersInUse, machinesByIds, mounts, mountsByIds } from '../shop/machines.js';
import { newestMornings } from '../shop/morning.js';
import { simulatorsAllowed } from '../shop/simulators.js';
import { theShop } from '../shop/the-shop.js';
import { traysNow } from '../shop/trays.js';
import { type Runner, clockAheadMs, row } from '../storage/pool.js';
import { chipsSeenOn } from '../storage/rack-records.js';
import { NO_RINGS, ringsOfWheels } from '../recordings/recordings.js';
import { cutsOf } from '../wheels/trial-cuts.js';
import { wheelsByIds } from '../wheels/wheels.js';
import { type History, historiesOf, sumUp } from './history.js';
import { keptFactsOf } from './kept-facts.js';
import { occupying } from './occupying.js';
import { companionsOf } from './pack.js';
import { type SetupRow, briefOf, routeOf, setupRows } from './setup-row.js';

export interface LoadedSetup {
	facts: SetupFacts;
	changedBy: string | null;
	changedAt: Date | null;
	/** Records that cannot be read any more. */
	unreadable: number[];
	/** It is finished, and what it was finished with was not kept or cannot be read: today's data stand in its place. */
	asOfToday: boolean;
}

/** Everything the route engine decides from, read in one go; with `lock` nobody else can change the setup until the transaction ends. */
export async function loadSetup(id: number, on?: Runner, lock = false): Promise<LoadedSetup | undefined> {
	if (lock && !(await row('SELECT id FROM setups WHERE id = ? FOR UPDATE', [id], on))) return undefined;
	const histories = new Map<number, History>();
	const loaded = (await loadSetups([id], on, histories))[0];
	const history = histories.get(id);
	if (lock && on && loaded && history) await sumUp(loaded.facts, history, on);
	return loaded;
}

/** The same of several setups, in the order asked for and in as many statements for one as for all. */
export async function loadSetups(
	ids: readonly number[],
	on?: Runner,
	histories = new Map<number, History>()
): Promise<LoadedSetup[]> {
	const list = await setupRows(ids, on);
	for (const [id, h] of await historiesOf(list, on)) histories.set(id, h);
	const closed = await keptFactsOf<Record<string, unknown>>(
		list.flatMap((s) => (s.state === 'finished' && s.closed_facts !== null ? [s.closed_facts] : [])),
		on
	);
	const asClosed = (setup: SetupRow) =>
		setup.state === 'finished' ? closed.get(setup.closed_facts ?? '') : undefined;
	const open = list.filter((s) => !asClosed(s));
	const around = open.length ? await loadSetupContext(open, on) : null;
	return list.map((s) => {
		const { records, sums, unreadable } = histories.get(s.id)!;
		const then = asClosed(s);
		const own = { records, sums, named: [], units: s.units };
		return {
			changedBy: s.changed_name,
			changedAt: s.changed_at,
			unreadable,
			asOfToday: s.state === 'finished' && !then,
			// A finished setup is as it was when it was finished: nothing of today is asked.
			facts: then ? { ...upgradedFacts(then), ...own } : { ...around!(s), ...own }
		};
	});
}

/** Everything that stands around these setups now: machines, wheels and what the shop keeps. */
async function loadSetupContext(
	list: readonly SetupRow[],
	on?: Runner
): Promise<(s: SetupRow) => ClosedFacts> {
	const some = (of: readonly (number | null)[]) => [...new Set(of)].filter((id) => id !== null);
	const stationsOf = (setup: SetupRow) => JSON.parse(setup.stations) as StationId[];
	const machineIds = some(list.map((s) => s.machine_id));
	const [machines, mornings, mountList, ownMounts, dressers, wheels, guidelines, shop] = await Promise.all([
		machinesByIds(machineIds, on),
		newestMornings(machineIds, on),
		mounts(on),
		mountsByIds(some(list.map((s) => s.mount_id)), on),
		dressersInUse(on),
		wheelsByIds(some(list.map((s) => s.wheel_id)), on),
		guidelinesNow(on),
		theShop(on)
	]);
	const by = <T extends { id: number }>(all: readonly T[], id: number | null) =>
		all.find((x) => x.id === id) ?? null;
	const machineOf = (setup: SetupRow) => by(machines, setup.machine_id)!;
	const [rings, cuts, chips, companions, trays, occupied] = await Promise.all([
		ringsOfWheels(wheels, on),
		cutsOf(
			wheels.map((wheel) => wheel.canonical),
			on
		),
		chipsSeenOn(
			wheels.map((wheel) => wheel.id),
			on
		),
		companionsOf(
			list.filter((s) => s.mounting === 'pack'),
			on
		),
		list.some((s) => stationsOf(s).includes('form')) ? traysNow(on) : [],
		occupying(
			list
				.filter((s) => !s.on_spindle && s.state !== 'finished')
				.map((s) => ({ ...s, machine: machineOf(s).code })),
			on
		)
	]);
	return (s) => {
		const wheel = by(wheels, s.wheel_id);
		const stations = stationsOf(s);
		return {
			id: s.id,
			brief: briefOf(s),
			state: s.state,
			version: s.version,
			stations,
			routeName: s.route_name ?? s.route_code,
			route: routeOf(s),
			machine: machineOf(s),
			morning: mornings.get(s.machine_id) ?? null,
			morningWanted: shop.morningWanted,
			mount: by(ownMounts, s.mount_id),
			mounts: mountList,
			dresser: by(dressers, s.dresser_id),
			dressers,
			trays: stations.includes('form') ? trays : [],
			wheel,
			companions: companions.get(s.id) ?? [],
			...((wheel && rings.get(wheel.id)) ?? NO_RINGS),
			cuts: (wheel && cuts.get(wheel.canonical)) ?? [],
			chipsSeen: (wheel && chips.get(wheel.id)) ?? [],
			guidelines,
			incidentId: s.incident_id,
			onSpindle: !!s.on_spindle,
			occupied: occupied.get(s.id) ?? null,
			simulators: simulatorsAllowed(),
			shop: shop.name,
			timeZone: shop.timeZone,
			givenUp: s.given_up,
			today: s.today,
			nowMs: Number(s.now_ms) + clockAheadMs()
		};
	};
}
