import type { CalcAnswer } from '$core/answer';

/** Runs calculations off the page, the newest question only: an older one that is still on its way is dropped. */
export class CalcOffPage {
	private worker: Worker | null = null;
	private asked = 0;
	/** Null where something newer was asked meanwhile. */
	run(id: string, input: unknown): Promise<CalcAnswer | null> {
		const own = ++this.asked;
		// What is still being computed is not wanted any more.
		this.stop();
		const worker = new Worker(new URL('./calc-runner.ts', import.meta.url), { type: 'module' });
		this.worker = worker;
		return new Promise((done) => {
			worker.onmessage = ({ data }: MessageEvent<CalcAnswer>) => done(own === this.asked ? data : null);
			worker.postMessage({ id, input: JSON.parse(JSON.stringify(input)) });
		});
	}
	stop(): void {
		this.worker?.terminate();
		this.worker = null;
	}
}
