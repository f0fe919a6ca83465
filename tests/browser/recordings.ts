import type { Page } from 'playwright-core';
import * as wavefile from 'wavefile';
import { writeWav } from '../../src/core/audio/wav.js';
import { type Condition, madeUpRing, soundOf } from '../../src/core/inspect/ring/conditions.js';

const { WaveFile } = (
	'WaveFile' in wavefile ? wavefile : (wavefile as unknown as { default: typeof wavefile }).default
) as typeof wavefile;
const ANGLES = [45, 135, 225, 315, 0, 90, 180, 270];

export interface File {
	name: string;
	mimeType: string;
	buffer: Buffer;
}
const wav = (name: string, bytes: Uint8Array): File => ({
	name,
	mimeType: 'audio/wav',
	buffer: Buffer.from(bytes)
});
export const ringSamples = (
	condition: Condition,
	seed = 3,
	angles: readonly number[] = ANGLES,
	sampleRateHz = 12000,
	gapS = 0.6
): Float64Array =>
	soundOf(madeUpRing({ condition, seed, frequencyHz: 1300, tapAnglesDeg: angles, sampleRateHz, gapS }))
		.samples;
/** A made-up ring as a file somebody might load. */
export const ringFile = (condition: Condition, seed = 3): File =>
	wav(`${condition}.wav`, writeWav({ sampleRateHz: 12000, samples: ringSamples(condition, seed) }));

function kind(name: string, channels: number, rate: number, bits: string, data: number[] | number[][]): File {
	const w = new WaveFile();
	w.fromScratch(channels, rate, bits, data as never);
	return wav(name, w.toBuffer());
}
const ints = (samples: Float64Array, bits: number) =>
	Array.from(samples, (s) => Math.round(s * (2 ** (bits - 1) - 1)));
/** Seeded noise in bursts, as somebody talking. */
function speech(): Float64Array {
	let a = 7;
	const rnd = () => {
		a = (a * 1103515245 + 12345) % 2147483648;
		return a / 2147483648 - 0.5;
	};
	return Float64Array.from({ length: 12000 * 5 }, (_, i) =>
		i < 3000
			? 0.002 * rnd()
			: rnd() *
				0.5 *
				Math.max(0, Math.sin((2 * Math.PI * 3.1 * i) / 12000)) *
				Math.max(0.1, Math.sin((2 * Math.PI * 0.7 * i) / 12000))
	);
}

/** Every kind of recording a person may come with, and what is said of it. */
export function oddRecordings(): [File, RegExp][] {
	const clear = ringSamples('clear');
	const long = writeWav({ sampleRateHz: 8000, samples: new Float64Array(8000) }).slice();
	new DataView(long.buffer).setUint32(40, 2 * 3600 * 16000, true);
	const many = Array.from({ length: 200 }, (_, i) => (i * 45) % 360);
	return [
		[ringFile('silent'), /Nothing can be heard/],
		[ringFile('clipped'), /overdriven/],
		[ringFile('noisy'), /too loud/],
		[
			wav('one.wav', writeWav({ sampleRateHz: 12000, samples: ringSamples('clear', 3, [45]) })),
			/Too few taps/
		],
		[
			wav('speech.wav', writeWav({ sampleRateHz: 12000, samples: speech() })),
			/The recording: (dull|doubtful|not to be judged)/
		],
		[
			wav('many.wav', writeWav({ sampleRateHz: 8000, samples: ringSamples('damped', 3, many, 8000, 0.25) })),
			/The recording: (dull|doubtful|not to be judged)/
		],
		[
			kind('odd rate.wav', 1, 11127, '16', ints(ringSamples('clear', 3, ANGLES, 11127), 16)),
			/The recording: clear/
		],
		[kind('stereo.wav', 2, 12000, '16', [ints(clear, 16), ints(clear, 16)]), /The recording: clear/],
		[kind('deep.wav', 1, 12000, '24', ints(clear, 24)), /The recording: clear/],
		[kind('float.wav', 1, 12000, '32f', [...clear]), /The recording: clear/],
		[wav('cut.wav', ringFile('clear').buffer.subarray(0, 20_000)), /is cut off/],
		[
			{
				name: 'photo.wav',
				mimeType: 'audio/wav',
				buffer: Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 0, 0, 0])
			},
			/not a WAV recording/
		],
		[wav('<img src=x onerror=alert(1)>.wav', long), /120 minutes are too long/]
	];
}

/** Loads a recording where a ring is asked for. */
export const loadWav = (page: Page, file: File): Promise<void> =>
	page.getByLabel('A WAV recording of the ring').setInputFiles(file);
