import { readdirSync, readFileSync } from 'node:fs';
import { expect } from 'chai';
import { alsoInches } from '../../../src/core/quantity/also-inches.js';

describe('sentences in a setup in inches', () => {
	it('say every metric figure in inches too', () => {
		for (const [words, said] of [
			[
				'Bore 31.75 mm does not belong on 32 mm.',
				'Bore 31.75 mm (1.25 in) does not belong on 32 mm (1.2598 in).'
			],
			['It runs out 13 µm, limit 12 µm.', 'It runs out 13 µm (0.51 thou), limit 12 µm (0.47 thou).'],
			['Stand 1 to 2.5 mm past it.', 'Stand 1 to 2.5 mm (0.0394 to 0.0984 in) past it.'],
			['144 g mm, allowed 72 g mm.', '144 g mm (0.2 oz·in), allowed 72 g mm (0.1 oz·in).'],
			['The wheel weighs 10 kg.', 'The wheel weighs 10 kg (22.05 lb).'],
			['The rim runs 40 m/s.', 'The rim runs 40 m/s (7874 ft/min).'],
			['Fed 200 mm/min at 2300 rpm.', 'Fed 200 mm/min (7.87 in/min) at 2300 rpm.']
		] as const)
			expect(alsoInches(words, 'inch')).to.equal(said);
	});
	it('are told once, however often they are told', () => {
		const once = alsoInches('3 mm, 4 to 5 µm.', 'inch');
		expect(alsoInches(once, 'inch')).to.equal(once);
	});
	it('and stay as they are in millimetres, and where nothing is metric', () => {
		expect(alsoInches('The rest stands 3.5 mm away.', 'mm')).to.equal('The rest stands 3.5 mm away.');
		for (const words of ['Guard closed.', 'Setup 142 is open with it.', 'Wheel A5mm is free.', '3 mmx'])
			expect(alsoInches(words, 'inch'), words).to.equal(words);
	});
	it('have no metric figure that stands without its unit beside one that has it', () => {
		const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter((f) =>
			f.endsWith('.ts')
		);
		const bare = [];
		for (const file of files)
			for (const [sentence] of readFileSync(`src/core/${file}`, 'utf8').matchAll(/`[^`]*`/g))
				for (const [at] of sentence.matchAll(
					/(limit|at most|allowed|aim|takes|instead of|of a bite of) \$\{[^}]*(Mm|Um|Mps|Kg|Gmm|\.toFixed\(\d\))\}(?! ?(mm|µm|m\/s|kg|kW|g mm|rpm|%|Hz))/g
				))
					bare.push(`${file}: ${at}`);
		expect(bare).to.eql([]);
	});
});
