import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of finish and burn', () => {
	it('dress.predict-finish 1', () =>
		example(
			'dress.predict-finish',
			{
				leadUm: 92,
				depthUm: 17,
				specificRemovalMm2PerS: 1.7,
				wheelSpeedMps: 33,
				grainSizeUm: 170,
				targetRaUm: 0.6
			},
			{
				raUm: 0.58652,
				lowUm: 0.25915,
				highUm: 1.3274,
				equivalentThicknessUm: 0.051515,
				source: 'prior',
				meetsTarget: 'likely',
				leadForTargetUm: 96.277,
				verdict: 'caution',
				codes: ['prior-only']
			},
			TOLERANCE
		));
	it('dress.fit-finish 1', () =>
		example(
			'dress.fit-finish',
			{
				grainSizeUm: 170,
				cuts: [
					{ leadUm: 58, depthUm: 9, specificRemovalMm2PerS: 1.1, wheelSpeedMps: 33, raUm: 0.29 },
					{ leadUm: 95, depthUm: 14, specificRemovalMm2PerS: 2.2, wheelSpeedMps: 33, raUm: 0.52 },
					{ leadUm: 120, depthUm: 20, specificRemovalMm2PerS: 3.8, wheelSpeedMps: 32, raUm: 0.77 },
					{ leadUm: 74, depthUm: 12, specificRemovalMm2PerS: 0.7, wheelSpeedMps: 32, raUm: 0.33 }
				]
			},
			{
				fit: {
					logC: -3.456,
					x: 0.29878,
					scaleLog: 0.088318,
					dof: 8,
					v11: 0.44485,
					v12: 0.29161,
					v22: 0.42101
				},
				r1: 0.062785,
				cAtReference: 0.031556,
				ranges: { leadUm: [58, 120], depthUm: [9, 20], thicknessUm: [0.021875, 0.11875] },
				residualsLog: [-0.033169, -0.013492, 0.00060556, 0.02816],
				outliers: [],
				cutsUsed: 4,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.burn-risk 1', () =>
		example(
			'dress.burn-risk',
			{
				equivalentDiameterMm: 196,
				workDepthUm: 13,
				workSpeedMps: 0.24,
				wheelSpeedMps: 29.5,
				coolant: 'flood',
				grainSizeUm: 250,
				grade: 'I',
				sharpnessIndex: 0.12
			},
			{
				pecletNumber: 9.9765,
				temperatureFactor: 1.1006,
				flatSharePercent: 7.9377,
				slidingEnergyJPerMm3: 35.94,
				specificEnergyJPerMm3: 49.74,
				dryThresholdJPerMm3: 52.51,
				filmThresholdJPerMm3: 14.051,
				filmState: 'lost',
				thresholdJPerMm3: 52.51,
				burnIndex: 0.94726,
				risk: 'high',
				energySource: 'model',
				specificRemovalMm2PerS: 3.12,
				equivalentThicknessUm: 0.10576,
				powerAtThresholdWPerMm: 163.83,
				verdict: 'caution',
				codes: ['burn-likely', 'dressed-dull', 'dress-sharper-before-finer-grit']
			},
			TOLERANCE
		));
	it('dress.burn-risk 2', () =>
		example(
			'dress.burn-risk',
			{
				equivalentDiameterMm: 196,
				workDepthUm: 13,
				workSpeedMps: 0.24,
				wheelSpeedMps: 29.5,
				coolant: 'flood',
				grainSizeUm: 110,
				grade: 'I',
				sharpnessIndex: 1.3
			},
			{
				pecletNumber: 9.9765,
				temperatureFactor: 1.1006,
				flatSharePercent: 4.464,
				slidingEnergyJPerMm3: 20.212,
				specificEnergyJPerMm3: 34.012,
				dryThresholdJPerMm3: 52.51,
				filmThresholdJPerMm3: 14.051,
				filmState: 'lost',
				thresholdJPerMm3: 52.51,
				burnIndex: 0.64773,
				risk: 'low',
				energySource: 'model',
				specificRemovalMm2PerS: 3.12,
				equivalentThicknessUm: 0.10576,
				powerAtThresholdWPerMm: 163.83,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.burn-risk 3', () =>
		example(
			'dress.burn-risk',
			{
				equivalentDiameterMm: 400,
				workDepthUm: 1000,
				workSpeedMps: 0.0041667,
				wheelSpeedMps: 23,
				coolant: 'jet',
				grainSizeUm: 260,
				grade: 'G',
				sharpnessIndex: 2
			},
			{
				pecletNumber: 2.1702,
				temperatureFactor: 1.0466,
				flatSharePercent: 1.6803,
				slidingEnergyJPerMm3: 55.651,
				specificEnergyJPerMm3: 69.451,
				dryThresholdJPerMm3: 25.758,
				filmThresholdJPerMm3: 104.63,
				filmState: 'holds',
				thresholdJPerMm3: 104.63,
				burnIndex: 0.66376,
				risk: 'low',
				energySource: 'model',
				specificRemovalMm2PerS: 4.1667,
				equivalentThicknessUm: 0.18116,
				powerAtThresholdWPerMm: 435.97,
				verdict: 'caution',
				codes: ['lives-by-coolant']
			},
			TOLERANCE
		));
	it('dress.burn-risk 4', () =>
		example(
			'dress.burn-risk',
			{
				equivalentDiameterMm: 400,
				workDepthUm: 1000,
				workSpeedMps: 0.0041667,
				wheelSpeedMps: 23,
				coolant: 'jet',
				grainSizeUm: 260,
				grade: 'G',
				sharpnessIndex: 0.2
			},
			{
				pecletNumber: 2.1702,
				temperatureFactor: 1.0466,
				flatSharePercent: 5.3135,
				slidingEnergyJPerMm3: 175.98,
				specificEnergyJPerMm3: 189.78,
				dryThresholdJPerMm3: 25.758,
				filmThresholdJPerMm3: 104.63,
				filmState: 'lost',
				thresholdJPerMm3: 104.63,
				burnIndex: 1.8138,
				risk: 'burn',
				energySource: 'model',
				specificRemovalMm2PerS: 4.1667,
				equivalentThicknessUm: 0.18116,
				powerAtThresholdWPerMm: 435.97,
				verdict: 'caution',
				codes: ['burn-expected', 'dressed-dull', 'dress-sharper-before-finer-grit']
			},
			TOLERANCE
		));
});
