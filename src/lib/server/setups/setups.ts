import type { SetupFacts, StationId } from '../../../core/route/facts.js';
import type { StopFacts } from '../../../core/route/hard-stops.js';
import { sumsOf } from '../../../core/route/sums.js';
import type { BriefFacts } from '../../../core/route/stations/brief/steps.js';
import type { ExtraCheck, Mounting, RouteFacts } from '../../../core/route/templates.js';
import { guidelinesNow } from '../shop/guidelines.js';
import { dressersInUse, machineById, mountById, mounts } from '../shop/machines.js';
import { simulatorsAllowed } from '../shop/simulators.js';
import { newestMorning } from '../shop/morning.js';
import { theShop } from '../shop/the-shop.js';
import { traysNow } from '../shop/trays.js';
import { type Runner, clockAheadMs, row } from '../db/pool.js';
import { type AsClosed, keptFacts } from './kept-facts.js';
import { occupying } from './occupying.js';
import { companionsOf } from './pack.js';
import { type FullRecord, chipsSeen, recordsOf } from '../db/records.js';
import { ringsOf } from '../recordings/recordings.js';
import { cutsOf } from '../wheels/trial-cuts.js';
import { wheelById } from '../wheels/wheels.js';

interface SetupRow {
	id: number;
	part: string;
	quantity: number;
	material: BriefFacts['material'];
	hardness_hrc: number | null;
	operation: BriefFacts['operation'];
	target_ra_um: number;
	min_width_mm: number | null;
	burn_prone: number;
	interrupted: number;
	work_diameter_mm: number | null;
	stock_mm: number | null;
	depth_um: number | null;
	work_speed_mps: number | null;
	contact_area: BriefFacts['contactArea'];
	machine_id: number;
	mount_id: number | null;
	dresser_id: number | null;
	wheel_id: number | null;
	route_code: string;
	stations: string;
	units: 'mm' | 'inch';
	state: SetupFacts['state'];
	version: number;
	changed_name: string | null;
	changed_at: Date | null;
	route_name: string;
	route_version: number;
	mounting: Mounting | null;
	machine_asks: RouteFacts['machineAsks'] | null;
	created_at: Date;
	checks: string | null;
	incident_id: number | null;
	on_spindle: number;
	given_up: string | null;
	closed_facts: string | null;
	today: string;
	now_ms: string;
}

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
	const s = await row<SetupRow>(
		`SELECT s.*, u.name AS changed_name, t.name AS route_name, t.mounting, t.machine_asks, t.checks, (SELECT MAX(i.id) FROM incidents i WHERE i.setup_id = s.id AND i.closed_at IS NULL) AS incident_id, DATE_FORMAT(UTC_DATE(), '%Y-%m-%d') AS today, UNIX_TIMESTAMP(UTC_TIMESTAMP(3)) * 1000 AS now_ms
		 FROM setups s LEFT JOIN users u ON u.id = s.changed_by LEFT JOIN route_templates t ON t.code = s.route_code AND t.version = s.route_version WHERE s.id = ?`,
		[id],
		on
	);
	if (!s) return undefined;
	const closed = await asClosed(s, on);
	if (closed) return closed;
	const one = async <T>(id: number | null, get: (id: number, on?: Runner) => Promise<T | undefined>) =>
		id === null ? null : ((await get(id, on)) ?? null);
	const [machine, morning, mount, dressers, wheel, kept, guidelines, shop, mountList] = await Promise.all([
		machineById(s.machine_id, on),
		newestMorning(s.machine_id, on),
		one(s.mount_id, mountById),
		dressersInUse(on),
		one(s.wheel_id, wheelById),
		recordsOf(id, on),
		guidelinesNow(on),
		theShop(on),
		mounts(on)
	]);
	const { records, unreadable } = readable(kept);
	const [rings, cuts, seen] = [
		await ringsOf(wheel, on),
		wheel ? await cutsOf(wheel.canonical, on) : [],
		wheel ? await chipsSeen(wheel.id, on) : []
	];
	const companions = s.mounting === 'pack' ? await companionsOf(id, s.created_at.getTime(), on) : [];
	const stations = JSON.parse(s.stations) as StationId[];
	const trays = stations.includes('form') ? await traysNow(on) : [];
	return {
		changedBy: s.changed_name,
		changedAt: s.changed_at,
		unreadable,
		asOfToday: s.state === 'finished',
		facts: {
			id: s.id,
			brief: {
				part: s.part,
				quantity: s.quantity,
				material: s.material,
				hardnessHrc: s.hardness_hrc,
				operation: s.operation,
				targetRaUm: s.target_ra_um,
				minWidthMm: s.min_width_mm,
				burnProne: !!s.burn_prone,
				interrupted: !!s.interrupted,
				workDiameterMm: s.work_diameter_mm,
				stockMm: s.stock_mm,
				depthUm: s.depth_um,
				workSpeedMps: s.work_speed_mps,
				contactArea: s.contact_area
			},
			units: s.units,
			state: s.state,
			version: s.version,
			stations,
			routeName: s.route_name ?? s.route_code,
			route: {
				code: s.route_code,
				version: s.route_version,
				mounting: s.mounting ?? 'flange',
				machineAsks: s.machine_asks ?? 'spindle',
				checks: JSON.parse(s.checks ?? '[]') as ExtraCheck[]
			},
			machine: machine!,
			morning,
			mount,
			mounts: mountList,
			dresser: dressers.find((d) => d.id === s.dresser_id) ?? null,
			dressers,
			trays,
			wheel,
			companions,
			named: [],
			records,
			sums: sumsOf(records, s.wheel_id),
			...rings,
			cuts,
			chipsSeen: seen,
			guidelines,
			incidentId: s.incident_id,
			onSpindle: !!s.on_spindle,
			occupied: s.on_spindle || s.state === 'finished' ? null : await occupying(s, on),
			simulators: simulatorsAllowed(),
			shop: shop.name,
			givenUp: s.given_up,
			today: s.today,
			nowMs: Number(s.now_ms) + clockAheadMs()
		}
	};
}

