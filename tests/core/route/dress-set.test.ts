import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import { did, line, worked } from '../../shared/setup-in-memory.js';
import { atDress, chose, settled } from './on-dress.js';

const TOUCHES = {
	odStartZMm: 3,
	odStartXMm: 124.5,
	odEndZMm: 29,
	odEndXMm: 124.502,
	faceZMm: -0.25,
	pastFaceZMm: 36,
	cleanedUp: true
};
const SIDES = {
	kind: 'external',
	wheelSideOfWork: 'x-plus',
	grindSide: 'x-minus',
	dressSide: 'x-minus',
	dressBites: 'x-plus'
};
const READ = {
	touchXMm: [88.412, 88.415, 88.413],
	touchZMm: [20.03, 20.031],
	probeXMm: [61.2, 61.203],
	probeZMm: [12, 12.001]
};
const set = () => settled(chose(atDress(), 'cluster'), 'cluster');
const DONE = { soundEven: true, diameterAfterMm: 289.6 };

describe('setting the dresser', () => {
	it('asks for nothing where nobody began it', () => {
		for (const key of ['register', 'side', 'calibrate', 'zero'])
			expect(line(set(), 'dress', key), key).to.equal(undefined);
	});
	it('four touches register it; another dresser makes them void', () => {
		const f = did(set(), 'dress', 'register', TOUCHES);
		expect(line(f, 'dress', 'register')!.state).to.equal('ok');
		const other = chose(f, 'rotary-disc');
		expect(line(other, 'dress', 'register')).to.include({ state: 'open' });
		expect(refuse(settled(other, 'rotary-disc'), 'dress', 'done')!.code).to.equal('dress.register');
	});
	it('a way that is not parallel holds the dress until somebody says why', () => {
		const f = did(set(), 'dress', 'register', { ...TOUCHES, odEndXMm: 124.56 });
		expect(line(f, 'dress', 'register')).to.include({ state: 'caution', needsReason: true });
		expect(refuse(f, 'dress', 'done')!.code).to.equal('dress.register');
	});
	for (const [what, more] of [
		['dressed on another side than it cuts', { dressSide: 'x-plus', dressBites: 'x-minus' }],
		['biting away from the wheel', { dressBites: 'x-minus' }],
		['cutting on the wrong side', { grindSide: 'x-plus', dressSide: 'x-plus', dressBites: 'x-minus' }]
	] as const)
		it(`a wrong sense is a stop that nobody gets past: ${what}`, () => {
			const f = did(set(), 'dress', 'side', { ...SIDES, ...more });
			expect(line(f, 'dress', 'side')!.state).to.equal('stop');
			expect(refuse(f, 'dress', 'done')!.message).to.match(/^Stopped/);
			expect(refuse(did(f, 'dress', 'side', SIDES), 'dress', 'done')).to.equal(null);
		});
	it('a calibration is void after a dress until the zero is moved', () => {
		const f = did(set(), 'dress', 'calibrate', READ);
		expect(line(f, 'dress', 'calibrate')!.state).to.equal('ok');
		expect(line(f, 'dress', 'zero'), 'nothing moved yet').to.equal(undefined);
		const dressed = did(f, 'dress', 'done', DONE);
		expect(line(dressed, 'dress', 'calibrate')!.state).to.equal('open');
		expect(line(dressed, 'dress', 'zero')!.state).to.equal('open');
		const moved = did(dressed, 'dress', 'zero', {
			dressRadialUm: 40,
			contactSide: 'x-plus',
			previousZeroMm: 50,
			touchZeroMm: 50.04
		});
		expect(line(moved, 'dress', 'calibrate')!.state).to.equal('ok');
		expect(line(moved, 'dress', 'zero')!.state).to.equal('ok');
		const wrong = did(dressed, 'dress', 'zero', {
			dressRadialUm: 40,
			contactSide: 'x-plus',
			previousZeroMm: 50,
			touchZeroMm: 49.96
		});
		expect(line(wrong, 'dress', 'zero')!.state).to.equal('stop');
	});
	it('a redress of a calibrated wheel carries its own zero', () => {
		const f = { ...worked(), dressers: set().dressers };
		const calibrated = did(f, 'dress', 'calibrate', READ);
		const again = did(calibrated, 'dress', 'again', {
			takenUm: 40,
			soundEven: true,
			diameterAfterMm: 289.5,
			contactSide: 'x-plus',
			burnSeen: false,
			chatterSeen: false,
			soundNormal: true
		});
		expect(line(again, 'dress', 'calibrate')!.state).to.equal('ok');
		expect(line(again, 'dress', 'zero')!.state).to.equal('ok');
	});
});
