import type { RackRow } from '../../../core/spec/rank-many.js';
import { rackRow } from '../../../core/route/stations/select/steps.js';
import { rows } from '../storage/pool.js';
import { wheelsOfRun } from './wheels.js';

/** Wheels are held in runs of so many ids: what has changed is found by run, and read again by run. */
const RUN = 256;
interface Run {
	run: number;
	print: string;
}
const held = new Map<number, Run & { wheels: RackRow[] }>();
let print = '';
let reading: Promise<unknown> = Promise.resolve();

/**
 * What the wheels of each run amount to: a wheel changes its stamp with whatever changes on it, and no stamp is used twice. Read from an
 * index that holds nothing else.
 */
const printed = (): Promise<Run[]> =>
	rows<Run>(
		`SELECT id DIV ${RUN} AS run, CONCAT(COUNT(*), ' ', SUM(id), ' ', BIT_XOR(stamp)) AS print FROM wheels FORCE INDEX (by_stamp) GROUP BY run ORDER BY run`
	);

async function refreshed(): Promise<string> {
	const now = await printed();
	const gone = new Set(held.keys());
	for (const r of now) {
		gone.delete(r.run);
		if (held.get(r.run)?.print !== r.print)
			held.set(r.run, { ...r, wheels: (await wheelsOfRun(r.run * RUN, RUN)).map(rackRow) });
	}
	for (const run of gone) held.delete(run);
	print = now.map((r) => `${r.run} ${r.print}`).join(', ');
	return print;
}

function* all(): Iterable<RackRow> {
	for (const run of held.values()) yield* run.wheels;
}

/** Every wheel as ranking needs it, as it stands now, and what tells this rack from any other. Only what has changed is read. */
export async function rackCache(): Promise<{ print: string; wheels: () => Iterable<RackRow> }> {
	// One reads at a time: two would each hold half of what the other read.
	const mine = reading.catch(() => undefined).then(refreshed);
	reading = mine;
	return { print: await mine, wheels: all };
}

/** Numbers of the wheels that setups hold, and which one holds each. */
export async function heldWheels(): Promise<Map<string, number>> {
	const list = await rows<{ number: string; setupId: number }>(
		`SELECT w.number, s.id AS setupId FROM setups s JOIN wheels w ON w.id = s.holds_wheel
		 UNION ALL SELECT w.number, p.setup_id FROM setup_wheels p JOIN setups s ON s.id = p.setup_id AND s.state IN ('under-way', 'released') JOIN wheels w ON w.id = p.wheel_id`
	);
	return new Map(list.map((h) => [h.number, Number(h.setupId)]));
}
