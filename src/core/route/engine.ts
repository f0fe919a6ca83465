import { coarseBond } from '../spec/families.js';
import { Evidence } from './evidence.js';
import { type SetupFacts, STATION_NAMES, type StationId, limitRpm } from './facts.js';
import { BEFORE_TIGHTENING } from './stations/mount/special.js';
import { type GateLine, markNow, passes, plainLine } from './gate.js';
import { linesOf } from './lines.js';

export interface StationView {
	id: StationId;
	name: string;
	state: 'done' | 'current' | 'waiting' | 'blocked';
	lines: GateLine[];
}
export interface Refusal {
	code: string;
	message: string;
}
export interface Decision {
	stations: StationView[];
	current: StationId;
	blocked: Refusal[];
	next: string;
}

/** Facts that stop this setup whatever was recorded: no record, page or request gets past them. */
export function hardStops(f: SetupFacts): Refusal[] {
	const stops: Refusal[] = [];
	const stop = (code: string, when: boolean, message: string) => {
		if (when) stops.push({ code, message });
	};
	stop(
		'setup-stopped',
		f.state === 'stopped',
		'Something went wrong on this setup. It is stopped; the incident plan says what comes next.'
	);
	stop(
		'machine-locked-out',
		f.machine.lockedOut,
		`${f.machine.code} is locked out until its incident plan is finished.`
	);
	for (const { wheel: c } of f.companions)
		stop(
			`wheel-${c.state}`,
			c.state === 'quarantined' || c.state === 'scrapped',
			`Wheel ${c.number} of the pack is ${c.state}${c.stateReason ? `: ${c.stateReason}` : '.'}`
		);
	const w = f.wheel;
	if (!w) return stops;
	stop(
		'wheel-quarantined',
		w.state === 'quarantined',
		`Wheel ${w.number} is quarantined${w.stateReason ? `: ${w.stateReason}` : '.'}`
	);
	stop(
		'wheel-scrapped',
		w.state === 'scrapped',
		`Wheel ${w.number} is scrapped${w.stateReason ? `: ${w.stateReason}` : '.'}`
	);
	stop(
		'wheel-held',
		w.heldBy !== null && w.heldBy !== f.id,
		`Wheel ${w.number} is held by setup ${w.heldBy}.`
	);
	const limit = limitRpm(w);
	stop('rating-unknown', limit === null, `Wheel ${w.number} has no marked speed.`);
	stop(
		'rated-speed-too-low',
		limit !== null && f.machine.spindleRpm > limit * (1 + 1e-9),
		`The spindle runs ${f.machine.spindleRpm} rpm; wheel ${w.number} allows ${Math.floor(limit ?? 0)}.`
	);
	const play = w.boreMm - (f.mount?.seatMm ?? f.machine.seatMm);
	stop(
		'bore-mismatch',
		play < -1e-9 || play > 0.3 + 1e-9,
		`Bore ${w.boreMm} mm does not belong on ${f.mount?.seatMm ?? f.machine.seatMm} mm.`
	);
	stop(
		'expired',
		w.expiresOn !== null && w.expiresOn < f.today,
		`Wheel ${w.number} is out of date since ${w.expiresOn}.`
	);
	stop('worn-out', w.diameterMm < w.minDiameterMm - 1e-9, `Wheel ${w.number} is below its scrap diameter.`);
	stop(
		'superabrasive-single-layer',
		coarseBond(w.bondFamily ?? '') === 'plated' &&
			f.stations.includes('dress') &&
			f.dresser?.kind === 'single-point',
		`Wheel ${w.number} is plated: it is never trued or dressed.`
	);
	return stops;
}

/** What is done, what is open and what comes next: decided here and nowhere else. */
export function decide(f: SetupFacts): Decision {
	const evidence = new Evidence(f);
	const blocked = hardStops(f);
	const firstOpen = f.stations.findIndex((id) => !linesOf(id, f, evidence).every(passes));
	const currentIndex = firstOpen === -1 ? f.stations.length - 1 : firstOpen;
	const stations = f.stations.map((id, i): StationView => {
		const lines = i === currentIndex ? markNow(linesOf(id, f, evidence)) : linesOf(id, f, evidence);
		const stopped = lines.some((l) => l.state === 'stop') || (blocked.length > 0 && i === currentIndex);
		const done = firstOpen === -1 || i < currentIndex;
		const state = done ? 'done' : i === currentIndex ? (stopped ? 'blocked' : 'current') : 'waiting';
		return {
			id,
			name: STATION_NAMES[id],
			state,
			lines:
				blocked.length && i === currentIndex
					? [...blocked.map((b) => plainLine(b.code, 'Stopped', 'stop', b.message)), ...lines]
					: lines
		};
	});
	const current = f.stations[currentIndex]!;
	const open = stations[currentIndex]!.lines.find((l) => !passes(l));
	return {
		stations,
		current,
		blocked,
		next: blocked[0]?.message ?? (f.state === 'finished' ? 'Finished' : open ? open.title : 'Ready to grind')
	};
}

/** May this be recorded now? The one question every write asks. Null means yes. */
export function refuse(f: SetupFacts, station: StationId, step: string): Refusal | null {
	if (!f.stations.includes(station))
		return {
			code: 'not-on-route',
			message: `${STATION_NAMES[station] ?? station} is not on the route of this setup.`
		};
	if (f.state === 'finished')
		return { code: 'setup-finished', message: 'This setup is finished. Start a new one.' };
	const stops = hardStops(f);
	const choosingAgain = station === 'select' && !['stopped'].includes(f.state);
	const binding = choosingAgain ? stops.filter((s) => s.code === 'machine-locked-out') : stops;
	if (binding.length) return binding[0]!;
	if (f.state === 'released' && station !== 'keep')
		return {
			code: 'released',
			message: 'This wheel is released. Only Keep is open; for anything else say that something is wrong.'
		};
	const evidence = new Evidence(f);
	for (const id of f.stations.slice(0, f.stations.indexOf(station))) {
		const open = linesOf(id, f, evidence).find((l) => !passes(l));
		if (!open) continue;
		return open.state === 'stop'
			? { code: `${id}.${open.key}`, message: `Stopped at ${STATION_NAMES[id]}: ${open.value}` }
			: {
					code: `${id}.${open.key}`,
					message: `${STATION_NAMES[id]} comes first: ${open.title.toLowerCase()} (${open.value}).`
				};
	}
	return orderInside(f, evidence, station, step);
}

/** Steps of one station that need another one first. */
function orderInside(f: SetupFacts, e: Evidence, station: StationId, step: string): Refusal | null {
	const needs = (key: string): Refusal | null => {
		const line = linesOf(station, f, e).find((l) => l.key === key);
		return !line || passes(line)
			? null
			: {
					code: `${station}.${key}`,
					message:
						line.state === 'stop' ? `Stopped: ${line.value}` : `${line.title} comes first (${line.value}).`
				};
	};
	if (station === 'inspect' && step === 'ring') return needs('look');
	if (station === 'mount' && step === 'tighten')
		return BEFORE_TIGHTENING[f.route.mounting]!.reduce<Refusal | null>(
			(found, key) => found ?? needs(key),
			null
		);
	if (station === 'mount' && step === 'cured') return needs('glued');
	if (station === 'run-in' && step === 'start') return needs('speed');
	if (station === 'run-in' && step === 'outcome') return needs('speed') ?? needs('start');
	if (station === 'true' && step === 'after') return needs('read');
	if (station === 'dress' && step === 'done') return needs('position') ?? needs('settings') ?? needs('plan');
	return null;
}
