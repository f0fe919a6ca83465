import type { Calculation } from '../calculation/define.js';
import type { Field, Values } from '../calculation/fields.js';
import { type Reason, type Verdict, worst } from '../calculation/verdict.js';
import type { RecordFacts, SetupFacts, StationId } from './facts.js';

/**
 * What is done again takes the standing from what was built on it: mounting again needs a new run-in, truing again spoils the
 * balance, dressing again wants a new trial cut.
 */
const INVALIDATES: Readonly<Record<string, readonly StationId[]>> = {
	'brief.again': ['select'],
	'inspect.look': ['mount', 'run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'mount.choose': ['run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'mount.tighten': ['run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'mount.pack': ['run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'mount.point': ['run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'mount.glue': ['run-in', 'true', 'balance', 'form', 'dress', 'prove'],
	'true.after': ['balance', 'form', 'dress', 'prove'],
	'true.after-pencil': ['balance', 'form', 'dress', 'prove'],
	'form.formed': ['dress', 'prove'],
	'balance.move': ['prove'],
	'balance.holes': ['prove'],
	'balance.dimples': ['prove'],
	'balance.planes-made': ['prove'],
	'dress.done': ['prove']
};

/** What belongs to the job and the machine stands whatever wheel is on. */
const WHATEVER_WHEEL: readonly StationId[] = ['brief', 'machine'];

/**
 * The name under which the newest of a step is looked up; each check of the shop is a step of its own, and so are the dress of each of the
 * other wheels of a pack and each setting of a form.
 */
function nameOf(r: Pick<RecordFacts, 'station' | 'step' | 'entered'>, leading: string): string {
	const { checkId, wheelNumber, segmentIndex } = r.entered;
	if (SETTINGS.includes(`${r.station}.${r.step}`)) return `${r.station}.${r.step}#${String(segmentIndex)}`;
	const other = DRESSES.includes(`${r.station}.${r.step}`) && wheelNumber && wheelNumber !== leading;
	return `${r.station}.${r.step}${r.step === 'check' ? `#${String(checkId)}` : other ? `#${String(wheelNumber)}` : ''}`;
}
/** A fixture is set for one flank or arc after the other; each setting stands by itself. */
const SETTINGS: readonly string[] = ['form.sine', 'form.radius'];
const DRESSES: readonly string[] = ['dress.done', 'dress.again'];

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
	const accepted = parts.filter((r) => r.verdict === 'caution');
	return {
		id: main.id,
		station: main.station,
		step: main.step,
		entered: main.entered,
		verdict: worst(parts.map((r) => r.verdict)),
		// One reason is written for a step as a whole; a caution left without one still waits.
		overrideReason: accepted.every((r) => r.overrideReason !== null)
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
		const r = facts.records[i]!;
		const always = WHATEVER_WHEEL.includes(r.station);
		if (!always && (facts.wheel === null || r.wheelId !== facts.wheel.id)) continue;
		if (always || !overtaken.has(r.station)) {
			const name = nameOf(r, facts.wheel?.number ?? '');
			const newest = open.get(name);
			if (!newest) open.set(name, { together: r.together, parts: [r] });
			else if (newest.together === r.together) newest.parts.unshift(r);
		}
		// Another mount: what was measured and tightened on the one before is told of that one.
		if (`${r.station}.${r.step}` === 'mount.choose') overtaken.add('mount');
		// Only what comes later on this route was built on it.
		for (const station of INVALIDATES[`${r.station}.${r.step}`] ?? [])
			if (facts.stations.indexOf(r.station) < facts.stations.indexOf(station)) overtaken.add(station);
	}
	return new Map([...open].map(([name, { parts }]) => [name, recorded(parts)]));
}

const KNOWN = new WeakMap<readonly RecordFacts[], Evidence>();

/** What stands of a setup, looked up by step and, where a step has several, by calculation. */
export class Evidence {
	private readonly steps: ReadonlyMap<string, Recorded>;
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
	/** The newest answer to one check of the shop. */
	check(station: StationId, id: string): Recorded | null {
		return this.steps.get(`${station}.check#${id}`) ?? null;
	}
	/** The newest dress of one of the other wheels of a pack. */
	dressOf(number: string): Recorded | null {
		const all = DRESSES.map((name) => this.steps.get(`${name}#${number}`)).filter((r) => r !== undefined);
		return all.sort((a, b) => b.id - a.id)[0] ?? null;
	}
	/** The newest setting of a fixture for a flank or arc of the form. */
	setting(step: string, segmentIndex: number): Recorded | null {
		return this.steps.get(`form.${step}#${segmentIndex}`) ?? null;
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
		return [...this.steps.values()].find((r) => r.parts.some((p) => p.id === recordId)) ?? null;
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
	const outputs = from?.parts?.map((r) => r.output) ?? (from?.output ? [from.output] : []);
	return outputs.flatMap((o) => ('reasons' in o && Array.isArray(o.reasons) ? (o.reasons as Reason[]) : []));
}
