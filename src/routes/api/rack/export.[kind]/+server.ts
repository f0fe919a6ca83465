import { error } from '@sveltejs/kit';
import Papa from 'papaparse';
import { RACK_COLUMNS, rackLine } from '$core/shop/rack-file';
import { allWheels } from '$lib/server/wheels/wheels';

/** The whole rack to take away; what is written here is read again by the import without loss. */
export async function GET({ params }) {
	if (params.kind !== 'csv' && params.kind !== 'json') error(404, { message: 'Export is CSV or JSON.' });
	const wheels: Record<string, unknown>[] = (await allWheels()).map((w) => ({ ...w, reason: w.stateReason }));
	const headers = { 'content-disposition': `attachment; filename="rack.${params.kind}"` };
	if (params.kind === 'csv')
		return new Response(
			`\uFEFF${Papa.unparse({ fields: RACK_COLUMNS.map((c) => c.heading), data: wheels.map(rackLine) })}\r\n`,
			{ headers: { ...headers, 'content-type': 'text/csv; charset=utf-8' } }
		);
	return new Response(
		JSON.stringify(
			{
				format: 'uncinus-rack',
				version: 1,
				wheels: wheels.map((w) =>
					Object.fromEntries(RACK_COLUMNS.map((c) => [c.heading, w[c.field] ?? null]))
				)
			},
			null,
			1
		),
		{ headers: { ...headers, 'content-type': 'application/json' } }
	);
}
