import { type Socket, connect } from 'node:net';
import type { InstrumentKind } from '../../../core/instrument/kinds.js';
import { type Heard, Instrument, LineCutter } from '../../../core/instrument/reading.js';
import type { Failure } from '../../../core/instrument/simulate.js';
import { row, rows } from '../storage/pool.js';
import { Refused } from '../refused.js';
import { instrumentAddress } from './hosts.js';

export interface InstrumentRow {
	code: string;
	kind: InstrumentKind;
	host: string;
	port: number | null;
	seed: number;
	level: number;
	swing: number;
	multiple: number;
	failure: Failure;
}
const SELECT = 'SELECT code, kind, host, port, seed, level, swing, multiple, failure FROM instruments';
export const instrumentsOf = (kind: InstrumentKind): Promise<{ code: string; simulated: number }[]> =>
	rows("SELECT code, host = '' AS simulated FROM instruments WHERE kind = ? AND NOT retired ORDER BY code", [
		kind
	]);
/** @throws Refused */
export async function instrumentByCode(code: string): Promise<InstrumentRow> {
	const found = await row<InstrumentRow>(`${SELECT} WHERE code = ?`, [code]);
	if (!found) throw new Refused(404, 'not-found', `There is no instrument ${code.slice(0, 20)}.`);
	return found;
}

export type Told =
	Heard | { state: 'dropped' | 'unreachable'; value: null; angleDeg: null; says: string; lines: number };
const TELL_EVERY_MS = 60;
const SILENT_MS = 3000;

/**
 * Listens to an instrument and tells what it says, at most some sixteen times a second however fast it sends. Ends when it drops
 * out or nobody listens any more.
 */
export function listenTo(i: InstrumentRow, tell: (t: Told) => void): () => void {
	const standIn = Number(process.env.UNCINUS_STAND_INS ?? 0);
	const end = (state: 'dropped' | 'unreachable', says: string) => {
		stop();
		tell({ state, value: null, angleDeg: null, says, lines: heard.now().lines });
	};
	const heard = new Instrument(i.kind);
	const cutter = new LineCutter();
	let over = false;
	let lastLineAt = Date.now();
	let told = -1;
	if (i.host === '' && !standIn) {
		setImmediate(() =>
			end('unreachable', 'has no address, and no stand-in runs here. Enter its address under Shop.')
		);
		return () => undefined;
	}
	let socket: Socket | null = null;
	const timer = setInterval(() => {
		const now = heard.now();
		if (Date.now() - lastLineAt > SILENT_MS) {
			lastLineAt = Date.now();
			tell({ ...now, state: 'waiting', value: null, says: 'sends nothing' });
			told = now.lines;
			return;
		}
		if (now.lines !== told) {
			told = now.lines;
			tell(now);
		}
	}, TELL_EVERY_MS);
	function stop(): void {
		over = true;
		clearInterval(timer);
		socket?.destroy();
	}
	const begin = (host: string, port: number): void => {
		const line = connect({ host, port, timeout: 5000 });
		socket = line;
		hear(line);
	};
	const hear = (socket: Socket): void => {
		socket.on('connect', () => {
			if (!i.host)
				socket.write(
					`${JSON.stringify({ kind: i.kind, seed: i.seed, level: i.level, swing: i.swing, multiple: i.multiple, failure: i.failure })}\n`
				);
		});
		// Characters that arrive in two pieces are put together again before the lines are cut.
		socket.setEncoding('utf8');
		socket.on('data', (d) => {
			const lines = cutter.add(String(d));
			if (lines.length) lastLineAt = Date.now();
			heard.add(lines);
		});
		socket.on('timeout', () => {
			if (!over && socket.connecting) end('unreachable', 'does not answer at its address');
		});
		socket.on('error', () => {
			if (!over)
				end(
					heard.now().lines ? 'dropped' : 'unreachable',
					heard.now().lines ? 'dropped out' : 'does not answer at its address'
				);
		});
		socket.on('close', () => {
			if (!over) end('dropped', 'dropped out');
		});
	};
	if (i.host)
		void instrumentAddress(i.host).then((address) => {
			if (over) return;
			if (address === null)
				end('unreachable', 'has an address that no instrument can have; see docs/security.md');
			else begin(address, i.port ?? 0);
		});
	else begin('127.0.0.1', standIn);
	return () => {
		if (!over) stop();
	};
}
