import { inShopPlan } from '../../../core/keep/incident-work.js';
import { type Runner, row, rows } from '../storage/pool.js';
import { type FullRecord, recordsWhere } from '../storage/records.js';
import { stored } from '../storage/stored.js';

interface Raw {
	id: number;
	setup_id: number;
	wheel_id: number | null;
	machine_id: number;
	event: string;
	seen: string;
	facts: string;
	version: number;
	opened_at: Date;
	closed_at: Date | null;
	by: string;
	part: string;
	machine: string;
	wheel: string | null;
	closed_by_name: string | null;
	sent_by_name: string | null;
	entered_at: Date | null;
	after_end: number;
}
const SELECT =
	'SELECT i.*, u.name AS `by`, c.name AS closed_by_name, h.name AS sent_by_name, s.part, m.code AS machine, w.number AS wheel FROM incidents i JOIN users u ON u.id = i.opened_by LEFT JOIN users c ON c.id = i.closed_by LEFT JOIN users h ON h.id = i.sent_by JOIN setups s ON s.id = i.setup_id JOIN machines m ON m.id = i.machine_id LEFT JOIN wheels w ON w.id = i.wheel_id';
export interface Incident {
	id: number;
	setupId: number;
	machineId: number;
	event: string;
	seen: string;
	input: Record<string, unknown>;
	version: number;
	openedAt: Date;
	closedAt: Date | null;
	by: string;
	/** Who handed in what `by` had pressed without the network; null where `by` did. */
	sentBy: string | null;
	/** When it was pressed then, by the clock of that browser. */
	enteredAt: Date | null;
	/** Told of a setup that was finished before: it stays as it is. */
	afterEnd: boolean;
	closedBy: string | null;
	part: string;
	machine: string;
	wheel: string | null;
}
const incident = (r: Raw): Incident => ({
	id: r.id,
	setupId: r.setup_id,
	machineId: r.machine_id,
	event: r.event,
	seen: r.seen,
	// A plan that cannot be read any more starts again from what happened: nothing of it is taken as done.
	input: inShopPlan(
		stored<Record<string, unknown>>(r.facts) ?? {
			event: r.event,
			injury: false,
			madeSafe: false,
			done: []
		}
	),
	version: r.version,
	openedAt: r.opened_at,
	closedAt: r.closed_at,
	by: r.by,
	sentBy: r.sent_by_name,
	enteredAt: r.entered_at,
	afterEnd: !!r.after_end,
	closedBy: r.closed_by_name,
	part: r.part,
	machine: r.machine,
	wheel: r.wheel
});

export async function incidentById(id: number, on?: Runner): Promise<Incident | undefined> {
	const r = await row<Raw>(`${SELECT} WHERE i.id = ?`, [id], on);
	return r && incident(r);
}
export async function openIncidents(): Promise<Incident[]> {
	return (await rows<Raw>(`${SELECT} WHERE i.closed_at IS NULL ORDER BY i.id`)).map(incident);
}
/** The one under way of a setup: what is locked stays with it. */
export const openIncidentOf = (
	setupId: number,
	on?: Runner
): Promise<{ id: number; event: string } | undefined> =>
	row(
		'SELECT id, event FROM incidents WHERE setup_id = ? AND closed_at IS NULL ORDER BY id LIMIT 1',
		[setupId],
		on
	);

/** What was recorded of an incident: in its setup, or of the machine alone where the setup had ended. */
export const recordsOfIncident = (i: Incident, on?: Runner): Promise<FullRecord[]> =>
	recordsWhere(
		`WHERE r.machine_id = ? AND r.station = 'keep' AND r.step = 'incident' AND ${
			i.afterEnd ? "r.setup_id IS NULL AND JSON_VALUE(r.entered, '$.incident') = ?" : 'r.setup_id = ?'
		} ORDER BY r.id`,
		[i.machineId, i.afterEnd ? i.id : i.setupId],
		on
	);
