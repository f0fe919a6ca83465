import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { request } from 'node:http';
import { join } from 'node:path';
import { CALCULATIONS } from '../../src/core/calculations.js';
import { STEPS } from '../../src/core/route/steps.js';
import { mulberry32 } from '../../src/core/numeric/random.js';
import { ROOT } from '../../src/command/paths.js';

type Rng = () => number;
/** Stands for the version a setup has at the moment it is knocked at. */
export const NOW = -77;

/** A door of the application: what it is called, and what may be knocked with. */
export interface Door {
	method: string;
	path: string;
}
export interface Knock extends Door {
	headers: Record<string, string>;
	body: Buffer | null;
	who: number;
}

/** Every route there is, read from the folder of routes, so that a new one cannot be forgotten. */
export function doors(): Door[] {
	const folder = join(ROOT, 'src/routes');
	return readdirSync(folder, { recursive: true, encoding: 'utf8' }).flatMap((file) => {
		const path = `/${file.replace(/\/?\+[^/]*$/, '').replace(/\([^)]*\)\/?/g, '')}`.replace(/\/$/, '') || '/';
		const text = /\+(server|page\.server)\.ts$|\+page\.svelte$/.test(file)
			? readFileSync(join(folder, file), 'utf8')
			: '';
		if (file.endsWith('+server.ts'))
			return [...text.matchAll(/export (?:const|async function|function) (GET|POST|PUT|DELETE)\b/g)].map(
				(m) => ({
					method: m[1]!,
					path
				})
			);
		if (file.endsWith('+page.svelte'))
			return [
				{ method: 'GET', path },
				{ method: 'GET', path: `${path}/__data.json` }
			];
		return /export const actions/.test(text) ? [{ method: 'POST', path }] : [];
	});
}

const pick = <T>(rng: Rng, list: readonly T[]): T => list[Math.floor(rng() * list.length)]!;
const nested = (depth: number): unknown => {
	let v: unknown = 1;
	for (let i = 0; i < depth; i++) v = i % 2 ? [v] : { a: v };
	return v;
};
const UNREADABLE = ['', 'x', '{', '[]', 'null', '"a"', '7', '{"a":', '{"key":1}', '\u0000', '[[[['];
/** Values that no form would send. */
const ODD = (rng: Rng): unknown =>
	pick<() => unknown>(rng, [
		() => null,
		() => '',
		() => ' ',
		() => -1,
		() => 1e308,
		() => 0.1,
		() => 2 ** 53,
		() => true,
		() => [],
		() => ({}),
		() => [null],
		() => ({ toString: 1, valueOf: 2 }),
		() => ({ length: 5 }),
		() => '9999-12-31',
		() => '12026-01-01',
		() => '0000-00-00',
		() => 'x'.repeat(5000),
		() => '\u0000',
		() => '\ud800',
		() => "'; DROP TABLE records; --",
		() => '<script>alert(1)</script>',
		() => '＝1+1',
		() => randomText(rng),
		() => nested(20),
		() => nested(40),
		() => nested(3000),
		() => JSON.parse('{"__proto__": {"a": 1}}') as unknown,
		() => ({ constructor: { prototype: { a: 1 } } }),
		() => Array.from({ length: 3000 }, () => 0)
	])();
const randomText = (rng: Rng): string =>
	Array.from({ length: 1 + Math.floor(rng() * 12) }, () =>
		String.fromCharCode(32 + Math.floor(rng() * 400))
	).join('');

/** Spoils one place of a value, or a few. */
function spoilt(rng: Rng, value: unknown, depth = 0): unknown {
	if (typeof value !== 'object' || value === null || depth > 6 || rng() < 0.15) return ODD(rng);
	const copy: unknown = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
	const keys = Object.keys(copy as object);
	if (!keys.length || rng() < 0.1) {
		Object.defineProperty(copy, pick(rng, ['extra', '__proto__', 'constructor', 'junk']), {
			value: ODD(rng),
			enumerable: true,
			configurable: true
		});
		return copy;
	}
	const key = pick(rng, keys);
	const inside = copy as Record<string, unknown>;
	if (rng() < 0.15) delete inside[key];
	else inside[key] = spoilt(rng, inside[key], depth + 1);
	return copy;
}

