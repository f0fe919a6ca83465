import { madeUpRing, soundOf } from '../../src/core/inspect/ring/conditions.js';
import { listen, qLimits } from '../../src/core/inspect/ring/listen.js';
import { powerOfTwo, plan } from '../../src/core/numeric/fft.js';
import type { Ratio } from './ratio.js';
import { medianMs } from './median.js';

const FS = 48000;
const LONG_S = 20;

/** So many seconds of a sound wheel struck once a second. */
function sound(seconds: number): { samples: Float64Array; angles: number[] } {
	// One can be made up to 30 s; a longer one is the same wheel rung again.
	if (seconds > 30) {
		const half = sound(seconds / 2);
		const samples = new Float64Array(2 * half.samples.length);
		samples.set(half.samples);
		samples.set(half.samples, half.samples.length);
		return { samples, angles: [...half.angles, ...half.angles] };
	}
	const angles = Array.from({ length: Math.min(20, Math.floor(seconds)) }, (_, i) => (i * 45) % 360);
	const gapS = (seconds - 0.7) / angles.length;
	return {
		samples: soundOf(
			madeUpRing({
				condition: 'clear',
				seed: 5,
				frequencyHz: 1060,
				tapAnglesDeg: angles,
				sampleRateHz: FS,
				gapS
			})
		).samples,
		angles
	};
}

/** Listening to a ring against the bare transforms it cannot do without, and how it grows with the length of the recording. */
export async function benchRing(): Promise<Ratio[]> {
	const settings = (angles: number[]) => ({
		minTaps: 4,
		bandLowHz: 150,
		...qLimits('vitrified'),
		tapAnglesDeg: angles,
		expectedFrequencyHz: null,
		baseline: null
	});
	const time = async (seconds: number) => {
		const s = sound(seconds);
		return {
			ms: await medianMs(() => {
				listen(s.samples, FS, settings(s.angles));
			}, 5),
			...s
		};
	};
	const whole = await time(LONG_S);
	const { result } = listen(whole.samples, FS, settings(whole.angles));
	const [tapSize, size] = [powerOfTwo(2 * FS), powerOfTwo(whole.samples.length)];
	const [small, large] = [plan(tapSize), plan(size)];
	const [smallIn, largeIn] = [new Float64Array(tapSize), new Float64Array(size)];
	smallIn.set(whole.samples.subarray(0, FS));
	largeIn.set(whole.samples);
	const [smallOut, spectrum, back] = [
		new Float64Array(2 * tapSize),
		new Float64Array(2 * size),
		new Float64Array(2 * size)
	];
	const bare = await medianMs(() => {
		for (let i = 0; i < result.tapCount; i++) small.realTransform(smallOut, smallIn);
		large.realTransform(spectrum, largeIn);
		for (let i = 0; i < result.modes.length; i++) large.inverseTransform(back, spectrum);
	}, 5);
	const [five, forty] = [await time(5), await time(40)];
	return [
		{
			name: `ring analysis, ${LONG_S} s at ${FS / 1000} kHz`,
			value: whole.ms / bare,
			unit: 'times',
			aim: 'aim: at most 3',
			of: `its ${result.tapCount + 1 + result.modes.length} bare transforms (${bare.toFixed(0)} ms; analysed in ${whole.ms.toFixed(0)} ms)`
		},
		{
			name: 'ring analysis, growth',
			value: forty.ms / five.ms,
			unit: 'times',
			aim: '',
			of: `5 s of sound (${five.ms.toFixed(0)} ms), for 40 s (${forty.ms.toFixed(0)} ms)`
		}
	];
}
