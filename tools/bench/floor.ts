import { row, rows, write } from '../../src/lib/server/storage/pool.js';
import { measured, statementsFor } from './answers.js';
import type { Ratio } from './ratio.js';

const LARGE = 201;

/** Names of the columns of a table that are written. */
async function columnsOf(table: string): Promise<string[]> {
	const list = await rows<{ name: string }>(
		"SELECT COLUMN_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ? AND GENERATION_EXPRESSION IS NULL AND COLUMN_NAME <> 'id'",
		[table]
	);
	return list.map((c) => c.name);
}
/** Rows once more, with some columns otherwise; the number of the first. */
async function again(table: string, where: string, other: Record<string, string>): Promise<number> {
	const columns = await columnsOf(table);
	const values = columns.map((column) => other[column] ?? column);
	const done = await write(
		`INSERT INTO ${table} (${columns.join(', ')}) SELECT ${values.join(', ')} FROM ${table} WHERE ${where}`
	);
	return done.insertId;
}

/** One more machine with a released setup on it, with everything that was recorded for it. */
async function oneMore(
	setup: { id: number; machineId: number; mountId: number; wheelId: number },
	i: number
) {
	const machine = await again('machines', `id = ${setup.machineId}`, { code: `'M-${i}'` });
	const mount = await again('mounts', `id = ${setup.mountId}`, { code: `'F-${i}'` });
	const wheel = await again('wheels', `id = ${setup.wheelId}`, { number: `'W-${i}'` });
	const id = await again('setups', `id = ${setup.id}`, {
		machine_id: String(machine),
		mount_id: String(mount),
		wheel_id: String(wheel),
		so_far: 'NULL'
	});
	await again('records', `setup_id = ${setup.id} AND wheel_id = ${setup.wheelId} ORDER BY id`, {
		setup_id: String(id),
		machine_id: String(machine),
		wheel_id: String(wheel),
		replaces_id: 'NULL',
		request_key: `MD5(CONCAT(request_key, '${i}'))`
	});
}

/** The Floor of a large shop, each machine with a released setup on it, against that of a small one. */
export async function benchFloor(base: string, cookie: string): Promise<Ratio[]> {
	const setup = (await row<{ id: number; machineId: number; mountId: number; wheelId: number }>(
		"SELECT id, machine_id AS machineId, mount_id AS mountId, wheel_id AS wheelId FROM setups WHERE state = 'released' AND on_spindle ORDER BY id LIMIT 1"
	))!;
	const own = (await row<{ n: number }>('SELECT COUNT(*) AS n FROM machines'))!.n;
	const [few] = await measured(base, cookie, ['/']);
	const fewStatements = await statementsFor(base, cookie, '/');
	for (let i = own; i < LARGE; i++) await oneMore(setup, i);
	const begun = performance.now();
	await fetch(base, { headers: { cookie } });
	const firstMs = performance.now() - begun;
	const [many] = await measured(base, cookie, ['/']);
	const statements = await statementsFor(base, cookie, '/');
	return [
		{
			name: `Floor with ${LARGE} machines`,
			value: many!.ms / few!.ms,
			unit: 'times',
			aim: 'a report: no shop has so many',
			of: `the Floor with ${own} (${many!.ms.toFixed(0)} against ${few!.ms.toFixed(0)} ms; the first look ${firstMs.toFixed(0)} ms)`
		},
		{
			name: 'statements of it',
			value: statements,
			unit: '',
			aim: 'aim: as many as with few',
			of: `with ${own} machines ${fewStatements}`
		}
	];
}
