const FRAME_S = 0.004;
const APART_S = 0.15;
const LOOK_BACK = 62;

/** Counts taps while they are recorded: the rules of the analysis, as far as they can be kept without knowing what is still to come. */
export class TapCounter {
	taps = 0;
	/** Loudest sample of the last piece and of all of them. */
	level = 0;
	loudest = 0;
	private readonly frame: number;
	private readonly recent: number[] = [];
	private energy = 0;
	private filled = 0;
	private frames = 0;
	private lastTap = -Infinity;
	private top = 0;

	constructor(private readonly fs: number) {
		this.frame = Math.max(1, Math.round(FRAME_S * fs));
	}

	add(piece: Float32Array): void {
		this.level = 0;
		for (let i = 0; i < piece.length; i++) {
			const s = piece[i]!;
			this.level = Math.max(this.level, Math.abs(s));
			this.energy += s * s;
			if (++this.filled === this.frame) this.close();
		}
		this.loudest = Math.max(this.loudest, this.level);
	}

	private close(): void {
		const e = this.energy / this.frame;
		const before = Math.max(0, ...this.recent);
		this.top = Math.max(this.top, e);
		const loud = e >= 0.02 * this.top && e > 2e-5;
		if (
			this.recent.length >= 8 &&
			loud &&
			e >= 2 * before &&
			(this.frames - this.lastTap) * FRAME_S >= APART_S
		) {
			this.taps++;
			this.lastTap = this.frames;
		}
		this.recent.push(e);
		if (this.recent.length > LOOK_BACK) this.recent.shift();
		this.frames++;
		this.energy = 0;
		this.filled = 0;
	}
}
