import { type Verdict, worst } from '../../../core/calculation/verdict.js';
import type { RecordFacts } from '../../../core/route/facts.js';
import { type Runner, type Value, places, queryRows, row, rows, write } from './pool.js';
import { stored } from './stored.js';
import { otherRequest } from './requests.js';

export interface NewRecord {
	setupId: number | null;
	wheelId: number | null;
	machineId: number | null;
	station: string;
	step: string;
	calculation: string;
	coreVersion: string;
	entered: object;
	input: object;
	output: object;
	verdict: string;
	overrideReason: string | null;
	replacesId: number | null;
	/** Under what hash the facts of that moment are kept; null at the rack. */
	facts: string | null;
	userId: number;
	key: string;
	ordinal: number;
}

/** Adds evidence; nothing here can change or delete it. Returns its number. */
export async function addRecord(r: NewRecord, on: Runner): Promise<number> {
	const done = await write(
		'INSERT INTO records (setup_id, wheel_id, machine_id, station, step, calculation, core_version, entered, input, output, verdict, override_reason, replaces_id, facts, user_id, request_key, ordinal) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)',
		[
			r.setupId,
			r.wheelId,
			r.machineId,
			r.station,
			r.step,
			r.calculation,
			r.coreVersion,
			JSON.stringify(r.entered),
			JSON.stringify(r.input),
			JSON.stringify(r.output),
			r.verdict,
			r.overrideReason,
			r.replacesId,
			r.facts,
			r.userId,
			r.key,
			r.ordinal
		],
		on
	);
	return done.insertId;
}

/** What a request was about: a key belongs to it and to nothing else. */
export interface About {
	setupId: number | null;
	wheelId?: number;
	step?: string;
}
/** Whether this very submit was carried out before. @throws Refused when its key was used for something else */
export async function keyUsed(key: string, about: About, on?: Runner): Promise<boolean> {
	const r = await row<{ setup_id: number | null; wheel_id: number | null; step: string }>(
		'SELECT setup_id, wheel_id, step FROM records WHERE request_key = ? ORDER BY id LIMIT 1',
		[key],
		on
	);
	if (!r) return false;
	const same =
		r.setup_id === about.setupId &&
		(about.wheelId === undefined || r.wheel_id === about.wheelId) &&
		(about.step === undefined || r.step === about.step);
	if (!same) throw otherRequest();
	return true;
}

interface Raw {
	id: number;
	station: string;
	step: string;
	calculation: string;
	core_version: string;
	entered: string;
	input: string;
	output: string;
	verdict: RecordFacts['verdict'];
	override_reason: string | null;
	replaces_id: number | null;
	facts: string | null;
	wheel_id: number | null;
	setup_id: number | null;
	machine_id: number | null;
	request_key: string;
	name: string;
	at: Date;
	part: string | null;
	wheel: string | null;
	machine: string | null;
}
const SELECT = `SELECT r.*, u.name, s.part, w.number AS wheel, m.code AS machine FROM records r JOIN users u ON u.id = r.user_id LEFT JOIN setups s ON s.id = r.setup_id LEFT JOIN machines m ON m.id = r.machine_id LEFT JOIN wheels w ON w.id = r.wheel_id`;

export interface FullRecord extends RecordFacts {
	setupId: number | null;
	machineId: number | null;
	coreVersion: string;
	replacesId: number | null;
	/** The hash of what was known then; null for what was recorded before such was kept, and at the rack. */
	facts: string | null;
	part: string | null;
	wheel: string | null;
	machine: string | null;
	/** Whether what was kept can still be read; what cannot proves nothing. */
	readable: boolean;
}
const full = (r: Raw): FullRecord => {
	const [entered, input, output] = [r.entered, r.input, r.output].map((t) => stored<RecordFacts['input']>(t));
	return {
		id: Number(r.id),
		station: r.station as RecordFacts['station'],
		step: r.step,
		calculation: r.calculation,
		entered: entered ?? {},
		input: input ?? {},
		output: output ?? {},
		readable: !!(entered && input && output),
		verdict: r.verdict,
		overrideReason: r.override_reason,
		wheelId: r.wheel_id,
		by: r.name,
		atMs: r.at.getTime(),
		together: r.request_key,
		setupId: r.setup_id,
		machineId: r.machine_id,
		coreVersion: r.core_version,
		replacesId: r.replaces_id,
		facts: r.facts,
		part: r.part,
		wheel: r.wheel,
		machine: r.machine
	};
};

export async function recordsOf(setupId: number, on?: Runner): Promise<FullRecord[]> {
	return (await rows<Raw>(`${SELECT} WHERE r.setup_id = ? ORDER BY r.id`, [setupId], on)).map(full);
}
/** Every record of a setup that can be read, to take away. */
export const readableRecordsOf = async (setupId: number): Promise<FullRecord[]> =>
	(await recordsOf(setupId)).filter((r) => r.readable);
