import { holds, lineOf } from '$core/route/decision';
import type { StationId } from '$core/route/station-names';
import type { SetupSession } from './setup-session.svelte';

/** A part of a bench, with the gate lines that say whether it is done. */
export interface Part<Id extends string = string> {
	id: Id;
	title: string;
	/** None: this part is never asked for, only offered. */
	lines: readonly string[];
	/** Not on the way, but at hand: offered beside the title. */
	aside?: boolean;
	/** Not yet possible: something else has to come first. */
	closed?: boolean;
}

/**
 * Which part of a bench is open: what somebody chose, or else the first whose lines do not hold yet. Whether a part is done is what
 * the gate says, never worked out again here.
 */
export class Parts<Id extends string> {
	private chosen = $state<Id | null>(null);
	/** Somebody went on to another part while what was recorded was still on its way. */
	private meanwhile = false;
	constructor(
		private readonly desk: SetupSession,
		private readonly station: StationId,
		private readonly list: () => readonly Part<Id>[],
		/** A part that comes before all others just now, whatever lines are open. */
		private readonly first: () => Id | null = () => null
	) {}
	get all(): readonly Part<Id>[] {
		return this.list();
	}
	private applies(part: Part<Id>): boolean {
		return part.lines.some((key) => lineOf(this.desk.decision, this.station, key) !== null);
	}
	done(part: Part<Id>): boolean {
		return this.applies(part) && holds(this.desk.decision, this.station, part.lines);
	}
	/** The part whose turn it is; one that is only at hand has its turn once the gate asks for it. */
	get next(): Id {
		const asked = this.all.filter((p) => p.lines.length > 0 && (!p.aside || this.applies(p)));
		return (asked.find((p) => !this.done(p)) ?? asked.at(-1) ?? this.all[0]!).id;
	}
	get open(): Id {
		return this.chosen ?? this.first() ?? this.next;
	}
	choose(id: Id): void {
		this.chosen = id;
		this.meanwhile = this.desk.busy;
	}
	/** After something was recorded the gate decides again. */
	onward = (): void => {
		if (!this.meanwhile) this.chosen = null;
		this.meanwhile = false;
	};
}
