import Papa from 'papaparse';
import type { SetupFacts } from '../../../core/route/facts.js';
import { cellOut } from '../../../core/shop/rack-file.js';

/** Everything kept of a setup, to take away: JSON whole, CSV one record a line. */
export function setupFile(facts: SetupFacts, kind: 'csv' | 'json'): Uint8Array {
	const { records, nowMs: _now, ...setup } = facts;
	if (kind === 'json')
		return new TextEncoder().encode(
			JSON.stringify({ format: 'uncinus-setup', version: 1, setup, records }, null, 1)
		);
	const lines = records.map((r) => ({
		record: r.id,
		at: new Date(r.atMs).toISOString(),
		by: r.by,
		station: r.station,
		step: r.step,
		calculation: r.calculation,
		verdict: r.verdict,
		reason: r.overrideReason ?? '',
		entered: JSON.stringify(r.entered),
		input: JSON.stringify(r.input),
		output: JSON.stringify(r.output)
	}));
	return new TextEncoder().encode(
		Papa.unparse(
			lines.map((l) =>
				Object.fromEntries(Object.entries(l).map(([k, v]) => [k, typeof v === 'string' ? cellOut(v) : v]))
			)
		)
	);
}
