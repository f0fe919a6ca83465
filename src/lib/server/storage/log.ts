import { type Value, rows } from './pool.js';

export interface LogFilter {
	setup?: number;
	wheel?: string;
	machine?: string;
	station?: string;
	verdict?: string;
	before?: number;
}
export interface LogLine {
	id: number;
	setupId: number | null;
	part: string | null;
	wheel: string | null;
	machine: string | null;
	station: string;
	step: string;
	calculation: string;
	verdict: string;
	overrideReason: string | null;
	by: string;
	at: Date;
}

/** The key that leads straight to the newest lines of what is asked for; the planner would guess it from figures that lag behind a log that grows. */
function keyFor({ setup, wheel, machine, station, verdict }: LogFilter): string {
	if (setup) return 'by_setup';
	const of = wheel ? 'wheel' : machine ? 'machine' : null;
	if (of) return verdict ? `of_${of}_and_verdict` : station ? `of_${of}_and_station` : `by_${of}`;
	if (station) return verdict ? 'of_station_and_verdict' : 'of_station';
	return verdict ? 'of_verdict' : 'PRIMARY';
}

/** A page of the log, newest first: its numbers are found by key, and only then is asked whose they are. */
export async function logLines(f: LogFilter, limit = 50): Promise<LogLine[]> {
	const where: string[] = [];
	const values: Value[] = [];
	const add = (sql: string, value: Value | undefined) => {
		if (value !== undefined && value !== '') {
			where.push(sql);
			values.push(value);
		}
	};
	add('setup_id = ?', f.setup);
	add('wheel_id = (SELECT w.id FROM wheels w WHERE w.number = ?)', f.wheel);
	add('machine_id = (SELECT m.id FROM machines m WHERE m.code = ?)', f.machine);
	add('station = ?', f.station);
	add('verdict = ?', f.verdict);
	add('id < ?', f.before);
	const numbers = `SELECT id FROM records FORCE INDEX (${keyFor(f)}) ${where.length ? `WHERE ${where.join(' AND ')}` : ''} ORDER BY id DESC LIMIT ${Number(limit)}`;
	return rows<LogLine>(
		`SELECT STRAIGHT_JOIN r.id, r.setup_id AS setupId, s.part, w.number AS wheel, m.code AS machine, r.station, r.step, r.calculation, r.verdict, r.override_reason AS overrideReason, u.name AS \`by\`, r.at
		 FROM (${numbers}) n JOIN records r ON r.id = n.id JOIN users u ON u.id = r.user_id LEFT JOIN setups s ON s.id = r.setup_id LEFT JOIN machines m ON m.id = r.machine_id LEFT JOIN wheels w ON w.id = r.wheel_id
		 ORDER BY r.id DESC`,
		values
	);
}
