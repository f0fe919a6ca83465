import { expect } from 'chai';
import fc from 'fast-check';
import { InputFault, tidied } from '../../../src/core/calculation/fault.js';
import { needed } from '../../../src/core/calculation/needed.js';
import { Findings, worst } from '../../../src/core/calculation/verdict.js';

describe('words of faults and findings', () => {
	it('drop the tail of a conversion and leave what was typed', () => {
		expect(
			new InputFault('x', 'inconsistent', 'New diameter 205 mm is smaller than 355.59999999999997 mm.')
				.message
		).to.equal('New diameter 205 mm is smaller than 355.6 mm.');
		expect(tidied('"0.1234567 bananas" is not a number')).to.equal('"0.1234567 bananas" is not a number');
		expect(new Findings().caution('a', true, 'Off by 0.30000000000000004 mm.').reasons[0]!.message).to.equal(
			'Off by 0.3 mm.'
		);
		expect(tidied('12.5 mm of 31.75, type 1.2.3')).to.equal('12.5 mm of 31.75, type 1.2.3');
	});
	it('stay within six figures of the number', () =>
		fc.assert(
			fc.property(fc.double({ min: 1e-3, max: 1e6, noNaN: true }), (n) => {
				const shown = Number(/^[\d.e+-]+/.exec(tidied(`${n} mm`))![0]);
				expect(Math.abs(shown - n)).to.be.at.most(1e-5 * n);
			})
		));
	it('name the first thing that is missing by its label', () => {
		const fields = [{ name: 'massKg' }, { name: 'radiusMm', label: 'Radius of the mass' }];
		expect(() => needed({ massKg: 1, radiusMm: null }, fields, 'It is needed here.')).to.throw(
			InputFault,
			'Radius of the mass is missing. It is needed here.'
		);
		expect(() => needed({}, fields, 'It is needed here.')).to.throw(InputFault, 'Mass is missing.');
		expect(() => needed({ massKg: 0, radiusMm: 0 }, fields, '')).not.to.throw();
	});
	it('the worst one decides, each is said once', () => {
		const f = new Findings()
			.caution('b', true, 'one')
			.caution('b', true, 'again')
			.stop('c', false, 'no')
			.remark('d', true, 'by the way');
		expect(f.reasons.map((r) => r.code)).to.deep.equal(['b', 'd']);
		expect(f.verdict).to.equal('caution');
		expect(worst(['ok', 'stop', 'caution'])).to.equal('stop');
		expect(worst([])).to.equal('ok');
	});
});
