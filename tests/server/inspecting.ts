import sharp from 'sharp';
import { key, machinist } from './fixtures.js';
import { writeWav } from '../../src/core/audio/wav.js';
import { type Condition, madeUpRing, soundOf } from '../../src/core/inspect/ring/conditions.js';
import { keepRecording } from '../../src/lib/server/recordings/recordings.js';

/** What an inspection is done with: a picture, a look, eight taps, a recording of them. */
export const picture = (width = 800, height = 600): Promise<Buffer> =>
	sharp({ create: { width, height, channels: 3, background: '#7a6a5a' } })
		.jpeg()
		.toBuffer();
export const SEEN = { crack: false, markingLegible: true };
export const CLEAR = { taps: Array.from({ length: 8 }, () => 'clear') };
const ANGLES = [45, 135, 225, 315, 0, 90, 180, 270];
export const ring = (condition: Condition, seed = 3): Uint8Array =>
	writeWav(
		soundOf(
			madeUpRing({ condition, seed, frequencyHz: 1300, tapAnglesDeg: ANGLES, sampleRateHz: 8000, gapS: 0.6 })
		)
	);
export const put = async (number: string, condition: Condition, setupId: number | null = null, k = key()) =>
	keepRecording(number, { bytes: ring(condition), source: 'simulator', setupId, key: k }, await machinist());
