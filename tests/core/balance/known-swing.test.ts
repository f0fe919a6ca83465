import { expect } from 'chai';
import fc from 'fast-check';
import { codes, run } from '../judged.js';
import { refuses } from '../examples.js';

interface Swung {
	inertiaKgM2: number;
	uncertaintyKgM2: number;
	rollingRadiusMm: number;
}
const MOUNT = { massKg: 4.2, knownMassG: 100, knownRadiusMm: 90, arborRadiusMm: 14 };

describe('balance.known-swing', () => {
	it('a worked one: 0.1 kg at 90 mm, a small swing of 8.2 s', () => {
		// m r = 0.009 kg m; g T^2/(4 pi^2) = 16.703 m; 0.009 (16.703 + 0.028) - 4.3 x 0.000196 - 0.00081 = 0.14892
		const out = run<Swung>('balance.known-swing', { ...MOUNT, timeS: 8.2 });
		expect(out.inertiaKgM2).to.be.closeTo(0.14892, 5e-5);
		expect(out.uncertaintyKgM2).to.be.closeTo((2 * 0.009 * 16.703 * 0.2) / 8.2, 5e-5);
	});
	it('what it finds gives the known mass back when its swing is read as unbalance', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 6, max: 20, noNaN: true }),
				fc.double({ min: 10, max: 200, noNaN: true }),
				fc.double({ min: 40, max: 150, noNaN: true }),
				fc.double({ min: 0, max: 50, noNaN: true }),
				(timeS, knownMassG, knownRadiusMm, amplitudeDeg) => {
					const found = run<Swung>('balance.known-swing', {
						...MOUNT,
						knownMassG,
						knownRadiusMm,
						timeS,
						amplitudeDeg
					});
					const back = run<{ unbalanceGmm: number }>('balance.from-period', {
						massKg: MOUNT.massKg + knownMassG / 1000,
						inertiaKgM2: found.inertiaKgM2 + (knownMassG / 1000) * (knownRadiusMm / 1000) ** 2,
						arborRadiusMm: MOUNT.arborRadiusMm,
						timeS,
						...(amplitudeDeg > 0 ? { amplitude1Deg: amplitudeDeg, amplitude2Deg: amplitudeDeg } : {})
					});
					expect(back.unbalanceGmm / (knownMassG * knownRadiusMm)).to.be.closeTo(1, 1e-9);
				}
			)
		));
	it('rolled on whole turns it tells its rolling radius', () => {
		const { arborRadiusMm: _none, ...rest } = MOUNT;
		const out = run<Swung>('balance.known-swing', { ...rest, rolledMm: 264, turns: 3, timeS: 8 });
		expect(out.rollingRadiusMm).to.be.closeTo(264 / (6 * Math.PI), 1e-9);
	});
	it('one press of the stopwatch is too coarse for a quick swing', () => {
		expect(codes(run('balance.known-swing', { ...MOUNT, timeS: 2, timeErrorS: 0.3 }))).to.include(
			'timing-coarse'
		);
		expect(
			codes(run('balance.known-swing', { ...MOUNT, timeS: 80, swings: 10, amplitudeDeg: 70 }))
		).to.deep.equal(['swing-too-large']);
	});
	it('refuses what cannot be', () => {
		const { arborRadiusMm: _none, ...rest } = MOUNT;
		refuses('balance.known-swing', { ...rest, timeS: 8 }, 'arborRadiusMm', 'missing');
		refuses('balance.known-swing', { ...MOUNT, rolledMm: 88, timeS: 8 }, 'rolledMm', 'give-one-of');
		refuses('balance.known-swing', { ...MOUNT, timeS: 0.1 }, 'timeS', 'inconsistent');
	});
});