/** What cannot be read any more proves nothing: its step is open again, and the page says which record it was. */
const readable = (kept: FullRecord[]) => ({
	records: kept.filter((r) => r.readable),
	unreadable: kept.filter((r) => !r.readable).map((r) => r.id)
});

/** A finished setup as it was when it was finished: nothing of today is asked. Null while it is open, or where it was finished before such was kept. */
async function asClosed(s: SetupRow, on?: Runner): Promise<LoadedSetup | null> {
	const then = s.state === 'finished' ? await keptFacts<AsClosed>(s.closed_facts, on) : null;
	if (!then) return null;
	const { records, unreadable } = readable(await recordsOf(s.id, on));
	return {
		changedBy: s.changed_name,
		changedAt: s.changed_at,
		unreadable,
		asOfToday: false,
		facts: { ...then, units: s.units, records, sums: sumsOf(records, s.wheel_id), named: [] }
	};
}

/** Of a setup what can stop it, without its records. */
export async function stopFacts(id: number): Promise<StopFacts | undefined> {
	const s = await row<SetupRow>(
		"SELECT s.*, t.mounting, DATE_FORMAT(UTC_DATE(), '%Y-%m-%d') AS today FROM setups s LEFT JOIN route_templates t ON t.code = s.route_code AND t.version = s.route_version WHERE s.id = ?",
		[id]
	);
	if (!s) return undefined;
	const [machine, mount, wheel] = await Promise.all([
		machineById(s.machine_id),
		s.mount_id === null ? null : mountById(s.mount_id),
		s.wheel_id === null ? null : wheelById(s.wheel_id)
	]);
	return {
		id,
		state: s.state,
		machine: machine!,
		mount: mount ?? null,
		wheel: wheel ?? null,
		companions: s.mounting === 'pack' ? await companionsOf(id, s.created_at.getTime()) : [],
		stations: JSON.parse(s.stations) as StationId[],
		today: s.today
	};
}
