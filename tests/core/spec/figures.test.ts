import { expect } from 'chai';
import fc from 'fast-check';
import { SHAPE_NUMBERS } from '../../../src/core/spec/shape-tables.js';
import { contact } from '../../../src/core/spec/contact.js';
import { gritSize } from '../../../src/core/spec/grit-size.js';
import { diagnoseFinish } from '../../../src/core/spec/diagnose-finish.js';
import { F_GRITS } from '../../../src/core/spec/grit-tables.js';
import { overlap } from '../../../src/core/dress/overlap.js';
import { shape } from '../../../src/core/spec/shape.js';
import { example, refuses } from '../examples.js';

describe('spec.grit-size', () => {
	const id = 'spec.grit-size';
	it('F 54', () =>
		example(
			id,
			{ system: 'F', label: '54' },
			{ meanUm: 310, nearestFepa: 356, meshPair: '45/50', meshName: null, lowerUm: null, codes: [] }
		));
	it('mesh 170/200', () =>
		example(
			id,
			{ system: 'mesh', label: '170/200' },
			{ meanUm: 82.5, lowerUm: 75, upperUm: 90, nearestF: 150, nearestFepa: 91, meshName: '180' }
		));
	it('300 micrometres', () =>
		example(
			id,
			{ system: 'um', meanUm: 300 },
			{ label: null, nearestF: 54, nearestFepa: 301, meshName: '50' }
		));
	it('letters in front are taken off', () =>
		example(id, { system: 'FEPA', label: 'D126' }, { label: '126', meanUm: 115.5, meshPair: '120/140' }));
	it('fine and coarse grains are outside the sieves', () =>
		example(id, { system: 'F', label: 'F400' }, { codes: ['outside-sieve-range'], verdict: 'caution' }));
	it('names what is not tabulated', () => {
		refuses(id, { system: 'F', label: '55' }, 'label', 'unknown-choice');
		refuses(id, { system: 'mesh', label: '170/230' }, 'label', 'unknown-choice');
		refuses(id, { system: 'FEPA' }, 'label', 'missing');
		refuses(id, { system: 'um' }, 'meanUm', 'missing');
		refuses(id, { system: 'um', meanUm: 0.01 }, 'meanUm', 'below-minimum');
	});
	it('finds every F size as its own nearest', () => {
		for (const n of F_GRITS.keys())
			expect(gritSize.run({ system: 'F', label: String(n) }).nearestF).to.equal(n);
	});
});

describe('spec.concentration', () => {
	const id = 'spec.concentration';
	it('diamond C75 in a rim', () =>
		example(
			id,
			{ family: 'diamond', notation: 'C', value: 75, diameterMm: 150, rimWidthMm: 10, rimDepthMm: 5 },
			{ volPercent: 18.75, caratPerCm3: 3.3, rimVolumeCm3: 22.777, rimCarat: 75.16 },
			5e-4
		));
	it('boron nitride V240', () =>
		example(
			id,
			{ family: 'cbn', notation: 'V', value: 240 },
			{ volPercent: 24, concentrationC: 96, caratPerCm3: 4.176, rimCarat: null, verdict: 'ok' }
		));
	it('doubts more than half and refuses more than can be', () => {
		example(id, { family: 'diamond', notation: 'C', value: 210 }, { codes: ['concentration-high'] });
		refuses(id, { family: 'diamond', notation: 'C', value: 241 }, 'value', 'above-maximum');
		refuses(
			id,
			{ family: 'diamond', notation: 'C', value: 75, diameterMm: 20, rimWidthMm: 5, rimDepthMm: 11 },
			'rimDepthMm',
			'above-maximum'
		);
	});
});

