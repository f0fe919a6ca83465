import type { ListenSettings, RingResult } from '../../../core/inspect/ring/listen.js';
import type { PastRing, RecordingFacts, WheelFacts } from '../../../core/facts/wheel.js';
import { ringContext, stiffness } from '../../../core/route/wheel-ring.js';
import { InputFault, Refused } from '../refused.js';
import { runJob } from '../jobs/run-job.js';
import { type Runner, isDuplicate, places, queryRows, row, transaction, write } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import { simulatorsAllowed } from '../shop/simulators.js';
import type { User } from '../people/sign-in.js';
import { wheelByNumber } from '../wheels/wheels.js';

const SOURCES: readonly string[] = ['microphone', 'file', 'simulator'];

interface Raw {
	id: number;
	setup_id: number | null;
	at: Date;
	name: string;
	source: RecordingFacts['source'];
	seconds: number;
	standing: number;
	result: string;
	settings: string;
	diameter_mm: number;
	ring: RingResult['ring'];
	frequency_hz: number | null;
	q: number | null;
	modulus_gpa: number | null;
	baseline: number;
}

/** The rings of a wheel, and the stiffness of the others of its batch. */
export interface Rings {
	recordings: RecordingFacts[];
	pastRings: PastRing[];
	batchGPa: number[];
}
export const NO_RINGS: Rings = { recordings: [], pastRings: [], batchGPa: [] };

/** The rings of one wheel: those that stand since a lead last cleared it, in full, and all of them as points of its life. */
export async function ringsOf(wheel: WheelFacts, on?: Runner): Promise<Rings> {
	return (await ringsOfWheels([wheel], on)).get(wheel.id)!;
}
/** The same of several wheels. */
export async function ringsOfWheels(wheels: readonly WheelFacts[], on?: Runner): Promise<Map<number, Rings>> {
	if (!wheels.length) return new Map();
	const ids = wheels.map((wheel) => wheel.id);
	const list = await queryRows<Raw & { wheel_id: number }>(
		`SELECT r.id, r.wheel_id, r.setup_id, r.at, u.name, r.source, r.seconds, r.result, r.settings, r.diameter_mm, r.ring, r.frequency_hz, r.q, r.modulus_gpa, r.baseline,
		 r.at > COALESCE((SELECT MAX(e.at) FROM wheel_events e WHERE e.wheel_id = r.wheel_id AND e.kind = 'cleared'), '1970-01-01') AS standing
		 FROM recordings r JOIN users u ON u.id = r.user_id WHERE r.wheel_id IN (${places(ids)}) ORDER BY r.id`,
		ids,
		on
	);
	const batch = await queryRows<{ of: number; modulus: number }>(
		`SELECT v.id AS \`of\`, r.modulus_gpa AS modulus FROM wheels v JOIN wheels w ON w.canonical = v.canonical AND w.new_diameter_mm = v.new_diameter_mm AND w.width_mm = v.width_mm AND w.bore_mm = v.bore_mm AND w.id <> v.id
		 JOIN recordings r ON r.wheel_id = w.id WHERE v.id IN (${places(ids)}) AND r.baseline = TRUE AND r.modulus_gpa IS NOT NULL ORDER BY w.id`,
		ids,
		on
	);
	return new Map(
		wheels.map((wheel) => {
			const own = list.filter((r) => r.wheel_id === wheel.id);
			const batchGPa = batch.filter((b) => b.of === wheel.id).map((b) => b.modulus);
			return [
				wheel.id,
				{ recordings: own.filter((r) => r.standing).map(inFull), pastRings: own.map(point), batchGPa }
			];
		})
	);
}
const inFull = (r: Raw): RecordingFacts => ({
	id: r.id,
	setupId: r.setup_id,
	atMs: r.at.getTime(),
	by: r.name,
	source: r.source,
	seconds: r.seconds,
	standing: true,
	result: JSON.parse(r.result) as RingResult,
	settings: JSON.parse(r.settings) as ListenSettings & { bond: string }
});
const point = (r: Raw): PastRing => ({
	id: r.id,
	atMs: r.at.getTime(),
	diameterMm: r.diameter_mm,
	ring: r.ring,
	frequencyHz: r.frequency_hz,
	q: r.q,
	modulusGPa: r.modulus_gpa,
	simulated: r.source === 'simulator',
	baseline: !!r.baseline
});

