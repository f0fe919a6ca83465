import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { BRIEF_FIELDS } from '../../../core/route/stations/brief/steps.js';
import type { StationId } from '../../../core/route/facts.js';
import { writeWav } from '../../../core/audio/wav.js';
import { type Condition, madeUpRing, soundOf } from '../../../core/inspect/ring/conditions.js';
import { inspectAtRack } from '../wheels/inspections.js';
import { openIncident, workIncident } from '../setups/incidents.js';
import { checked } from '../door/joi-schema.js';
import { type Value, row, rows, setClock, transaction, write } from '../db/pool.js';
import { keepRecording } from '../recordings/recordings.js';
import { loadSetup } from '../setups/setups.js';
import { type User, hashPin } from '../people/sign-in.js';
import type { NewWheel } from '../../../core/shop/wheel.js';
import { addWheel, setWheelState } from '../wheels/wheels.js';
import { record } from '../setups/record.js';
import { startSetup } from '../setups/start.js';

interface Shop {
	people: { name: string; role: User['role']; pin: string }[];
	mounts: Record<string, never>[];
	dressers: Record<string, never>[];
	instruments?: Record<string, string | number>[];
	blockSets: { code: string; grade: string; blocks: number[] }[];
	machines: Record<string, string | number | boolean | null>[];
}
interface DemoSetup {
	who: string;
	startedHoursAgo: number;
	machine: string;
	brief: object;
	steps: [StationId, string, object, number][];
	incident?: object;
	incidentDone?: string[];
}

const read = <T>(folder: string, name: string): T =>
	JSON.parse(readFileSync(join(folder, name), 'utf8')) as T;

/** PINs of the demo people, shown on the sign-in page in demo mode only. */
export function demoPins(folder: string): { name: string; pin: string }[] {
	return read<Shop>(folder, 'shop.json').people.map(({ name, pin }) => ({ name, pin }));
}

async function loadShop(folder: string): Promise<void> {
	const shop = read<Shop>(folder, 'shop.json');
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
	await insert(
		'dressers',
		{
			code: 'code',
			kind: 'kind',
			tip_radius_um: 'tipRadiusUm',
			flat_width_um: 'flatWidthUm',
			carat: 'carat',
			dresses_since_turn: 'dressesSinceTurn',
			turn_every: 'turnEvery'
		},
		shop.dressers
	);
	for (const b of shop.blockSets)
		await write('INSERT INTO block_sets (code, grade, blocks_mm) VALUES (?, ?, ?)', [
			b.code,
			b.grade,
			JSON.stringify(b.blocks)
		]);
	await insert(
		'instruments',
		{ code: 'code', kind: 'kind', seed: 'seed', level: 'level', swing: 'swing' },
		shop.instruments ?? []
	);
	const idOf = async (table: string, code: unknown) =>
		code ? (await row<{ id: number }>(`SELECT id FROM ${table} WHERE code = ?`, [code as string]))!.id : null;
	for (const m of shop.machines)
		Object.assign(m, {
			mountId: await idOf('mounts', m.mount),
			dresserId: await idOf('dressers', m.dresser)
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
			wet: 'wet',
			mount_id: 'mountId',
			dresser_id: 'dresserId'
		},
		shop.machines as Record<string, unknown>[]
	);
}

async function loadWheels(folder: string, user: User): Promise<void> {
	const { data } = Papa.parse<Record<string, string>>(readFileSync(join(folder, 'wheels.csv'), 'utf8'), {
		header: true,
		skipEmptyLines: true
	});
	const number = (text: string | undefined) => (text ? Number(text) : null);
	for (const w of data) {
		const id = await addWheel(
			{
				number: w.number!,
				marking: w.marking!,
				newDiameterMm: Number(w.new_diameter_mm),
				diameterMm: Number(w.diameter_mm),
				widthMm: Number(w.width_mm),
				boreMm: Number(w.bore_mm),
				minDiameterMm: Number(w.scrap_diameter_mm),
				massKg: Number(w.mass_kg),
				ratedMps: number(w.rated_mps),
				ratedRpm: number(w.rated_rpm),
				expiresOn: w.use_by || null,
				place: w.place!,
				shape: '1'
			} satisfies NewWheel,
			user
		);
		if (w.state === 'quarantined')
			await transaction((on) => setWheelState(id, 'quarantined', w.reason ?? null, on));
	}
}

async function play(s: DemoSetup, people: Map<string, User>): Promise<void> {
	const user = people.get(s.who)!;
	let now = Date.now() - s.startedHoursAgo * 3_600_000;
	setClock(() => now);
	const machine = await row<{ id: number }>('SELECT id FROM machines WHERE code = ?', [s.machine]);
	const id = await startSetup(
		checked(BRIEF_FIELDS, { ...s.brief, machineId: machine!.id }),
		user,
		randomUUID()
	);
	const version = async () => (await loadSetup(id))!.facts.version;
	for (const [station, step, values, afterS] of s.steps) {
		now += afterS * 1000;
		await record(id, { station, step, values, version: await version(), key: randomUUID() }, user);
	}
	if (!s.incident) return;
	now += 900_000;
	const incident = await openIncident(id, s.incident, randomUUID(), user);
	if (s.incidentDone)
		await workIncident(incident, { done: s.incidentDone, version: 1, key: randomUUID() }, user);
}

interface DemoRing {
	wheel: string;
	who: string;
	hoursAgo: number;
	condition: Condition;
	seed: number;
	frequencyHz: number;
}
const PLACES = [45, 135, 225, 315, 0, 90, 180, 270];
/** Wheels of the rack looked over and rung, as they were over the last weeks. */
async function ring(r: DemoRing, people: Map<string, User>): Promise<void> {
	const user = people.get(r.who)!;
	const now = Date.now() - r.hoursAgo * 3_600_000;
	setClock(() => now);
	const bytes = writeWav(
		soundOf(
			madeUpRing({
				condition: r.condition,
				seed: r.seed,
				frequencyHz: r.frequencyHz,
				tapAnglesDeg: PLACES,
				sampleRateHz: 12000,
				gapS: 0.6
			})
		)
	);
	await inspectAtRack(r.wheel, 'look', { crack: false, markingLegible: true }, randomUUID(), user);
	await keepRecording(r.wheel, { bytes, source: 'simulator', setupId: null, key: randomUUID() }, user);
	setClock(() => now + 60_000);
	await inspectAtRack(r.wheel, 'ring', { taps: PLACES.map(() => 'clear') }, randomUUID(), user);
}

/** Fills an empty database with the demo shop; does nothing where there are people already. Setups are played through the same doors a user takes. */
export async function loadDemo(folder: string): Promise<boolean> {
	if (await row('SELECT id FROM users LIMIT 1')) return false;
	await loadShop(folder);
	const people = new Map((await rows<User>('SELECT id, name, role FROM users')).map((u) => [u.name, u]));
	try {
		setClock(() => Date.now() - 300 * 3_600_000);
		await loadWheels(
			folder,
			[...people.values()].find((u) => u.role === 'lead')!
		);
		for (const r of read<DemoRing[]>(folder, 'rings.json')) await ring(r, people);
		for (const s of read<DemoSetup[]>(folder, 'setups.json')) await play(s, people);
	} finally {
		setClock(null);
	}
	return true;
}