describe('spec.diagnose-finish', () => {
	const id = 'spec.diagnose-finish';
	const job = { targetRaUm: 0.45, tipRadiusUm: 350 };
	const rec = {
		recommendedGrit: 100,
		recommendedDepthUm: 20,
		recommendedLeadUm: 58.31,
		recommendedOverlapRatio: 4
	};
	it('coarse wheel dressed dull', () =>
		example(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10 },
			{
				...rec,
				activeWidthUm: 117.9,
				overlapRatio: 11.79,
				sharpnessIndex: 0.0848,
				dressClass: 'dull',
				raAsDressedUm: 0.4495,
				heatIndex: 3.494,
				diagnosis: 'grit-too-coarse-dressed-dull'
			},
			1e-3
		));
	it('fine wheel still dressed dull', () =>
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 5, leadUm: 10 },
			{
				...rec,
				raAsDressedUm: 0.178,
				heatIndex: 5.918,
				diagnosis: 'fine-grit-dressed-dull',
				codes: ['fine-grit-dressed-dull']
			},
			2e-3
		));
	it('right wheel dressed sharp', () =>
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 20, leadUm: 60 },
			{
				...rec,
				activeWidthUm: 233.24,
				overlapRatio: 3.887,
				sharpnessIndex: 1.029,
				raAsDressedUm: 0.438,
				heatIndex: 1.38,
				diagnosis: 'right-grit-dressed-sharp',
				verdict: 'ok',
				codes: []
			},
			2e-3
		));
	it('coarse wheel dressed sharp', () =>
		example(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 20, leadUm: 60 },
			{ ...rec, raAsDressedUm: 1.107, heatIndex: 0.815, diagnosis: 'grit-too-coarse-dressed-sharp' },
			1e-3
		));
	it('right wheel dressed open, and one finer than needed', () => {
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 20, leadUm: 128 },
			{ diagnosis: 'right-grit-dressed-open' }
		);
		example(
			id,
			{ ...job, targetRaUm: 0.8, gritNumber: 100, dressDepthUm: 20, leadUm: 60 },
			{ diagnosis: 'grit-finer-than-needed', codes: ['grit-finer-than-needed'] }
		);
		example(
			id,
			{ ...job, targetRaUm: 0.8, gritNumber: 100, dressDepthUm: 5, leadUm: 10 },
			{ diagnosis: 'fine-grit-dressed-dull', codes: ['fine-grit-dressed-dull', 'grit-finer-than-needed'] }
		);
	});
	it('a tip too blunt for the finish', () =>
		example(
			id,
			{ targetRaUm: 0.3, gritNumber: 150, dressDepthUm: 12, leadUm: 80, tipRadiusUm: 4000, flatWidthUm: 900 },
			{ recommendedLeadUm: 82 }
		));
	it('refuses a grit, a tip or a stock that is none', () => {
		refuses(id, { ...job, gritNumber: 47, dressDepthUm: 5, leadUm: 10 }, 'gritNumber', 'unknown-choice');
		refuses(id, { targetRaUm: 0.45, gritNumber: 46, dressDepthUm: 5, leadUm: 10 }, 'tipRadiusUm', 'missing');
		refuses(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10, flatWidthUm: 700 },
			'flatWidthUm',
			'inconsistent'
		);
		refuses(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10, stockedGrits: [60, 61] },
			'stockedGrits.1',
			'unknown-choice'
		);
	});
	it('says the same about a dress as the dress station', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 200, noNaN: true }),
				fc.double({ min: 1, max: 900, noNaN: true }),
				fc.double({ min: 50, max: 3000, noNaN: true }),
				(depth, leadUm, tipRadiusUm) => {
					const here = diagnoseFinish.run({
						targetRaUm: 0.5,
						gritNumber: 80,
						dressDepthUm: depth,
						leadUm,
						tipRadiusUm
					});
					const there = overlap.run({ tipRadiusUm, depthUm: depth, leadUm });
					expect([here.overlapRatio, here.dressClass, here.sharpnessIndex, here.overlapBand]).to.deep.equal([
						there.overlapRatio,
						there.dressClass,
						there.sharpnessIndex,
						there.overlapBand
					]);
				}
			)
		));
	it('a slower traverse is always finer and hotter', () =>
		fc.assert(
			fc.property(fc.double({ min: 10, max: 400, noNaN: true }), (leadUm) => {
				const [slow, fast] = [leadUm, leadUm * 1.2].map((l) =>
					diagnoseFinish.run({ ...job, gritNumber: 80, dressDepthUm: 20, leadUm: l })
				);
				expect(slow!.raAsDressedUm).to.be.below(fast!.raAsDressedUm);
				expect(slow!.heatIndex).to.be.above(fast!.heatIndex);
			})
		));
});

