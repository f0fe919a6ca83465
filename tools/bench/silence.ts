import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { writeWav } from '../../src/core/audio/wav.js';
import { row } from '../../src/lib/server/storage/pool.js';
import { idleProcess, longestWaits } from './longest-wait.js';
import type { Ratio } from './ratio.js';

/** One request that might stop everybody, and what is sent. */
interface Heavy {
	name: string;
	path: string;
	method?: string;
	type?: string;
	body?: () => Uint8Array | string;
}
/** Stands for a wheel that may be rung at the rack, where one is asked for. */
const FREE = 'FREE';
const json =
	(o: object): (() => string) =>
	() =>
		JSON.stringify(o);
const taps = (n: number, within: number) =>
	Array.from({ length: n }, (_, i) => ({
		timeS: (within * i) / n,
		angleDeg: (i * 45) % 360,
		amplitude: 0.5
	}));
const notes = (n: number) => Array.from({ length: n }, (_, i) => ({ frequencyHz: 900 + 50 * i, q: 100000 }));
const synth = (n: number, m: number, durationS: number, sampleRateHz: number) => ({
	sampleRateHz,
	durationS,
	taps: taps(n, durationS * 0.9),
	modes: notes(m)
});

/** A recording of a minute at the finest rate there is. */
const longest = (): Uint8Array =>
	writeWav({ sampleRateHz: 192000, samples: new Float64Array(192000 * 60).fill(0.1) });
/** A file of packed sound that claims hours. */
function packed(bytes: number): Uint8Array {
	const b = new Uint8Array(bytes);
	const view = new DataView(b.buffer);
	const tag = (at: number, name: string) =>
		b.set(
			[...name].map((c) => c.charCodeAt(0)),
			at
		);
	tag(0, 'RIFF');
	tag(8, 'WAVEfmt ');
	view.setUint32(16, 20, true);
	[17, 1].forEach((v, i) => view.setUint16(20 + 2 * i, v, true));
	view.setUint32(24, 8000, true);
	view.setUint16(32, 256, true);
	view.setUint16(34, 4, true);
	tag(40, 'data');
	view.setUint32(44, bytes - 48, true);
	return b;
}
/** A file of nothing but empty parts. */
function parts(bytes: number): Uint8Array {
	const b = new Uint8Array(bytes).fill(0);
	b.set(packed(48).subarray(0, 12));
	for (let at = 12; at + 8 <= bytes; at += 8) b.set([0x4a, 0x55, 0x4e, 0x4b], at);
	return b;
}
const recording = (bytes: () => Uint8Array) => ({
	path: `/api/wheels/${FREE}/recordings?source=file&key=${randomUUID()}`,
	type: 'audio/wav',
	body: bytes
});
const rack = (n: number) => ({
	today: '2030-06-01',
	job: { family: 'alumina-white', gritMeanUm: 185, grade: 'I', structure: 8, bond: 'V', minWidthMm: 20 },
	machine: { maxDiameterMm: 305, maxWidthMm: 40, boreMm: 76.2, spindleRpm: 2300 },
	candidates: Array.from({ length: n }, (_, i) => ({
		id: `R${i}`,
		family: 'alumina-white',
		gritMeanUm: 150,
		grade: 'I',
		structure: 8,
		bond: 'V',
		diameterMm: 250,
		widthMm: 25,
		boreMm: 76.2,
		minDiameterMm: 150,
		newDiameterMm: 300,
		ratedSpeedMps: 40
	}))
});

