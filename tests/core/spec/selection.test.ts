import { expect } from 'chai';
import fc from 'fast-check';
import { finishGrit } from '../../../src/core/spec/finish-grit.js';
import { rankRack } from '../../../src/core/spec/rank-rack.js';
import { surfaceSpeed } from '../../../src/core/spec/surface-speed.js';
import { example, refuses } from '../examples.js';

describe('spec.surface-speed', () => {
	const id = 'spec.surface-speed';
	it('ties rpm, speed and limits together', () =>
		example(
			id,
			{ diameterMm: 198, newDiameterMm: 205, speedRpm: 2850, ratedSpeedMps: 32, targetSpeedMps: 30 },
			{
				speedMps: 29.547,
				speedSfpm: 5816.3,
				maxAllowedRpm: 2981.2,
				targetRpm: 2893.7,
				speedWhenNewMps: 30.591,
				speedLostPercent: 3.4146,
				marginPercent: 7.66663,
				verdict: 'ok'
			}
		));
	it('stops at both printed limits', () =>
		example(
			id,
			{ diameterMm: 255, speedRpm: 2900, ratedSpeedMps: 35, ratedSpeedRpm: 2620 },
			{ speedMps: 38.72, maxAllowedRpm: 2620, verdict: 'stop', codes: ['over-rated-speed'] }
		));
	it('stops a wheel without a rating unless only converting', () => {
		example(
			id,
			{ diameterMm: 200, speedRpm: 1000 },
			{ codes: ['rating-unknown'], verdict: 'stop', maxAllowedRpm: null }
		);
		example(id, { diameterMm: 200, speedRpm: 1000, purpose: 'convert' }, { codes: [], verdict: 'ok' });
	});
	it('wants exactly one speed', () => {
		refuses(id, { diameterMm: 200 }, 'speedRpm', 'missing');
		refuses(id, { diameterMm: 200, speedRpm: 1000, speedSfpm: 100 }, 'speedSfpm', 'inconsistent');
		refuses(id, { diameterMm: 0, speedRpm: 1000 }, 'diameterMm', 'below-minimum');
		refuses(id, { diameterMm: 'NaN' }, 'diameterMm', 'not-a-number');
		refuses(id, { diameterMm: 1e308, speedRpm: 5 }, 'diameterMm', 'above-maximum');
		refuses(id, { diameterMm: 200, newDiameterMm: 190, speedRpm: 1000 }, 'newDiameterMm', 'inconsistent');
	});
	it('comes back to the same rpm through m/s and ft/min', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 3000, noNaN: true }),
				fc.double({ min: 1, max: 3000, noNaN: true }),
				(diameterMm, speedRpm) => {
					const a = surfaceSpeed.run({ diameterMm, speedRpm, purpose: 'convert' });
					if (a.speedMps > 500) return;
					expect(
						surfaceSpeed.run({ diameterMm, speedSfpm: a.speedSfpm, purpose: 'convert' }).speedRpm
					).to.be.closeTo(speedRpm, speedRpm * 1e-9);
				}
			)
		));
});

describe('spec.finish-grit', () => {
	const id = 'spec.finish-grit';
	it('names the grit and its band', () =>
		example(
			id,
			{ targetRaUm: 0.63 },
			{
				idealGrainUm: 198.19,
				finestGrainUm: 147.09,
				coarsestGrainUm: 297.24,
				bestGrit: 80,
				bestGritRaUm: 0.592959,
				gritsInBand: [60, 80],
				verdict: 'ok'
			}
		));
	it('says when no stocked grit is in the band', () =>
		example(
			id,
			{ targetRaUm: 0.3, stockedGrits: [46, 60, 100] },
			{
				idealGrainUm: 85.29,
				bestGrit: 100,
				bestGritRaUm: 0.43175,
				gritsInBand: [],
				codes: ['no-stocked-grit-in-band']
			}
		));
	it('names the bad stock entry', () =>
		refuses(id, { targetRaUm: 0.3, stockedGrits: [46, 47] }, 'stockedGrits.1', 'unknown-choice'));
	it('asks a finer grain for a finer finish', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.02, max: 10, noNaN: true }), (ra) => {
				expect(finishGrit.run({ targetRaUm: ra * 1.1 }).idealGrainUm).to.be.above(
					finishGrit.run({ targetRaUm: ra }).idealGrainUm
				);
			})
		));
});

