import { expect } from 'chai';
import { Evidence } from '../../../src/core/route/evidence.js';
import { mountsFor } from '../../../src/core/route/stations/mount/choose.js';
import { current, did, faults, line, worked } from '../../shared/setup-in-memory.js';

const OTHER = { mountCode: 'F2', reason: 'the first has a burr' };

describe('Mount: on another mount', () => {
	it('those whose seat the bore belongs on are offered, and no others', () => {
		expect(mountsFor(worked('mount.fit')).map((m) => m.code)).to.deep.equal(['F1', 'F2']);
	});
	it('what was measured and tightened on the one before counts no more, and the wheel is off it', () => {
		const f = worked('run-in.start');
		expect(f.onSpindle).to.equal(true);
		const on = did(f, 'mount', 'choose', OTHER);
		expect(on.mount!.code).to.equal('F2');
		expect(on.onSpindle).to.equal(false);
		for (const key of ['fit', 'flange', 'thread', 'tighten'])
			expect(line(on, 'mount', key)!.state, key).to.equal('open');
		expect(Evidence.of(on).named('inspect', 'ring'), 'the wheel is the same').not.to.equal(null);
		expect(current(on)).to.equal('mount');
		const fit = did(on, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false });
		expect(line(fit, 'mount', 'fit')!.state).to.equal('ok');
	});
	it('asks why, and takes none that does not fit, is not there or is on it already', () => {
		const f = worked('mount.fit');
		faults('missing', 'reason', () => did(f, 'mount', 'choose', { mountCode: 'F2' }));
		faults('unknown-choice', 'mountCode', () => did(f, 'mount', 'choose', { ...OTHER, mountCode: 'ZZ' }));
		faults('inconsistent', 'mountCode', () => did(f, 'mount', 'choose', { ...OTHER, mountCode: 'A9' }));
		faults('inconsistent', 'mountCode', () => did(f, 'mount', 'choose', { ...OTHER, mountCode: 'F1' }));
	});
});
