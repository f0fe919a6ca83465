import { coarseBond } from '../spec/families.js';
import { type SetupFacts, type StationId, limitRpm } from './facts.js';

/** Why something may not be done, with its stable code. */
export interface Refusal {
	code: string;
	message: string;
}

/** Where something is taken off the grain. */
const CUT_AWAY: readonly StationId[] = ['true', 'form', 'dress'];

/** What the hard stops are asked about; no record is among it. */
export type StopFacts = Pick<
	SetupFacts,
	'id' | 'state' | 'machine' | 'mount' | 'companions' | 'wheel' | 'stations' | 'today'
>;

/** Facts that stop this setup whatever was recorded: no record, page or request gets past them. A finished setup is past: nothing of today stops it. */
export function hardStops(f: StopFacts): Refusal[] {
	const stops: Refusal[] = [];
	if (f.state === 'finished') return stops;
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
	const plated = coarseBond(w.bondFamily ?? '') === 'plated';
	stop(
		'superabrasive-single-layer',
		plated && CUT_AWAY.some((s) => f.stations.includes(s)),
		`Wheel ${w.number} is plated: it is never trued or dressed. Take the route for a single layer.`
	);
	return stops;
}
