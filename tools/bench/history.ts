import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { row, write } from '../../src/lib/server/storage/pool.js';
import { type LogFilter, logLines } from '../../src/lib/server/storage/log.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import { record } from '../../src/lib/server/setups/record.js';
import type { User } from '../../src/lib/server/people/sign-in.js';
import { measured } from './answers.js';
import { addedMb } from './memory.js';
import { median } from '../../src/core/numeric/median.js';
import type { Ratio } from './ratio.js';

const [SHORT, LONG] = [50, 5000];
const [SMALL_LOG, LARGE_LOG] = [5000, 5_000_000];
const TIMES = 40;

/** So many bookings more on a released setup of the demo, and two made as usual. */
async function book(id: number, bookings: number, user: User): Promise<void> {
	const of = (await row<{ id: number }>(
		"SELECT MAX(id) AS id FROM records WHERE station = 'keep' AND step = 'entry'"
	))!;
	await write(
		`INSERT INTO records (setup_id, wheel_id, machine_id, station, step, calculation, core_version, entered, input, output, verdict, user_id, request_key)
		 SELECT s.id, s.wheel_id, s.machine_id, r.station, r.step, r.calculation, r.core_version, r.entered, r.input, r.output, r.verdict, r.user_id, UUID() FROM records r JOIN setups s ON s.id = ? JOIN seq_1_to_${bookings} q WHERE r.id = ?`,
		[id, of.id]
	);
	for (let i = 0; i < 2; i++) {
		const { facts } = (await loadSetup(id))!;
		const values = { what: 'ground-on', partsGround: 1, inPartMm: 0, targetMps: 20 };
		await record(
			id,
			{ station: 'keep', step: 'entry', values, version: facts.version, key: randomUUID() },
			user
		);
	}
}

/** A page of a setup that lives for months against the same while it was young. */
export async function benchHistory(base: string, cookie: string, pid: number): Promise<Ratio[]> {
	const lead = (await row<User>("SELECT id, name, role FROM users WHERE name = 'Mara Okonjo'"))!;
	const { id } = (await row<{ id: number }>(
		"SELECT MAX(id) AS id FROM setups WHERE part = 'Drive splines'"
	))!;
	const paths = [`/setups/${id}/keep`, `/setups/${id}/dress`];
	await book(id, SHORT, lead);
	const young = await measured(base, cookie, paths);
	await book(id, LONG - SHORT, lead);
	const old = await measured(base, cookie, paths);
	const times = old.map((o, i) => ({
		time: o.ms / young[i]!.ms,
		bytes: o.bytes / young[i]!.bytes,
		ms: o.ms
	}));
	const [keep, dress] = [times[0]!, times[1]!];
	let exported = 0;
	const added = await addedMb(pid, async () => {
		const answer = await fetch(`${base}/api/setups/${id}/export.json`, { headers: { cookie } });
		for await (const piece of answer.body!) exported += (piece as Uint8Array).length / 1e6;
	});
	return [
		{
			name: `page of a setup with ${LONG} bookings`,
			value: keep.time,
			unit: 'times',
			aim: 'aim: at most 1.5',
			of: `the same with ${SHORT}, at Keep (${keep.ms.toFixed(0)} ms; bytes ${keep.bytes.toFixed(2)} times)`
		},
		{
			name: `the same at Dress`,
			value: dress.time,
			unit: 'times',
			aim: 'aim: at most 1.5',
			of: `the same with ${SHORT} (bytes ${dress.bytes.toFixed(2)} times)`
		},
		{
			name: `memory while it is exported`,
			value: added,
			unit: 'MB',
			aim: 'flat',
			of: `more than before, at its highest; ${exported.toFixed(0)} MB are sent`
		}
	];
}
const FILTERS: Readonly<Record<string, LogFilter>> = {
	nothing: {},
	setup: { setup: 144 },
	wheel: { wheel: '0402' },
	machine: { machine: 'TC-1' },
	station: { station: 'true' },
	verdict: { verdict: 'stop' },
	'station and verdict': { station: 'mount', verdict: 'stop' },
	'wheel and verdict': { wheel: '0402', verdict: 'stop' },
	'machine and station': { machine: 'TC-1', station: 'run-in' },
	'an old page': { before: 400 }
};
interface Times {
	medianMs: number;
	longestMs: number;
}
async function logTimes(): Promise<Map<string, Times>> {
	const times = new Map<string, number[]>();
	for (let i = 0; i < TIMES; i++)
		for (const [name, filter] of Object.entries(FILTERS)) {
			const begun = performance.now();
			await logLines(filter);
			times.set(name, [...(times.get(name) ?? []), performance.now() - begun]);
		}
	return new Map(
		[...times].map(([name, list]) => [name, { longestMs: Math.max(...list), medianMs: median(list) }])
	);
}

/** The log grown by plain bookings; everything rarer in it stays as rare as it was. */
async function growLog(to: number): Promise<void> {
	const { n } = (await row<{ n: number }>('SELECT COUNT(*) AS n FROM records'))!;
	const STEP = 250_000;
	for (let left = to - n; left > 0; left -= STEP)
		await write(
			`INSERT INTO records (setup_id, wheel_id, machine_id, station, step, calculation, core_version, entered, input, output, verdict, user_id, request_key)
			 SELECT s.id, s.wheel_id, s.machine_id, 'keep', 'entry', 'keep.hold-speed', '1', '{}', '{}', '{}', 'ok', 1, CONCAT(LPAD(${to - left} + q.seq, 10, '0'), '-0000-4000-8000-0000000000') FROM seq_1_to_${Math.min(STEP, left)} q JOIN setups s ON s.part = 'Drive splines'`
		);
}

/** The log of a shop with millions of records against a young one, for everything it can be asked for. */
export async function benchLog(): Promise<Ratio[]> {
	await growLog(SMALL_LOG);
	const small = await logTimes();
	await growLog(LARGE_LOG);
	const large = await logTimes();
	const ratios = [...small].map(([name, t]) => ({ name, value: large.get(name)!.medianMs / t.medianMs }));
	const longest = Math.max(...[...large.values()].map((t) => t.longestMs));
	const worst = ratios.reduce((a, b) => (b.value > a.value ? b : a));
	return [
		{
			name: `log of ${LARGE_LOG / 1e6} million records, worst filter`,
			value: worst.value,
			unit: 'times',
			aim: 'aim: at most 2',
			of: `the log of ${SMALL_LOG}, by ${worst.name} (${ratios.map((ratio) => `${ratio.name} ${ratio.value.toFixed(2)}`).join(', ')}; longest single one ${longest.toFixed(0)} ms)`
		}
	];
}
