import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

type Judged = { verdict: string; reasons: { code: string }[] };
const run = <T>(id: string, input: object): T & Judged => calculation(id).run(input) as never;
const codes = (o: Judged) => o.reasons.map((r) => r.code);
/** The words of a refusal. */
function words(id: string, input: object): string {
	try {
		calculation(id).run(input);
	} catch (e) {
		return (e as Error).message;
	}
	throw new Error(`${id} took it`);
}

describe('balance.from-period: what it will not take', () => {
	const base = { massKg: 8, inertiaKgM2: 0.08, arborRadiusMm: 14, timeS: 19 };
	const sizes = {
		massKg: 8,
		wheelMassKg: 5,
		wheelDiameterMm: 300,
		boreDiameterMm: 76,
		arborRadiusMm: 14,
		timeS: 19
	};
	it('a stand with discs needs them, and says so by name', () => {
		refuses('balance.from-period', { ...base, standType: 'discs' }, 'discRadiusMm', 'missing');
		refuses(
			'balance.from-period',
			{ ...base, standType: 'discs', discRadiusMm: 60 },
			'discInertiaKgM2',
			'missing'
		);
		expect(words('balance.from-period', { ...base, standType: 'discs' })).to.equal(
			'Disc radius is missing. A stand with discs needs it.'
		);
		expect(
			run<{ unbalanceGmm: number }>('balance.from-period', {
				...base,
				standType: 'discs',
				discRadiusMm: 60,
				discInertiaKgM2: 0
			}).unbalanceGmm
		).to.be.above(0);
	});
	it('without an inertia it needs the wheel, in this order', () => {
		const { wheelMassKg: _m, ...noMass } = sizes;
		const { wheelDiameterMm: _d, ...noDiameter } = sizes;
		const { boreDiameterMm: _b, ...noBore } = sizes;
		refuses('balance.from-period', noMass, 'wheelMassKg', 'missing');
		refuses('balance.from-period', noDiameter, 'wheelDiameterMm', 'missing');
		refuses('balance.from-period', noBore, 'boreDiameterMm', 'missing');
		expect(words('balance.from-period', noMass)).to.match(/^Wheel mass is missing\. Enter the inertia, or/);
	});
	it('a wheel heavier than everything that rolls, or a bore as large as the wheel, is a mistake', () => {
		refuses('balance.from-period', { ...sizes, wheelMassKg: 8.1 }, 'wheelMassKg', 'above-maximum');
		refuses('balance.from-period', { ...sizes, boreDiameterMm: 300 }, 'boreDiameterMm', 'above-maximum');
		refuses(
			'balance.from-period',
			{ ...base, wheelDiameterMm: 50, boreDiameterMm: 60 },
			'boreDiameterMm',
			'above-maximum'
		);
	});
	it('marks or amplitudes, not both; the first amplitude before the second; a swing that dies', () => {
		refuses(
			'balance.from-period',
			{ ...base, turningAnglesDeg: [90, 170, 100], amplitude1Deg: 30 },
			'turningAnglesDeg',
			'give-one-of'
		);
		refuses(
			'balance.from-period',
			{ ...base, turningAnglesDeg: [90, 170, 100], amplitude2Deg: 30 },
			'turningAnglesDeg',
			'give-one-of'
		);
		refuses('balance.from-period', { ...base, amplitude2Deg: 30 }, 'amplitude1Deg', 'missing');
		refuses(
			'balance.from-period',
			{ ...base, amplitude1Deg: 20, amplitude2Deg: 21 },
			'amplitude2Deg',
			'above-maximum'
		);
		for (const turningAnglesDeg of [
			[0, 90, 180],
			[0, 90, -10],
			[0, 175, 20],
			[10, 10, 10]
		])
			refuses('balance.from-period', { ...base, turningAnglesDeg }, 'turningAnglesDeg', 'not-a-swing');
		refuses('balance.from-period', { ...base, turningAnglesDeg: [0, 90] }, 'turningAnglesDeg', 'too-few');
		refuses(
			'balance.from-period',
			{ ...base, turningAnglesDeg: [0, '90', 20] },
			'turningAnglesDeg.1',
			'not-a-number'
		);
	});
	it('one amplitude alone is a swing that does not die', () => {
		const one = run<{
			amplitudeDeg: number;
			deadBandDeg: number;
			dampingRatio: number;
			heavyAngleDeg: number | null;
		}>('balance.from-period', { ...base, amplitude1Deg: 25, dampingKind: 'viscous' });
		expect(one).to.include({ amplitudeDeg: 25, deadBandDeg: 0, dampingRatio: 0, heavyAngleDeg: null });
	});
	it('thick oil makes the period longer than it would be: the damped one gives the larger unbalance', () => {
		const swing = { ...base, amplitude1Deg: 40, amplitude2Deg: 10 };
		const [coulomb, viscous] = ['coulomb', 'viscous'].map((dampingKind) =>
			run<{ unbalanceGmm: number; dampingRatio: number; deadBandDeg: number }>('balance.from-period', {
				...swing,
				dampingKind
			})
		);
		expect(viscous!.dampingRatio).to.be.above(0);
		expect(viscous!.deadBandDeg).to.equal(0);
		expect(viscous!.unbalanceGmm).to.be.above(coulomb!.unbalanceGmm);
		expect(codes(viscous!)).to.include('damping-heavy');
	});
	it('a swing too wide or too short to time is a caution with its numbers', () => {
		expect(codes(run('balance.from-period', { ...base, amplitude1Deg: 70 }))).to.deep.equal([
			'swing-too-large'
		]);
		expect(codes(run('balance.from-period', { ...base, timeS: 1, timeErrorS: 0.2 }))).to.deep.equal([
			'timing-coarse'
		]);
	});
});

