import { expect } from 'chai';
import { gritSize } from '../../../src/core/spec/grit-size.js';
import { F_GRITS } from '../../../src/core/spec/grit-tables.js';
import { example, refuses } from '../examples.js';

describe('spec.grit-size', () => {
	const id = 'spec.grit-size';
	it('F 54', () =>
		example(
			id,
			{ system: 'F', label: '54' },
			{ meanUm: 310, nearestFepa: 356, meshPair: '45/50', meshName: null, lowerUm: null, codes: [] }
		));
	it('mesh 170/200', () =>
		example(
			id,
			{ system: 'mesh', label: '170/200' },
			{ meanUm: 82.5, lowerUm: 75, upperUm: 90, nearestF: 150, nearestFepa: 91, meshName: '180' }
		));
	it('300 micrometres', () =>
		example(
			id,
			{ system: 'um', meanUm: 300 },
			{ label: null, nearestF: 54, nearestFepa: 301, meshName: '50' }
		));
	it('letters in front are taken off', () =>
		example(id, { system: 'FEPA', label: 'D126' }, { label: '126', meanUm: 115.5, meshPair: '120/140' }));
	it('fine and coarse grains are outside the sieves', () =>
		example(id, { system: 'F', label: 'F400' }, { codes: ['outside-sieve-range'], verdict: 'caution' }));
	it('names what is not tabulated', () => {
		refuses(id, { system: 'F', label: '55' }, 'label', 'unknown-choice');
		refuses(id, { system: 'mesh', label: '170/230' }, 'label', 'unknown-choice');
		refuses(id, { system: 'FEPA' }, 'label', 'missing');
		refuses(id, { system: 'um' }, 'meanUm', 'missing');
		refuses(id, { system: 'um', meanUm: 0.01 }, 'meanUm', 'below-minimum');
	});
	it('finds every F size as its own nearest', () => {
		for (const n of F_GRITS.keys())
			expect(gritSize.run({ system: 'F', label: String(n) }).nearestF).to.equal(n);
	});
});