const WHEEL = {
	number: 'FZ1',
	marking: 'WA 60 J 7 V',
	newDiameterMm: 300,
	diameterMm: 290,
	widthMm: 25,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4,
	ratedMps: 40,
	place: 'fuzz'
};
const BRIEF = {
	part: 'Fuzz plate',
	quantity: 5,
	material: 'steel-hardened',
	hardnessHrc: 60,
	operation: 'surface',
	targetRaUm: 0.6,
	machineId: 1
};
const LOOK = { seen: [], note: '', storedMonths: 1 };
/** What a good request to each door carries; anything else is made from these by spoiling them. */
const GOOD: Readonly<Record<string, (rng: Rng) => unknown>> = {
	'/api/setups': () => ({ key: randomUUID(), values: BRIEF }),
	'/api/setups/[id]/records': (rng) => {
		const s = pick(rng, STEPS);
		const values = Object.fromEntries(s.fields.map((f) => [f.name, 'default' in f ? f.default : 1]));
		return { key: randomUUID(), version: rng() < 0.8 ? NOW : 3, station: s.station, step: s.step, values };
	},
	'/api/setups/[id]/incidents': () => ({
		key: randomUUID(),
		values: { event: 'vibration', injury: false, madeSafe: true, seen: 'fuzz saw it' }
	}),
	'/api/setups/[id]/accept': () => ({
		key: randomUUID(),
		version: NOW,
		recordId: 1,
		reason: 'a reason long enough'
	}),
	'/api/setups/[id]/units': () => ({ units: 'mm' }),
	'/api/incidents/[id]': () => ({
		key: randomUUID(),
		version: 1,
		done: ['record-and-tag'],
		findings: { guard: 'sound', flange: 'sound' }
	}),
	'/api/wheels': (rng) => ({ values: { ...WHEEL, number: `FZ${Math.floor(rng() * 1e6)}` } }),
	'/api/wheels/receive': (rng) => ({
		key: randomUUID(),
		values: { ...WHEEL, number: `FZ${Math.floor(rng() * 1e6)}`, madeOn: '2026-01-01' },
		look: LOOK
	}),
	'/api/wheels/[number]': () => ({ action: 'quarantine', reason: 'a reason long enough' }),
	'/api/wheels/[number]/inspections': () => ({ key: randomUUID(), step: 'look', values: LOOK }),
	'/api/rack/import': (rng) => ({
		lines: [{ wheel: { ...WHEEL, number: `FI${Math.floor(rng() * 1e6)}` } }, null]
	}),
	'/api/rack/known': () => ({ numbers: ['0317', 'x'] }),
	'/api/guidelines/[topic]': () => ({ basedOn: 0, note: 'fuzzed figures', body: { recommend: {} } }),
	'/api/routes/[code]': () => ({
		version: 1,
		values: {
			name: 'Fuzz',
			why: 'none',
			mounting: 'flange',
			machineAsks: 'spindle',
			stations: ['brief', 'select'],
			checks: [],
			note: 'fuzz'
		}
	}),
	'/api/shop/[kind]': (rng) => ({
		of: null,
		values: {
			code: `FZ${Math.floor(rng() * 1e4)}`,
			name: 'Fuzz',
			grade: '1',
			blocksMm: [1, 2],
			kind: 'single-point',
			role: 'machinist'
		}
	}),
	'/api/shop/dressers/[code]/flats': () => ({ values: { removedCm3: 1, flatWidthUm: 20 } }),
	'/api/practice/ring': () => ({ seed: 7, answered: 'clear' }),
	'/api/practice/stand': () => ({ seed: 7, how: 'feel', spins: 3, weights: [10, 20] }),
	'/api/drafts/[key]': (rng) => ({ boreMm: '76.2', more: ODD(rng) }),
	'/api/unlock': () => ({ userId: 1, pin: '000000' }),
	'/api/account': () => ({ pin: '000000', newPin: '730156' }),
	'/api/people/one-time-pin': () => ({ name: 'Nobody Here' }),
	'/api/calc/[id]': (rng) =>
		pick(
			rng,
			CALCULATIONS.filter((c) => !c.heavy)
		).example
};
const PARAMS: Readonly<Record<string, readonly string[]>> = {
	id: ['1', '3', '140', '141', '142', '143', '144', '145', '999999999', '0', '-1', '1.5', 'x', '%00', '1e3'],
	number: ['0317', '0255', 'FZ1', 'x', '%F0%9F%92%A5', "'--", 'a'.repeat(300)],
	code: ['D-07', 'SG-1', 'toolroom', 'rail', 'x', 'a'.repeat(300)],
	kind: [
		'csv',
		'json',
		'machines',
		'people',
		'dressers',
		'mounts',
		'blocks',
		'instruments',
		'x',
		'__proto__'
	],
	key: [
		'setup-140-mount',
		'wheel-new',
		'setup-new',
		'new',
		'SG-1',
		'D-07',
		'Ines Falk',
		'x'.repeat(200),
		'__proto__'
	],
	station: [
		'brief',
		'select',
		'inspect',
		'mount',
		'run-in',
		'true',
		'balance',
		'form',
		'dress',
		'prove',
		'keep',
		'machine',
		'x',
		'constructor'
	],
	topic: ['rank', 'recommend', 'limits', 'x'],
	name: ['Port plates', 'x', '%25', '..%2f']
};
const QUERIES = [
	'?q=%25',
	'?page=1.001',
	'?page=-3',
	'?page=1e9',
	'?sort=life&down=1&state=x',
	'?wheel=0317&machine=SG-1&station=dress&verdict=stop&before=x',
	'?before=9e99&setup=1.5',
	'?for=setup-140',
	'?for=__proto__',
	'?kind=rail',
	'?n=0317&n=x',
	'?small',
	'?seatMm=abc',
	'?source=file&key=x&setup=1',
	'?/default',
	'?/nothing',
	'?to=//example.org',
	'?to=%5C%5Cexample.org',
	'?%00=%00',
	'?machine=1e400&route=x',
	'?seed=x',
	'?x-sveltekit-invalidated=zz',
	`?q=${'a'.repeat(4000)}`
];
const TYPES = [
	'application/json',
	'text/plain',
	'multipart/form-data; boundary=x',
	'multipart/form-data',
	'application/x-www-form-urlencoded',
	'audio/wav',
	'image/png',
	'x/y',
	''
];