describe('balance.from-test-mass: what it will not take', () => {
	const hold = { method: 'hold', heavyAngleDeg: 70, radiusMm: 95, holdLowMassG: 3, holdHighMassG: 4 };
	const at = (
		massG: number,
		angleDeg: number | null,
		restAngleDeg: number,
		radiusMm: number | null = 60
	) => ({ massG, angleDeg, restAngleDeg, radiusMm });
	it('holding needs all four, each by its own name', () => {
		for (const name of ['heavyAngleDeg', 'radiusMm', 'holdLowMassG', 'holdHighMassG'])
			refuses('balance.from-test-mass', { ...hold, [name]: null }, name, 'missing');
		expect(words('balance.from-test-mass', { ...hold, holdLowMassG: null })).to.equal(
			'Smallest that holds is missing. Holding needs the heavy side, the radius and both masses.'
		);
		refuses('balance.from-test-mass', { ...hold, holdLowMassG: 5 }, 'holdLowMassG', 'above-maximum');
		refuses('balance.from-test-mass', { ...hold, holdHighMassG: 0 }, 'holdHighMassG', 'below-minimum');
	});
	it('rests need a test mass that tells something, with its place', () => {
		refuses('balance.from-test-mass', { method: 'rest-angles' }, 'runs', 'missing');
		refuses('balance.from-test-mass', { method: 'rest-angles', runs: [at(0, null, 40)] }, 'runs', 'too-few');
		refuses(
			'balance.from-test-mass',
			{ method: 'rest-angles', runs: [at(0, null, 40), at(0, null, 41)] },
			'runs',
			'no-test-mass'
		);
		refuses(
			'balance.from-test-mass',
			{ method: 'rest-angles', runs: [at(0, null, 40), at(5, null, 80)] },
			'runs.1.angleDeg',
			'missing'
		);
		refuses(
			'balance.from-test-mass',
			{ method: 'rest-angles', runs: [at(0, null, 40), at(5, 80, 60, null)] },
			'runs.1.radiusMm',
			'missing'
		);
		refuses(
			'balance.from-test-mass',
			{ method: 'rest-angles', runs: [at(0, null, 40), at(5, 40, 40)] },
			'runs',
			'no-information'
		);
	});
	it('a stiff stand, rests close together and a mark read from the other side are cautions', () => {
		expect(
			codes(run('balance.from-test-mass', { ...hold, holdLowMassG: 1, holdHighMassG: 9 }))
		).to.deep.equal(['stand-too-stiff']);
		expect(
			codes(run('balance.from-test-mass', { method: 'rest-angles', runs: [at(0, null, 40), at(5, 130, 48)] }))
		).to.include('weak-geometry');
		expect(
			codes(
				run('balance.from-test-mass', {
					method: 'rest-angles',
					runs: [at(0, null, 40), at(5, 130, 80), at(5, 310, 180)]
				})
			)
		).to.include('sense-reversed');
	});
});

