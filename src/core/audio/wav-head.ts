import { InputFault } from '../calculation/fault.js';

/** What is wrong with a recording, said of the field it comes in. */
export const wrong = (code: string, says: string): InputFault => new InputFault('recording', code, says);

/** What a WAV says of itself before any of its sound is read. */
export interface WavHead {
	/** 1 plain, 3 float, 6 A-law, 7 mu-law, 17 IMA ADPCM, as registered for WAVE files. */
	format: number;
	channels: number;
	rate: number;
	bits: number;
	/** Bytes of a frame of all channels, or of a block of a packed kind. */
	blockBytes: number;
	/** Frames in a block of a packed kind; 1 where every frame stands by itself. */
	blockFrames: number;
	dataAt: number;
	/** Bytes of sound that are there to be read. */
	dataBytes: number;
	frames: number;
	/** Frames the file promises; more than `frames` when it is cut off. */
	promised: number;
}

export const FORMAT = { plain: 1, float: 3, aLaw: 6, muLaw: 7, ima: 17, extensible: 0xfffe } as const;
/** Cameras and editors write a few parts before the sound; a file of thousands is made to be slow. */
const MAX_PARTS = 200;
const NO_SOUND = 'This WAV holds no sound. Record it again.';

type Format = Pick<WavHead, 'format' | 'channels' | 'rate' | 'bits' | 'blockBytes' | 'blockFrames'>;

function formatAt(view: DataView, at: number, size: number): Format {
	const plain = view.getUint16(at, true);
	const format = plain === FORMAT.extensible && size >= 26 ? view.getUint16(at + 24, true) : plain;
	const [channels, bits] = [view.getUint16(at + 2, true), view.getUint16(at + 14, true)];
	const blockBytes = view.getUint16(at + 12, true);
	const packed = format === FORMAT.ima;
	return {
		format,
		channels,
		rate: view.getUint32(at + 4, true),
		bits,
		blockBytes: packed ? blockBytes : Math.ceil(bits / 8) * channels,
		// The first sample of a block stands in its head, two more in every byte after it.
		blockFrames: packed
			? 1 + Math.max(0, Math.floor((2 * (blockBytes - 4 * channels)) / Math.max(1, channels)))
			: 1
	};
}

/** Reads what a WAV says of itself: its length follows from here for every kind, before anything is unpacked. @throws InputFault when it is no WAV */
export function headOf(bytes: Uint8Array): WavHead {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	const tag = (at: number) => String.fromCharCode(...bytes.subarray(at, at + 4));
	if (bytes.length < 12 || tag(0) !== 'RIFF' || tag(8) !== 'WAVE')
		throw wrong(
			'not-a-recording',
			bytes.length === 0
				? 'The file is empty. Record again or pick another one.'
				: 'This is not a WAV recording, whatever it is called. Save the recording as WAV and load that.'
		);
	let format: Format | null = null;
	let at = 12;
	for (let part = 0; at + 8 <= bytes.length; part++) {
		if (part === MAX_PARTS)
			throw wrong('not-a-recording', `This WAV has over ${MAX_PARTS} parts before its sound. Save it again.`);
		const size = view.getUint32(at + 4, true);
		const inside = Math.min(size, bytes.length - at - 8);
		if (tag(at) === 'fmt ' && inside >= 16) format = formatAt(view, at + 8, inside);
		if (tag(at) === 'data') {
			if (!format) break;
			return withLength(format, at + 8, size, bytes.length - at - 8);
		}
		at += 8 + size + (size % 2);
	}
	throw wrong('not-a-recording', NO_SOUND);
}

function withLength(f: Format, dataAt: number, says: number, held: number): WavHead {
	// A stream written without knowing its end goes as far as the file does.
	const told = says === 0 || says === 0xffffffff ? held : says;
	const dataBytes = Math.min(told, held);
	const frames = (n: number) => (f.blockBytes > 0 ? Math.floor(n / f.blockBytes) * f.blockFrames : 0);
	return { ...f, dataAt, dataBytes, frames: frames(dataBytes), promised: frames(told) };
}
