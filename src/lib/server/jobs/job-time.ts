import { deadlines } from '../storage/deadline.js';

/** So long a thread may take until it begins: it may have to be started, or to wait for one that is free. */
const START_WITHIN_S = 60;
/** Looked at so often: a machine that stood still for a while is no work that does. */
const TICK_MS = 1000;

/** How long a job may still take: until it begins, then for its work alone. */
export class JobTime {
	private left = START_WITHIN_S;
	private readonly timer: ReturnType<typeof setInterval> | null;
	constructor(
		private readonly withinS: number,
		late: () => void
	) {
		this.timer = deadlines() ? setInterval(() => --this.left <= 0 && late(), TICK_MS) : null;
	}
	/** The thread is at it. */
	begin(): void {
		this.left = this.withinS;
	}
	end(): void {
		if (this.timer) clearInterval(this.timer);
	}
}
