import Papa from 'papaparse';
import { basisText } from '../../../core/route/basis.js';
import { basisOf } from '../../../core/route/stations/index.js';
import type { RecordFacts } from '../../../core/facts/records.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { cellOut } from '../../../core/shop/rack-file.js';
import { rows } from '../storage/pool.js';
import { type FullRecord, linksOf, recordsWhere } from '../storage/records.js';

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

/** On what a record rests, in words. */
function restsOn(facts: SetupFacts, record: RecordFacts): string | null {
	const basis = basisOf(record);
	return basis && basisText(basis, facts.units);
}

type Line = Record<string, string | number | boolean>;
/** Lines of a table of one record: one value a line. */
function linesOf(facts: SetupFacts, record: RecordFacts): Line[] {
	const own = {
		record: record.id,
		at: new Date(record.atMs).toISOString(),
		by: record.by,
		station: record.station,
		step: record.step,
		calculation: record.calculation,
		verdict: record.verdict,
		reason: record.overrideReason ?? '',
		basis: restsOn(facts, record) ?? ''
	};
	return [
		...valuesOf('entered', record.entered),
		...valuesOf('input', record.input),
		...valuesOf('output', record.output)
	].map((v) =>
		Object.fromEntries(
			Object.entries({ ...own, ...v }).map(([k, x]) => [k, typeof x === 'string' ? cellOut(x) : x])
		)
	);
}

async function* asTable(facts: SetupFacts, pages: AsyncIterable<RecordFacts[]>): AsyncGenerator<string> {
	let header = true;
	for await (const page of pages) {
		const lines = page.flatMap((record) => linesOf(facts, record));
		if (!lines.length) continue;
		yield `${header ? '' : '\r\n'}${Papa.unparse(lines, { header })}`;
		header = false;
	}
}
async function* asJson(facts: SetupFacts, pages: AsyncIterable<RecordFacts[]>): AsyncGenerator<string> {
	const { records: _records, nowMs: _now, ...setup } = facts;
	const head = JSON.stringify({ format: 'uncinus-setup', version: 1, setup }, null, 1);
	yield `${head.slice(0, head.lastIndexOf('\n}'))},\n "records": [`;
	let first = true;
	for await (const page of pages) {
		const links = await linksOf(page.map((record) => record.id));
		for (const r of page) {
			yield `${first ? '' : ','}\n  ${JSON.stringify({ ...r, basis: restsOn(facts, r), ...links.get(r.id) })}`;
			first = false;
		}
	}
	yield '\n ]\n}';
}

/** Records read at a time: so much is held, however many there are. */
const PAGE = 40;
/** Every record of a setup that can be read, oldest first, page by page; what is recorded meanwhile is in the next file. */
async function* recordPages(setupId: number): AsyncGenerator<FullRecord[]> {
	const [{ last }] = (await rows<{ last: number | null }>(
		'SELECT MAX(id) AS last FROM records WHERE setup_id = ?',
		[setupId]
	)) as [{ last: number | null }];
	for (let after = 0; ;) {
		const page = await recordsWhere(
			`WHERE r.setup_id = ? AND r.id > ? AND r.id <= ? ORDER BY r.id LIMIT ${PAGE}`,
			[setupId, after, Number(last ?? 0)]
		);
		if (!page.length) return;
		yield page.filter((r) => r.readable);
		after = page.at(-1)!.id;
	}
}

/** Everything kept of a setup, to take away, bit by bit: JSON whole, CSV one value a line. */
export function setupFile(facts: SetupFacts, kind: 'csv' | 'json'): AsyncGenerator<string> {
	const pages = recordPages(facts.id);
	return kind === 'json' ? asJson(facts, pages) : asTable(facts, pages);
}
