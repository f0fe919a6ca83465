import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of dressers', () => {
	it('dress.diamond 1', () =>
		example(
			'dress.diamond',
			{
				wheelDiameterMm: 301,
				wheelWidthMm: 38,
				grainSizeUm: 220,
				fittedCarat: 0.5,
				log: [
					{ removedCm3: 0, flatWidthUm: 40 },
					{ removedCm3: 6, flatWidthUm: 131 },
					{ removedCm3: 13, flatWidthUm: 222 }
				],
				dressVolumeCm3: 1.7
			},
			{
				recommendedCarat: 0.75,
				massG: 0.15,
				sphereDiameterMm: 4.3336,
				wear: { slopeUmPerCm3: 13.972, flatNowUm: 222, remainingCm3: 19.896, dressesLeft: 11 },
				verdict: 'caution',
				codes: ['diamond-small']
			},
			TOLERANCE
		));
	it('dress.cluster 1', () =>
		example(
			'dress.cluster',
			{ clusterWidthMm: 5.8, pointsAcross: 4, wheelSpeedRpm: 1780, depthUm: 23 },
			{
				effectiveWidthMm: 5.8,
				suggestedLeadUm: 215,
				leadUm: 215,
				traverseMmPerMin: 382.7,
				overlapRatio: 26.977,
				pointSpacingUm: 1450,
				activePoints: 4,
				activeWidthUm: 230.4,
				largestGapUm: 55,
				trackOverlapRatio: 4.1891,
				meanOverlapRatio: 4.2865,
				clearLeadUm: null,
				sharpnessIndex: 1.0731,
				dressClass: 'general',
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.cluster 2', () =>
		example(
			'dress.cluster',
			{ clusterWidthMm: 5.8, pointsAcross: 4, wheelSpeedRpm: 1780, depthUm: 23, tiltDeg: 0.6 },
			{
				effectiveWidthMm: 2.1963,
				suggestedLeadUm: 57,
				leadUm: 57,
				traverseMmPerMin: 101.46,
				overlapRatio: 38.531,
				pointSpacingUm: 1450,
				activePoints: 1,
				activeWidthUm: 230.4,
				largestGapUm: 57,
				trackOverlapRatio: 4.0421,
				meanOverlapRatio: 4.0421,
				clearLeadUm: null,
				sharpnessIndex: 1.138,
				dressClass: 'general',
				verdict: 'caution',
				codes: ['cluster-tilted']
			},
			TOLERANCE
		));
	it('dress.cluster 3', () =>
		example(
			'dress.cluster',
			{
				clusterWidthMm: 5.8,
				pointsAcross: 4,
				wheelSpeedRpm: 1780,
				depthUm: 23,
				leadUm: 725,
				grainSizeUm: 260
			},
			{
				effectiveWidthMm: 5.8,
				suggestedLeadUm: 215,
				leadUm: 725,
				traverseMmPerMin: 1290.5,
				overlapRatio: 8,
				pointSpacingUm: 1450,
				activePoints: 4,
				activeWidthUm: 230.4,
				largestGapUm: 725,
				trackOverlapRatio: 0.31779,
				meanOverlapRatio: 1.2712,
				clearLeadUm: 651,
				sharpnessIndex: 2.895,
				dressClass: 'open-sharp',
				verdict: 'caution',
				codes: ['tracks-leave-thread']
			},
			TOLERANCE
		));
	it('dress.hand-pace 1', () =>
		example(
			'dress.hand-pace',
			{
				wheelWidthMm: 19,
				wheelSpeedRpm: 2850,
				leadUm: 60,
				tipRadiusUm: 250,
				depthUm: 12,
				grainSizeUm: 260,
				measuredPassTimeS: 6.4
			},
			{
				strokeMm: 25,
				passTimeS: 8.7719,
				traverseMmPerMin: 171,
				beatsPerMinute: 6.84,
				achievedLeadUm: 82.237,
				achievedTraverseMmPerMin: 234.38,
				achievedOverlapRatio: 1.8611,
				achievedDressClass: 'general',
				leadErrorPercent: 37.061,
				verdict: 'caution',
				codes: ['pass-too-fast']
			},
			TOLERANCE
		));
	it('dress.holder-stiffness 1', () =>
		example(
			'dress.holder-stiffness',
			{ section: 'rectangle', overhangMm: 120, widthMm: 20, heightMm: 20, biteUm: 12 },
			{
				inertiaMm4: 13333,
				beamStiffnessNPerUm: 4.8611,
				stiffnessNPerUm: 4.8611,
				forceN: 30,
				deflectionUm: 6.1714,
				deflectionShare: 0.51429,
				overhangLimitMm: 87.59,
				verdict: 'caution',
				codes: ['holder-too-soft']
			},
			TOLERANCE
		));
});
