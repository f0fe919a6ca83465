import { enteredCanBe } from '../../../core/route/entered-at.js';
import type { RecordFacts } from '../../../core/facts/records.js';
import { type Runner, type Value, places, queryRows, row, write } from './pool.js';
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
	/** When it was entered where it waited for the network, by the clock of that browser. */
	enteredAtMs?: number | null;
}

const COLUMNS =
	'setup_id, wheel_id, machine_id, station, step, calculation, core_version, entered, input, output, verdict, override_reason, replaces_id, facts, user_id, request_key, ordinal, entered_at';
const valuesOf = (r: NewRecord): Value[] => [
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
	r.ordinal,
	r.enteredAtMs ? new Date(r.enteredAtMs) : null
];

/**
 * Adds evidence, all of it in one statement, numbered in the order given; nothing here can change or delete it.
 * Returns the number of the first.
 */
export async function addRecords(list: readonly NewRecord[], on: Runner): Promise<number> {
	const values = list.map(valuesOf);
	const one = `(${places(values[0]!)})`;
	const done = await write(
		`INSERT INTO records (${COLUMNS}) VALUES ${values.map(() => one).join(', ')}`,
		values.flat(),
		on
	);
	return done.insertId;
}

/** What a request was about: a key belongs to it and to nothing else. */
export interface About {
	setupId: number | null;
	wheelId?: number;
	step?: string;
	userId: number;
}
/** Whether this very submit was carried out before. @throws Refused when its key was used for something else */
export async function keyUsed(key: string, about: About, on?: Runner): Promise<boolean> {
	const r = await row<{ setup_id: number | null; wheel_id: number | null; step: string; user_id: number }>(
		'SELECT setup_id, wheel_id, step, user_id FROM records WHERE request_key = ? ORDER BY id LIMIT 1',
		[key],
		on
	);
	if (!r) return false;
	const same =
		r.user_id === about.userId &&
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
	entered_at: Date | null;
	begun_at: Date | null;
	part: string | null;
	wheel: string | null;
	machine: string | null;
}
const SELECT = `SELECT r.*, u.name, s.part, s.created_at AS begun_at, w.number AS wheel, m.code AS machine FROM records r JOIN users u ON u.id = r.user_id LEFT JOIN setups s ON s.id = r.setup_id LEFT JOIN machines m ON m.id = r.machine_id LEFT JOIN wheels w ON w.id = r.wheel_id`;

export interface FullRecord extends RecordFacts {
	setupId: number | null;
	/** Where it waited for the network: when it was entered, by the clock of that browser. */
	enteredAtMs: number | null;
	/** Whether that can be. */
	enteredCanBe: boolean;
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
		enteredAtMs: r.entered_at?.getTime() ?? null,
		enteredCanBe:
			!r.entered_at || enteredCanBe(r.entered_at.getTime(), r.begun_at?.getTime() ?? null, r.at.getTime()),
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

/** Records as they stand, of what a tail of SQL picks and puts in order; in it they are `r`. */
export const recordsWhere = async (tail: string, values: Value[], on?: Runner): Promise<FullRecord[]> =>
	(await queryRows<Raw>(`${SELECT} ${tail}`, values, on)).map(full);

export const recordsOf = (setupId: number, on?: Runner): Promise<FullRecord[]> =>
	recordsWhere('WHERE r.setup_id = ? ORDER BY r.id', [setupId], on);
/** Of each of these setups the records of these numbers and what was recorded after one of it, oldest first. */
export async function recordsOfHistories(
	setups: readonly { setupId: number; ids: readonly number[]; after: number }[],
	on?: Runner
): Promise<FullRecord[]> {
	const ids = setups.flatMap((setup) => setup.ids);
	const [summed, fresh] = [
		setups.filter((setup) => setup.after > 0),
		setups.filter((setup) => setup.after === 0)
	];
	const tails: [string, Value[]][] = [];
	if (ids.length) tails.push([`WHERE r.id IN (${places(ids)})`, ids]);
	if (fresh.length) tails.push([`WHERE r.setup_id IN (${places(fresh)})`, fresh.map((s) => s.setupId)]);
	if (summed.length)
		tails.push([
			`WHERE ${summed.map(() => '(r.setup_id = ? AND r.id > ?)').join(' OR ')}`,
			summed.flatMap((s) => [s.setupId, s.after])
		]);
	return recordsInParts(tails, on);
}
/** Records that several tails of SQL pick, in one statement, oldest first. */
async function recordsInParts(
	tails: readonly (readonly [string, readonly Value[]])[],
	on?: Runner
): Promise<FullRecord[]> {
	if (!tails.length) return [];
	const sql = tails.map(([tail]) => `(${SELECT} ${tail})`).join(' UNION ALL ');
	const list = await queryRows<Raw>(
		`${sql} ORDER BY id`,
		tails.flatMap(([, values]) => [...values]),
		on
	);
	return list.map(full);
}
export const recordById = async (id: number): Promise<FullRecord | undefined> =>
	(await recordsWhere('WHERE r.id = ?', [id]))[0];

/** Records of the last week whose time, told by a browser, cannot be; newest first. */
export const wrongClocks = async (): Promise<FullRecord[]> =>
	(
		await recordsWhere(
			'WHERE r.entered_at IS NOT NULL AND r.at > UTC_TIMESTAMP(3) - INTERVAL 7 DAY AND (r.entered_at > r.at OR r.entered_at < s.created_at) ORDER BY r.id DESC LIMIT 20',
			[]
		)
	).filter((r) => !r.enteredCanBe);

/** What chains a record to the one before: its own hash can be made again from what is handed out with it. */
export interface Link {
	userId: number;
	ordinal: number;
	chain: string | null;
}
export async function linksOf(ids: readonly number[]): Promise<Map<number, Link>> {
	if (!ids.length) return new Map();
	const all = await queryRows<Link & { id: number }>(
		`SELECT id, user_id AS userId, ordinal, chain FROM records WHERE id IN (${places(ids)})`,
		[...ids]
	);
	return new Map(all.map(({ id, ...link }) => [Number(id), link]));
}
