import { coarseBond } from '../spec/families.js';
import { boreFits } from '../mount/bore-rule.js';
import type { SetupFacts, StationId, WheelFacts } from './facts.js';
import { limitRpm, overLimit, shownLimit } from '../spec/limit-rpm.js';

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
	for (const { wheel } of f.companions) stops.push(...wheelStops(f, wheel, true));
	const w = f.wheel;
	if (!w) return stops;
	stops.push(...wheelStops(f, w, false));
	const plated = coarseBond(w.bondFamily ?? '') === 'plated';
	stop(
		'superabrasive-single-layer',
		plated && CUT_AWAY.some((s) => f.stations.includes(s)),
		`Wheel ${w.number} is plated: it is never trued or dressed. Take the route for a single layer.`
	);
	return stops;
}

/** What is asked of every wheel that turns with the spindle: the leading one, and each of the others of a pack. */
function wheelStops(f: StopFacts, w: WheelFacts, inPack: boolean): Refusal[] {
	const stops: Refusal[] = [];
	const stop = (code: string, when: boolean, message: string) => {
		if (when) stops.push({ code, message });
	};
	const name = `Wheel ${w.number}${inPack ? ' of the pack' : ''}`;
	stop(
		`wheel-${w.state}`,
		w.state === 'quarantined' || w.state === 'scrapped',
		`${name} is ${w.state}${w.stateReason ? `: ${w.stateReason}` : '.'}`
	);
	stop('wheel-held', w.heldBy !== null && w.heldBy !== f.id, `${name} is held by setup ${w.heldBy}.`);
	const limit = limitRpm(w);
	stop('rating-unknown', limit === null, `${name} has no marked speed.`);
	stop(
		'rated-speed-too-low',
		overLimit(f.machine.spindleRpm, limit),
		`The spindle runs ${f.machine.spindleRpm} rpm; ${name.replace('Wheel', 'wheel')} allows ${shownLimit(limit ?? 0)}.`
	);
	const { maxDiameterMm, maxWidthMm } = f.machine;
	stop(
		'wheel-too-large',
		w.diameterMm > maxDiameterMm * (1 + 1e-9),
		`${name} is ${w.diameterMm} mm across; ${f.machine.code} takes ${maxDiameterMm} mm.`
	);
	stop(
		'wheel-too-wide',
		w.widthMm > maxWidthMm * (1 + 1e-9),
		`${name} is ${w.widthMm} mm wide; ${f.machine.code} takes ${maxWidthMm} mm.`
	);
	const seatMm = f.mount?.seatMm ?? f.machine.seatMm;
	stop(
		'bore-mismatch',
		!boreFits(w.boreMm, seatMm),
		inPack
			? `${name}: bore ${w.boreMm} mm does not belong on ${seatMm} mm.`
			: `Bore ${w.boreMm} mm does not belong on ${seatMm} mm.`
	);
	stop(
		'expired',
		w.expiresOn !== null && w.expiresOn < f.today,
		`${name} is out of date since ${w.expiresOn}.`
	);
	stop('worn-out', w.diameterMm < w.minDiameterMm - 1e-9, `${name} is below its scrap diameter.`);
	return stops;
}
