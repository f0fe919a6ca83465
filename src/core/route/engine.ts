import type { Decision, StationView } from './decision.js';
import { rulesOf } from './define-step.js';
import { Evidence } from './evidence.js';
import type { SetupFacts } from '../facts/setup.js';
import { STATION_NAMES, type StationId } from './station-names.js';
import { line, markNow, passes } from './gate.js';
import { type Refusal, hardStops } from './hard-stops.js';
import { giveUpStep, mayGiveUp } from './stations/keep/give-up.js';
import { mayNotStart, morningLine } from './morning.js';
import { STATION, linesOf } from './stations/index.js';

/** What is done, what is open and what comes next: decided here and nowhere else. */
export function decide(facts: SetupFacts): Decision {
	const evidence = Evidence.of(facts);
	const blocked = hardStops(facts);
	const byStation = facts.stations.map((id) => linesOf(id, facts, evidence));
	const firstOpen = byStation.findIndex((lines) => !lines.every(passes));
	const currentIndex = firstOpen === -1 ? facts.stations.length - 1 : firstOpen;
	const stops = blocked.map((b) => line({ key: b.code, title: 'Stopped', state: 'stop', value: b.message }));
	const stations = facts.stations.map((id, i): StationView => {
		const here = i === currentIndex;
		const lines = here
			? [...stops, ...(STATION[id].morning ? morningLine(facts) : []), ...markNow(byStation[i]!)]
			: byStation[i]!;
		const stopped = here && lines.some((l) => l.state === 'stop');
		const done = firstOpen === -1 || i < currentIndex;
		// What stops is asked first: a released wheel that was scrapped since is not ready.
		const state = stopped ? 'blocked' : done ? 'done' : here ? 'current' : 'waiting';
		return { id, name: STATION_NAMES[id], state, lines };
	});
	const open = stations[currentIndex]!.lines.find((l) => !passes(l));
	const next = facts.state === 'finished' ? 'Finished' : open ? open.title : 'Ready to grind';
	return { stations, current: facts.stations[currentIndex]!, blocked, next: blocked[0]?.message ?? next };
}

/** Whether it starts the spindle or brings the wheel to something: this morning's sheet is asked before it. */
export const turnsSpindle = (station: StationId, step: string): boolean =>
	STATION[station].morning === 'asked' || !!rulesOf({ station, step }).turnsSpindle;

/** May this be recorded now? The one question every write asks. Null means yes. */
export function refuse(facts: SetupFacts, station: StationId, step: string): Refusal | null {
	if (!facts.stations.includes(station))
		return {
			code: 'not-on-route',
			message: `${STATION_NAMES[station] ?? station} is not on the route of this setup.`
		};
	if (facts.state === 'finished')
		return { code: 'setup-finished', message: 'This setup is finished. Start a new one.' };
	if (station === 'keep' && step === giveUpStep.step) return mayGiveUp(facts);
	const stops = hardStops(facts);
	const choosingAgain = station === 'select' && facts.state !== 'stopped';
	const binding = choosingAgain ? stops.filter((stop) => stop.code === 'machine-locked-out') : stops;
	if (binding.length) return binding[0]!;
	const rules = rulesOf({ station, step });
	const morning = turnsSpindle(station, step) ? mayNotStart(facts) : null;
	if (morning) return morning;
	const whileReleased = STATION[station].whileReleased && rules.released !== 'never';
	if (facts.state === 'released' && !whileReleased)
		return {
			code: 'released',
			message:
				'This wheel is released. Only Keep and dressing again are open; for anything else say that something is wrong.'
		};
	if (facts.state !== 'released' && rules.released === 'only')
		return { code: 'not-released', message: 'Dressing again is for a wheel that was released before.' };
	const evidence = Evidence.of(facts);
	return openBefore(facts, evidence, station) ?? orderInside(facts, evidence, station, step);
}

/** The first line of an earlier station that is still open. */
function openBefore(facts: SetupFacts, evidence: Evidence, station: StationId): Refusal | null {
	for (const id of facts.stations.slice(0, facts.stations.indexOf(station))) {
		const open = linesOf(id, facts, evidence).find((l) => !passes(l));
		if (!open) continue;
		const name = STATION_NAMES[id];
		const message =
			open.state === 'stop'
				? `Stopped at ${name}: ${open.value}`
				: open.needsReason
					? `${name} waits for a reason: ${open.title.toLowerCase()} (${open.value}). Write there why it may go on.`
					: `${name} comes first: ${open.title.toLowerCase()} (${open.value}).`;
		return { code: `${id}.${open.key}`, message };
	}
	return null;
}

/** Steps of one station that need another one first. */
function orderInside(
	facts: SetupFacts,
	evidence: Evidence,
	station: StationId,
	step: string
): Refusal | null {
	const lines = linesOf(station, facts, evidence);
	for (const key of STATION[station].order(facts)[step] ?? []) {
		const open = lines.find((l) => l.key === key);
		if (!open || passes(open)) continue;
		const message =
			open.state === 'stop'
				? `Stopped: ${open.value}`
				: open.needsReason
					? `${open.title} waits for a reason (${open.value}). Write why it may go on.`
					: `${open.title} comes first (${open.value}).`;
		return { code: `${station}.${key}`, message };
	}
	return STATION[station].place?.(facts, step) ?? null;
}
