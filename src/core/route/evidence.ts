import type { RecordFacts, SetupFacts, StationId } from './facts.js';

/**
 * What is done again takes the standing from what was built on it: mounting again needs a new run-in, truing again spoils the
 * balance, dressing again wants a new trial cut.
 */
const RESETS: Readonly<Record<string, readonly StationId[]>> = {
	'inspect.look': ['mount', 'run-in', 'true', 'balance', 'dress', 'prove'],
	'mount.tighten': ['run-in', 'true', 'balance', 'dress', 'prove'],
	'mount.pack': ['run-in', 'true', 'balance', 'dress', 'prove'],
	'mount.glue': ['run-in', 'true', 'balance', 'dress', 'prove'],
	'true.after': ['balance', 'dress', 'prove'],
	'balance.move': ['prove'],
	'balance.holes': ['prove'],
	'balance.dimples': ['prove'],
	'dress.done': ['prove']
};

/** The records that still count, newest first: those of the wheel now taken that no later step has overtaken. */
export function standing(facts: SetupFacts): RecordFacts[] {
	const list = [...facts.records].reverse();
	return list.filter((r, i) => {
		if (r.station === 'brief' || r.station === 'machine') return true;
		if (facts.wheel === null || r.wheelId !== facts.wheel.id) return false;
		// Only what comes later on this route was built on it.
		const overtaken = list
			.slice(0, i)
			.some(
				(later) =>
					later.wheelId === r.wheelId &&
					RESETS[`${later.station}.${later.step}`]?.includes(r.station) &&
					facts.stations.indexOf(later.station) < facts.stations.indexOf(r.station)
			);
		return !overtaken;
	});
}

/** Lookup of standing evidence by station, step and, where a step has several, calculation. */
export class Evidence {
	private readonly list: RecordFacts[];
	constructor(readonly facts: SetupFacts) {
		this.list = standing(facts);
	}
	latest(station: StationId, step: string, calculation?: string): RecordFacts | null {
		return (
			this.list.find(
				(r) => r.station === station && r.step === step && (!calculation || r.calculation === calculation)
			) ?? null
		);
	}
	/** The newest answer to one check of the shop. */
	check(station: StationId, id: string): RecordFacts | null {
		return (
			this.list.find((r) => r.station === station && r.step === 'check' && r.entered.checkId === id) ?? null
		);
	}
	latestOf(station: StationId, steps: readonly string[], calculation?: string): RecordFacts | null {
		return (
			this.list.find(
				(r) =>
					r.station === station && steps.includes(r.step) && (!calculation || r.calculation === calculation)
			) ?? null
		);
	}
	number(record: RecordFacts | null, name: string): number | null {
		const value = record?.output[name];
		return typeof value === 'number' ? value : null;
	}
}
