import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

const DEG = Math.PI / 180;
const run = <T>(id: string, input: object): T & { verdict: string; reasons: { code: string }[] } =>
	calculation(id).run(input) as never;
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);
const deg = fc.integer({ min: 0, max: 359 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);

describe('true.pencil-touch', () => {
	type Out = { tirUm: number; highSpotAngleDeg: number; eccentricityUm: number };
	it('gives back the eccentricity the line was drawn by', () =>
		fc.assert(
			fc.property(
				deg,
				fc.integer({ min: 10, max: 800 }),
				fc.integer({ min: 20, max: 150 }),
				(high, e, halfArc) => {
					const advanceUm = e * (1 - Math.cos(halfArc * DEG));
					const out = run<Out>('true.pencil-touch', {
						fromAngleDeg: high - halfArc,
						toAngleDeg: high + halfArc,
						advanceUm
					});
					expect(out.eccentricityUm).to.be.closeTo(e, 1e-6 * e);
					expect(apart(out.highSpotAngleDeg, high)).to.be.below(1e-6);
				}
			)
		));
	it('refuses a line that is a dot, and warns of one that says little', () => {
		refuses(
			'true.pencil-touch',
			{ fromAngleDeg: 10, toAngleDeg: 10.5, advanceUm: 40 },
			'toAngleDeg',
			'arc-too-short'
		);
		refuses(
			'true.pencil-touch',
			{ fromAngleDeg: 10, toAngleDeg: 50, advanceUm: 0 },
			'advanceUm',
			'below-minimum'
		);
		expect(
			codes(run('true.pencil-touch', { fromAngleDeg: 0, toAngleDeg: 310, advanceUm: 10 }))
		).to.deep.equal(['touch-nearly-all-round']);
		expect(codes(run('true.pencil-touch', { fromAngleDeg: 0, toAngleDeg: 10, advanceUm: 10 }))).to.include(
			'touch-too-short'
		);
	});
});

describe('true.face-runout', () => {
	type Out = {
		wobbleUm: number;
		highSpotAngleDeg: number;
		shimAngleDeg: number;
		shimThicknessUm: number;
		shimAllowed: boolean;
		residualTirUm: number;
	};
	const read = (amplitude: number, high: number, more: object = {}) =>
		run<Out>('true.face-runout', {
			readingsUm: Array.from({ length: 12 }, (_, k) => amplitude * Math.cos((k * 30 - high) * DEG)),
			measuringRadiusMm: 100,
			flangeContactDiameterMm: 90,
			...more
		});
	it('puts the paper opposite the high spot of the front, and on the high spot of the back', () =>
		fc.assert(
			fc.property(deg, fc.integer({ min: 30, max: 90 }), (high, amplitude) => {
				const front = read(amplitude, high),
					back = read(amplitude, high, { readFace: 'back' });
				expect(front.wobbleUm).to.be.closeTo(amplitude, 1e-6 * amplitude);
				expect(apart(front.shimAngleDeg, high + 180)).to.be.below(1e-6);
				expect(apart(back.shimAngleDeg, high)).to.be.below(1e-6);
				expect(front.shimThicknessUm).to.be.closeTo(0.9 * amplitude, 1e-6 * amplitude);
				expect(front.residualTirUm).to.be.below(1e-6);
			})
		));
	it('allows no shim when none is needed, and refuses a thick one', () => {
		expect(read(20, 10)).to.deep.include({ shimAllowed: false, verdict: 'ok' });
		expect(read(60, 10).shimAllowed).to.equal(true);
		const thick = read(200, 10);
		expect(thick.shimAllowed).to.equal(false);
		expect(codes(thick)).to.deep.equal(['shim-too-thick', 'wobble-above-limit']);
	});
	it('says when the face is not flat', () =>
		expect(
			codes(
				run('true.face-runout', {
					readingsUm: [0, 80, 0, 80, 0, 80, 0, 80],
					measuringRadiusMm: 100,
					flangeContactDiameterMm: 90
				})
			)
		).to.include('face-not-flat'));
});

describe('true.reclock', () => {
	type Out = {
		moveUm: number;
		moveAngleDeg: number;
		seatOffsetUm: number | null;
		remainingBestUm: number;
		remainingWorstUm: number;
		rotate: { remainingUm: number; turnAngleDeg: number } | null;
		balanceChangeGmm: number | null;
	};
	const um = fc.integer({ min: 1, max: 400 });
	it('never ends outside the play, and leaves what it says', () =>
		fc.assert(
			fc.property(um, deg, um, deg, (eccentricityUm, highSpotAngleDeg, boreClearanceUm, seatAngleDeg) => {
				const out = run<Out>('true.reclock', {
					eccentricityUm,
					highSpotAngleDeg,
					boreClearanceUm,
					seatAngleDeg,
					massKg: 5
				});
				expect(out.seatOffsetUm!).to.be.at.most(boreClearanceUm / 2 + 1e-9);
				const x =
						eccentricityUm * Math.cos(highSpotAngleDeg * DEG) + out.moveUm * Math.cos(out.moveAngleDeg * DEG),
					y =
						eccentricityUm * Math.sin(highSpotAngleDeg * DEG) + out.moveUm * Math.sin(out.moveAngleDeg * DEG);
				expect(Math.hypot(x, y)).to.be.closeTo(out.remainingWorstUm, 1e-6);
				expect(out.remainingWorstUm).to.be.at.most(eccentricityUm + 1e-9);
				expect(out.balanceChangeGmm).to.be.closeTo(5 * out.moveUm, 1e-9);
			})
		));
	it('turns with everything else, and turning the wheel on its seat is never worse than only pushing', () =>
		fc.assert(
			fc.property(
				um,
				deg,
				um,
				deg,
				um,
				deg,
				deg,
				(
					eccentricityUm,
					highSpotAngleDeg,
					boreClearanceUm,
					seatAngleDeg,
					hubEccentricityUm,
					hubHighSpotAngleDeg,
					by
				) => {
					const input = {
						eccentricityUm,
						highSpotAngleDeg,
						boreClearanceUm,
						seatAngleDeg,
						hubEccentricityUm,
						hubHighSpotAngleDeg
					};
					const one = run<Out>('true.reclock', input);
					const other = run<Out>('true.reclock', {
						...input,
						highSpotAngleDeg: highSpotAngleDeg + by,
						seatAngleDeg: seatAngleDeg + by,
						hubHighSpotAngleDeg: hubHighSpotAngleDeg + by
					});
					expect(other.moveUm).to.be.closeTo(one.moveUm, 1e-6);
					expect(other.rotate!.remainingUm).to.be.closeTo(one.rotate!.remainingUm, 1e-6);
					expect(one.rotate!.remainingUm).to.be.at.most(one.remainingWorstUm + 1e-6);
					if (one.moveUm > 1e-3) expect(apart(other.moveAngleDeg, one.moveAngleDeg + by)).to.be.below(1e-3);
				}
			)
		));
	it('does not know where to push to when it does not know where the wheel sits', () => {
		const out = run<Out>('true.reclock', { eccentricityUm: 100, highSpotAngleDeg: 10, boreClearanceUm: 60 });
		expect(out).to.deep.include({
			seatOffsetUm: null,
			rotate: null,
			remainingBestUm: 40,
			remainingWorstUm: 100
		});
		expect(out.moveUm).to.be.closeTo(60, 1e-9);
		expect(out.moveAngleDeg).to.be.closeTo(190, 1e-9);
		expect(codes(out)).to.include('seat-unknown');
	});
	it('refuses halves of pairs and an offset beyond the play', () => {
		const good = { eccentricityUm: 100, highSpotAngleDeg: 10, boreClearanceUm: 60 };
		refuses('true.reclock', { ...good, seatOffsetUm: 20 }, 'seatAngleDeg', 'missing');
		refuses('true.reclock', { ...good, seatAngleDeg: 0, seatOffsetUm: 31 }, 'seatOffsetUm', 'above-maximum');
		refuses('true.reclock', { ...good, hubEccentricityUm: 5 }, 'hubHighSpotAngleDeg', 'missing');
		expect(codes(run('true.reclock', { ...good, boreClearanceUm: 0, seatOffsetUm: 0 }))).to.include(
			'no-clearance'
		);
		expect(codes(run('true.reclock', { ...good, boreClearanceUm: 1500 }))).to.include('bore-too-loose');
	});
});

describe('true.pre-balance-rule', () => {
	type Out = { sizeClass: string; preBalance: string; steps: string[] };
	const rule = (wheelDiameterMm: number, wheelWidthMm: number, more: object = {}) =>
		run<Out>('true.pre-balance-rule', { wheelDiameterMm, wheelWidthMm, ...more });
	it('by size: nothing, as you like, roughly first', () => {
		expect(rule(200, 13)).to.deep.include({ sizeClass: 'small', preBalance: 'none' });
		expect(rule(255, 20)).to.deep.include({ sizeClass: 'medium', preBalance: 'optional' });
		expect(rule(300, 25)).to.deep.include({ sizeClass: 'large', preBalance: 'rough' });
	});
	it('each school ends dressed, and a large wheel is balanced before it runs', () => {
		for (const school of ['toolroom', 'stand-first', 'in-machine', 'neutral-first']) {
			const { steps } = rule(406, 50, { school });
			expect(steps).to.include('dress');
			expect(steps[0], school).to.match(/balance/);
		}
		expect(codes(rule(406, 50, { school: 'neutral-first' }))).to.deep.equal(['neutral-not-for-large']);
	});
	it('without weights nothing is asked that cannot be done', () => {
		const out = rule(406, 50, { hasBalanceWeights: false });
		expect(out.steps).to.deep.equal(['mount', 'true', 'dress']);
		expect(codes(out)).to.deep.equal(['no-means-of-balancing']);
	});
	it('refuses limits out of order', () =>
		refuses(
			'true.pre-balance-rule',
			{ wheelDiameterMm: 300, wheelWidthMm: 20, smallDiameterMm: 400, smallWidthMm: 40 },
			'largeDiameterMm',
			'limits-out-of-order'
		));
});
