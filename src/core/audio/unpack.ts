import { FORMAT, type WavHead } from './wav-head.js';

/** One sample at a byte of the file, from -1 to 1. */
type Sample = (at: number) => number;

/**
 * A byte of A-law: sign, three bits of power, four of value, every second bit turned (ITU-T G.711).
 * @example aLaw(0xd5) // 0.000244140625
 */
export function aLaw(byte: number): number {
	const b = byte ^ 0x55;
	const power = (b & 0x70) >> 4;
	const value = ((b & 0x0f) << 4) + 8;
	const size = power === 0 ? value : (value + 0x100) << (power - 1);
	return (b & 0x80 ? size : -size) / 32768;
}

/**
 * A byte of mu-law, all bits turned (ITU-T G.711).
 * @example muLaw(0x80) // 0.9803466796875
 */
export function muLaw(byte: number): number {
	const b = ~byte & 0xff;
	const size = ((((b & 0x0f) << 3) + 0x84) << ((b & 0x70) >> 4)) - 0x84;
	return (b & 0x80 ? -size : size) / 32768;
}

/** How a sample of this kind is read; null for a kind that is not read here. */
export function sampleOf(head: WavHead, bytes: Uint8Array): Sample | null {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	if (head.format === FORMAT.aLaw && head.bits === 8) return (at) => aLaw(bytes[at]!);
	if (head.format === FORMAT.muLaw && head.bits === 8) return (at) => muLaw(bytes[at]!);
	if (head.format === FORMAT.float && head.bits === 32) return (at) => view.getFloat32(at, true);
	if (head.format === FORMAT.float && head.bits === 64) return (at) => view.getFloat64(at, true);
	if (head.format !== FORMAT.plain) return null;
	// Fewer bits than whole bytes stand at the upper end of theirs.
	switch (Math.ceil(head.bits / 8)) {
		case 1:
			return (at) => (bytes[at]! - 128) / 128;
		case 2:
			return (at) => view.getInt16(at, true) / 32768;
		case 3:
			return (at) => ((view.getInt8(at + 2) << 16) | view.getUint16(at, true)) / 8388608;
		case 4:
			return (at) => view.getInt32(at, true) / 2147483648;
		default:
			return null;
	}
}