/** The n-th knock of a seed: always the same, whatever came before. */
export function knock(all: readonly Door[], seed: number, n: number, origin: string): Knock {
	const rng = mulberry32((seed * 1_000_003 + n) >>> 0);
	for (let i = 0; i < 5; i++) rng();
	const door = pick(rng, all);
	let path = door.path.replace(/\[(\w+)\]/g, (_, name: string) =>
		rng() < 0.03 ? encodeURIComponent(randomText(rng)) : pick(rng, PARAMS[name] ?? PARAMS.id!)
	);
	if (rng() < 0.35) path += pick(rng, QUERIES);
	const headers: Record<string, string> = {};
	if (rng() < 0.7) headers.origin = origin;
	if (rng() < 0.04) headers.origin = pick(rng, ['x', 'null', 'http://example.org', '', 'http://']);
	if (rng() < 0.02) headers['sec-fetch-site'] = 'cross-site';
	if (rng() < 0.02) headers.host = pick(rng, ['example.org', '', '[::1', '127.0.0.1']);
	if (rng() < 0.05) headers['x-sveltekit-action'] = 'true';
	if (rng() < 0.05) headers.accept = pick(rng, ['application/json', '*/*', 'x', '']);
	let body: Buffer | null = null;
	if (door.method === 'POST' || door.method === 'PUT') {
		const good = GOOD[door.path]?.(rng);
		const chance = rng();
		const form = door.path === '/sign-in' || door.path === '/first';
		const text =
			chance < 0.06
				? pick(rng, UNREADABLE)
				: form
					? pick(rng, [
							'userId=1&pin=000000',
							'userId=x',
							'pin=1',
							'',
							'--x\r\nbroken',
							'userId=1&userId=2&pin=%00',
							'%',
							'name=a&code=b'
						])
					: good === undefined
						? randomText(rng)
						: JSON.stringify(chance < 0.2 ? good : spoilt(rng, good));
		body = Buffer.from(text);
		headers['content-type'] = rng() < 0.88 ? (form ? TYPES[4]! : TYPES[0]!) : pick(rng, TYPES);
		if (!headers['content-type']) delete headers['content-type'];
	}
	return { method: door.method, path, headers, body, who: Math.floor(rng() * 4) };
}

/** Sends it; the status, or 0 where the connection ended without an answer. */
export function send(base: string, k: Knock, cookie: string): Promise<{ status: number; text: string }> {
	const { hostname, port } = new URL(base);
	return new Promise((done) => {
		const r = request(
			{
				hostname,
				port,
				method: k.method,
				path: k.path.replace(/[^\x21-\x7e]/g, (c) => encodeURIComponent(c)),
				headers: {
					...k.headers,
					...(cookie ? { cookie } : {}),
					...(k.body ? { 'content-length': k.body.length } : {})
				}
			},
			(answer) => {
				let text = '';
				// A stream of an instrument never ends by itself.
				if (answer.headers['content-type'] === 'text/event-stream') answer.destroy();
				answer.on('data', (d) => (text.length < 2000 ? (text += String(d)) : undefined));
				answer.on('close', () => done({ status: answer.statusCode ?? 0, text }));
			}
		);
		r.on('error', (e) => done({ status: 0, text: e.message }));
		r.end(k.body ?? undefined);
	});
}