describe('balance.holes and balance.two-weights: what cannot be done', () => {
	const holes = { correctionGmm: 300, correctionAngleDeg: 80, holeRadiusMm: 50 };
	interface Holes {
		placements: { hole: number; massG: number }[];
		residualGmm: number;
		totalMassG: number;
		exactTotalMassG: number;
	}
	it('no holes named, none on that side, or too little in them', () => {
		refuses('balance.holes', holes, 'holeCount', 'missing');
		for (const [code, more] of [
			['no-holes-that-side', { holeAnglesDeg: [200, 300] }],
			['capacity-exceeded', { holeCount: 4, maxMassG: 1 }]
		] as const) {
			expect(run<Holes>('balance.holes', { ...holes, ...more })).to.deep.include({
				verdict: 'stop',
				placements: [],
				residualGmm: 300,
				totalMassG: 0
			});
			expect(codes(run('balance.holes', { ...holes, ...more }))).to.deep.equal([code]);
			expect(
				run('balance.holes', { ...holes, ...more, permissibleGmm: 300 }).verdict,
				'small enough to leave'
			).to.equal('caution');
		}
	});
	it('steps too coarse are said, and never more than a hole takes', () => {
		const coarse = run<Holes>('balance.holes', { ...holes, holeCount: 8, massStepG: 5, permissibleGmm: 10 });
		expect(codes(coarse)).to.deep.equal(['step-too-coarse']);
		expect(coarse.placements.every((p) => p.massG % 5 === 0)).to.equal(true);
		const tight = run<Holes>('balance.holes', { ...holes, holeCount: 12, maxMassG: 3.2, massStepG: 0.5 });
		for (const p of tight.placements) expect(p.massG).to.be.at.most(3.2);
	});
	interface Two {
		placements: { angleDeg: number; travelDeg: number | null }[];
		openingDeg: number;
		residualGmm: number;
		residualAngleDeg: number | null;
	}
	it('two weights that cannot reach it stand as near as they can, and say what is wrong', () => {
		const two = (more: object) =>
			run<Two>('balance.two-weights', {
				unbalanceGmm: 900,
				heavyAngleDeg: 200,
				massG: 20,
				radiusMm: 50,
				...more
			});
		const over = two({ unbalanceGmm: 2500 });
		expect(codes(over)).to.deep.equal(['capacity-exceeded']);
		expect(over.residualGmm).to.be.closeTo(500, 1e-6);
		expect(over.residualAngleDeg).to.be.closeTo(200, 1e-6);
		const close = two({ unbalanceGmm: 1990, minGapDeg: 40 });
		expect(codes(close)).to.deep.equal(['weights-too-close']);
		expect(close.openingDeg).to.be.closeTo(40, 1e-9);
		const unequal = two({ unbalanceGmm: 100, secondMassG: 30 });
		expect(codes(unequal)).to.deep.equal(['weights-too-unequal']);
		expect(unequal.placements[1]!.angleDeg, 'the larger on the light side').to.be.closeTo(20, 1e-9);
		expect(two({ unbalanceGmm: 2500, permissibleGmm: 600 }).verdict).to.equal('caution');
	});
	it('nothing to make up for: equal weights stand opposite, and unequal ones cannot', () => {
		const none = { unbalanceGmm: 0, heavyAngleDeg: 0, massG: 20, radiusMm: 50, neutralAngleDeg: 30 };
		expect(run<Two>('balance.two-weights', none).placements.map((p) => p.angleDeg)).to.deep.equal([30, 210]);
		expect(codes(run('balance.two-weights', { ...none, secondMassG: 25 }))).to.deep.equal([
			'weights-too-unequal'
		]);
	});
});