describe('spec.recommend', () => {
	const id = 'spec.recommend';
	it('hardened steel that burns easily', () =>
		example(
			id,
			{
				material: 'steel-hardened',
				operation: 'surface',
				targetRaUm: 0.45,
				hardnessHrc: 61,
				burnProne: true,
				wheelSpeedMps: 30,
				workSpeedMps: 0.3
			},
			{ marking: 'WA 100 G 9 V', gradeShift: -1, verdict: 'ok' }
		));
	it('austenitic bore with a long arc and a fast wheel', () =>
		example(
			id,
			{
				material: 'stainless-austenitic',
				operation: 'internal',
				targetRaUm: 0.8,
				contactLengthMm: 3.4,
				wheelSpeedMps: 42,
				workSpeedMps: 0.5
			},
			{
				marking: 'WA 60 G 10 V',
				gradeShift: -3,
				verdict: 'ok',
				'steps.0.code': 'material-open',
				'steps.1.code': 'very-long-contact',
				'steps.2.code': 'fast-wheel'
			}
		));
	it('diamond for ceramic', () =>
		example(id, { material: 'ceramic', operation: 'creep-feed' }, { marking: 'D126 B C100', grade: null }));
	it('keeps the grit within what the operation takes', () =>
		example(
			id,
			{ material: 'steel-hardened', operation: 'creep-feed', targetRaUm: 0.1 },
			{ grit: 120, codes: ['finish-outside-operation-range'] }
		));
	it('refuses an unknown material', () =>
		refuses(id, { material: 'cheese', operation: 'surface' }, 'material', 'unknown-choice'));
});

describe('spec.rank-rack', () => {
	const base = {
		widthMm: 25,
		boreMm: 76.2,
		minDiameterMm: 150,
		newDiameterMm: 250,
		gritMeanUm: 185,
		structure: 8,
		bond: 'V',
		ratedSpeedMps: 35
	};
	const job = {
		family: 'alumina-white',
		gritMeanUm: 185,
		grade: 'I',
		structure: 8,
		bond: 'V',
		minWidthMm: 20,
		alternativeFamilies: ['alumina-ceramic']
	};
	const machine = { maxDiameterMm: 255, maxWidthMm: 30, boreMm: 76.2, spindleRpm: 2300 };
	const k07 = { ...base, id: 'K-07', family: 'alumina-white', grade: 'I', diameterMm: 240 };
	const k11 = { ...base, id: 'K-11', family: 'alumina', grade: 'K', diameterMm: 200 };
	const rank = (...candidates: object[]) => rankRack.run({ today: '2030-06-01', job, machine, candidates });
	it('ranks, scores and excludes with every reason', () => {
		const out = rank(k11, { ...k07, id: 'K-15', ratedSpeedMps: 25, state: 'quarantined' }, k07);
		expect(out.bestId).to.equal('K-07');
		expect(out.ranked[0]!.scorePoints).to.be.closeTo(98.706, 5e-4);
		expect(out.ranked[0]!.surfaceSpeedMps).to.be.closeTo(28.903, 5e-4);
		expect(out.ranked[0]!.remainingRadiusMm).to.equal(45);
		expect(out.ranked[1]!.scorePoints).to.be.closeTo(70.588, 5e-4);
		expect(out.ranked[1]!.parts.size).to.be.closeTo(0.7843, 5e-5);
		expect(out.excluded).to.deep.equal([{ id: 'K-15', codes: ['quarantined', 'rated-speed-too-low'] }]);
	});
	it('rules out what must not go on', () => {
		const codes = (change: object) => rank({ ...k07, ...change }).excluded[0]?.codes;
		expect(codes({ boreMm: 76 })).to.deep.equal(['bore-mismatch']);
		expect(codes({ ratedSpeedMps: null })).to.deep.equal(['rating-unknown']);
		expect(codes({ ratedSpeedRpm: 2299 })).to.deep.equal(['rated-speed-too-low']);
		expect(codes({ expiresOn: '2030-05-31' })).to.deep.equal(['expired']);
		expect(codes({ expiresOn: '2030-06-01' })).to.equal(undefined);
		expect(codes({ diameterMm: 150 })).to.deep.equal(['worn-out']);
		expect(codes({ diameterMm: 260, newDiameterMm: 300, widthMm: 31 })).to.deep.equal([
			'rated-speed-too-low',
			'too-large',
			'too-wide'
		]);
	});
	it('says when nothing fits', () =>
		expect(rank({ ...k07, boreMm: 50 }).reasons.map((r) => r.code)).to.deep.equal(['no-usable-wheel']));
	it('refuses a wheel listed twice and impossible sizes', () => {
		refuses(
			'spec.rank-rack',
			{ today: '2030-06-01', job, machine, candidates: [k07, k07] },
			'candidates.1.id',
			'inconsistent'
		);
		refuses(
			'spec.rank-rack',
			{ today: '2030-06-01', job, machine, candidates: [{ ...k07, newDiameterMm: 230 }] },
			'candidates.0.newDiameterMm',
			'inconsistent'
		);
		refuses('spec.rank-rack', { today: '2030-02-30', job, machine, candidates: [] }, 'today', 'not-a-date');
	});
	it('does not depend on the order of the rack', () =>
		fc.assert(
			fc.property(fc.shuffledSubarray([k07, k11, { ...k11, id: 'K-12' }], { minLength: 3 }), (list) => {
				expect(rank(...list).ranked.map((r) => r.id)).to.deep.equal(['K-07', 'K-11', 'K-12']);
			})
		));
});
