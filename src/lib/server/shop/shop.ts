import type { ShopKind } from '../../../core/shop/kinds.js';
import { labelOf } from '../../../core/calculation/fields.js';
import { dresserWords, missingOf } from '../../../core/shop/dresser.js';
import { SHOP_KINDS } from '../../../core/shop/kinds.js';
import { motorTorqueNm } from '../../../core/shop/machine.js';
import { ringInertiaKgM2 } from '../../../core/shop/mount.js';
import { checked } from '../http/joi-schema.js';
import { type Runner, type Value, isDuplicate, row, rows, transaction, write } from '../storage/pool.js';
import { shown } from '../../../core/calculation/fault.js';
import { InputFault, Refused } from '../refused.js';
import { oneTimeColumns, oneTimeDigits } from '../people/pins.js';
import { endSessions } from '../people/sessions.js';
import type { User } from '../people/sign-in.js';
import { mayLead } from '../people/permission.js';
import { columnOf } from './columns.js';

export const TABLES: Readonly<Record<string, string>> = {
	machines: 'machines',
	mounts: 'mounts',
	dressers: 'dressers',
	blocks: 'block_sets',
	instruments: 'instruments',
	people: 'users'
};
/** @throws Refused 404 when the shop keeps nothing of that name */
export function shopKind(id: string): ShopKind {
	const kind = SHOP_KINDS.find((k) => k.id === id);
	if (!kind) throw new Refused(404, 'not-found', `There is nothing called ${id.slice(0, 20)} in the shop.`);
	return kind;
}

type ShopItem = Record<string, unknown> & { id: number };
function shopItem(kind: ShopKind, raw: Record<string, unknown>): ShopItem {
	const values = kind.fields.map((field) => {
		const value = raw[columnOf(field.name)];
		return [
			field.name,
			field.kind === 'boolean' ? !!value : field.kind === 'list' ? JSON.parse(String(value)) : value
		];
	});
	return { id: raw.id as number, ...Object.fromEntries(values), retired: !!raw.retired } as ShopItem;
}

export async function shopItems(kind: ShopKind): Promise<ShopItem[]> {
	return (
		await rows<Record<string, unknown>>(`SELECT * FROM ${TABLES[kind.id]} ORDER BY ${columnOf(kind.key)}`)
	).map((r) => shopItem(kind, r));
}
export async function shopItemByKey(kind: ShopKind, key: string): Promise<ShopItem | undefined> {
	const r = await row<Record<string, unknown>>(
		`SELECT * FROM ${TABLES[kind.id]} WHERE ${columnOf(kind.key)} = ?`,
		[key]
	);
	return r && shopItem(kind, r);
}

/** What belongs to a machine beside its own fields. */
async function links(kind: ShopKind, given: Record<string, unknown>, on: Runner): Promise<[string, Value][]> {
	if (kind.id !== 'machines') return [];
	const idOf = async (table: string, field: string) => {
		const code = given[field];
		if (code === undefined || code === null || code === '') return null;
		const found =
			typeof code === 'string' &&
			(await row<{ id: number }>(`SELECT id FROM ${table} WHERE code = ?`, [code], on));
		if (!found) throw new InputFault(field, 'unknown-choice', `There is no ${field} ${shown(code)}.`);
		return found.id;
	};
	return [
		['mount_id', await idOf('mounts', 'mount')],
		['dresser_id', await idOf('dressers', 'dresser')]
	];
}

function consistent(kind: ShopKind, v: Record<string, unknown>): void {
	const n = (name: string) => v[name] as number | null;
	const wrong = (field: string, when: boolean, says: string) => {
		if (when) throw new InputFault(field, 'inconsistent', says);
	};
	if (kind.id === 'machines') {
		wrong(
			'spindleRpmMax',
			n('spindleRpmMax')! < n('spindleRpm')!,
			`Fastest, ${n('spindleRpmMax')} rpm, is below the spindle speed, ${n('spindleRpm')} rpm.`
		);
		wrong(
			'spindleRpmMin',
			n('spindleRpmMin')! > n('spindleRpm')!,
			`Slowest, ${n('spindleRpmMin')} rpm, is above the spindle speed, ${n('spindleRpm')} rpm.`
		);
	}
	if (kind.id === 'instruments')
		wrong('port', !!v.host && n('port') === null, 'An address needs the port of its line stream.');
	const unknown = kind.id === 'dressers' ? missingOf(v) : null;
	if (unknown)
		throw new InputFault(
			unknown.name,
			'missing',
			`${labelOf(unknown)} is missing. A ${dresserWords(String(v.kind))} needs it.`
		);
	if (kind.id !== 'mounts') return;
	wrong(
		'recessMm',
		n('recessMm')! >= n('flangeMm')!,
		`Hollow ${n('recessMm')} mm is not smaller than the flange ${n('flangeMm')} mm.`
	);
	for (const f of ['screwCount', 'screwDiameterMm', 'torqueNm'])
		wrong(
			f,
			v.retention === 'flange-screws' && n(f) === null,
			'A ring of screws needs their number, diameter and torque.'
		);
	for (const f of ['trackRadiusMm', 'weightMassG'])
		wrong(
			f,
			(n('weightCount') ?? 0) > 0 && n(f) === null,
			'Weights need the radius of their track and the mass of each.'
		);
}

