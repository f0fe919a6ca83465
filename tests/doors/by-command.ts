import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from '../../src/command/paths.js';

/** Our own command, run from outside on a folder of its own as somebody at a terminal would. */
export class ByCommand {
	private readonly child: ChildProcess;
	private text = '';
	private readonly ended: Promise<number | null>;
	private heard: () => void = () => undefined;
	constructor(folder: string, ...args: string[]) {
		this.child = spawn(join(ROOT, 'uncinus'), args, {
			env: { ...process.env, UNCINUS_DATA: folder },
			stdio: ['ignore', 'pipe', 'pipe']
		});
		for (const stream of [this.child.stdout!, this.child.stderr!])
			stream.on('data', (d) => {
				this.text += String(d);
				this.heard();
			});
		this.ended = new Promise((r) => {
			this.child.once('close', (code) => {
				r(code);
				this.heard();
			});
		});
	}
	get said(): string {
		return this.text;
	}
	get pid(): number {
		return this.child.pid!;
	}
	/** What it said where that matches, as soon as it does. @throws Error when it ends without */
	async says(what: RegExp): Promise<RegExpExecArray> {
		for (;;) {
			const found = what.exec(this.text);
			if (found) return found;
			if (this.child.exitCode !== null || this.child.signalCode !== null)
				throw new Error(`It ended without saying ${what}: ${this.text.slice(-1500)}`);
			await new Promise<void>((r) => {
				this.heard = r;
			});
		}
	}
	async end(signal: NodeJS.Signals = 'SIGINT'): Promise<void> {
		this.child.kill(signal);
		await this.ended;
	}
}
