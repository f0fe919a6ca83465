import type { WheelFacts } from '../../../core/facts/wheel.js';
import { RING_QUARANTINES } from '../../../core/route/stations/inspect/ring.js';
import { ringContext } from '../../../core/route/wheel-ring.js';
import { Refused } from '../refused.js';
import { type Runner, row, rows } from '../storage/pool.js';
import { stored } from '../storage/stored.js';

/** What ends a wheel, whatever is found afterwards: nobody can see what it has done inside. */
const ENDS = ['burst', 'hard-crash', 'overspeed', 'dropped-wheel', 'dull-ring'];
const WORDS: Readonly<Record<string, string>> = {
	burst: 'it burst',
	'hard-crash': 'it crashed hard',
	overspeed: 'it ran too fast',
	'dropped-wheel': 'it fell',
	dropped: 'it fell',
	'dull-ring': 'it rang dull',
	'ear-dull': 'it rang dull',
	'analysis-dull': 'it rang dull'
};
/** Findings that end it, by the step that finds them; a bare spindle that ran too fast hurts no wheel. */
const FINDINGS: Readonly<Record<string, readonly string[]>> = {
	look: ['dropped'],
	ring: RING_QUARANTINES,
	speed: ['overspeed']
};

interface Found {
	step: string;
	entered: string;
	output: string;
}

/** Why this wheel never comes back, in words; null where nothing of the kind was recorded. */
async function ended(wheelId: number, on: Runner): Promise<string | null> {
	const incident = await row<{ event: string }>(
		'SELECT i.event FROM incidents i LEFT JOIN setup_wheels p ON p.setup_id = i.setup_id WHERE (i.wheel_id = ? OR p.wheel_id = ?) AND i.event IN (?, ?, ?, ?, ?) LIMIT 1',
		[wheelId, wheelId, ...ENDS],
		on
	);
	if (incident) return WORDS[incident.event]!;
	const stops = await rows<Found>(
		"SELECT step, entered, output FROM records WHERE wheel_id = ? AND verdict = 'stop' AND step IN ('look', 'ring', 'speed')",
		[wheelId],
		on
	);
	for (const stop of stops) {
		if (stop.step === 'speed' && stored<{ stage?: string }>(stop.entered)?.stage !== 'after-wheel') continue;
		const reasons = stored<{ reasons?: { code: string; severity: string }[] }>(stop.output)?.reasons ?? [];
		const found = reasons.find(
			(reason) => reason.severity === 'stop' && FINDINGS[stop.step]!.includes(reason.code)
		);
		if (found) return WORDS[found.code]!;
	}
	return null;
}

/** The last time a step of the inspection was recorded of this wheel, and whether it said stop. */
const newest = (wheelId: number, step: 'look' | 'ring', on: Runner) =>
	row<{ verdict: string; after: number }>(
		`SELECT r.verdict, r.at >= COALESCE((SELECT MAX(e.at) FROM wheel_events e WHERE e.wheel_id = r.wheel_id AND e.kind IN ('quarantined', 'crashed')), '1970-01-01') AS after
		 FROM records r WHERE r.wheel_id = ? AND r.station = 'inspect' AND r.step = ? AND r.ordinal = 0 ORDER BY r.id DESC LIMIT 1`,
		[wheelId, step],
		on
	);

/**
 * A wheel that was set aside comes back only after it was looked over, and rung where it rings, since then; after a burst, a hard crash, too
 * much speed, a fall or a dull ring it never does. @throws Refused 409
 */
export async function mayClear(wheel: WheelFacts, on: Runner): Promise<void> {
	const why = await ended(wheel.id, on);
	if (why)
		throw new Refused(
			409,
			'never-back',
			`Wheel ${wheel.number} never comes back: ${why}. Break it up and scrap it.`
		);
	const look = await newest(wheel.id, 'look', on);
	if (!look?.after || look.verdict === 'stop')
		throw new Refused(
			409,
			'inspect.look',
			`Look wheel ${wheel.number} over first: it was not found sound since it was set aside.`
		);
	if (ringContext(wheel, [], []).applicability === 'no') return;
	const ring = await newest(wheel.id, 'ring', on);
	if (!ring?.after || ring.verdict === 'stop')
		throw new Refused(
			409,
			'inspect.ring',
			`Ring wheel ${wheel.number} first: it did not ring clear since it was set aside.`
		);
}
