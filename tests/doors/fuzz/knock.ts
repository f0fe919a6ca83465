import { mulberry32 } from '../../../src/core/numeric/random.js';
import { STATIONS } from '../../../src/core/route/station-names.js';
import { GOOD } from './good.js';
import type { Door } from './routes.js';
import { UNREADABLE, pick, randomText, spoilt } from './spoil.js';

/** One request, whole. */
export interface Knock extends Door {
	headers: Record<string, string>;
	body: Buffer | null;
	who: number;
}

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
	station: [...STATIONS, 'x', 'constructor'],
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
