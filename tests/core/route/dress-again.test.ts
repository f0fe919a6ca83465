import { expect } from 'chai';
import { decide, refuse } from '../../../src/core/route/engine.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { current, did, faults, line, worked } from '../../shared/setup-in-memory.js';
import { CUP, DRAWER, chose, settled } from './on-dress.js';

const released = (): SetupFacts => worked();
const AGAIN = {
	takenUm: 40,
	soundEven: true,
	diameterAfterMm: 289.5,
	contactSide: 'x-plus',
	burnSeen: false,
	chatterSeen: false,
	soundNormal: true
};

describe('a released wheel dressed again', () => {
	it('stays released, is at its new size, and goes back to grinding', () => {
		const f = did(released(), 'dress', 'again', { ...AGAIN, partsGround: 12 });
		expect(f.state).to.equal('released');
		expect(f.wheel!.diameterMm).to.equal(289.5);
		expect(current(f)).to.equal('keep');
		expect(line(f, 'keep', 'again')).to.include({ state: 'ok' });
		expect(refuse(f, 'keep', 'entry')).to.equal(null);
	});
	it('only after the release, and as often as it takes', () => {
		expect(refuse(worked('prove.release'), 'dress', 'again')!.code).to.equal('not-released');
		const twice = did(did(released(), 'dress', 'again', AGAIN), 'dress', 'again', {
			...AGAIN,
			diameterAfterMm: 289.4
		});
		expect(twice.wheel!.diameterMm).to.equal(289.4);
	});
	for (const [what, more] of [
		['uneven', { soundEven: false }],
		['burnt', { burnSeen: true }],
		['chatter', { chatterSeen: true }],
		['sounds wrong', { soundNormal: false }]
	] as const)
		it(`${what}: it is said on Keep until it came out right`, () => {
			const bad = did(released(), 'dress', 'again', { ...AGAIN, ...more });
			expect(line(bad, 'keep', 'again')).to.include({ state: 'open', value: 'not right: dress again' });
			expect(decide(bad).next).to.match(/^(Redressed and looked at|Sounded even across the face)$/);
			expect(line(did(bad, 'dress', 'again', AGAIN), 'keep', 'again')!.state).to.equal('ok');
		});
	it('a zero that went the wrong way is a stop that nobody gets past', () => {
		const wrong = did(released(), 'dress', 'again', { ...AGAIN, zeroBeforeMm: 50, touchMm: 49.96 });
		expect(line(wrong, 'keep', 'again')!.state).to.equal('stop');
		expect(refuse(wrong, 'keep', 'entry')!.message).to.match(
			/^Stopped at Dress: The zero went the wrong way/
		);
		const right = did(wrong, 'dress', 'again', { ...AGAIN, zeroBeforeMm: 50, touchMm: 50.04 });
		expect(line(right, 'keep', 'again')!.state).to.equal('ok');
		expect(refuse(right, 'keep', 'entry')).to.equal(null);
	});
	it('never grows', () => {
		faults('above-maximum', 'diameterAfterMm', () =>
			did(released(), 'dress', 'again', { ...AGAIN, diameterAfterMm: 290 })
		);
	});
	it('with another dresser after that one was set, not before', () => {
		const f = chose({ ...released(), dressers: DRAWER }, 'cluster', { seen: 'dull' });
		expect(refuse(f, 'dress', 'again')!.code).to.equal('dress.position');
		expect(refuse(f, 'keep', 'entry')!.code, 'nothing is ground meanwhile').to.match(/^dress\./);
		const set = settled(f, 'cluster');
		expect(current(did(set, 'dress', 'again', AGAIN))).to.equal('keep');
	});
	it('a cup by the depth of its rim', () => {
		const f = released();
		const cup = { ...f, wheel: { ...f.wheel!, rimWidthMm: CUP.rimWidthMm!, rimDepthMm: 3 } };
		faults('missing', 'rimDepthAfterMm', () => did(cup, 'dress', 'again', AGAIN));
		const after = did(cup, 'dress', 'again', { ...AGAIN, diameterAfterMm: 289.6, rimDepthAfterMm: 2.96 });
		expect(after.wheel!.rimDepthMm).to.equal(2.96);
	});
});
