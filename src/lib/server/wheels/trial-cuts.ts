import type { TrialCut } from '../../../core/facts/records.js';
import { type Runner, queryRows, write } from '../storage/pool.js';

/** As many as tell something; older ones were made with another wheel of its kind. */
const MAX = 60;

type Row = Omit<TrialCut, 'leftOut' | 'atMs'> & { leftOut: number; at: Date; canonical: string };

/** Trial cuts of wheels with these markings, oldest first, by marking. */
export async function cutsOf(markings: readonly string[], on?: Runner): Promise<Map<string, TrialCut[]>> {
	if (!markings.length) return new Map();
	const newest = `(SELECT c.id, w.canonical, w.number AS wheelNumber, c.at, c.lead_um AS leadUm, c.depth_um AS depthUm, c.removal_mm2_per_s AS specificRemovalMm2PerS, c.speed_mps AS wheelSpeedMps, c.ra_um AS raUm, c.left_out AS leftOut
		 FROM trial_cuts c JOIN wheels w ON w.id = c.wheel_id WHERE w.canonical = ? ORDER BY c.id DESC LIMIT ${MAX})`;
	const each = [...new Set(markings)];
	const list = await queryRows<Row>(each.map(() => newest).join(' UNION ALL '), each, on);
	const by = new Map<string, TrialCut[]>(each.map((m) => [m, []]));
	for (const { at, leftOut, canonical, ...cut } of list.sort((a, b) => a.id - b.id))
		by.get(canonical)?.push({ ...cut, atMs: at.getTime(), leftOut: !!leftOut });
	return by;
}

export async function keepCut(
	wheelId: number,
	cut: Omit<TrialCut, 'id' | 'wheelNumber' | 'atMs' | 'leftOut'>,
	recordId: number,
	userId: number,
	on: Runner
): Promise<void> {
	await write(
		'INSERT INTO trial_cuts (wheel_id, record_id, lead_um, depth_um, removal_mm2_per_s, speed_mps, ra_um, user_id, at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
		[
			wheelId,
			recordId,
			cut.leadUm,
			cut.depthUm,
			cut.specificRemovalMm2PerS,
			cut.wheelSpeedMps,
			cut.raUm,
			userId
		],
		on
	);
}
export async function leaveCut(cutId: number, leftOut: boolean, on: Runner): Promise<void> {
	await write('UPDATE trial_cuts SET left_out = ? WHERE id = ?', [leftOut, cutId], on);
}
