import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import { neutralAnglesDeg } from '../../../src/core/route/stations/mount/neutral.js';
import { judgedByFinish } from '../../../src/core/route/stations/prove/steps.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import type { WheelFacts } from '../../../src/core/facts/wheel.js';
import { FLANGE } from '../../shared/good-work.js';
import { MOUNT, WHEEL, did, faults, line, setup } from '../../shared/setup-in-memory.js';
import { inspected, keys } from './on-mount.js';

const STATIONS: StationId[] = [
	'brief',
	'select',
	'inspect',
	'mount',
	'run-in',
	'true',
	'dress',
	'prove',
	'keep'
];
const SMALL = { ...WHEEL, newDiameterMm: 180, diameterMm: 175, minDiameterMm: 120, widthMm: 13 };
function tight(wheel: WheelFacts = SMALL) {
	let f = inspected(setup({ stations: STATIONS }), wheel);
	f = did(f, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false });
	return did(did(did(f, 'mount', 'flange', FLANGE), 'mount', 'thread'), 'mount', 'tighten', { done: true });
}
const START = { guardClosed: true, peopleClear: true, firstRun: true };

describe('Mount: weights neutral', () => {
	it('is asked where a route trues and never balances, and the mount has weights', () => {
		expect(keys(tight())).to.include('neutral');
		expect(keys(inspected(setup()))).not.to.include('neutral');
		expect(keys({ ...tight(), mount: { ...MOUNT, weightCount: 0 } })).not.to.include('neutral');
	});
	it('holds the first start until the weights stand at equal spacing', () => {
		const f = tight();
		expect(refuse(f, 'run-in', 'start')!.code).to.equal('mount.neutral');
		faults('inconsistent', 'equal', () => did(f, 'mount', 'neutral', { equal: false }));
		const set = did(f, 'mount', 'neutral', { equal: true });
		expect(line(set, 'mount', 'neutral')).to.include({ state: 'ok', value: '3 weights, every 120°' });
		did(set, 'run-in', 'start', START);
		expect(neutralAnglesDeg(4)).to.deep.equal([0, 90, 180, 270]);
	});
	it('says before anything turns that a large wheel is balanced first', () => {
		const f = did(tight({ ...WHEEL, widthMm: 50 }), 'mount', 'neutral', { equal: true });
		expect(line(f, 'mount', 'neutral')).to.include({ state: 'caution', needsReason: true });
		expect(refuse(f, 'run-in', 'start')!.code).to.equal('mount.neutral');
	});
	it('lets the finish stand for the balance: it is measured before the release', () => {
		expect(judgedByFinish({ stations: STATIONS })).to.equal(true);
		expect(judgedByFinish(setup())).to.equal(false);
	});
});
