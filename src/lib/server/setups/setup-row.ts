import { dayIn } from '../../../core/numeric/zone.js';
import { shopZone } from '../storage/today.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { BriefFacts } from '../../../core/route/stations/brief/steps.js';
import type { ExtraCheck, Mounting, RouteFacts } from '../../../core/route/templates.js';
import { type Runner, places, queryRows, clockAheadMs } from '../storage/pool.js';

/** A setup as its row has it, with its route and the time by the database's clock. */
export interface SetupRow {
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
	so_far: string | null;
	today: string;
	now_ms: string;
}

/** The rows of these setups, in the order asked for; what is not there is left out. */
export async function setupRows(ids: readonly number[], on?: Runner): Promise<SetupRow[]> {
	if (!ids.length) return [];
	const list = await queryRows<SetupRow>(
		`SELECT s.*, u.name AS changed_name, t.name AS route_name, t.mounting, t.machine_asks, t.checks, (SELECT MAX(i.id) FROM incidents i WHERE i.setup_id = s.id AND i.closed_at IS NULL) AS incident_id, UNIX_TIMESTAMP(UTC_TIMESTAMP(3)) * 1000 AS now_ms
		 FROM setups s LEFT JOIN users u ON u.id = s.changed_by LEFT JOIN route_templates t ON t.code = s.route_code AND t.version = s.route_version WHERE s.id IN (${places(ids)})`,
		[...ids],
		on
	);
	const zone = await shopZone(on);
	for (const row of list) row.today = dayIn(zone, Number(row.now_ms) + clockAheadMs());
	return ids.flatMap((id) => list.find((row) => row.id === id) ?? []);
}

export const briefOf = (setup: SetupRow): BriefFacts => ({
	part: setup.part,
	quantity: setup.quantity,
	material: setup.material,
	hardnessHrc: setup.hardness_hrc,
	operation: setup.operation,
	targetRaUm: setup.target_ra_um,
	minWidthMm: setup.min_width_mm,
	burnProne: !!setup.burn_prone,
	interrupted: !!setup.interrupted,
	workDiameterMm: setup.work_diameter_mm,
	stockMm: setup.stock_mm,
	depthUm: setup.depth_um,
	workSpeedMps: setup.work_speed_mps,
	contactArea: setup.contact_area
});
export const routeOf = (setup: SetupRow): RouteFacts => ({
	code: setup.route_code,
	version: setup.route_version,
	mounting: setup.mounting ?? 'flange',
	machineAsks: setup.machine_asks ?? 'spindle',
	checks: JSON.parse(setup.checks ?? '[]') as ExtraCheck[]
});
