import { error } from '@sveltejs/kit';
import Papa from 'papaparse';
import { pageNumber } from '$lib/server/door/page';
import { loadSetup } from '$lib/server/setups/setups';

/** A cell that a spreadsheet would take for a formula is marked as text. */
const safe = (v: unknown) => (typeof v === 'string' && /^[=+\-@\t\r]/.test(v) ? `'${v}` : v);

/** Everything kept of a setup, to take away: JSON whole, CSV one record a line. */
export async function GET({ params }) {
	const loaded = await loadSetup(pageNumber(params.id));
	if (!loaded) error(404, { message: `There is no setup ${params.id}.` });
	const { records, nowMs: _now, ...setup } = loaded.facts;
	const name = `setup-${setup.id}.${params.kind}`;
	const headers = { 'content-disposition': `attachment; filename="${name}"` };
	if (params.kind === 'json')
		return new Response(JSON.stringify({ format: 'uncinus-setup', version: 1, setup, records }, null, 1), {
			headers: { ...headers, 'content-type': 'application/json' }
		});
	if (params.kind !== 'csv') error(404, { message: 'Export is JSON or CSV.' });
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
	const csv = Papa.unparse(
		lines.map((l) => Object.fromEntries(Object.entries(l).map(([k, v]) => [k, safe(v)])))
	);
	return new Response(csv, { headers: { ...headers, 'content-type': 'text/csv; charset=utf-8' } });
}