describe('spec.speed-statement', () => {
	const id = 'spec.speed-statement';
	it('agrees', () =>
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 29 },
			{ computedSpeedMps: 29.23, mismatchPercent: -0.787, verdict: 'ok', likelySlip: null },
			1e-3
		));
	it('radius taken for diameter', () =>
		example(
			id,
			{ diameterMm: 90, statedRpm: 5600, statedSpeedMps: 13.1 },
			{
				computedSpeedMps: 26.389,
				mismatchPercent: -50.36,
				impliedRpm: 2779.9,
				impliedDiameterMm: 44.68,
				likelySlip: 'radius-for-diameter',
				codes: ['speed-statement-mismatch']
			},
			1e-4
		));
	it('off without a known slip', () =>
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedSfpm: 6200 },
			{ statedSpeedMps: 31.496, mismatchPercent: 7.75, likelySlip: null, verdict: 'caution' },
			1e-3
		));
	it('against the marked speed', () => {
		example(
			id,
			{ diameterMm: 203, statedRpm: 3500, statedSpeedMps: 37.2, ratedSpeedMps: 35 },
			{ codes: ['over-rated-speed', 'stated-speed-over-rating'], verdict: 'stop' }
		);
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 58.46, ratedSpeedMps: 35 },
			{ codes: ['speed-statement-mismatch'], likelySlip: 'diameter-doubled' }
		);
	});
	it('wants one quoted speed', () => {
		refuses(id, { diameterMm: 203, statedRpm: 2750 }, 'statedSpeedMps', 'missing');
		refuses(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 3, statedSpeedSfpm: 3 },
			'statedSpeedSfpm',
			'inconsistent'
		);
	});
});

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

describe('spec.shape', () => {
	const id = 'spec.shape';
	it('recessed one side', () =>
		example(
			id,
			{
				type: 5,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 13,
				useFace: 'periphery'
			},
			{
				webThicknessMm: 27,
				verdict: 'ok',
				name: 'recessed one side',
				missing: [],
				grindingFaces: ['periphery']
			}
		));
	it('a cup whose rim is too wide', () =>
		example(
			id,
			{ type: 6, diameterMm: 125, thicknessMm: 50, boreMm: 32, rimWidthMm: 65, backThicknessMm: 13 },
			{ conflicts: ['rimWidthMm'], verdict: 'stop', codes: ['impossible-dimensions'] }
		));
	it('the side of a cutting-off wheel', () => {
		example(
			id,
			{ type: 41, diameterMm: 125, thicknessMm: 2, boreMm: 22.23, useFace: 'side' },
			{ verdict: 'stop', codes: ['face-not-meant-for-grinding'] }
		);
		example(
			id,
			{ type: 1, diameterMm: 125, thicknessMm: 20, boreMm: 22.23, useFace: 'side' },
			{ verdict: 'caution' }
		);
	});
	it('thin webs and missing sizes', () => {
		example(
			id,
			{
				type: 7,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 13,
				secondRecessDepthMm: 10
			},
			{ webThicknessMm: 17, codes: ['web-thin'] }
		);
		example(
			id,
			{
				type: 7,
				diameterMm: 300,
				thicknessMm: 40,
				boreMm: 76.2,
				recessDiameterMm: 150,
				recessDepthMm: 25,
				secondRecessDepthMm: 15
			},
			{ conflicts: ['recessDepthMm'] }
		);
		example(
			id,
			{ type: 11, diameterMm: 100 },
			{
				missing: [
					'thicknessMm',
					'boreMm',
					'rimWidthMm',
					'backThicknessMm',
					'smallDiameterMm',
					'insideFlatDiameterMm'
				],
				codes: ['dimension-missing']
			}
		);
	});
	it('knows nine types and no other', () => {
		for (const type of SHAPE_NUMBERS) expect(shape.run({ type }).required.length).to.be.at.least(3);
		expect(shape.run({ type: 12 })).to.deep.equal(shape.run({ type: '12' }));
		refuses(id, { type: 3 }, 'type', 'unknown-choice');
		refuses(id, { type: 1, boreMm: 0 }, 'boreMm', 'below-minimum');
	});
});
