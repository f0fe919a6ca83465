import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of truing and opening', () => {
	it('dress.superabrasive-true 1', () =>
		example(
			'dress.superabrasive-true',
			{
				wheelDiameterMm: 151,
				wheelWidthMm: 8,
				bond: 'resin',
				layerDepthMm: 4.5,
				runoutTirUm: 38,
				allowanceUm: 9,
				truingWheelDiameterMm: 77,
				truingWheelWidthMm: 16,
				truingWheelMinDiameterMm: 36,
				truingRatio: 70,
				traverseMmPerMin: 850
			},
			{
				radialStockUm: 47,
				wheelVolumeMm3: 106.24,
				truingVolumeMm3: 7436.9,
				truingWheelsNeeded: 1,
				truingWheelDiameterAfterMm: 73.056,
				truingWheelRadialWearUm: 1972,
				blockHeightUsedMm: null,
				totalInfeedUm: 2019,
				roughStrokes: 162,
				fineStrokes: 136,
				sparkOutStrokes: 4,
				roughBiteUm: 9.9702,
				fineBiteUm: 2.9691,
				timeS: 596.89,
				wheelDiameterAfterMm: 150.94,
				layerLeftMm: 4.453,
				surfaceSpeedMps: null,
				then: 'stick',
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.superabrasive-true 2', () =>
		example(
			'dress.superabrasive-true',
			{
				surface: 'face',
				wheelDiameterMm: 100,
				rimWidthMm: 10,
				bond: 'resin',
				layerDepthMm: 4,
				runoutTirUm: 24,
				means: 'steel-block',
				blockLengthMm: 80,
				blockWidthMm: 30,
				truingRatio: 40,
				traverseMmPerMin: 600,
				wheelSpeedRpm: 1500
			},
			{
				radialStockUm: 34,
				wheelVolumeMm3: 62.204,
				truingVolumeMm3: 2488.1,
				truingWheelsNeeded: null,
				truingWheelDiameterAfterMm: null,
				truingWheelRadialWearUm: null,
				blockHeightUsedMm: 1.0367,
				totalInfeedUm: 1070.7,
				roughStrokes: 86,
				fineStrokes: 72,
				sparkOutStrokes: 4,
				roughBiteUm: 9.9602,
				fineBiteUm: 2.9742,
				timeS: 712.8,
				wheelDiameterAfterMm: 100,
				layerLeftMm: 3.966,
				surfaceSpeedMps: 7.854,
				then: 'stick',
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.stick 1', () =>
		example(
			'dress.stick',
			{
				wheelDiameterMm: 127,
				wheelWidthMm: 12,
				bond: 'resin',
				grainSizeUm: 95,
				concentrationPercent: 75,
				stickGrainSizeUm: 40,
				stickWidthMm: 13,
				stickHeightMm: 25,
				protrusionPercent: 24,
				pressForcesN: [44, 39, 21, 12, 10]
			},
			{
				protrusionUm: 22.8,
				bondVolumeMm3: 88.678,
				stickVolumeMm3: 8867.8,
				stickLengthMm: 27.285,
				openState: 'open',
				forceRatio: 0.22727,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.stick 2', () =>
		example(
			'dress.stick',
			{
				surface: 'face',
				wheelDiameterMm: 100,
				rimWidthMm: 10,
				bond: 'resin',
				grainSizeUm: 95,
				concentrationPercent: 75,
				stickGrainSizeUm: 40,
				stickWidthMm: 13,
				stickHeightMm: 25
			},
			{
				protrusionUm: 19,
				bondVolumeMm3: 43.649,
				stickVolumeMm3: 4364.9,
				stickLengthMm: 13.43,
				openState: 'unknown',
				forceRatio: null,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.truing-wheel 1', () =>
		example(
			'dress.truing-wheel',
			{
				abrasive: 'diamond',
				bond: 'resin',
				grainSizeUm: 115.5,
				truingWheelDiameterMm: 76,
				truingWheelSpeedRpm: 5200,
				ratedSpeedMps: 32
			},
			{
				truingFamily: 'silicon-carbide-green',
				truingGrit: 70,
				truingGrainUm: 218,
				truingGrade: 'M',
				truingBond: 'vitrified',
				grainRatio: 1.8874,
				surfaceSpeedMps: 20.693,
				maxRpm: 8041.5,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
});
