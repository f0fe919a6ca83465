import { expect } from 'chai';
import { group, mm } from '../../../src/core/calculation/field/index.js';
import { asTyped, converted, readTyped } from '../../../src/lib/ui/fields/typed.js';

const ROOM = group('room', 'Heights', [
	mm('pivotMm', 'Of the axis', { required: true }),
	mm('raiseMm', 'To come clear', { default: 5 })
] as const);

describe('a group nobody touched', () => {
	for (const system of ['mm', 'inch'] as const)
		it(`is not there in ${system}, whatever stands in it from the start`, () => {
			expect(readTyped(ROOM, asTyped(ROOM, undefined, system), 'room', system)).to.equal(undefined);
		});
	it('nor after it was seen in the other system and back', () => {
		const inch = converted(ROOM, asTyped(ROOM, undefined, 'mm'), 'mm', 'inch');
		expect(readTyped(ROOM, inch, 'room', 'inch')).to.equal(undefined);
		expect(readTyped(ROOM, converted(ROOM, inch, 'inch', 'mm'), 'room', 'mm')).to.equal(undefined);
	});
	it('is there as soon as one of its figures is another one', () => {
		const typed = { pivotMm: '', raiseMm: '6' };
		expect(readTyped(ROOM, typed, 'room', 'mm')).to.deep.equal({ raiseMm: 6 });
	});
});
