import { unpackIma } from './ima-adpcm.js';
import { sampleOf } from './unpack.js';
import { FORMAT, type WavHead, headOf, wrong } from './wav-head.js';

/** A recording as the analysis takes it: one channel from -1 to 1. */
export interface Sound {
	sampleRateHz: number;
	samples: Float64Array;
}
export interface SoundFile extends Sound {
	channels: number;
	bits: string;
	seconds: number;
}

const LONGEST_S = 60;
const RATE_LIMITS = [8000, 192000] as const;

/** @throws InputFault for everything that is known not to be usable before any sound is read */
function checkHead(h: WavHead): void {
	if (h.rate < RATE_LIMITS[0] || h.rate > RATE_LIMITS[1])
		throw wrong(
			h.rate < RATE_LIMITS[0] ? 'below-minimum' : 'above-maximum',
			`${h.rate} samples a second cannot be used. Record with ${RATE_LIMITS[0]} to ${RATE_LIMITS[1]}, 48000 is good.`
		);
	if (h.channels < 1 || h.channels > 32)
		throw wrong('not-a-recording', `${h.channels} channels are no recording. Save it again with one or two.`);
	if (h.bits < 1 || h.bits > 64)
		throw wrong('not-a-recording', `${h.bits} bits a sample are no recording. Save it as plain 16-bit WAV.`);
	const seconds = h.promised / h.rate;
	if (seconds > LONGEST_S)
		throw wrong(
			'above-maximum',
			`${seconds < 600 ? `${seconds.toFixed(0)} s` : `${(seconds / 60).toFixed(0)} minutes`} are too long. Keep a recording to ${LONGEST_S} s: a moment of quiet, then the taps.`
		);
	if (h.promised > h.frames + 1)
		throw wrong(
			'truncated',
			`The file is cut off: it promises ${seconds.toFixed(1)} s and holds ${(h.frames / h.rate).toFixed(1)}. Save or copy it again.`
		);
	if (!h.frames) throw wrong('not-a-recording', 'This WAV holds no sound. Record it again.');
}

/** The mean of all channels. @throws InputFault for a kind that is not read here */
function samplesOf(h: WavHead, bytes: Uint8Array): Float64Array {
	if (h.format === FORMAT.ima && h.bits === 4) return unpackIma(h, bytes);
	const sample = sampleOf(h, bytes);
	if (!sample)
		throw wrong(
			'not-a-recording',
			'This kind of WAV cannot be read. Save it as plain 16-bit WAV and load that.'
		);
	const samples = new Float64Array(h.frames);
	const width = h.blockBytes / h.channels;
	for (let i = 0, at = h.dataAt; i < h.frames; i++)
		for (let c = 0; c < h.channels; c++, at += width) samples[i]! += sample(at) / h.channels;
	return samples;
}

/**
 * Reads a WAV of any common kind: 8 to 32 bit, float, packed, one channel or several (their mean).
 * @throws InputFault in words for everything that cannot be listened to
 */
export function readWav(bytes: Uint8Array): SoundFile {
	const head = headOf(bytes);
	checkHead(head);
	const samples = samplesOf(head, bytes);
	for (let i = 0; i < samples.length; i++) {
		if (!Number.isFinite(samples[i]!))
			throw wrong('not-a-number', 'The recording holds values that are no numbers. Save it again.');
		samples[i] = Math.max(-1, Math.min(1, samples[i]!));
	}
	return {
		sampleRateHz: head.rate,
		samples,
		channels: head.channels,
		bits: head.format === FORMAT.float ? `${head.bits}-bit float` : `${head.bits}-bit`,
		seconds: samples.length / head.rate
	};
}

/** One channel as a plain 16-bit WAV, the form a recording is kept in. */
export function writeWav({ sampleRateHz, samples }: Sound): Uint8Array {
	const [rate, dataBytes] = [Math.round(sampleRateHz), 2 * samples.length];
	const bytes = new Uint8Array(44 + dataBytes);
	const view = new DataView(bytes.buffer);
	const tag = (at: number, name: string) =>
		bytes.set(
			[...name].map((c) => c.charCodeAt(0)),
			at
		);
	tag(0, 'RIFF');
	view.setUint32(4, 36 + dataBytes, true);
	tag(8, 'WAVEfmt ');
	view.setUint32(16, 16, true);
	view.setUint16(20, FORMAT.plain, true);
	view.setUint16(22, 1, true);
	view.setUint32(24, rate, true);
	view.setUint32(28, 2 * rate, true);
	view.setUint16(32, 2, true);
	view.setUint16(34, 16, true);
	tag(36, 'data');
	view.setUint32(40, dataBytes, true);
	for (let i = 0; i < samples.length; i++)
		view.setInt16(44 + 2 * i, Math.max(-32768, Math.min(32767, Math.round(samples[i]! * 32767))), true);
	return bytes;
}
