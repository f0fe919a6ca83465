import type { StationId } from './station-names.js';
import { type GateLine, passes } from './gate.js';
import type { Refusal } from './hard-stops.js';

export interface StationView {
	id: StationId;
	name: string;
	state: 'done' | 'current' | 'waiting' | 'blocked';
	lines: GateLine[];
}
export interface Decision {
	stations: StationView[];
	current: StationId;
	blocked: Refusal[];
	next: string;
}

/** One line of a decision; null where this route has no such line. */
export const lineOf = (decision: Decision, station: StationId, key: string): GateLine | null =>
	decision.stations.find((s) => s.id === station)?.lines.find((line) => line.key === key) ?? null;

/** Whether all these lines hold; a line that does not apply to this setup holds nothing up. */
export const holds = (decision: Decision, station: StationId, keys: readonly string[]): boolean =>
	keys.every((key) => {
		const found = lineOf(decision, station, key);
		return found === null || passes(found);
	});
