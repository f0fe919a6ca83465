import { coarseBond } from '../spec/families.js';
import { boreFits } from '../mount/bore-rule.js';
import type { SetupFacts } from '../facts/setup.js';
import type { StationId } from './station-names.js';
import type { WheelFacts } from '../facts/wheel.js';
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
export function hardStops(facts: StopFacts): Refusal[] {
	const stops: Refusal[] = [];
	if (facts.state === 'finished') return stops;
	const stop = (code: string, when: boolean, message: string) => {
		if (when) stops.push({ code, message });
	};
	stop(
		'setup-stopped',
		facts.state === 'stopped',
		'Something went wrong on this setup. It is stopped; the incident plan says what comes next.'
	);
	stop(
		'machine-locked-out',
		facts.machine.lockedOut,
		`${facts.machine.code} is locked out until its incident plan is finished.`
	);
	for (const { wheel } of facts.companions) stops.push(...wheelStops(facts, wheel, true));
	const w = facts.wheel;
	if (!w) return stops;
	stops.push(...wheelStops(facts, w, false));
	const plated = coarseBond(w.bondFamily ?? '') === 'plated';
	stop(
		'superabrasive-single-layer',
		plated && CUT_AWAY.some((s) => facts.stations.includes(s)),
		`Wheel ${w.number} is plated: it is never trued or dressed. Take the route for a single layer.`
	);
	return stops;
}

/** What is asked of every wheel that turns with the spindle: the leading one, and each of the others of a pack. */
function wheelStops(facts: StopFacts, wheel: WheelFacts, inPack: boolean): Refusal[] {
	const stops: Refusal[] = [];
	const stop = (code: string, when: boolean, message: string) => {
		if (when) stops.push({ code, message });
	};
	const name = `Wheel ${wheel.number}${inPack ? ' of the pack' : ''}`;
	stop(
		`wheel-${wheel.state}`,
		wheel.state === 'quarantined' || wheel.state === 'scrapped',
		`${name} is ${wheel.state}${wheel.stateReason ? `: ${wheel.stateReason}` : '.'}`
	);
	stop(
		'wheel-held',
		wheel.heldBy !== null && wheel.heldBy !== facts.id,
		`${name} is held by setup ${wheel.heldBy}.`
	);
	const limit = limitRpm(wheel);
	stop('rating-unknown', limit === null, `${name} has no marked speed.`);
	stop(
		'rated-speed-too-low',
		overLimit(facts.machine.spindleRpm, limit),
		`The spindle runs ${facts.machine.spindleRpm} rpm; ${name.replace('Wheel', 'wheel')} allows ${shownLimit(limit ?? 0)}.`
	);
	const { maxDiameterMm, maxWidthMm } = facts.machine;
	stop(
		'wheel-too-large',
		wheel.diameterMm > maxDiameterMm * (1 + 1e-9),
		`${name} is ${wheel.diameterMm} mm across; ${facts.machine.code} takes ${maxDiameterMm} mm.`
	);
	stop(
		'wheel-too-wide',
		wheel.widthMm > maxWidthMm * (1 + 1e-9),
		`${name} is ${wheel.widthMm} mm wide; ${facts.machine.code} takes ${maxWidthMm} mm.`
	);
	const seatMm = facts.mount?.seatMm ?? facts.machine.seatMm;
	stop(
		'bore-mismatch',
		!boreFits(wheel.boreMm, seatMm),
		inPack
			? `${name}: bore ${wheel.boreMm} mm does not belong on ${seatMm} mm.`
			: `Bore ${wheel.boreMm} mm does not belong on ${seatMm} mm.`
	);
	stop(
		'expired',
		wheel.expiresOn !== null && wheel.expiresOn < facts.today,
		`${name} is out of date since ${wheel.expiresOn}.`
	);
	stop('worn-out', wheel.diameterMm < wheel.minDiameterMm - 1e-9, `${name} is below its scrap diameter.`);
	return stops;
}
