import { expect } from 'chai';
import { answer } from '../../../src/core/answer.js';
import { shown } from '../../../src/core/calculation/fault.js';
import { addMonths } from '../../../src/core/numeric/calendar.js';

const synth = (taps: number, notes: number, durationS: number, sampleRateHz: number) => ({
	durationS,
	sampleRateHz,
	taps: Array.from({ length: taps }, (_, i) => ({ timeS: (durationS * i) / taps / 2 })),
	modes: Array.from({ length: notes }, (_, i) => ({ frequencyHz: 500 + i, q: 100 }))
});
const codeOf = (id: string, input: object): [string, string] | null => {
	const told = answer(id, input);
	return 'error' in told ? [told.error.field, told.error.code] : null;
};

describe('calculation: how much work is done', () => {
	it('sizes that multiply are refused at once, with the field to make smaller', () => {
		const most = synth(200, 40, 30, 192000);
		expect(codeOf('inspect.ring-synthesise', most)).to.deep.equal(['taps', 'too-heavy']);
		expect(codeOf('inspect.ring-analysis', { synth: most })).to.deep.equal(['synth.taps', 'too-heavy']);
		const stand = {
			massKg: 7,
			inertiaKgM2: 0.06,
			unbalanceGmm: 400,
			heavyAngleDeg: 10,
			arborRadiusMm: 12,
			startBottomAngleDeg: 200
		};
		expect(codeOf('balance.simulate-stand', { ...stand, stepS: 0.0005, maxTimeS: 3600 })).to.deep.equal([
			'stepS',
			'too-heavy'
		]);
		expect(codeOf('balance.simulate-stand', { ...stand, stepS: 0.0005, maxTimeS: 600 })).to.equal(null);
	});
	it('each alone at its most is still done', () => {
		expect(codeOf('inspect.ring-synthesise', synth(1, 1, 30, 192000))).to.equal(null);
		expect(codeOf('inspect.ring-synthesise', synth(200, 1, 1, 8000))).to.equal(null);
		expect(codeOf('inspect.ring-synthesise', synth(1, 40, 1, 8000))).to.equal(null);
	});
	it('a value nested eighty thousand times is named, not a failure', () => {
		let deep: unknown = 1;
		for (let i = 0; i < 80_000; i++) deep = [deep];
		expect(shown(deep)).to.equal('a list nested too deep');
		expect(codeOf('spec.grit-size', { grit: deep, value: deep })![1]).to.be.a('string');
	});
	it('no day lies beyond the last that four digits of a year can name', () => {
		expect(addMonths('9999-12-31', 1)).to.equal('9999-12-31');
		expect(addMonths('9990-01-31', 600)).to.equal('9999-12-31');
		expect(addMonths('9998-01-31', 13)).to.equal('9999-02-28');
	});
});
