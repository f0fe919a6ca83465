import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of wire and the choice of a way', () => {
	it('dress.edm 1', () =>
		example(
			'dress.edm',
			{
				bond: 'metal',
				wheelDiameterMm: 98,
				wheelWidthMm: 5,
				grainSizeUm: 64,
				concentrationPercent: 100,
				runoutTirUm: 16,
				formStockUm: 90,
				finishStockUm: 12,
				wireDiameterMm: 0.25,
				gapUm: 18,
				roughCurrentA: 7,
				finishCurrentA: 1.6,
				wireFeedMPerMin: 7,
				spoolLengthM: 1900,
				flooded: true
			},
			{
				roughVolumeMm3: 99.203,
				finishVolumeMm3: 13.828,
				protrusionVolumeMm3: 0,
				protrusionUm: null,
				protrusionLowUm: 9.6,
				protrusionHighUm: 22.4,
				roughRateMm3PerMin: 14,
				finishRateMm3PerMin: 3.2,
				roughTimeS: 425.16,
				finishTimeS: 259.28,
				protrusionTimeS: 0,
				timeS: 684.44,
				roughPasses: 5,
				finishPasses: 3,
				wireUsedM: 79.851,
				spoolRemainingM: 1820.1,
				wireMargin: 1.7531,
				pathOffsetMm: 0.143,
				minConcaveRadiusMm: 0.143,
				wheelDiameterAfterMm: 97.804,
				surfaceSpeedMps: null,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.edm 2', () =>
		example(
			'dress.edm',
			{
				bond: 'metal',
				wheelDiameterMm: 98,
				wheelWidthMm: 5,
				grainSizeUm: 64,
				concentrationPercent: 100,
				runoutTirUm: 16,
				formStockUm: 90,
				finishStockUm: 12,
				wireDiameterMm: 0.25,
				gapUm: 18,
				roughCurrentA: 7,
				finishCurrentA: 1.6,
				wireFeedMPerMin: 7,
				spoolLengthM: 1900,
				flooded: true,
				protrusionPass: true,
				dielectric: 'oil'
			},
			{
				roughVolumeMm3: 99.203,
				finishVolumeMm3: 13.828,
				protrusionVolumeMm3: 14.747,
				protrusionUm: 12.8,
				protrusionLowUm: 12.8,
				protrusionHighUm: 12.8,
				roughRateMm3PerMin: 14,
				finishRateMm3PerMin: 3.2,
				roughTimeS: 425.16,
				finishTimeS: 259.28,
				protrusionTimeS: 276.5,
				timeS: 960.94,
				roughPasses: 5,
				finishPasses: 3,
				wireUsedM: 112.11,
				spoolRemainingM: 1787.9,
				wireMargin: 1.7531,
				pathOffsetMm: 0.143,
				minConcaveRadiusMm: 0.143,
				wheelDiameterAfterMm: 97.804,
				surfaceSpeedMps: null,
				verdict: 'caution',
				codes: ['fire-watch']
			},
			TOLERANCE
		));
	it('dress.choose-method 1', () =>
		example(
			'dress.choose-method',
			{
				bond: 'vitrified',
				abrasive: 'cbn',
				purpose: 'true',
				machine: 'internal',
				axisControl: 'cnc',
				devices: ['rotary-disc', 'single-point', 'truing-wheel', 'stick']
			},
			{
				best: 'rotary-disc',
				then: 'stick',
				ranked: [
					{ method: 'rotary-disc', score: 85 },
					{ method: 'truing-wheel', score: 82 },
					{ method: 'single-point', score: 50 }
				],
				excluded: [
					{ method: 'cluster', code: 'device-not-available' },
					{ method: 'rotary-form-roll', code: 'device-not-available' },
					{ method: 'crush-roll', code: 'device-not-available' },
					{ method: 'steel-block', code: 'device-not-available' },
					{ method: 'stick', code: 'wrong-purpose' },
					{ method: 'wire-edm', code: 'device-not-available' },
					{ method: 'hand-cutter', code: 'device-not-available' }
				],
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.choose-method 2', () =>
		example(
			'dress.choose-method',
			{
				bond: 'resin',
				abrasive: 'diamond',
				purpose: 'form',
				form: 'radius',
				machine: 'tool',
				radiusFixture: true,
				devices: ['truing-wheel', 'wire-edm', 'stick']
			},
			{
				best: 'truing-wheel',
				then: 'stick',
				ranked: [{ method: 'truing-wheel', score: 60 }],
				excluded: [
					{ method: 'single-point', code: 'device-not-available' },
					{ method: 'cluster', code: 'device-not-available' },
					{ method: 'rotary-disc', code: 'device-not-available' },
					{ method: 'rotary-form-roll', code: 'device-not-available' },
					{ method: 'crush-roll', code: 'device-not-available' },
					{ method: 'steel-block', code: 'device-not-available' },
					{ method: 'stick', code: 'wrong-purpose' },
					{ method: 'wire-edm', code: 'bond-not-conducting' },
					{ method: 'hand-cutter', code: 'device-not-available' }
				],
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.choose-method 3', () =>
		example(
			'dress.choose-method',
			{
				bond: 'resin',
				abrasive: 'diamond',
				purpose: 'true',
				machine: 'surface',
				devices: ['steel-block', 'stick']
			},
			{
				best: 'steel-block',
				then: 'stick',
				ranked: [{ method: 'steel-block', score: 65 }],
				excluded: [
					{ method: 'single-point', code: 'device-not-available' },
					{ method: 'cluster', code: 'device-not-available' },
					{ method: 'rotary-disc', code: 'device-not-available' },
					{ method: 'rotary-form-roll', code: 'device-not-available' },
					{ method: 'crush-roll', code: 'device-not-available' },
					{ method: 'truing-wheel', code: 'device-not-available' },
					{ method: 'stick', code: 'wrong-purpose' },
					{ method: 'wire-edm', code: 'device-not-available' },
					{ method: 'hand-cutter', code: 'device-not-available' }
				],
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
});
