import Papa from 'papaparse';
import { RACK_COLUMNS, rackLine } from '../../../core/shop/rack-file.js';
import { allWheels } from './wheels.js';

/** The whole rack as a file; what is written here is read again by the import without loss. */
export async function rackFile(kind: 'csv' | 'json'): Promise<Uint8Array> {
	const wheels: Record<string, unknown>[] = (await allWheels()).map((wheel) => ({
		...wheel,
		reason: wheel.stateReason
	}));
	const text =
		kind === 'csv'
			? `\uFEFF${Papa.unparse({ fields: RACK_COLUMNS.map((c) => c.heading), data: wheels.map(rackLine) })}\r\n`
			: JSON.stringify(
					{
						format: 'uncinus-rack',
						version: 1,
						wheels: wheels.map((wheel) =>
							Object.fromEntries(RACK_COLUMNS.map((c) => [c.heading, wheel[c.field] ?? null]))
						)
					},
					null,
					1
				);
	return new TextEncoder().encode(text);
}