const ALL: readonly Heavy[] = [
	{
		name: '60 MB at sign-in',
		path: '/sign-in',
		type: 'application/x-www-form-urlencoded',
		body: () => `pin=${'1'.repeat(60_000_000)}`
	},
	{
		name: 'ring-synthesise, all at most',
		path: '/api/calc/inspect.ring-synthesise',
		body: json(synth(200, 40, 30, 192000))
	},
	{
		name: 'ring-synthesise, as much as is done',
		path: '/api/calc/inspect.ring-synthesise',
		body: json(synth(20, 8, 20, 150000))
	},
	{
		name: 'ring-analysis, as much as is done',
		path: '/api/calc/inspect.ring-analysis',
		body: json({ synth: synth(20, 4, 30, 192000) })
	},
	{
		name: 'compare-spins',
		path: '/api/calc/balance.compare-spins',
		body: json({ wheels: 200, gradeMmPerS: 0.001 })
	},
	{
		name: 'simulate-stand',
		path: '/api/calc/balance.simulate-stand',
		body: json({
			massKg: 7.5,
			inertiaKgM2: 0.066,
			unbalanceGmm: 420,
			heavyAngleDeg: 250,
			arborRadiusMm: 12,
			startBottomAngleDeg: 210,
			rollingArmMm: 0,
			stepS: 0.0018,
			maxTimeS: 3600
		})
	},
	{ name: 'a WAV of a minute, 192 kHz', ...recording(longest) },
	{ name: '47 MB of packed sound', ...recording(() => packed(47 * 1024 * 1024)) },
	{ name: 'six million empty parts', ...recording(() => parts(47 * 1024 * 1024)) },
	{ name: 'tags for 200 wheels', method: 'GET', path: `/api/rack/tags?${`n=${FREE}&`.repeat(200)}` },
	{ name: 'a setup card', method: 'GET', path: '/api/setups/140/card' },
	{ name: 'export of the rack', method: 'GET', path: '/api/rack/export.csv' },
	{ name: 'rank-rack, as much as can be sent', path: '/api/calc/spec.rank-rack', body: json(rack(2000)) },
	{
		name: '40 MB of wheels that are none',
		path: '/api/rack/import',
		body: () => `{"lines":[${'null,'.repeat(8_000_000)}null]}`
	}
];

function send(
	base: string,
	h: Pick<Heavy, 'path' | 'method' | 'type'>,
	cookie: string,
	body?: Uint8Array | string
): Promise<{ status: number; ms: number }> {
	const begun = performance.now();
	const bytes = body === undefined ? undefined : Buffer.from(body as string);
	return new Promise((done, fail) => {
		const r = request(
			base + h.path,
			{
				method: h.method ?? 'POST',
				headers: {
					cookie,
					...(bytes ? { 'content-type': h.type ?? 'application/json', 'content-length': bytes.length } : {})
				}
			},
			(answer) => {
				const ms = performance.now() - begun;
				answer.resume().on('end', () => done({ status: answer.statusCode ?? 0, ms }));
			}
		);
		// Refused before all of it was sent: the answer is there, the rest of the body has nowhere to go.
		r.on('error', (e: NodeJS.ErrnoException) =>
			e.code === 'EPIPE' || e.code === 'ECONNRESET' ? undefined : fail(e)
		);
		r.end(bytes);
	});
}

/** A wheel of the rack that may be rung there. */
export const freeWheel = async (): Promise<string> =>
	(await row<{ number: string }>(
		"SELECT number FROM wheel_now WHERE state = 'available' AND held_by IS NULL ORDER BY id LIMIT 1"
	))!.number;

/**
 * Longest time for which nobody else was answered while one such request was under way, beyond what a process that does nothing was
 * late by in the same moments.
 */
export async function benchSilence(
	base: string,
	cookie: string,
	wheel: string,
	highestMb: () => number
): Promise<Ratio[]> {
	const list: Ratio[] = [];
	const idle = await idleProcess();
	try {
		for (const h of ALL) {
			const path = h.path.replaceAll(FREE, wheel);
			const body = h.body?.();
			let answer = { status: 0, ms: 0 };
			const wait = () =>
				longestWaits([`${base}/health`, idle.base], async () => {
					answer = await send(base, { ...h, path }, cookie, body);
				});
			// The first request of a kind after a start also loads its part of the application.
			const [first, firstNoise] = await wait();
			const [longest, noise] = await wait();
			list.push({
				name: `silence: ${h.name}`,
				value: longest! - noise!,
				unit: 'ms',
				aim: 'aim: at most 100',
				of: `the longest wait of /health (${longest!.toFixed(0)} ms) beyond that of a process that does nothing (${noise!.toFixed(0)} ms); the first of its kind since the start ${(first! - firstNoise!).toFixed(0)} ms; answered ${answer.status} in ${(answer.ms / 1000).toFixed(2)} s, memory so far at most ${highestMb().toFixed(0)} MB`
			});
		}
	} finally {
		idle.end();
	}
	return list;
}
