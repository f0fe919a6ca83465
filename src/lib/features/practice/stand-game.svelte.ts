import {
	type Judged,
	type Trajectory,
	judge,
	parOf,
	practiceWheel,
	startAngle
} from '$core/balance/practice/round';
import { fromMarks } from '$core/balance/from-marks';
import { twoWeights } from '$core/balance/two-weights';
import { fromMarkedRelease, learn, startFrom } from '$core/balance/estimate';
import { InputFault } from '$core/calculation/fault';
import { add, angleOf, fold360, len, vec } from '$core/numeric/angles';
import { JOURNAL_MM, TRACK_MM } from '$core/balance/spins/made-up-wheel';
import type { RollAsked } from '$lib/workers/stand-roller';

export interface Mark {
	deg: number;
	timeS: number;
}
/** Nothing is known of the wheel before its first release, in g mm. */
const NO_PRIOR = 1e5;

/** One round at the practice stand: the wheel let go, chalked, its weights moved, until the person says it is good. */
export class StandGame {
	seed = $state(0);
	weights = $state<[number, number]>([0, 180]);
	spins = $state(0);
	marks = $state.raw<Mark[]>([]);
	rolling = $state(false);
	restDeg = $state<number | null>(null);
	used = $state(false);
	result = $state<(Judged & { computed: number; feel: number; spins: number }) | null>(null);
	said = $state('');
	track: Trajectory | null = null;
	beganMs = 0;
	speed = $state(4);
	private worker: Worker | null = null;
	private belief = startFrom({ x: 0, y: 0 }, NO_PRIOR);
	/** Once a release has been learnt from it is not learnt from again. */
	private learntSpin = 0;

	constructor(seed: number) {
		this.begin(seed);
	}
	begin(seed: number): void {
		this.seed = seed;
		this.weights = [0, 180];
		this.spins = 0;
		this.marks = [];
		this.rolling = false;
		this.restDeg = null;
		this.used = false;
		this.result = null;
		this.said = '';
		this.track = null;
		this.belief = startFrom({ x: 0, y: 0 }, NO_PRIOR);
		this.learntSpin = 0;
	}
	get wheel() {
		return practiceWheel(this.seed);
	}

	letGo(push: boolean): void {
		if (this.rolling || this.result) return;
		this.spins++;
		this.marks = [];
		this.restDeg = null;
		this.said = '';
		this.rolling = true;
		this.track = null;
		this.worker ??= new Worker(new URL('../../workers/stand-roller.ts', import.meta.url), { type: 'module' });
		this.worker.onmessage = ({ data }: MessageEvent<Trajectory>) => {
			this.track = data;
			this.beganMs = performance.now();
		};
		this.worker.onerror = () => {
			this.rolling = false;
			this.spins--;
			this.said = 'The stand did not start. Let it go again.';
		};
		const asked: RollAsked = {
			seed: this.seed,
			weightsDeg: [...this.weights],
			startBottomDeg: startAngle(this.seed, this.spins),
			pushDegPerS: push ? 10 : 0
		};
		this.worker.postMessage(asked);
	}
	/** Where the wheel is at this moment of the clock; ends the roll when it has come to rest. */
	at(nowMs: number): { bottomDeg: number; wayMm: number; timeS: number } | null {
		const track = this.track;
		if (!track) return null;
		const timeS = this.rolling ? ((nowMs - this.beganMs) / 1000) * this.speed : Infinity;
		const i = Math.min(track.bottomDeg.length - 1, Math.floor(timeS * track.hz));
		if (this.rolling && i >= track.bottomDeg.length - 1) this.rest();
		return { bottomDeg: track.bottomDeg[i]!, wayMm: track.wayMm[i]!, timeS: i / track.hz };
	}
	private rest(): void {
		this.rolling = false;
		this.restDeg = this.track!.restDeg;
	}
	/** Nobody has to wait for the last minutes of it. */
	wait(): void {
		if (this.rolling && this.track) this.rest();
	}
	chalk(nowMs: number): void {
		const now = this.rolling ? this.at(nowMs) : null;
		if (now && this.marks.length < 41)
			this.marks = [...this.marks, { deg: Math.round(now.bottomDeg) % 360, timeS: now.timeS }];
	}
	rubOut(): void {
		this.marks = this.marks.slice(0, -1);
	}
	move(i: 0 | 1, deg: number): void {
		if (!this.rolling && !this.result)
			this.weights = i === 0 ? [fold360(deg), this.weights[1]] : [this.weights[0], fold360(deg)];
	}

	/** From the marks of this release, and all before it: where both weights go. */
	compute(): void {
		const wheel = this.wheel;
		this.used = true;
		try {
			const marks = this.marks;
			if (marks.length < 3) {
				this.said =
					'Three turning marks at least, nine are better. Let it go again and chalk where it turns.';
				return;
			}
			const found = fromMarks.run({
				massKg: wheel.massKg,
				inertiaKgM2: wheel.believedKgM2,
				arborRadiusMm: JOURNAL_MM,
				turningAnglesDeg: marks.map((mark) => mark.deg),
				timeS: marks.at(-1)!.timeS - marks[0]!.timeS
			});
			const W = this.weights.reduce((v, a) => add(v, vec(wheel.u, a)), { x: 0, y: 0 });
			if (this.learntSpin !== this.spins) {
				learn(this.belief, { W, stays: false, ...fromMarkedRelease(found, wheel.frictionGmm) });
				this.learntSpin = this.spins;
			}
			const U = { x: this.belief.x, y: this.belief.y };
			const out = twoWeights.run({
				unbalanceGmm: len(U),
				heavyAngleDeg: angleOf(U),
				massG: wheel.u / TRACK_MM,
				radiusMm: TRACK_MM
			});
			this.weights = [out.placements[0]!.angleDeg, out.placements[1]!.angleDeg];
			this.said = `Heavy at ${found.heavyAngleDeg.toFixed(0)}°, ${found.unbalanceGmm.toFixed(0)} g mm. Weights set to ${this.weights.map((weight) => `${weight.toFixed(0)}°`).join(' and ')}. Roll again to prove it.`;
		} catch (error) {
			if (!(error instanceof InputFault)) throw error;
			this.said = error.message;
		}
	}
	finish(): void {
		if (this.spins && !this.rolling)
			this.result = { ...judge(this.seed, this.weights), ...parOf(this.seed), spins: this.spins };
	}
	close(): void {
		this.worker?.terminate();
		this.worker = null;
	}
}