/** What follows from what was entered. */
function derived(kind: ShopKind, v: Record<string, unknown>): [string, Value][] {
	const n = (name: string) => v[name] as number;
	return kind.id === 'machines'
		? [['motor_torque_nm', motorTorqueNm(n('motorPowerKw'), n('spindleRpm'))]]
		: [];
}

/** A mount or a dresser that was entered for a machine is put on it, unless it has one. */
async function belongsTo(kind: ShopKind, code: string, machine: string | null, on: Runner): Promise<void> {
	const column = kind.id === 'mounts' ? 'mount_id' : kind.id === 'dressers' ? 'dresser_id' : null;
	if (machine === null || column === null) return;
	await write(
		`UPDATE machines SET ${column} = (SELECT t.id FROM ${TABLES[kind.id]} t WHERE t.code = ?) WHERE code = ? AND ${column} IS NULL`,
		[code, machine],
		on
	);
}

/** What was kept, by its key; for somebody new the PIN for one time. */
export interface Kept {
	key: string;
	oneTimePin: string | null;
}
/** Adds a thing or changes it; a mount or dresser may be entered for a machine. @throws InputFault, Refused */
export async function saveShopItem(
	kindId: string,
	key: string | null,
	given: unknown,
	user: User,
	forMachine: string | null = null
): Promise<Kept> {
	mayLead(user, 'A lead changes what the shop keeps.');
	const kind = shopKind(kindId);
	const v: Record<string, unknown> = checked(kind.fields, given);
	consistent(kind, v);
	if (kind.id === 'mounts')
		v.inertiaKgM2 ??= ringInertiaKgM2(Number(v.massKg), Number(v.flangeMm), Number(v.seatMm));
	const columns: [string, Value][] = kind.fields.map((field) => [
		columnOf(field.name),
		field.kind === 'list' ? JSON.stringify(v[field.name]) : (v[field.name] as Value)
	]);
	columns.push(...derived(kind, v));
	// Somebody new gets a PIN that is told once and has to be changed at the first sign-in.
	const oneTimePin = kind.id === 'people' && key === null ? oneTimeDigits() : null;
	if (oneTimePin) columns.push(...(await oneTimeColumns(oneTimePin)));
	const name = String(v[kind.key]);
	await transaction(async (on) => {
		columns.push(...(await links(kind, (given ?? {}) as Record<string, unknown>, on)));
		const table = TABLES[kind.id]!;
		const other = await row<{ id: number; k: string }>(
			`SELECT id, ${columnOf(kind.key)} AS k FROM ${table} WHERE ${columnOf(kind.key)} = ?`,
			[name],
			on
		);
		const own =
			key === null
				? undefined
				: await row<{ id: number }>(
						`SELECT id FROM ${table} WHERE ${columnOf(kind.key)} = ? FOR UPDATE`,
						[key],
						on
					);
		if (key !== null && !own) throw new Refused(404, 'not-found', `There is no ${kind.one} ${key}.`);
		const there = new InputFault(kind.key, 'inconsistent', `There is already a ${kind.one} ${name}.`);
		if (other && other.id !== own?.id) throw there;
		if (kind.id === 'people' && own?.id === user.id && (v.role !== 'lead' || v.active === false))
			throw new InputFault(
				'role',
				'inconsistent',
				'You cannot take your own lead role away. Another lead can.'
			);
		const names = columns.map(([c]) => c);
		const values = columns.map(([, x]) => x);
		try {
			if (own)
				await write(
					`UPDATE ${table} SET ${names.map((c) => `${c} = ?`).join(', ')} WHERE id = ?`,
					[...values, own.id],
					on
				);
			else {
				await write(
					`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`,
					values,
					on
				);
				await belongsTo(kind, name, forMachine, on);
			}
		} catch (error) {
			// Two at the same moment: the second one is told as if it had come later.
			throw isDuplicate(error) ? there : error;
		}
		// Who no longer works here is signed out everywhere.
		if (own && kind.id === 'people' && v.active === false) await endSessions(own.id, on);
	});
	return { key: name, oneTimePin };
}
