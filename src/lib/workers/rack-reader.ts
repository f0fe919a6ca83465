import Papa from 'papaparse';
import { InputFault } from '$core/calculation/fault';
import { readRackLine } from '$core/shop/rack-file';
import { type Reading, bareColumns } from '$core/shop/rack-units';
import { encodingOf } from '$core/shop/text-encoding';
import type { Intake } from '$core/shop/wheel-intake';

/** Reads a rack file off the main thread: first its headings, then, once the columns are matched, a verdict a line. */
export type ReaderAsk =
	| { kind: 'open'; bytes: ArrayBuffer; name: string }
	| { kind: 'judge'; match: Record<string, number>; how: Reading };
export interface LineVerdict {
	line: number;
	number: string;
	marking: string;
	verdict: 'good' | 'duplicate' | 'unreadable';
	reason: string;
	intake: Intake | null;
}
export type ReaderSays =
	| {
			kind: 'opened';
			headings: string[];
			sample: string[][];
			bare: boolean[];
			lines: number;
			encoding: string;
	  }
	| { kind: 'progress'; done: number; of: number }
	| { kind: 'judged'; lines: LineVerdict[] }
	| { kind: 'failed'; message: string };

const say = (m: ReaderSays) => self.postMessage(m);
const MAX_LINES = 100_000;
const STEP = 500;
let cells: string[][] = [];

function open(bytes: ArrayBuffer, name: string): void {
	const encoding = encodingOf(new Uint8Array(bytes));
	const text = new TextDecoder(encoding).decode(bytes).replace(/^\uFEFF/, '');
	let rows: string[][];
	if (/\.json$/i.test(name) || /^\s*[{[]/.test(text)) {
		let json: unknown;
		try {
			json = JSON.parse(text);
		} catch {
			return say({
				kind: 'failed',
				message: 'This is not readable JSON. Export it again, or save it as CSV.'
			});
		}
		const list = (Array.isArray(json) ? json : (json as { wheels?: unknown }).wheels) as
			Record<string, unknown>[] | undefined;
		if (!Array.isArray(list)) return say({ kind: 'failed', message: 'There are no wheels in this file.' });
		const heads = [
			...new Set(list.flatMap((o) => (typeof o === 'object' && o !== null ? Object.keys(o) : [])))
		];
		rows = [
			heads,
			...list.map((o) => heads.map((head) => String((o as Record<string, unknown> | null)?.[head] ?? '')))
		];
	} else rows = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;
	if (rows.length < 2) return say({ kind: 'failed', message: 'There is no line beneath the headings.' });
	if (rows.length > MAX_LINES)
		return say({
			kind: 'failed',
			message: `${rows.length} lines are more than the ${MAX_LINES} that can be taken at once. Split the file.`
		});
	cells = rows.slice(1);
	say({
		kind: 'opened',
		headings: rows[0]!.map((h, i) => h.trim() || `column ${i + 1}`),
		sample: cells.slice(0, 3),
		bare: bareColumns(cells, rows[0]!.length),
		lines: cells.length,
		encoding
	});
}

function judge(match: Record<string, number>, how: Reading): void {
	const seen = new Map<string, number>();
	const lines: LineVerdict[] = [];
	cells.forEach((row, i) => {
		const raw = (field: string) => (match[field] === undefined ? '' : (row[match[field]] ?? '').trim());
		const base = { line: i + 2, number: raw('number'), marking: raw('marking') };
		try {
			const intake = readRackLine(row, match, how);
			const before = seen.get(intake.wheel.number.toLowerCase());
			if (before === undefined) seen.set(intake.wheel.number.toLowerCase(), i + 2);
			lines.push(
				before === undefined
					? { ...base, verdict: 'good', reason: intake.reason ?? '', intake }
					: { ...base, verdict: 'duplicate', reason: `stands in line ${before} already`, intake: null }
			);
		} catch (error) {
			if (!(error instanceof InputFault)) throw error;
			lines.push({ ...base, verdict: 'unreadable', reason: error.message, intake: null });
		}
		if (i % STEP === 0) say({ kind: 'progress', done: i, of: cells.length });
	});
	say({ kind: 'judged', lines });
}

self.onmessage = ({ data }: MessageEvent<ReaderAsk>) =>
	data.kind === 'open' ? open(data.bytes, data.name) : judge(data.match, data.how);
