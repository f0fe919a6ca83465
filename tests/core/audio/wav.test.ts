import { expect } from 'chai';
import fc from 'fast-check';
import * as wavefile from 'wavefile';
import { readWav, writeWav } from '../../../src/core/audio/wav.js';
import { InputFault } from '../../../src/core/calculation/fault.js';

const { WaveFile } = (
	'WaveFile' in wavefile ? wavefile : (wavefile as unknown as { default: typeof wavefile }).default
) as typeof wavefile;
const tone = (n: number) => Array.from({ length: n }, (_, i) => 0.5 * Math.sin(i / 5));
const made = (channels: number, rate: number, bits: string, data: number[] | number[][]): Uint8Array => {
	const w = new WaveFile();
	w.fromScratch(channels, rate, bits, data as never);
	return w.toBuffer();
};
const whole = (bits: number) => tone(2000).map((s) => Math.round(s * (2 ** (bits - 1) - 1)));
const fault = (bytes: Uint8Array): InputFault => {
	try {
		readWav(bytes);
	} catch (e) {
		if (e instanceof InputFault) return e;
		throw e;
	}
	throw new Error('It was read.');
};

describe('audio: WAV', () => {
	for (const [name, bytes, tolerance] of [
		[
			'8-bit',
			made(
				1,
				44100,
				'8',
				tone(2000).map((s) => Math.round(128 + 127 * s))
			),
			0.01
		],
		['16-bit', made(1, 44100, '16', whole(16)), 1e-4],
		['24-bit', made(1, 96000, '24', whole(24)), 1e-6],
		['32-bit', made(1, 48000, '32', whole(32)), 1e-6],
		['32-bit float', made(1, 48000, '32f', tone(2000)), 1e-6],
		['64-bit float', made(1, 48000, '64', tone(2000)), 1e-12],
		['an odd rate', made(1, 11127, '16', whole(16)), 1e-4]
	] as const) {
		it(`reads ${name}`, () => {
			const sound = readWav(bytes);
			expect(sound.samples.length).to.equal(2000);
			tone(2000).forEach((s, i) => expect(sound.samples[i]).to.be.closeTo(s, tolerance));
		});
	}
	it('takes the mean of two channels', () => {
		const sound = readWav(made(2, 48000, '16', [whole(16), whole(16).map(() => 0)]));
		expect(sound.channels).to.equal(2);
		tone(2000).forEach((s, i) => expect(sound.samples[i]).to.be.closeTo(s / 2, 1e-4));
	});
	it('reads packed telephone sound', () => {
		const w = new WaveFile();
		w.fromScratch(1, 8000, '16', whole(16));
		w.toMuLaw();
		const sound = readWav(w.toBuffer());
		expect(sound.samples.length).to.equal(2000);
		tone(2000).forEach((s, i) => expect(sound.samples[i]).to.be.closeTo(s, 0.03));
	});
	it('reads the other telephone law as another reader does', () => {
		const w = new WaveFile();
		w.fromScratch(1, 8000, '16', whole(16));
		w.toALaw();
		const sound = readWav(w.toBuffer());
		w.fromALaw('16');
		const other = w.getSamples(false, Float64Array) as unknown as Float64Array;
		expect(sound.samples.length).to.equal(2000);
		for (let i = 0; i < 2000; i++) expect(sound.samples[i]!).to.be.closeTo(other[i]! / 32768, 1e-3);
	});
	it('unpacks four bits a sample, step by step', () => {
		const block = Buffer.from('00000000777777778799baaaabaa0921', 'hex');
		const head = Buffer.from(
			'524946460000000057415645666d74201400000011000100401f0000000000001000040002001900',
			'hex'
		);
		const bytes = Buffer.concat([head, Buffer.from('data'), Buffer.from([16, 0, 0, 0]), block]);
		const got = Array.from(readWav(bytes).samples, (v) => Math.round(v * 32768));
		// Worked out with the decoder of another language.
		expect(got).to.eql([
			0, 11, 41, 104, 240, 533, 1164, 2521, 5431, 11667, 10776, 8345, 6136, 2788, -1472, -4239, -6755, -9957,
			-12035, -13925, -15642, -16578, -16294, -15520, -14347
		]);
	});
	it('gives back what it wrote, to the last of 16 bits', () =>
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 1, maxLength: 500 }),
				fc.integer({ min: 8000, max: 192000 }),
				(list, sampleRateHz) => {
					const back = readWav(writeWav({ sampleRateHz, samples: Float64Array.from(list) }));
					expect(back.sampleRateHz).to.equal(sampleRateHz);
					expect(back.samples.length).to.equal(list.length);
					list.forEach((s, i) => expect(back.samples[i]).to.be.closeTo(s, 1 / 16000));
				}
			),
			{ numRuns: 60 }
		));
	it('reads a stream that was written without knowing its end', () => {
		const bytes = made(1, 48000, '16', whole(16));
		new DataView(bytes.buffer, bytes.byteOffset).setUint32(40, 0xffffffff, true);
		expect(readWav(bytes).samples.length).to.equal(2000);
	});

	it('says what is wrong with what it cannot read', () => {
		expect(fault(new Uint8Array(0)).message).to.match(/empty/);
		const png = Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, ...new Uint8Array(200)]);
		expect(fault(png).message).to.match(/not a WAV/);
		expect(fault(made(1, 48000, '16', whole(16)).slice(0, 1000))).to.include({
			field: 'recording',
			code: 'truncated'
		});
		expect(fault(made(1, 48000, '16', whole(16)).slice(0, 30)).code).to.equal('not-a-recording');
		expect(fault(made(1, 4000, '16', whole(16))).code).to.equal('below-minimum');
		expect(fault(made(1, 200000, '16', whole(16))).code).to.equal('above-maximum');
		expect(fault(made(1, 48000, '32f', [0.1, Number.NaN, 0.2])).code).to.equal('not-a-number');
		expect(fault(made(1, 48000, '16', [])).code).to.equal('not-a-recording');
	});
	it('refuses two hours from the head alone', () => {
		const bytes = made(1, 8000, '16', whole(16)).slice();
		new DataView(bytes.buffer).setUint32(40, 2 * 3600 * 16000, true);
		expect(fault(bytes)).to.include({ code: 'above-maximum' });
		expect(fault(bytes).message).to.match(/120 minutes are too long/);
	});
	it('refuses hours of packed sound from the head alone', () => {
		const w = new WaveFile();
		w.fromScratch(1, 8000, '16', whole(16));
		w.toIMAADPCM();
		const bytes = Uint8Array.from([...w.toBuffer(), ...new Uint8Array(2_000_000)]);
		const view = new DataView(bytes.buffer);
		let at = 12;
		while (String.fromCharCode(...bytes.subarray(at, at + 4)) !== 'data')
			at += 8 + view.getUint32(at + 4, true);
		view.setUint32(at + 4, 1_500_000_000, true);
		expect(fault(bytes)).to.include({ code: 'above-maximum' });
	});
	it('refuses a file of empty parts', () => {
		const bytes = new Uint8Array(12 + 8 * 5000);
		bytes.set(made(1, 8000, '16', [1]).subarray(0, 12));
		for (let i = 0; i < 5000; i++) bytes.set([0x4a, 0x55, 0x4e, 0x4b], 12 + 8 * i);
		expect(fault(bytes).message).to.match(/over 200 parts/);
	});
	it('says so when a sample has no bits', () => {
		const bytes = made(1, 8000, '16', whole(16)).slice();
		new DataView(bytes.buffer).setUint16(34, 0, true);
		expect(fault(bytes).message).to.match(/0 bits a sample are no recording/);
	});
	it('never fails in another way, whatever the bytes', () =>
		fc.assert(
			fc.property(
				fc.uint8Array({ minLength: 0, maxLength: 120 }),
				fc.boolean(),
				fc.nat(43),
				(junk, keepHead, cut) => {
					const good = made(1, 8000, '16', whole(16).slice(0, 40)).slice();
					if (keepHead)
						junk.forEach((b, i) => {
							good[12 + ((cut + i) % (good.length - 12))] = b;
						});
					const bytes = keepHead ? good : junk;
					try {
						readWav(bytes);
					} catch (e) {
						expect(e).to.be.instanceOf(InputFault);
					}
				}
			),
			{ numRuns: 300 }
		));
});
