import { type Server, type Socket, createServer } from 'node:net';
import { type Simulated, simulatedLines } from '../core/instrument/simulate.js';

const EVERY_MS = 40;
const FLOOD_LINES = 400;
const DROP_AFTER = 25;

/** One connection: it says which instrument it wants in its first line, then hears it until it goes. */
function play(socket: Socket): void {
	let begun = false;
	let heard = '';
	socket.setNoDelay(true);
	socket.on('error', () => undefined);
	socket.on('data', (d) => {
		heard += String(d);
		if (begun || !heard.includes('\n')) {
			if (heard.length > 2000) socket.destroy();
			return;
		}
		begun = true;
		let s: Simulated;
		try {
			s = JSON.parse(heard.slice(0, heard.indexOf('\n'))) as Simulated;
		} catch {
			socket.destroy();
			return;
		}
		const lines = simulatedLines(s);
		const next = (): string => lines.next().value;
		let sent = 0;
		const timer = setInterval(() => {
			if (s.failure === 'silent') return;
			if (s.failure === 'drop' && sent >= DROP_AFTER) {
				socket.destroy();
				return;
			}
			if (s.failure === 'flood') {
				socket.write(Array.from({ length: FLOOD_LINES }, next).join('\n') + '\n');
				sent += FLOOD_LINES;
				return;
			}
			const text = `${next()}\n`;
			if (s.failure === 'half-lines') {
				socket.write(text.slice(0, 3));
				setTimeout(() => {
					if (!socket.destroyed) socket.write(text.slice(3));
				}, EVERY_MS / 2);
			} else socket.write(text);
			sent++;
		}, EVERY_MS);
		socket.on('close', () => clearInterval(timer));
	});
}

/** Stand-ins for every instrument, on loopback; the port the application is told. */
export function startStandIns(): Promise<{ port: number; stop(): Promise<void> }> {
	return new Promise((done, fail) => {
		const sockets = new Set<Socket>();
		const server: Server = createServer((s) => {
			sockets.add(s);
			s.on('close', () => sockets.delete(s));
			play(s);
		});
		server.on('error', fail);
		server.listen(0, '127.0.0.1', () =>
			done({
				port: (server.address() as { port: number }).port,
				stop: () =>
					new Promise((r) => {
						for (const socket of sockets) socket.destroy();
						server.close(() => r());
					})
			})
		);
		server.unref();
	});
}
