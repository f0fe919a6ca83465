const SILENT = 0.003;
const CLIPPED = 0.985;
const CLIPPED_SHARE = 0.0005;

/** A recording without its offset, and how loud it was. */
export interface Prepared {
	samples: Float64Array;
	peak: number;
	clippedFraction: number;
	/** Why nothing can be heard in it, if so. */
	unusable: 'silent' | 'clipped' | null;
}

/**
 * Takes the offset out, so that a microphone that leans to one side is not taken for sound, and says whether there
 * is any. The result may be put over the recording.
 */
export function prepare(raw: Float64Array, into: Float64Array = new Float64Array(raw.length)): Prepared {
	let [sum, peak, clipped, loudest] = [0, 0, 0, 0];
	for (let i = 0; i < raw.length; i++) {
		const s = raw[i]!;
		sum += s;
		const a = Math.abs(s);
		if (a > peak) peak = a;
		if (a >= CLIPPED) clipped++;
	}
	const mean = sum / raw.length;
	const samples = into;
	for (let i = 0; i < raw.length; i++) {
		const s = raw[i]! - mean;
		samples[i] = s;
		const a = Math.abs(s);
		if (a > loudest) loudest = a;
	}
	const clippedFraction = clipped / raw.length;
	const unusable = loudest < SILENT ? 'silent' : clippedFraction > CLIPPED_SHARE ? 'clipped' : null;
	return { samples, peak, clippedFraction, unusable };
}
