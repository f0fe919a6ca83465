import Papa from 'papaparse';
import type { SetupFacts } from '../../../core/route/facts.js';
import { cellOut } from '../../../core/shop/rack-file.js';

interface ValueLine {
	of: 'entered' | 'input' | 'output';
	/** The name of the value; what stands in a list or a group by its path. */
	name: string;
	value: string | number | boolean;
}
/** Every value of a group by itself; what is empty is left out. */
function valuesOf(of: ValueLine['of'], value: unknown, name = ''): ValueLine[] {
	if (value === null || value === undefined) return [];
	if (typeof value !== 'object') return [{ of, name, value: value as ValueLine['value'] }];
	return Object.entries(value).flatMap(([k, v]) => valuesOf(of, v, name ? `${name}.${k}` : k));
}

/** Everything kept of a setup, to take away: JSON whole, CSV one value a line. */
export function setupFile(facts: SetupFacts, kind: 'csv' | 'json'): Uint8Array {
	const { records, nowMs: _now, ...setup } = facts;
	if (kind === 'json')
		return new TextEncoder().encode(
			JSON.stringify({ format: 'uncinus-setup', version: 1, setup, records }, null, 1)
		);
	const lines = records.flatMap((r) => {
		const own = {
			record: r.id,
			at: new Date(r.atMs).toISOString(),
			by: r.by,
			station: r.station,
			step: r.step,
			calculation: r.calculation,
			verdict: r.verdict,
			reason: r.overrideReason ?? ''
		};
		return [
			...valuesOf('entered', r.entered),
			...valuesOf('input', r.input),
			...valuesOf('output', r.output)
		].map((v) => ({ ...own, ...v }));
	});
	return new TextEncoder().encode(
		Papa.unparse(
			lines.map((l) =>
				Object.fromEntries(Object.entries(l).map(([k, v]) => [k, typeof v === 'string' ? cellOut(v) : v]))
			)
		)
	);
}
