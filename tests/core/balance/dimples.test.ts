import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';

describe('balance.dimples', () => {
	const good = {
		unbalanceGmm: 150,
		heavyAngleDeg: 12,
		drillDiameterMm: 9,
		depthMm: 3.2,
		radiusMm: 105,
		densityGPerCm3: 2.05,
		wheelWidthMm: 40,
		wheelDiameterMm: 330,
		flangeDiameterMm: 120,
		operatingSpeedMps: 28,
		bond: 'vitrified',
		makerConsent: true
	};
	type Out = {
		removedGmm: number;
		residualGmm: number;
		perSide: number;
		anglesDeg: number[];
		exactDepthMm: number | null;
	};
	it('is never without its caution, and refused for each of its reasons', () => {
		for (const [more, code] of [
			[{ makerConsent: false }, 'no-maker-consent'],
			[{ operatingSpeedMps: 36 }, 'not-at-this-speed'],
			[{ bond: 'resin' }, 'bond-not-suitable'],
			[{ depthMm: 4.5 }, 'dimple-too-deep'],
			[{ radiusMm: 150 }, 'dimple-outside-zone'],
			[{ radiusMm: 66 }, 'dimple-outside-zone'],
			[{ unbalanceGmm: 900 }, 'too-many-dimples']
		] as const) {
			const out = run<Out>('balance.dimples', { ...good, ...more });
			expect(codes(out), code).to.include(code);
			expect(codes(out)).to.include('altering-wheel');
			expect(out.verdict).to.equal('stop');
		}
		refuses('balance.dimples', { ...good, spacingMm: 10 }, 'spacingMm', 'below-minimum');
	});
	it('at the depth it names the removal is exact', () =>
		fc.assert(
			fc.property(fc.integer({ min: 20, max: 200 }), (unbalanceGmm) => {
				const out = run<Out & { exactPerSide: number | null }>('balance.dimples', { ...good, unbalanceGmm });
				expect(out.removedGmm + out.residualGmm).to.be.closeTo(unbalanceGmm, 1e-9);
				if (!out.exactPerSide) return;
				const exact = run<Out>('balance.dimples', {
					...good,
					unbalanceGmm,
					depthMm: out.exactDepthMm!,
					maxPerSide: out.exactPerSide
				});
				expect(exact.residualGmm).to.be.closeTo(0, 1e-6 * unbalanceGmm);
			})
		));
});
