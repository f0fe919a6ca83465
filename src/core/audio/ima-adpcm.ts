import type { WavHead } from './wav-head.js';

/** Sizes of a step, and how far a code moves along them (IMA Digital Audio Focus and Technical Working Groups, 1992). */
const STEPS = [
	7, 8, 9, 10, 11, 12, 13, 14, 16, 17, 19, 21, 23, 25, 28, 31, 34, 37, 41, 45, 50, 55, 60, 66, 73, 80, 88, 97,
	107, 118, 130, 143, 157, 173, 190, 209, 230, 253, 279, 307, 337, 371, 408, 449, 494, 544, 598, 658, 724,
	796, 876, 963, 1060, 1166, 1282, 1411, 1552, 1707, 1878, 2066, 2272, 2499, 2749, 3024, 3327, 3660, 4026,
	4428, 4871, 5358, 5894, 6484, 7132, 7845, 8630, 9493, 10442, 11487, 12635, 13899, 15289, 16818, 18500,
	20350, 22385, 24623, 27086, 29794, 32767
];
const MOVES = [-1, -1, -1, -1, 2, 4, 6, 8];

/** One channel between two samples: what it was last, and how large its step is. */
interface Track {
	last: number;
	index: number;
}

function next(t: Track, code: number): number {
	const step = STEPS[t.index]!;
	let change = step >> 3;
	if (code & 4) change += step;
	if (code & 2) change += step >> 1;
	if (code & 1) change += step >> 2;
	t.last = Math.max(-32768, Math.min(32767, t.last + (code & 8 ? -change : change)));
	t.index = Math.max(0, Math.min(STEPS.length - 1, t.index + MOVES[code & 7]!));
	return t.last;
}

/** Packed sound, four bits a sample in blocks that each begin with a whole one: the mean of all channels. */
export function unpackIma(head: WavHead, bytes: Uint8Array): Float64Array {
	const { channels, blockBytes, blockFrames } = head;
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	const samples = new Float64Array(head.frames);
	const share = 1 / (32768 * channels);
	for (let block = 0, from = 0; from < head.frames; block++, from += blockFrames) {
		const at = head.dataAt + block * blockBytes;
		for (let c = 0; c < channels; c++) {
			const track: Track = {
				last: view.getInt16(at + 4 * c, true),
				index: Math.min(STEPS.length - 1, bytes[at + 4 * c + 2]!)
			};
			samples[from]! += track.last * share;
			for (let i = 1; i < blockFrames; i++) {
				// Eight samples of a channel stand in four bytes, then comes the next channel.
				const [group, inside] = [(i - 1) >> 3, (i - 1) & 7];
				const byte = bytes[at + 4 * channels * (1 + group) + 4 * c + (inside >> 1)]!;
				samples[from + i]! += next(track, inside & 1 ? byte >> 4 : byte & 15) * share;
			}
		}
	}
	return samples;
}
