import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DRESSER_FIELDS } from '../../../core/shop/dresser.js';
import { checked } from '../http/joi-schema.js';
import { columnOf } from '../shop/columns.js';
import { type Value, row, write } from '../storage/pool.js';
import { hashPin, isPin } from '../people/pins.js';
import type { User } from '../people/sign-in.js';

interface Shop {
	name: string;
	people: { name: string; role: User['role']; pin: string }[];
	mounts: Record<string, never>[];
	dressers: Record<string, never>[];
	instruments?: Record<string, string | number>[];
	blockSets: { code: string; grade: string; blocks: number[] }[];
	machines: Record<string, string | number | boolean | null>[];
}

export const read = <T>(folder: string, name: string): T =>
	JSON.parse(readFileSync(join(folder, name), 'utf8')) as T;

/** Names of people who still have the PIN of the demo shop. */
export async function demoPeopleIn(folder: string): Promise<string[]> {
	const found: string[] = [];
	for (const p of demoPins(folder)) {
		const u = await row<{ pin_hash: string }>('SELECT pin_hash FROM users WHERE name = ? AND active', [
			p.name
		]);
		if (u && (await isPin(u.pin_hash, p.pin))) found.push(p.name);
	}
	return found;
}
/** Whether this is the demo shop: somebody of it is in it with the PIN that everybody knows, or nobody at all, or it never got its people. */
export async function isDemoShop(folder: string): Promise<boolean> {
	const users = await row<{ n: number }>(
		"SELECT COUNT(*) AS n FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = 'users'"
	);
	if (!Number(users?.n)) return true;
	const people = await row<{ n: number }>('SELECT COUNT(*) AS n FROM users');
	return Number(people?.n) === 0 || (await demoPeopleIn(folder)).length > 0;
}
/** PINs of the demo people, shown on the sign-in page in demo mode only. */
export function demoPins(folder: string): { name: string; pin: string }[] {
	return read<Shop>(folder, 'shop.json').people.map(({ name, pin }) => ({ name, pin }));
}

export async function loadShop(folder: string): Promise<void> {
	const shop = read<Shop>(folder, 'shop.json');
	await write('UPDATE shop SET name = ?, shown_way = TRUE', [shop.name]);
	for (const p of shop.people)
		await write('INSERT INTO users (name, role, pin_hash) VALUES (?, ?, ?)', [
			p.name,
			p.role,
			await hashPin(p.pin)
		]);
	const insert = async (table: string, columns: Record<string, string>, list: Record<string, unknown>[]) => {
		for (const item of list) {
			const names = Object.keys(columns);
			await write(
				`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`,
				names.map((n) => (item[columns[n]!] ?? null) as Value)
			);
		}
	};
	await insert(
		'mounts',
		{
			code: 'code',
			kind: 'kind',
			seat_mm: 'seatMm',
			flange_mm: 'flangeMm',
			recess_mm: 'recessMm',
			retention: 'retention',
			thread_hand: 'threadHand',
			screw_count: 'screwCount',
			screw_diameter_mm: 'screwDiameterMm',
			torque_nm: 'torqueNm',
			mass_kg: 'massKg',
			inertia_kgm2: 'inertiaKgM2',
			journal_radius_mm: 'journalRadiusMm',
			track_radius_mm: 'trackRadiusMm',
			weight_count: 'weightCount',
			weight_mass_g: 'weightMassG'
		},
		shop.mounts
	);
	const dressers = shop.dressers.map((dresser) => checked(DRESSER_FIELDS, dresser));
	await insert(
		'dressers',
		Object.fromEntries(DRESSER_FIELDS.map((f) => [columnOf(f.name), f.name])),
		dressers
	);
	for (const blockSet of shop.blockSets)
		await write('INSERT INTO block_sets (code, grade, blocks_mm) VALUES (?, ?, ?)', [
			blockSet.code,
			blockSet.grade,
			JSON.stringify(blockSet.blocks)
		]);
	await insert(
		'instruments',
		{ code: 'code', kind: 'kind', seed: 'seed', level: 'level', swing: 'swing' },
		shop.instruments ?? []
	);
	const idOf = async (table: string, code: unknown) =>
		code ? (await row<{ id: number }>(`SELECT id FROM ${table} WHERE code = ?`, [code as string]))!.id : null;
	for (const machine of shop.machines)
		Object.assign(machine, {
			dialReads: machine.dialReads ?? 'radius',
			motorPowerKw: (Number(machine.motorTorqueNm) * Number(machine.spindleRpm)) / 9549.3,
			mountId: await idOf('mounts', machine.mount),
			dresserId: await idOf('dressers', machine.dresser)
		});
	await insert(
		'machines',
		{
			code: 'code',
			name: 'name',
			kind: 'kind',
			balance_class: 'balanceClass',
			spindle_rpm: 'spindleRpm',
			spindle_rpm_min: 'spindleRpmMin',
			spindle_rpm_max: 'spindleRpmMax',
			seat_mm: 'seatMm',
			max_diameter_mm: 'maxDiameterMm',
			max_width_mm: 'maxWidthMm',
			rotation: 'rotation',
			motor_torque_nm: 'motorTorqueNm',
			motor_power_kw: 'motorPowerKw',
			wet: 'wet',
			axes: 'axes',
			dial_division_um: 'dialDivisionUm',
			dial_reads: 'dialReads',
			drive: 'drive',
			plate_rpm: 'plateRpm',
			mains_hz: 'mainsHz',
			mount_id: 'mountId',
			dresser_id: 'dresserId'
		},
		shop.machines as Record<string, unknown>[]
	);
}
