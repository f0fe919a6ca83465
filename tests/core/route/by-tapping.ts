import fc from 'fast-check';
import { InputFault } from '../../../src/core/calculation/fault.js';
import type { Field } from '../../../src/core/calculation/fields.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import { STATION, linesOf } from '../../../src/core/route/stations/index.js';
import { did } from '../../shared/setup-in-memory.js';

const SAMPLES = { seed: 29, numRuns: 60 };
const MAX_MARKS = 8;

/** What can be entered without typing a number: a tap on yes or no, on one of the choices; words only where they are asked of everybody. */
function tapped(f: Field): fc.Arbitrary<unknown> {
	switch (f.kind) {
		case 'boolean':
			return fc.boolean();
		case 'choice':
			return fc.constantFrom(...f.choices);
		case 'text':
			return fc.constant('as it was seen at the machine'.slice(0, f.maxLength));
		case 'list':
			return f.item.kind === 'choice'
				? fc
						.constantFrom(...f.item.choices)
						.chain((c) =>
							fc
								.integer({ min: 0, max: Math.min(f.maxItems ?? MAX_MARKS, MAX_MARKS) })
								.map((n) => Array(n).fill(c))
						)
				: fc.constant([]);
		case 'object':
			return entered(f.fields);
		default:
			return fc.constant(undefined);
	}
}
const TYPED: readonly Field['kind'][] = ['number', 'integer', 'date', 'text'];
function entered(fields: readonly Field[]): fc.Arbitrary<Record<string, unknown>> {
	return fc.record(
		Object.fromEntries(
			fields
				.filter((f) => f.required || !TYPED.includes(f.kind))
				.map((f) => [f.name, f.required ? tapped(f) : fc.oneof(fc.constant(undefined), tapped(f), tapped(f))])
		)
	);
}

const green = (f: SetupFacts, station: StationId): Map<string, boolean> =>
	new Map(linesOf(station, f, Evidence.of(f)).map((l) => [l.key, l.state === 'ok']));

/** Lines that some entry by tapping alone turns green here, as `station.step > line`. */
export function greenByTapping(f: SetupFacts, station: StationId): Set<string> {
	const found = new Set<string>();
	const before = green(f, station);
	for (const { step, fields } of STATION[station].steps)
		for (const values of fc.sample(entered(fields), SAMPLES)) {
			try {
				for (const [key, ok] of green(did(f, station, step, values), station))
					if (ok && !before.get(key)) found.add(`${station}.${step} > ${key}`);
			} catch (e) {
				// Refused, or a value is missing or wrong: nothing turned green.
				if (!(e instanceof InputFault) && !/^[a-z0-9.-]+: /.test((e as Error).message)) throw e;
			}
		}
	return found;
}