/** Records by their numbers, oldest first. */
export async function recordsById(ids: readonly number[], on?: Runner): Promise<FullRecord[]> {
	if (!ids.length) return [];
	const list = await queryRows<Raw>(`${SELECT} WHERE r.id IN (${places(ids)}) ORDER BY r.id`, [...ids], on);
	return list.map(full);
}
/** Of each of these setups what was recorded after a record of it, oldest first. */
export async function recordsSince(
	setups: readonly { setupId: number; after: number }[],
	on?: Runner
): Promise<FullRecord[]> {
	if (!setups.length) return [];
	const asked = setups.map(() => '(r.setup_id = ? AND r.id > ?)').join(' OR ');
	const values = setups.flatMap((s) => [s.setupId, s.after]);
	return (await queryRows<Raw>(`${SELECT} WHERE ${asked} ORDER BY r.id`, values, on)).map(full);
}
/** The last look at a wheel made at the rack, its verdict and when; what counts for ringing it there. */
export async function rackLook(wheelId: number, on?: Runner): Promise<FullRecord | undefined> {
	const r = await row<Raw>(
		`${SELECT} WHERE r.wheel_id = ? AND r.setup_id IS NULL AND r.station = 'inspect' AND r.step = 'look' ORDER BY r.id DESC LIMIT 1`,
		[wheelId],
		on
	);
	return r && full(r);
}
/** Chips that the last look at a wheel found, wherever it was made; a later look begins with them. */
export async function chipsSeen(wheelId: number, on?: Runner): Promise<unknown[]> {
	return (await chipsSeenOn([wheelId], on)).get(wheelId) ?? [];
}
/** The same of several wheels. */
export async function chipsSeenOn(wheelIds: readonly number[], on?: Runner): Promise<Map<number, unknown[]>> {
	if (!wheelIds.length) return new Map();
	const looks = await queryRows<{ id: number; entered: string | null }>(
		`SELECT w.id, (SELECT r.entered FROM records r WHERE r.wheel_id = w.id AND r.station = 'inspect' AND r.step = 'look' ORDER BY r.id DESC LIMIT 1) AS entered FROM wheels w WHERE w.id IN (${places(wheelIds)})`,
		[...wheelIds],
		on
	);
	return new Map(
		looks.map((l) => {
			const chips = l.entered === null ? null : stored<{ chips?: unknown }>(l.entered)?.chips;
			return [l.id, Array.isArray(chips) ? chips : []];
		})
	);
}
/** A look or ring made at the rack: judged as a whole. */
export interface AtRack {
	wheelId: number;
	step: string;
	id: number;
	verdict: Verdict;
	mayProceed: boolean;
}
/** Of each wheel the newest look and the newest ring made at the rack, not before its `sinceMs`. */
export async function latestAtRack(
	wheels: readonly { wheelId: number; sinceMs: number }[],
	on?: Runner
): Promise<AtRack[]> {
	if (!wheels.length) return [];
	const asked = wheels.flatMap(({ wheelId, sinceMs }) =>
		['look', 'ring'].map((step): Value[] => [wheelId, step, new Date(sinceMs)])
	);
	const newest = `(SELECT request_key, wheel_id, step FROM records WHERE wheel_id = ? AND setup_id IS NULL AND station = 'inspect' AND step = ? AND at >= ? ORDER BY id DESC LIMIT 1)`;
	const parts = (
		await queryRows<Raw>(
			`${SELECT} JOIN (${asked.map(() => newest).join(' UNION ALL ')}) n ON n.request_key = r.request_key AND n.wheel_id = r.wheel_id AND n.step = r.step ORDER BY r.id`,
			asked.flat(),
			on
		)
	).map(full);
	const by = new Map<string, FullRecord[]>();
	for (const r of parts) by.set(`${r.wheelId} ${r.step}`, [...(by.get(`${r.wheelId} ${r.step}`) ?? []), r]);
	return [...by.values()].map((of) => ({
		wheelId: of[0]!.wheelId!,
		step: of[0]!.step,
		id: of[0]!.id,
		verdict: worst(of.map((r) => r.verdict)),
		mayProceed: of.some((r) => r.output.mayProceed === true)
	}));
}
/** When a wheel was last rung at the rack; 0 when never. */
export async function rackRungAtMs(wheelId: number, on?: Runner): Promise<number> {
	return (
		(
			await row<{ at: Date | null }>(
				"SELECT MAX(at) AS at FROM records WHERE wheel_id = ? AND setup_id IS NULL AND station = 'inspect' AND step = 'ring'",
				[wheelId],
				on
			)
		)?.at?.getTime() ?? 0
	);
}
export async function recordById(id: number): Promise<FullRecord | undefined> {
	const r = await row<Raw>(`${SELECT} WHERE r.id = ?`, [id]);
	return r && full(r);
}

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
	return rows<LogLine>(
		`SELECT r.id, r.setup_id AS setupId, s.part, w.number AS wheel, m.code AS machine, r.station, r.step, r.calculation, r.verdict, r.override_reason AS overrideReason, u.name AS \`by\`, r.at
		 FROM (SELECT id FROM records ${where.length ? `WHERE ${where.join(' AND ')}` : ''} ORDER BY id DESC LIMIT ${Number(limit)}) n
		 JOIN records r ON r.id = n.id JOIN users u ON u.id = r.user_id LEFT JOIN setups s ON s.id = r.setup_id LEFT JOIN machines m ON m.id = r.machine_id LEFT JOIN wheels w ON w.id = r.wheel_id
		 ORDER BY r.id DESC`,
		values
	);
}
