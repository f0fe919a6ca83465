import { expect } from 'chai';
import fc from 'fast-check';
import { contact } from '../../../src/core/spec/contact.js';
import { example, refuses } from '../examples.js';

describe('spec.contact', () => {
	const id = 'spec.contact';
	it('flat', () =>
		example(
			id,
			{
				mode: 'surface',
				wheelDiameterMm: 225,
				depthUm: 16,
				workSpeedMps: 0.25,
				wheelSpeedMps: 30,
				widthMm: 20
			},
			{
				equivalentDiameterMm: 225,
				contactLengthMm: 1.8974,
				equivalentChipThicknessUm: 0.13333,
				specificRemovalRateMm2PerS: 4,
				removalRateMm3PerS: 80,
				speedRatio: 120,
				contactTimeMs: 0.063246
			}
		));
	it('outside', () =>
		example(
			id,
			{
				mode: 'external',
				wheelDiameterMm: 400,
				workDiameterMm: 60,
				depthUm: 10,
				workSpeedMps: 0.4,
				wheelSpeedMps: 32
			},
			{
				equivalentDiameterMm: 52.174,
				contactLengthMm: 0.72232,
				equivalentChipThicknessUm: 0.125,
				specificRemovalRateMm2PerS: 4,
				speedRatio: 80,
				contactTimeMs: 0.02257
			},
			2e-4
		));
	it('in a bore', () =>
		example(
			id,
			{
				mode: 'internal',
				wheelDiameterMm: 36,
				workDiameterMm: 52,
				depthUm: 6,
				workSpeedMps: 0.5,
				wheelSpeedMps: 35
			},
			{
				equivalentDiameterMm: 117,
				contactLengthMm: 0.83785,
				equivalentChipThicknessUm: 0.08571,
				specificRemovalRateMm2PerS: 3,
				contactTimeMs: 0.02394,
				codes: []
			},
			2e-4
		));
	it('refuses what does not fit', () => {
		refuses(
			id,
			{
				mode: 'internal',
				wheelDiameterMm: 52,
				workDiameterMm: 52,
				depthUm: 6,
				workSpeedMps: 0.5,
				wheelSpeedMps: 35
			},
			'wheelDiameterMm',
			'above-maximum'
		);
		refuses(
			id,
			{
				mode: 'external',
				wheelDiameterMm: 400,
				workDiameterMm: 10,
				depthUm: 6000,
				workSpeedMps: 0.5,
				wheelSpeedMps: 35
			},
			'depthUm',
			'above-maximum'
		);
		refuses(id, { mode: 'external', wheelDiameterMm: 400 }, 'workDiameterMm', 'missing');
	});
	it('a huge part is ground like flat work', () =>
		fc.assert(
			fc.property(fc.double({ min: 10, max: 100, noNaN: true }), (wheelDiameterMm) => {
				const cut = { wheelDiameterMm, depthUm: 10, workSpeedMps: 0.3, wheelSpeedMps: 30 };
				const flat = contact.run({ ...cut, mode: 'surface' }).contactLengthMm;
				expect(
					contact.run({ ...cut, mode: 'external', workDiameterMm: 10000 }).contactLengthMm
				).to.be.closeTo(flat, flat * 0.01);
				expect(
					contact.run({ ...cut, mode: 'internal', workDiameterMm: 10000 }).contactLengthMm
				).to.be.closeTo(flat, flat * 0.01);
			})
		));
});
