const FRAME_S = 0.004;
const LOOK_BACK = 62;
const APART = 38;

export interface Onsets {
	samples: number[];
	firstFrame: number;
	frame: number;
}

/** The taps of a recording: frames that stand out of what came shortly before, and the exact sample in each. Comparing with the loudest recent frame ignores beats, which rise but never above what came before. */
export function findOnsets(x: Float64Array, fs: number): Onsets {
	const frame = Math.max(1, Math.floor(FRAME_S * fs + 0.5));
	const count = Math.floor(x.length / frame);
	const e = new Float64Array(count);
	let top = 0;
	for (let k = 0; k < count; k++) {
		let sum = 0;
		for (let i = k * frame; i < (k + 1) * frame; i++) sum += x[i]! * x[i]!;
		e[k] = sum / frame;
		top = Math.max(top, e[k]!);
	}
	const samples: number[] = [];
	let firstFrame = -1;
	let last = -Infinity;
	for (let k = 1; k < count; k++) {
		if (e[k]! < 0.02 * top || k - last < APART) continue;
		let before = 0;
		for (let j = Math.max(0, k - LOOK_BACK); j < k; j++) before = Math.max(before, e[j]!);
		if (e[k]! < 2 * before) continue;
		if (firstFrame < 0) firstFrame = k;
		last = k;
		const end = Math.min(x.length, (k + 2) * frame);
		let loudest = 0;
		for (let i = k * frame; i < end; i++) loudest = Math.max(loudest, Math.abs(x[i]!));
		let i = k * frame;
		while (i < end && Math.abs(x[i]!) < 0.3 * loudest) i++;
		samples.push(i);
	}
	return { samples, firstFrame, frame };
}