export interface Kept {
	id: number;
	result: RingResult;
}

/**
 * Keeps a recording of a wheel's ring and judges it here, whatever the browser made of it. The same key twice keeps it once.
 * @throws InputFault for a recording that cannot be read, Refused for a wheel that is not rung here
 */
export async function keepRecording(
	number: string,
	o: { bytes: Uint8Array; handOver?: boolean; source: string; setupId: number | null; key: string },
	user: User
): Promise<Kept> {
	mayWrite(user);
	if (!SOURCES.includes(o.source))
		throw new InputFault('source', 'unknown-choice', `A recording comes from ${SOURCES.join(', ')}.`);
	if (o.source === 'simulator' && !simulatorsAllowed())
		throw new Refused(
			409,
			'simulated',
			'A made-up ring says nothing of a wheel. Record it, or load a WAV of it.'
		);
	const wheel = await wheelByNumber(number);
	if (!wheel) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
	if (wheel.state === 'scrapped')
		throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. It is not rung any more.`);
	if ((wheel.inPack ? null : wheel.heldBy) !== o.setupId)
		throw new Refused(
			409,
			'held',
			wheel.heldBy === null
				? `Wheel ${number} is not in setup ${o.setupId}.`
				: `Wheel ${number} is held by setup ${wheel.heldBy}. Ring it there.`
		);
	const again = await row<{ id: number; result: string }>(
		'SELECT id, result FROM recordings WHERE request_key = ?',
		[o.key]
	);
	if (again) return { id: again.id, result: JSON.parse(again.result) as RingResult };
	const past = await ringsOf(wheel);
	const { settings } = ringContext(wheel, past.pastRings, past.batchGPa);
	const { wav, seconds, result } = await runJob(
		user.id,
		'listen',
		{ bytes: o.bytes, settings },
		// Handed over instead of copied: nobody here needs it any more.
		o.handOver ? { transfer: [o.bytes.buffer as ArrayBuffer] } : {}
	);
	const stiff =
		result.mainFrequencyHz === null ? null : stiffness(wheel, result.mainFrequencyHz, past.batchGPa);
	const id = await transaction(async (on) => {
		try {
			const done = await write(
				'INSERT INTO recordings (wheel_id, setup_id, user_id, source, seconds, diameter_mm, wav, settings, result, modulus_gpa, request_key) VALUES (?,?,?,?,?,?,?,?,?,?,?)',
				[
					wheel.id,
					o.setupId,
					user.id,
					o.source,
					seconds,
					wheel.diameterMm,
					Buffer.from(wav),
					JSON.stringify(settings),
					JSON.stringify(result),
					stiff?.modulusGPa ?? null,
					o.key
				],
				on
			);
			return done.insertId;
		} catch (error) {
			if (!isDuplicate(error)) throw error;
			return (await row<{ id: number }>('SELECT id FROM recordings WHERE request_key = ?', [o.key], on))!.id;
		}
	});
	return { id, result };
}

/** The recording as a file. @throws Refused */
export async function recordingFile(id: number): Promise<{ wav: Buffer; name: string }> {
	const found = await row<{ wav: Buffer; number: string; at: Date }>(
		'SELECT r.wav, w.number, r.at FROM recordings r JOIN wheels w ON w.id = r.wheel_id WHERE r.id = ?',
		[id]
	);
	if (!found) throw new Refused(404, 'not-found', `There is no recording ${id}.`);
	return { wav: found.wav, name: `ring-${found.number}-${found.at.toISOString().slice(0, 10)}-${id}.wav` };
}

/** The first ring that ear and recording both found clear is what later ones are compared with. */
export async function keepBaseline(wheelId: number, recordingId: number, on: Runner): Promise<void> {
	const there = await row(
		'SELECT id FROM recordings WHERE wheel_id = ? AND baseline = TRUE LIMIT 1',
		[wheelId],
		on
	);
	if (!there)
		await write("UPDATE recordings SET baseline = TRUE WHERE id = ? AND ring = 'clear'", [recordingId], on);
}
