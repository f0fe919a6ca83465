import { expect } from 'chai';
import { alsoInches } from '../../../src/core/quantity/also-inches.js';

describe('sentences in a setup in inches', () => {
	it('say every metric figure in inches too', () => {
		for (const [words, said] of [
			[
				'Bore 31.75 mm does not belong on 32 mm.',
				'Bore 31.75 mm (1.25 in) does not belong on 32 mm (1.2598 in).'
			],
			['It runs out 13 µm, limit 12.', 'It runs out 13 µm (0.00051 in), limit 12.'],
			['The wheel weighs 10 kg.', 'The wheel weighs 10 kg (22.05 lb).'],
			['The rim runs 40 m/s.', 'The rim runs 40 m/s (7874 ft/min).'],
			['Fed 200 mm/min at 2300 rpm.', 'Fed 200 mm/min (7.87 in/min) at 2300 rpm.']
		] as const)
			expect(alsoInches(words, 'inch')).to.equal(said);
	});
	it('and stay as they are in millimetres, and where nothing is metric', () => {
		expect(alsoInches('The rest stands 3.5 mm away.', 'mm')).to.equal('The rest stands 3.5 mm away.');
		for (const words of ['Guard closed.', 'Setup 142 is open with it.', 'Wheel A5mm is free.', '3 mmx'])
			expect(alsoInches(words, 'inch'), words).to.equal(words);
	});
});
