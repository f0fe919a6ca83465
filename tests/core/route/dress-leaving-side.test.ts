import { expect } from 'chai';
import { dresserPosition } from '../../../src/core/dress/dresser-position.js';
import { leavingSide, sideWords } from '../../../src/core/route/stations/dress/methods/position.js';
import { setup } from '../../shared/setup-in-memory.js';

describe('which way the leaving side lies', () => {
	const on = (kind: string, rotation: 'cw' | 'ccw') =>
		setup({ machine: { ...setup().machine, kind, rotation } });
	it('beneath the wheel by the sense of rotation; at its side by the way the rim moves there', () => {
		expect(leavingSide(on('surface-toolroom', 'cw'), 'down')).to.equal('left, so minus');
		expect(leavingSide(on('surface-toolroom', 'ccw'), 'down')).to.equal('right, so plus');
		for (const rotation of ['cw', 'ccw'] as const) {
			expect(leavingSide(on('cylindrical', rotation), 'down')).to.equal('below, so minus');
			expect(leavingSide(on('cylindrical', rotation), 'up')).to.equal('above, so plus');
		}
	});
	it('agrees with what is judged', () => {
		for (const motion of ['up', 'down'] as const) {
			const past = leavingSide(on('cylindrical', 'cw'), motion).endsWith('minus') ? -2 : 2;
			const out = dresserPosition.run({
				setup: 'cylindrical-side',
				wheelDiameterMm: 300,
				surfaceMotion: motion,
				offsetMm: past,
				dragAngleDeg: 12
			});
			expect(sideWords(out.side)).to.equal('on the leaving side');
			expect(out.verdict).not.to.equal('stop');
		}
	});
});
