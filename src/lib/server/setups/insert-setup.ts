import type { Brief } from '../../../core/route/stations/brief/steps.js';
import { InputFault } from '../refused.js';
import { type Runner, row, write } from '../storage/pool.js';

export type NewSetup = Brief;

/** @throws InputFault when there is no such route */
export async function insertSetup(
	b: NewSetup,
	mountId: number | null,
	dresserId: number | null,
	userId: number,
	on: Runner
): Promise<number> {
	const template = await row<{ code: string; version: number; stations: string }>(
		'SELECT code, version, stations FROM route_templates WHERE code = ? ORDER BY version DESC LIMIT 1',
		[b.route],
		on
	);
	if (!template)
		throw new InputFault('route', 'unknown-choice', "There is no such route. Pick one of the shop's.");
	const done = await write(
		'INSERT INTO setups (part, quantity, material, hardness_hrc, operation, target_ra_um, min_width_mm, burn_prone, interrupted, work_diameter_mm, stock_mm, depth_um, work_speed_mps, contact_area, machine_id, mount_id, dresser_id, route_code, route_version, stations, units, created_by, changed_by, changed_at) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,UTC_TIMESTAMP(3))',
		[
			b.part,
			b.quantity,
			b.material,
			b.hardnessHrc,
			b.operation,
			b.targetRaUm,
			b.minWidthMm,
			b.burnProne,
			b.interrupted,
			b.workDiameterMm,
			b.stockMm,
			b.depthUm,
			b.workSpeedMps,
			b.contactArea,
			b.machineId,
			mountId,
			dresserId,
			template.code,
			template.version,
			template.stations,
			b.units,
			userId,
			userId
		],
		on
	);
	return done.insertId;
}
