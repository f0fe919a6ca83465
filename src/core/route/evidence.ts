import type { Calculation } from '../calculation/define.js';
import type { Field, Values } from '../calculation/fields.js';
import { type Reason, type Verdict, worst } from '../calculation/verdict.js';
import { rulesOf } from './define-step.js';
import type { RecordFacts } from '../facts/records.js';
import type { SetupFacts } from '../facts/setup.js';
import type { StationId } from './station-names.js';

/** What belongs to the job and the machine stands whatever wheel is on. */
const WHATEVER_WHEEL: readonly StationId[] = ['brief', 'machine'];

/** The name under which the newest of a step is looked up. */
function nameOf(record: RecordFacts, leadingWheel: string): string {
	const key =
		record.standsAs === undefined
			? (rulesOf(record).keyedBy?.(record.entered, leadingWheel) ?? null)
			: record.standsAs;
	return `${record.station}.${record.step}${key === null ? '' : `#${key}`}`;
}

/** One step as it was recorded: everything computed in one go, judged as a whole. */
export interface Recorded<E = Record<string, unknown>> {
	/** Number of the step's result. */
	id: number;
	station: StationId;
	step: string;
	entered: E;
	/** The worst of all its parts. */
	verdict: Verdict;
	/** Why it went on with a caution; null while nobody has said so. */
	overrideReason: string | null;
	by: string;
	atMs: number;
	/** The result first, then what stands beside it. */
	parts: readonly RecordFacts[];
}

/** What identifies a step: enough to find it and to know what a person entered. */
export interface StepName<L extends readonly Field[] = readonly Field[]> {
	station: StationId;
	step: string;
	fields: L;
}
/** What identifies a calculation: enough to find its part and to know what came out. */
export type Known<O extends object = object> = Pick<Calculation, 'id'> & { run(input: unknown): O };

/** Puts together what one step recorded in one go; `parts` oldest first. */
function recorded(parts: readonly RecordFacts[]): Recorded {
	const main = parts[0]!;
	const accepted = parts.filter((part) => part.verdict === 'caution');
	return {
		id: main.id,
		station: main.station,
		step: main.step,
		entered: main.entered,
		verdict: worst(parts.map((part) => part.verdict)),
		// One reason is written for a step as a whole; a caution left without one still waits.
		overrideReason: accepted.every((record) => record.overrideReason !== null)
			? (accepted[0]?.overrideReason ?? null)
			: null,
		by: main.by,
		atMs: main.atMs,
		parts
	};
}

/** Everything that still counts, newest first: one pass over the records, however many there are. */
function standingSteps(facts: SetupFacts): Map<string, Recorded> {
	const overtaken = new Set<StationId>();
	const open = new Map<string, { together: string; parts: RecordFacts[] }>();
	for (let i = facts.records.length - 1; i >= 0; i--) {
		const record = facts.records[i]!;
		const always = WHATEVER_WHEEL.includes(record.station);
		if (!always && (facts.wheel === null || record.wheelId !== facts.wheel.id)) continue;
		if (always || !overtaken.has(record.station)) {
			const name = nameOf(record, facts.wheel?.number ?? '');
			const newest = open.get(name);
			if (!newest) open.set(name, { together: record.together, parts: [record] });
			else if (newest.together === record.together) newest.parts.unshift(record);
		}
		// Only what comes from here on along this route was built on it.
		for (const station of rulesOf(record).invalidates ?? [])
			if (facts.stations.indexOf(record.station) <= facts.stations.indexOf(station)) overtaken.add(station);
	}
	return new Map([...open].map(([name, { parts }]) => [name, recorded(parts)]));
}

const KNOWN = new WeakMap<readonly RecordFacts[], Evidence>();

/** What stands of a setup, looked up by step and, where a step has several, by calculation. */
export class Evidence {
	private readonly steps: ReadonlyMap<string, Recorded>;
	private byRecord: ReadonlyMap<number, Recorded> | null = null;
	private constructor(private readonly facts: SetupFacts) {
		this.steps = standingSteps(facts);
	}

	/** The evidence of these facts; worked out once for the same records, wheel and route. */
	static of(facts: SetupFacts): Evidence {
		const known = KNOWN.get(facts.records);
		if (known && known.facts.wheel?.id === facts.wheel?.id && known.facts.stations === facts.stations)
			return known;
		const fresh = new Evidence(facts);
		KNOWN.set(facts.records, fresh);
		return fresh;
	}

	/** A step as it was recorded last, with what was entered. */
	step<L extends readonly Field[]>(step: StepName<L>): Recorded<Values<L>> | null {
		return this.named(step.station, step.step) as Recorded<Values<L>> | null;
	}
	/** The same by its names, where the step itself is not at hand. */
	named(station: StationId, step: string): Recorded | null {
		return this.steps.get(`${station}.${step}`) ?? null;
	}
	/** The newest of several steps of a station. */
	newest(station: StationId, steps: readonly string[]): Recorded | null {
		let found: Recorded | null = null;
		for (const step of steps) {
			const r = this.named(station, step);
			if (r && (!found || r.id > found.id)) found = r;
		}
		return found;
	}
	/** The newest of a step among those that stand side by side, by what tells them apart. */
	keyed(step: Pick<StepName, 'station' | 'step'>, key: string): Recorded | null {
		return this.steps.get(`${step.station}.${step.step}#${key}`) ?? null;
	}
	/** What a calculation came to the last time it was recorded, at these steps of a station. */
	of<O extends object>(
		calculation: Known<O>,
		station: StationId,
		steps: readonly string[]
	): RecordFacts<O> | null {
		let found: RecordFacts<O> | null = null;
		for (const step of steps) {
			const part = partOf(this.named(station, step), calculation);
			if (part && (!found || part.id > found.id)) found = part;
		}
		return found;
	}
	/** The step that stands with this record in it; null where it was recorded anew since, or no longer counts. */
	standingWith(recordId: number): Recorded | null {
		this.byRecord ??= new Map(
			[...this.steps.values()].flatMap((step) => step.parts.map((part) => [part.id, step]))
		);
		return this.byRecord.get(recordId) ?? null;
	}
	/** Every record that stands, oldest first: all that a page needs of a setup's history. */
	records(): RecordFacts[] {
		return [...this.steps.values()].flatMap((r) => r.parts).sort((a, b) => a.id - b.id);
	}
}

/** The part of a recorded step that a calculation made. Stored results are read back here, and nowhere else get a type. */
export function partOf<O extends object>(
	from: Pick<Recorded, 'parts'> | null,
	calculation: Known<O>
): RecordFacts<O> | null {
	const part = from?.parts.find((r) => r.calculation === calculation.id);
	return (part as RecordFacts<O> | undefined) ?? null;
}

/** Every finding of a recorded step or of one part of it. */
export function reasonsOf(from: { parts?: readonly RecordFacts[]; output?: object } | null): Reason[] {
	const outputs = from?.parts?.map((part) => part.output) ?? (from?.output ? [from.output] : []);
	return outputs.flatMap((output) =>
		'reasons' in output && Array.isArray(output.reasons) ? (output.reasons as Reason[]) : []
	);
}
