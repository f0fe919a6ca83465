import type { SetupFacts } from '../../../core/facts/setup.js';
import { stateOf } from '../../../core/route/setup-status.js';
import { rows } from '../storage/pool.js';
import { stopFactsOf } from './stop-facts.js';

export interface SetupLine {
	id: number;
	part: string;
	quantity: number;
	state: SetupFacts['state'];
	machineId: number;
	machine: string;
	wheel: string | null;
	marking: string | null;
	by: string;
	createdAt: Date;
	changedAt: Date | null;
	givenUp: string | null;
}

/** Setups, newest first, whose part, machine, wheel or number matches; what stops one today is asked before what it was released for. */
export async function setupList(search: string, state = '', limit = 200): Promise<SetupLine[]> {
	const asked = state === 'stopped' || state === 'released' ? '' : state;
	const list = await linesOf(search, asked, limit);
	const now = await statesNow(list.filter((s) => s.state === 'released').map((s) => s.id));
	return list
		.map((s) => ({ ...s, state: now.get(s.id) ?? s.state }))
		.filter((s) => state === '' || s.state === state);
}

/** How released setups stand now, from the facts that can stop them. */
async function statesNow(ids: readonly number[]): Promise<Map<number, SetupFacts['state']>> {
	return new Map((await stopFactsOf(ids)).map((f) => [f.id, stateOf(f)]));
}

function linesOf(search: string, state: string, limit: number): Promise<SetupLine[]> {
	const like = `%${search.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;
	return rows(
		`SELECT s.id, s.part, s.quantity, s.state, s.machine_id AS machineId, m.code AS machine, w.number AS wheel, w.canonical AS marking, u.name AS \`by\`, s.created_at AS createdAt, s.changed_at AS changedAt, s.given_up AS givenUp
		 FROM setups s JOIN machines m ON m.id = s.machine_id JOIN users u ON u.id = s.created_by LEFT JOIN wheels w ON w.id = s.wheel_id
		 WHERE (? = '' OR s.part LIKE ? OR m.code LIKE ? OR w.number LIKE ? OR w.canonical LIKE ? OR s.id = ?) AND (? = '' OR s.state = ?) ORDER BY s.id DESC LIMIT ${Number(limit)}`,
		[search, like, like, like, like, /^\d{1,9}$/.test(search) ? Number(search) : 0, state, state]
	);
}

/** An open setup, as the Floor and the choice of a machine know it. */
export interface OpenSetup {
	id: number;
	machineId: number;
	part: string;
	quantity: number;
	state: SetupFacts['state'];
	/** Its wheel stands on the spindle. */
	onSpindle: boolean;
	wheel: string | null;
}

/** Every open setup by machine: the one that is mounted first, then the newest. */
export async function openByMachine(): Promise<Map<number, OpenSetup[]>> {
	const list = await rows<Omit<OpenSetup, 'onSpindle'> & { onSpindle: number }>(
		"SELECT s.id, s.machine_id AS machineId, s.part, s.quantity, s.state, s.on_spindle AS onSpindle, w.number AS wheel FROM setups s LEFT JOIN wheels w ON w.id = s.wheel_id WHERE s.state IN ('under-way','released','stopped') ORDER BY s.on_spindle DESC, s.id DESC"
	);
	const by = new Map<number, OpenSetup[]>();
	for (const s of list)
		by.set(s.machineId, [...(by.get(s.machineId) ?? []), { ...s, onSpindle: !!s.onSpindle }]);
	return by;
}
