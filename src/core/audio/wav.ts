import * as wavefile from 'wavefile';
import { InputFault } from '../calculation/fault.js';

// The package is a plain script to Node and a module to the bundler; either way this is its one class.
const { WaveFile } = (
	'WaveFile' in wavefile ? wavefile : (wavefile as unknown as { default: typeof wavefile }).default
) as typeof wavefile;

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

export const LONGEST_S = 60;
export const RATE_LIMITS = [8000, 192000] as const;
const CODED: Readonly<Record<number, 'fromALaw' | 'fromMuLaw' | 'fromIMAADPCM'>> = {
	6: 'fromALaw',
	7: 'fromMuLaw',
	17: 'fromIMAADPCM'
};
const wrong = (code: string, says: string): InputFault => new InputFault('recording', code, says);

interface Head {
	format: number;
	channels: number;
	rate: number;
	bits: number;
	dataAt: number;
	dataBytes: number;
	held: number;
}
/** What the file says of itself. @throws InputFault when it is no WAV, or cut off */
function headOf(bytes: Uint8Array): Head {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	const tag = (at: number) => String.fromCharCode(...bytes.subarray(at, at + 4));
	if (bytes.length < 12 || tag(0) !== 'RIFF' || tag(8) !== 'WAVE')
		throw wrong(
			'not-a-recording',
			bytes.length === 0
				? 'The file is empty. Record again or pick another one.'
				: 'This is not a WAV recording, whatever it is called. Save the recording as WAV and load that.'
		);
	let format: Omit<Head, 'dataAt' | 'dataBytes' | 'held'> | null = null;
	for (let at = 12; at + 8 <= bytes.length;) {
		const size = view.getUint32(at + 4, true);
		if (tag(at) === 'fmt ' && at + 24 <= bytes.length) {
			const plain = view.getUint16(at + 8, true);
			format = {
				format: plain === 0xfffe && at + 34 <= bytes.length ? view.getUint16(at + 32, true) : plain,
				channels: view.getUint16(at + 10, true),
				rate: view.getUint32(at + 12, true),
				bits: view.getUint16(at + 22, true)
			};
		}
		if (tag(at) === 'data') {
			if (!format) break;
			return { ...format, dataAt: at + 8, dataBytes: size, held: bytes.length - at - 8 };
		}
		at += 8 + size + (size % 2);
	}
	throw wrong('not-a-recording', 'This WAV holds no sound. Record it again.');
}

/**
 * Reads a WAV of any common kind: 8 to 32 bit, float, packed, one channel or several (their mean).
 * @throws InputFault in words for everything that cannot be listened to
 */
export function readWav(bytes: Uint8Array): SoundFile {
	const head = headOf(bytes);
	if (head.rate < RATE_LIMITS[0] || head.rate > RATE_LIMITS[1])
		throw wrong(
			head.rate < RATE_LIMITS[0] ? 'below-minimum' : 'above-maximum',
			`${head.rate} samples a second cannot be used. Record with ${RATE_LIMITS[0]} to ${RATE_LIMITS[1]}, 48000 is good.`
		);
	if (head.channels < 1 || head.channels > 32)
		throw wrong(
			'not-a-recording',
			`${head.channels} channels are no recording. Save it again with one or two.`
		);
	if (head.bits < 1 || head.bits > 64)
		throw wrong(
			'not-a-recording',
			`${head.bits} bits a sample are no recording. Save it as plain 16-bit WAV.`
		);
	const frameBytes = Math.max(1, (head.bits / 8) * head.channels);
	const open = head.dataBytes === 0 || head.dataBytes === 0xffffffff;
	const seconds = (open ? head.held : head.dataBytes) / frameBytes / head.rate;
	if (seconds > LONGEST_S && !CODED[head.format])
		throw wrong(
			'above-maximum',
			`${seconds < 600 ? `${seconds.toFixed(0)} s` : `${(seconds / 60).toFixed(0)} minutes`} are too long. Keep a recording to ${LONGEST_S} s: a moment of quiet, then the taps.`
		);
	if (!open && head.held < head.dataBytes - 1)
		throw wrong(
			'truncated',
			`The file is cut off: it promises ${seconds.toFixed(1)} s and holds ${(head.held / frameBytes / head.rate).toFixed(1)}. Save or copy it again.`
		);
	let held: Float64Array | Float64Array[];
	try {
		const wav = new WaveFile(open ? withLength(bytes, head) : bytes);
		const decode = CODED[head.format];
		if (decode) wav[decode]('16');
		held = wav.getSamples(false, Float64Array) as unknown as Float64Array | Float64Array[];
	} catch {
		throw wrong(
			'not-a-recording',
			'This kind of WAV cannot be read. Save it as plain 16-bit WAV and load that.'
		);
	}
	const isFloat = head.format === 3;
	const scale = isFloat ? 1 : CODED[head.format] ? 32768 : 2 ** (head.bits - 1);
	const zero = head.bits === 8 && !CODED[head.format] ? 128 : 0;
	const channels = Array.isArray(held) ? held : [held];
	const samples = new Float64Array(channels[0]!.length);
	for (const c of channels)
		for (let i = 0; i < samples.length; i++) samples[i]! += (c[i]! - zero) / scale / channels.length;
	for (let i = 0; i < samples.length; i++) {
		if (!Number.isFinite(samples[i]!))
			throw wrong('not-a-number', 'The recording holds values that are no numbers. Save it again.');
		samples[i] = Math.max(-1, Math.min(1, samples[i]!));
	}
	if (samples.length / head.rate > LONGEST_S)
		throw wrong('above-maximum', `Keep a recording to ${LONGEST_S} s.`);
	if (!samples.length) throw wrong('not-a-recording', 'This WAV holds no sound. Record it again.');
	return {
		sampleRateHz: head.rate,
		samples,
		channels: channels.length,
		bits: isFloat ? `${head.bits}-bit float` : `${head.bits}-bit`,
		seconds: samples.length / head.rate
	};
}

/** A stream written without knowing its end gets its length now. */
function withLength(bytes: Uint8Array, head: Head): Uint8Array {
	const copy = bytes.slice();
	new DataView(copy.buffer).setUint32(head.dataAt - 4, head.held, true);
	return copy;
}

/** One channel as a plain 16-bit WAV, the form a recording is kept in. */
export function writeWav({ sampleRateHz, samples }: Sound): Uint8Array {
	const whole = new Int16Array(samples.length);
	for (let i = 0; i < samples.length; i++)
		whole[i] = Math.max(-32768, Math.min(32767, Math.round(samples[i]! * 32767)));
	const wav = new WaveFile();
	wav.fromScratch(1, Math.round(sampleRateHz), '16', whole);
	return wav.toBuffer();
}
